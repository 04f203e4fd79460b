import { sentence } from "@testing/sentence";
import { readPattern } from "../instructions/read";
import type { Panel } from "../panels/panel";
import { joinPanels } from "../panels/transforms";
import { operationOf } from "../stitches/operations";
import { relaxPanel } from "./relax";
import { relaxSection, type SectionFabric } from "./section";

const OPTIONS = { aspect: 0.72, blocking: "asKnit" } as const;
const panelOf = (text: string): Panel => {
  const { panel } = readPattern(text);
  if (!panel) throw new Error(text);
  return panel;
};
const knit = (stitches: number): Panel => ({ rows: [[{ operation: operationOf("knit"), times: stitches }]] });
const ROPE = panelOf("Rnd 1: P2, 2/2 LC, P2.\nRnds 2-4: P2, K4, P2.");
const LARGE = panelOf("Rnd 1: P2, 3/3 RC, P2.\nRnds 2-6: P2, K6, P2.");

function section(panels: readonly Panel[]): SectionFabric {
  const fabric = relaxSection(panels, OPTIONS, new Map());
  if (!fabric.ok) throw new Error(sentence(fabric.message));
  return fabric;
}

test("one panel alone is as wide and as high as by itself, but for its outermost stitches", () => {
  const alone = relaxPanel(ROPE, OPTIONS);
  if (!alone.ok) throw new Error(sentence(alone.message));
  const { widthFactor, heightFactor, stitches } = section([ROPE]);
  expect(heightFactor).toBeCloseTo(alone.heightFactor, 9);
  // Eight stitches have seven gaps; the two half ones at the edges are plain purls.
  expect(Math.abs(widthFactor - alone.widthFactor)).toBeLessThan(0.06);
  expect(stitches).toBe(8);
});

test("plain fabric keeps its size, beside plain fabric too", () => {
  const { widthFactor, heightFactor } = section([knit(10), knit(7), knit(3)]);
  expect([widthFactor, heightFactor]).toEqual([1, 1]);
});

test("panels side by side come close to the whole row solved at once", () => {
  const panels = [knit(6), ROPE, LARGE, ROPE, knit(6)];
  const whole = joinPanels(panels);
  const solved = whole && relaxPanel(whole, OPTIONS);
  if (!solved?.ok) throw new Error("not solved");
  const { widthFactor, heightFactor, stitches } = section(panels);
  expect(stitches).toBe(solved.stitches);
  expect(Math.abs(widthFactor - solved.widthFactor)).toBeLessThan(0.02);
  expect(Math.abs(heightFactor - solved.heightFactor)).toBeLessThan(0.005);
});

test("a panel feels its neighbours: purls beside knit fold, purls beside purls do not", () => {
  const beside = (neighbour: Panel) => section([neighbour, ROPE, neighbour]).panels[1]?.widthFactor ?? NaN;
  const purls: Panel = { rows: [[{ operation: operationOf("purl"), times: 6 }]] };
  expect(beside(knit(6))).toBeLessThan(beside(purls));
});

test("the same composition is solved once", () => {
  const known = new Map();
  relaxSection([knit(4), ROPE, ROPE, ROPE, ROPE, knit(4)], OPTIONS, known);
  const before = known.size;
  relaxSection([knit(4), ROPE, ROPE, ROPE, ROPE, ROPE, ROPE, knit(4)], OPTIONS, known);
  expect(known.size).toBe(before);
});

test("a panel that cannot be relaxed is named by its place", () => {
  const uneven = { rows: [...knit(4).rows, ...knit(5).rows] };
  expect(relaxSection([ROPE, uneven], OPTIONS)).toMatchObject({ ok: false, panel: 1, row: 2 });
});
