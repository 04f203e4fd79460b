import { sentence } from "@testing/sentence";
import { deviationsOf } from "./unknowns";
import { laidMass } from "../scale/laidMass";
import { calculated } from "@testing/anyProject";
import type { Swatch } from "../project/swatches";
import { patternSwatch, plainSwatch, readOff, unswatched, withSwatches } from "@testing/anySwatch";
import { curveOf, beliefSummary } from "./beliefSummary";

function told(...swatches: readonly Swatch[]) {
  const { belief, estimate } = calculated(withSwatches(...swatches));
  const kept = estimate.pieces[0]?.cabled?.content.kept ?? null;
  return beliefSummary({ belief, kept }, belief.basis.sources);
}
const line = (id: string, of: ReturnType<typeof told>) => of.find((one) => one.id === id);

const plain = readOff(plainSwatch({ name: "Plain one" }));
const pattern = readOff(patternSwatch({ name: "Ropes" }));

test("without a swatch the gauge is the band's, all else assumed, and nothing is said to be unusual", () => {
  const all = told();
  expect(line("width", all)).toMatchObject({ source: "band", from: null });
  expect(sentence(line("width", all)?.says)).toBe("18 st / 10 cm, give or take 0.9.");
  expect(line("loop", all)).toMatchObject({ source: "assumed", from: null });
  expect(sentence(line("drawWidth", all)?.says)).toMatch(
    /^Your cables pull in about as most do: \d+\s% of the width\.$/,
  );
});

test("a swatch that moved a figure is named beside it", () => {
  const all = told(plain);
  expect(line("width", all)).toMatchObject({ source: "measured", from: "Plain one" });
  expect(line("drawWidth", all)).toMatchObject({ source: "assumed", from: null });
});

test("cables that pull in more than most say by how much, and less the other way round", () => {
  const as = (times: number) => ({ ...pattern.finished, widthMm: times * (pattern.finished.widthMm ?? 0) });
  const more = line("drawWidth", told(plain, { ...pattern, finished: as(0.95) }));
  expect(more).toMatchObject({ source: "measured", from: "Ropes" });
  expect(sentence(more?.says)).toMatch(
    /^Your cables pull in (a little )?more than most: (\d+)\s% of the width rather than/,
  );
  const less = line("drawWidth", told(plain, { ...pattern, finished: as(1.05) }));
  expect(sentence(less?.says)).toMatch(/^Your cables pull in (a little )?less than most/);
});

test("heavier loops are told in per cent; a bath that widens says so", () => {
  const heavy = { ...plain, massG: 1.06 * (plain.massG ?? 0) };
  expect(sentence(line("loop", told(heavy))?.says)).toMatch(/hold [45]\.\d\s% more yarn/);
  const wider = { ...plain.finished, widthMm: 0.96 * (plain.finished.widthMm ?? 0) };
  expect(sentence(line("blockWidth", told({ ...plain, asKnit: wider }))?.says)).toMatch(/[123]\.\d\s% wider/);
});

test("what was measured before the bath alone is not called measured behind it", () => {
  const unwashed = {
    ...plain,
    asKnit: plain.finished,
    finished: { ...plain.finished, widthMm: null, heightMm: null },
  };
  const all = told(unwashed);
  expect(line("blockWidth", all)).toMatchObject({ source: "assumed", from: null });
  expect(sentence(line("blockWidth", all)?.says)).toMatch(/^Not measured/);
  expect(line("width", all)).toMatchObject({ source: "band" });
  const { sources } = calculated(withSwatches(unwashed));
  expect([sources.width, sources.height]).toEqual(["band", "band"]);
});

test("a curve is highest at its mean and stays in its box", () => {
  const path = curveOf({ mean: 0, sd: 0.05 }, 0.15, 0.05);
  const heights = [...path.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );
  const [top] = [...heights].sort((a, b) => a[1] - b[1]);
  expect(top?.[0]).toBeCloseTo(50, 0);
  expect(heights.every(([x, y]) => x >= 0 && x <= 100 && y >= 0 && y <= 30)).toBe(true);
});

test("what lies on the simulated scale weighs what such things weigh, always the same", () => {
  const project = withSwatches(plain);
  const { belief } = calculated(project);
  const expectedG = belief.swatches[0]?.massOf?.(deviationsOf(belief.axes, belief.prior.mean)) ?? null;
  const known = { name: plain.name, expectedG, ballG: project.yarns[0]?.putUp?.massG ?? null };
  const weighs = laidMass("swatch", known);
  expect(laidMass("swatch", known)).toBe(weighs);
  expect(Math.abs(weighs / (plain.massG ?? 0) - 1)).toBeLessThan(0.06);
  expect(laidMass("ball", known)).toBe(unswatched().yarns[0]?.putUp?.massG);
  expect(laidMass("bowl", { ...known, expectedG: null })).toBe(182.4);
});
