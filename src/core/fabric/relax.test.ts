import { readPattern } from "../instructions/read";
import type { Panel } from "../panels/panel";
import type { Blocking } from "./blocking";
import { relaxPanel, type Relaxed } from "./relax";

const panelOf = (text: string): Panel => {
  const { panel, findings } = readPattern(text);
  if (!panel || findings.some(({ severity }) => severity === "error"))
    throw new Error(findings[0]?.message ?? text);
  return panel;
};

const relaxed = (panel: Panel, blocking: Blocking | number = "asKnit", aspect = 0.72): Relaxed => {
  const fabric = relaxPanel(panel, { aspect, blocking });
  if (!fabric.ok) throw new Error(fabric.message);
  return fabric;
};

const rope = (half: number, every: number) =>
  `Rnd 1: P2, ${half}/${half} LC, P2.\nRnds 2-${every}: P2, K${2 * half}, P2.`;
const HONEYCOMB = `Rnd 1: P2, [2/2 RC, 2/2 LC] twice, P2.
Rnds 2-4, 6-8: P2, K16, P2.
Rnd 5: P2, [2/2 LC, 2/2 RC] twice, P2.`;
const LATTICE = `Rnd 1: [2/2 LC] 6 times.\nRnds 2, 4: K24.\nRnd 3: K2, [2/2 RC] 5 times, K2.`;

/** Panel, width as knit, width wet-blocked, height, crossing yarn: the reference figures, aspect 0.72. */
test.each([
  ["stockinette", "Rnds 1, 2: K12.", 1, 1, 1, 0],
  ["garter", "Rnd 1: K12.\nRnd 2: P12.", 1, 1, 0.7, 0],
  ["seed", "Rnd 1: [K1, P1] 6 times.\nRnd 2: [P1, K1] 6 times.", 1.05, 1.05, 0.88, 0],
  ["rib 1x1", "Rnds 1, 2: [K1, P1] 6 times.", 0.7, 0.895, 1, 0],
  ["rib 2x2", "Rnds 1, 2: [K2, P2] 3 times.", 0.682, 0.889, 1, 0],
  ["rope 2/2", rope(2, 4), 0.641, 0.78, 0.979, 1.721],
  ["rope 3/3", rope(3, 6), 0.648, 0.754, 0.982, 4.293],
  ["rope 4/4", rope(4, 10), 0.693, 0.78, 0.987, 8.062],
  ["honeycomb", HONEYCOMB, 0.703, 0.754, 0.967, 13.769],
  ["lattice", LATTICE, 0.625, 0.625, 0.937, 18.932],
])("%s: the reference figures", (_, text, width, blocked, height, extra) => {
  const panel = panelOf(text);
  const knit = relaxed(panel);
  const wet = relaxed(panel, "wetBlocked");
  expect(Math.abs(knit.widthFactor - width)).toBeLessThan(0.002);
  expect(Math.abs(wet.widthFactor - blocked)).toBeLessThan(0.002);
  for (const { heightFactor } of [knit, wet]) expect(Math.abs(heightFactor - height)).toBeLessThan(0.002);
  expect(Math.abs(knit.crossingExtra - extra)).toBeLessThan(0.002);
  console.log(
    text.slice(0, 20),
    knit.widthFactor,
    wet.widthFactor,
    knit.heightFactor,
    wet.heightFactor,
    knit.crossingExtra,
    knit.solved,
    wet.solved,
  );
});
