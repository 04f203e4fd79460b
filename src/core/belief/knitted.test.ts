/** What was read off while knitting, held against knitters whose hands are known. */
import { answerTo, cabledBack, calculated } from "@testing/anyProject";
import { sentence } from "@testing/sentence";
import { plainSwatch, readOff } from "@testing/anySwatch";
import { stretchNeed } from "../estimate/stretchNeed";
import { savingsOf } from "../forecast/savings";
import { layProject } from "../garment/panelLayout";
import { withAct, type Act } from "../progress/merge";
import type { Log } from "../project/log";
import type { Project } from "../project/project";
import { toEnd } from "../steps";
import { marginal } from "./prior";
import { deviationsOf, ofProject } from "./unknowns";

const base: Project = {
  ...cabledBack({ measured: { widthMm: null, stitches: null } }),
  swatches: [readOff(plainSwatch())],
};
const OF = { pieceId: base.pieces[0]?.id ?? "", copy: 1 };
const YARN = { ...OF, yarnId: "yarn-1" };
const told = (...acts: readonly Act[]): Log[number][] => [
  ...acts.reduce((log: Log, act) => withAct(log, act, `e${log.length}`, log.length), []),
];

/** What rows take of a knitter whose loops are off by so much in ln, in g. */
function takesG(to: number, loop: number) {
  const { belief, plan } = calculated(base);
  const [piece] = plan.pieces;
  if (!piece) throw new Error("no piece");
  const off = ofProject({ ...deviationsOf(belief.axes, belief.mean), loop });
  const { gauge } = belief.basis;
  return (stretchNeed(piece, "yarn-1", { from: 0, to }, gauge).at(off) / 1000) * (50 / 82);
}

const weighedAt = (rows: number, leftG: number, more: readonly Act[] = []): Project => ({
  ...base,
  log: told(
    { kind: "joined", ...YARN, massG: 200, leftG: null },
    { kind: "atRow", ...OF, rows },
    { kind: "weighed", ...YARN, massG: leftG, stepG: 0.1 },
    ...more,
  ),
});

test("rows that take more than was expected make the loops longer, the answer larger and its doubt smaller", () => {
  const before = answerTo(base);
  const loop = before.belief.likely.loop + 0.04;
  const after = answerTo(weighedAt(60, 200 - takesG(60, loop)));
  expect(after.belief.knitted).toMatchObject([
    { kind: "ball", from: 0, to: 60, taken: true, question: null },
  ]);
  expect(after.belief.likely.loop).toBeGreaterThan(before.belief.likely.loop + 0.005);
  expect(after.estimate.totalMm / before.estimate.totalMm).toBeGreaterThan(1.025);
  expect(after.estimate.totalMm / before.estimate.totalMm).toBeLessThan(1.045);
  const spread = ({ yarns: [{ quantilesMm }] }: typeof after) => Math.log(quantilesMm.p95 / quantilesMm.p5);
  expect(spread(after)).toBeLessThan(0.8 * spread(before));
  expect(marginal(after.belief, "loop").sd).toBeLessThan(marginal(before.belief, "loop").sd);
  expect(after.weighed).toBe(true);
});

test("a height on the needles tells the row gauge, and a whole piece what it weighs", () => {
  const before = answerTo(base);
  const expected = 60 * (100 / before.plan.gauge.rowsPer10Cm);
  const taller: Project = {
    ...base,
    log: told({ kind: "atRow", ...OF, rows: 60 }, { kind: "measured", ...OF, heightMm: expected * 1.05 }),
  };
  const after = answerTo(taller);
  expect(after.belief.knitted).toMatchObject([{ kind: "height", to: 60, taken: true }]);
  expect(after.plan.gauge.rowsPer10Cm).toBeLessThan(before.plan.gauge.rowsPer10Cm);
  const rows = before.plan.pieces[0]?.sections.reduce((sum, { worked }) => sum + worked.rows.length, 0) ?? 0;
  const whole = takesG(rows, before.belief.likely.loop) * 1.05;
  const heavier = answerTo({
    ...base,
    log: told({ kind: "atRow", ...OF, rows }, { kind: "pieceWeighed", ...OF, massG: whole, stepG: 1 }),
  });
  expect(heavier.belief.knitted).toMatchObject([{ kind: "piece", to: rows, taken: true }]);
  expect(heavier.estimate.totalMm / before.estimate.totalMm).toBeGreaterThan(1.03);
  const early = answerTo({
    ...base,
    log: told({ kind: "atRow", ...OF, rows: 60 }, { kind: "pieceWeighed", ...OF, massG: whole, stepG: 1 }),
  });
  expect(early.belief.knitted).toEqual([]);
});

test("what cannot well be is asked about and left out, until the knitter stands by it", () => {
  const before = answerTo(base);
  const odd = weighedAt(60, 200 - 1.35 * takesG(60, before.belief.likely.loop));
  const asked = answerTo(odd);
  expect(asked.belief.knitted).toMatchObject([{ taken: false, impossible: false }]);
  expect(sentence(asked.belief.knitted[0]?.question ?? "")).toMatch(/60 rows should/);
  expect(asked.estimate.totalMm).toBeCloseTo(before.estimate.totalMm, 3);
  const id = asked.belief.knitted[0]?.id ?? "";
  const stood = answerTo(
    weighedAt(60, 200 - 1.35 * takesG(60, before.belief.likely.loop), [{ kind: "stoodBy", ...OF, of: id }]),
  );
  expect(stood.belief.knitted).toMatchObject([{ taken: true }]);
  const grown = answerTo(weighedAt(60, 210));
  expect(grown.belief.knitted).toMatchObject([{ taken: false, impossible: true }]);
  expect(sentence(grown.belief.knitted[0]?.question ?? "")).toMatch(/another one joined/);
});

test("what leaving a part out would save does not hang on whether its yarn was weighed", () => {
  const project = weighedAt(60, 200 - takesG(60, answerTo(base).belief.likely.loop + 0.03));
  const saved = (one: Project) => toEnd(savingsOf(one, layProject(one))).get("swatch") ?? NaN;
  const of = (one: Project) => ({ ...one, swatchMm: 150 });
  expect(saved(of(project)) / saved(of(base))).toBeGreaterThan(1.005);
  expect(saved(of(project)) / saved(of(base))).toBeLessThan(1.05);
});
