import type { Project } from "../files/project";
import { cabledBack } from "../estimate/anyProject";
import type { GaugeSources } from "../garment/projectGauge";
import { doubtsOf, swingsOf } from "./doubt";
import { sweepGauge } from "./gaugeSweep";
import { forecastProject } from "./projectForecast";
import { emptyProject } from "../files/project";

const demo = cabledBack();
const planOf = (project: Project) => {
  const answer = forecastProject(project);
  if (!answer.known) throw new Error("no answer");
  return answer.plan;
};
const doubts = (sources: GaugeSources) => {
  const plan = planOf(demo);
  const [yarn] = plan.yarns;
  return yarn ? doubtsOf(swingsOf(plan, sources), yarn, 0) : [];
};
const MEASURED: GaugeSources = { width: "measured", height: "measured" };
const doubtOf = (id: string, sources = MEASURED) => doubts(sources).find((one) => one.id === id);

test("a loop's doubt is that of the fabric's share: nearly all of 8 %", () => {
  expect(doubtOf("loop")?.sd).toBeGreaterThan(0.075);
  expect(doubtOf("loop")?.sd).toBeLessThan(0.08);
});

test("half of a gauge's error reaches the yarn, since the loop goes with the root of the stitch", () => {
  expect(doubtOf("width")?.sd).toBeCloseTo(0.025 / 2, 2);
  expect(doubtOf("width", { ...MEASURED, width: "band" })?.sd).toBeCloseTo(0.0539 / 2, 2);
});

test("every unknown has a doubt, the largest first, the lot's put-up always the same", () => {
  const all = doubts(MEASURED);
  expect(all.map(({ id }) => id).sort()).toEqual([
    "castOff",
    "give",
    "height",
    "loop",
    "putUp",
    "tail",
    "width",
  ]);
  expect(all.map(({ sd }) => sd)).toEqual([...all.map(({ sd }) => sd)].sort((a, b) => b - a));
  expect(doubtOf("putUp")?.sd).toBe(0.02);
});

test("a row gauge that is only assumed is doubted more than a stitch gauge that is", () => {
  const assumed: GaugeSources = { width: "assumed", height: "assumed" };
  expect(doubtOf("height", assumed)?.sd).toBeGreaterThan(doubtOf("width", assumed)?.sd ?? Infinity);
});

test("the sweep goes from a tenth looser to a tenth tighter and passes through the answer", () => {
  const points = sweepGauge(demo);
  expect(points).toHaveLength(25);
  expect(points[0]?.stitchesPer10Cm).toBeCloseTo(16.2, 9);
  expect(points.at(-1)?.stitchesPer10Cm).toBeCloseTo(19.8, 9);
  const answer = forecastProject(demo);
  expect(points[12]?.p50M).toBeCloseTo(answer.known ? answer.estimate.totalMm / 1000 : 0, 6);
});

test("tighter knitting of the same stitches never takes more yarn or more balls", () => {
  const points = sweepGauge(demo);
  points.slice(1).forEach((point, index) => {
    expect(point.p50M).toBeLessThan(points[index]?.p50M ?? 0);
    expect(point.balls).toBeLessThanOrEqual(points[index]?.balls ?? 0);
    expect([point.p10M < point.p50M, point.p50M < point.p90M]).toEqual([true, true]);
  });
});

test("without an answer there is nothing to sweep", () => {
  expect(sweepGauge(emptyProject())).toEqual([]);
});
