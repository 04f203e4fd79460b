/** One gauge from all that is said: yarn, needle, where and when it was counted, and on which fabric. */
import { beliefOf } from "@testing/anySwatch";
import { marginal } from "../belief/prior";
import { cabledBack, calculated } from "@testing/anyProject";
import type { Project } from "../project/project";
import { projectGauge } from "./projectGauge";

const UNKNOWN = { stitchesPer10Cm: null, rowsPer10Cm: null, source: "band" as const };
const back = (given: Partial<Project>) =>
  cabledBack({ measured: { widthMm: null, stitches: null } }, { gauge: UNKNOWN, needleMm: null, ...given });
const stitches = (given: Partial<Project>) => projectGauge(back(given))?.gauge.stitchesPer10Cm ?? NaN;

test("with no gauge typed the needle counts: a thicker one gives wider stitches, and more yarn", () => {
  const [thin, usual, thick] = [3, 4, 5.5].map((needleMm) => calculated(back({ needleMm })));
  const widths = [thin, usual, thick].map((one) => one?.estimate.pieces[0]?.estimate.widthMm ?? 0);
  const yarn = [thin, usual, thick].map((one) => one?.estimate.totalMm ?? 0);
  expect(widths).toEqual([...widths].sort((a, b) => a - b));
  expect(yarn).toEqual([...yarn].sort((a, b) => a - b));
  expect((widths[2] ?? 0) / (widths[0] ?? 1)).toBeGreaterThan(1.2);
  // And it is surer than the yarn alone.
  const sd = (needleMm: number | null) => marginal(beliefOf(back({ needleMm })), "width").sd;
  expect([sd(null), sd(4)]).toEqual([expect.closeTo(0.08, 9), expect.closeTo(0.0625, 3)]);
});

test("a gauge that is typed stands, whatever the needle", () => {
  const gauge = { ...UNKNOWN, stitchesPer10Cm: 18 };
  expect([3, 8].map((needleMm) => stitches({ gauge, needleMm }))).toEqual([18, 18]);
});

test("one that was counted on another needle goes with the root of the two, and is less sure", () => {
  const gauge = { ...UNKNOWN, stitchesPer10Cm: 18, needleMm: 4 };
  expect(stitches({ gauge, needleMm: 5 })).toBeCloseTo(18 / Math.sqrt(5 / 4), 9);
  const sdOf = (needleMm: number) => marginal(beliefOf(back({ gauge, needleMm })), "width").sd;
  expect(sdOf(4)).toBeCloseTo(0.05, 9);
  expect(sdOf(5)).toBeCloseTo(Math.hypot(0.05, 0.25 * Math.log(Math.sqrt(5 / 4))), 9);
});

test("one from before the bath is less sure of what will be washed", () => {
  const sdOf = (state: "finished" | "asKnit") =>
    marginal(beliefOf(back({ gauge: { ...UNKNOWN, stitchesPer10Cm: 18, state } })), "width").sd;
  expect([sdOf("finished"), sdOf("asKnit")]).toEqual([
    expect.closeTo(0.05, 9),
    expect.closeTo(Math.hypot(0.05, 0.04), 9),
  ]);
});

test("counted on the cables, it tells stitch and draw-in together", () => {
  const plain = back({});
  const kept = calculated(plain).estimate.pieces[0]?.cabled?.content.kept.computed ?? 0;
  const usual = 100 / stitches({});
  const believed = (share: number) => {
    const cables = { stitches: 38, widthMm: 38 * usual * kept * share };
    return beliefOf(back({ gauge: { ...UNKNOWN, cables } }));
  };
  const [same, narrow] = [believed(1), believed(0.93)];
  expect(100 / same.gauge.stitchesPer10Cm / usual).toBeCloseTo(1, 2);
  // Narrower fabric is smaller stitches and harder cables, each by its doubt.
  expect(narrow.gauge.stitchesPer10Cm).toBeGreaterThan(same.gauge.stitchesPer10Cm);
  expect(narrow.likely.drawWidth).toBeGreaterThan(0.05);
  expect(marginal(narrow, "width").sd).toBeLessThan(marginal(beliefOf(plain), "width").sd);
});
