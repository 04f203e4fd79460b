import { say } from "../words/message";
import { sentence } from "@testing/sentence";
import { toEnd } from "../steps";
import { newExtra } from "../project/finishing";
import { cabledBack } from "@testing/anyProject";
import { emptyProject, type Project } from "../project/project";
import { forecastProject } from "./projectForecast";
import { layProject } from "../garment/panelLayout";
import { savingsOf } from "./savings";

const known = (project: Project) => {
  const answer = forecastProject(project);
  if (!answer.known) throw new Error(`missing ${answer.missing.join()}`);
  const [forecast] = answer.yarns;
  return { ...answer, forecast: { ...forecast, estimate: answer.estimate } };
};
const demo = cabledBack();

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
  expect(q.p50 / estimate.totalMm).toBeCloseTo(1, 2);
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
    return known(cabledBack({ measured: { widthMm, stitches: 18 } }));
  };
  expect(sentence(withWidth(760).findings[0]?.message)).toMatch(/cables do not spread/);
  expect(sentence(withWidth(20).findings[0]?.message)).toMatch(/no cable pulls in that far/);
  expect(withWidth(20).forecast.estimate.pieces[0]?.estimate.widths.main?.kept.measured).toBeNull();
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
  const [bare] = cabledBack({ rows: null }).pieces;
  if (!back || !bare) throw new Error("no piece");
  const sleeve = { ...bare, id: "sleeve", name: "Sleeve" };
  const answer = known({ ...demo, pieces: [back, sleeve] });
  expect(answer.findings).toEqual([
    {
      pieceId: "sleeve",
      sectionId: "fabric",
      field: "section",
      leftOut: true,
      message: say("sayHowManyRows"),
    },
  ]);
  expect(answer.estimate.totalMm).toBe(known(demo).estimate.totalMm);
  expect(forecastProject({ ...demo, pieces: [sleeve] })).toMatchObject({ known: false, missing: ["rows"] });
});

test("more pieces never want fewer balls, and a whole is surer than its parts", () => {
  const times = [1, 2, 5, 10].map((count) =>
    known({ ...demo, pieces: demo.pieces.map((piece) => ({ ...piece, times: count })) }),
  );
  const balls = times.map(({ forecast }) => forecast.advised.balls);
  expect(balls).toEqual([...balls].sort((a, b) => a - b));
  expect(balls[3]).toBeLessThanOrEqual(10 * (balls[0] ?? 0));
});

test("the back as one rectangle takes what it always took", () => {
  const { forecast } = known(demo);
  expect(forecast.totalMm / 1000).toBeCloseTo(321.9, 0);
  expect(forecast.advised.balls).toBe(5);
});

test("a put-up that is only usual for such a yarn is doubted more", () => {
  const share = (putUpFrom: "band" | "usual") =>
    known({ ...demo, yarns: demo.yarns.map((yarn) => ({ ...yarn, putUpFrom })) }).forecast.doubts.find(
      ({ id }) => id === "putUp",
    )?.sd ?? 0;
  expect(share("usual")).toBeGreaterThan(4 * share("band"));
});

test("leaving something out saves what it takes, whether it is left out now or not", () => {
  const withSwatch = { ...demo, swatchMm: 120, extras: [newExtra("kept", "mending", { lengthM: 7 })] };
  const saved = toEnd(savingsOf(withSwatch, layProject(withSwatch)));
  expect(saved.get("extras")).toBeCloseTo(7000, 3);
  expect(saved.get("swatch")).toBeGreaterThan(5000);
  expect(saved.get("bobbles")).toBeCloseTo(0, 6);
  const without = { ...withSwatch, without: ["extras" as const] };
  expect(toEnd(savingsOf(without, layProject(without))).get("extras")).toBeCloseTo(7000, 3);
});
