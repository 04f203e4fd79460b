import { demoProject } from "@/demo/slipover";
import { emptyProject, type Project } from "../files/project";
import { chanceBelow } from "./normal";
import { forecastProject } from "./projectForecast";

const known = (project: Project) => {
  const answer = forecastProject(project);
  if (!answer.known) throw new Error(`missing ${answer.missing.join()}`);
  return answer;
};
const demo = demoProject();

test("the normal distribution against tabled values", () => {
  expect(chanceBelow(0)).toBeCloseTo(0.5, 7);
  expect(chanceBelow(1.644854)).toBeCloseTo(0.95, 6);
  expect(chanceBelow(-2.326348)).toBeCloseTo(0.01, 6);
});

test("an empty project says what it still needs", () => {
  expect(forecastProject(emptyProject())).toEqual({
    known: false,
    missing: ["putUp", "rows"],
    findings: [],
  });
});

test("the advised balls are the fewest that reach the certainty, and more certainty never wants fewer", () => {
  const counts = (["daring", "steady", "careful"] as const).map((certainty) => {
    const { advised, around } = known({ ...demo, certainty }).forecast;
    const wanted = { daring: 0.8, steady: 0.95, careful: 0.99 }[certainty];
    expect(advised.chance).toBeGreaterThanOrEqual(wanted);
    expect(around[0]?.chance).toBeLessThan(wanted);
    return advised.balls;
  });
  expect(counts).toEqual([...counts].sort((a, b) => a - b));
});

test("what is left over is what was bought less what is needed", () => {
  const { advised, leftOver, estimate } = known(demo).forecast;
  expect(leftOver).toBeCloseTo(advised.balls * 82 - estimate.totalMm / 1000, 9);
});

test("the quantiles of the need stand in order about the estimate", () => {
  const { quantilesMm: q, estimate } = known(demo).forecast;
  expect(q.p50).toBe(estimate.totalMm);
  expect([q.p5, q.p10, q.p50, q.p90, q.p95]).toEqual(
    [q.p5, q.p10, q.p50, q.p90, q.p95].sort((a, b) => a - b),
  );
});

test("doubt narrows from assumed to band to measured gauge, and its shares add up to one", () => {
  const spread = (project: Project) => {
    const { doubts, quantilesMm } = known(project).forecast;
    expect(doubts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    return quantilesMm.p90 / quantilesMm.p10;
  };
  const assumed = spread({
    ...demo,
    gauge: { stitchesPer10Cm: null, rowsPer10Cm: null, source: "measured" },
  });
  const band = spread({ ...demo, gauge: { ...demo.gauge, source: "band" } });
  const measured = spread(demo);
  expect(assumed).toBeGreaterThan(band);
  expect(band).toBeGreaterThan(measured);
});

test("with the gauge measured, the length of a loop holds most of the doubt", () => {
  expect(known(demo).forecast.doubts[0]?.id).toBe("loop");
});

test("a width that cannot be is questioned and left out", () => {
  const withWidth = (widthMm: number) => {
    const [piece] = demo.pieces;
    return known({ ...demo, pieces: piece ? [{ ...piece, measured: { widthMm, stitches: 18 } }] : [] });
  };
  expect(withWidth(760).findings[0]?.message).toMatch(/cables do not spread/);
  expect(withWidth(20).findings[0]?.message).toMatch(/no cable pulls in that far/);
  expect(withWidth(20).forecast.estimate.pieces[0]?.estimate.kept.measured).toBeNull();
  expect(withWidth(76).findings).toEqual([]);
});

test("what is not given is assumed from the yarn, and says so", () => {
  const bare = known({
    ...demo,
    needleMm: null,
    gauge: { stitchesPer10Cm: null, rowsPer10Cm: null, source: "band" },
  });
  expect(bare.sources).toEqual({ width: "assumed", height: "assumed", needle: "assumed" });
  expect(bare.plan.gauge.stitchesPer10Cm).toBeCloseTo(17.2, 1);
  const halfGiven = known({ ...demo, gauge: { ...demo.gauge, rowsPer10Cm: null } });
  expect(halfGiven.plan.gauge.rowsPer10Cm).toBeCloseTo(25, 9);
});

test("a piece without rows is left out and told of; without any rows there is no answer", () => {
  const [back] = demo.pieces;
  if (!back) throw new Error("the demo has no piece");
  const bare = { ...back, id: "sleeve", name: "Sleeve", rows: null };
  const answer = known({ ...demo, pieces: [back, bare] });
  expect(answer.findings).toEqual([
    { pieceId: "sleeve", field: "rows", message: "Sleeve has no rows yet: it is not in the answer." },
  ]);
  expect(answer.forecast.estimate.totalMm).toBe(known(demo).forecast.estimate.totalMm);
  expect(forecastProject({ ...demo, pieces: [bare] })).toMatchObject({ known: false, missing: ["rows"] });
});

test("more pieces never want fewer balls, and a whole is surer than its parts", () => {
  const times = [1, 2, 5, 10].map((count) =>
    known({ ...demo, pieces: demo.pieces.map((piece) => ({ ...piece, times: count })) }),
  );
  const balls = times.map(({ forecast }) => forecast.advised.balls);
  expect(balls).toEqual([...balls].sort((a, b) => a - b));
  expect(balls[3]).toBeLessThanOrEqual(10 * (balls[0] ?? 0));
});
