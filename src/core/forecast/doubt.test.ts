import { layProject } from "../garment/panelLayout";
import { toEnd } from "../steps";
import type { Project } from "../project/project";
import { answerTo, cabledBack } from "@testing/anyProject";
import type { DoubtId } from "./doubt";
import { sweepGauge } from "./gaugeSweep";
import { forecastProject } from "./projectForecast";
import { emptyProject } from "../project/project";

const demo = cabledBack();
const gauged = (gauge: Partial<Project["gauge"]>) =>
  cabledBack({}, { gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "measured", ...gauge } });
const doubts = (project = demo) => answerTo(project).yarns[0].doubts;
const sdOf = (id: DoubtId, project = demo) => doubts(project).find((one) => one.id === id)?.sd ?? 0;

const sweepOf = (project: Project) => toEnd(sweepGauge(project, layProject(project)));

test("a loop's doubt is that of the fabric's share: nearly all of 8 %", () => {
  expect(sdOf("loop")).toBeGreaterThan(0.075);
  expect(sdOf("loop")).toBeLessThan(0.08);
});

test("half of a gauge's error reaches the yarn, since the loop goes with the root of the stitch", () => {
  expect(sdOf("width")).toBeCloseTo(Math.hypot(0.03, 0.04) / 2, 2);
  expect(sdOf("width", gauged({ source: "band" }))).toBeCloseTo(Math.hypot(0.05, 0.04) / 2, 2);
});

test("every unknown that counts has a doubt, the largest first, the lot's put-up always the same", () => {
  const all = doubts();
  const counting = all.filter(({ share }) => share > 0).map(({ id }) => id);
  expect(counting.sort()).toEqual(["castOff", "give", "height", "loop", "putUp", "tail", "width"]);
  expect(all.map(({ sd }) => sd)).toEqual([...all.map(({ sd }) => sd)].sort((a, b) => b - a));
  expect(sdOf("putUp")).toBeCloseTo(0.02, 3);
});

test("where a length is worked instead of rows, higher stitches give fewer rows: the row gauge is doubted less", () => {
  const rows = gauged({ source: "band" });
  const [piece] = rows.pieces;
  const fabric = piece?.sections[1];
  if (!piece || fabric?.kind !== "fabric") throw new Error("no fabric");
  const sections = piece.sections.with(1, { ...fabric, by: "length", lengthMm: 590 });
  const toLength = { ...rows, pieces: [{ ...piece, sections }] };
  expect(sdOf("draw", toLength)).toBeGreaterThan(0);
  expect(sdOf("draw", rows)).toBe(0);
  expect(sdOf("height", toLength)).toBeCloseTo(sdOf("height", rows), 2);
});

test("a row gauge that is only assumed is doubted more than a stitch gauge that is", () => {
  const assumed = gauged({ stitchesPer10Cm: null, rowsPer10Cm: null });
  expect(sdOf("height", assumed)).toBeGreaterThan(sdOf("width", assumed));
});

test("the sweep goes from a tenth looser to a tenth tighter and passes through the answer", () => {
  const points = sweepOf(demo);
  expect(points).toHaveLength(25);
  expect(points[0]?.stitchesPer10Cm).toBeCloseTo(16.2, 9);
  expect(points.at(-1)?.stitchesPer10Cm).toBeCloseTo(19.8, 9);
  expect(points[12]?.p50M ?? 0).toBeCloseTo(answerTo(demo).yarns[0].quantilesMm.p50 / 1000, -1);
});

test("tighter knitting of the same stitches never takes more yarn or more balls", () => {
  const points = sweepOf(demo);
  points.slice(1).forEach((point, index) => {
    expect(point.p50M).toBeLessThan(points[index]?.p50M ?? 0);
    expect(point.balls).toBeLessThanOrEqual(points[index]?.balls ?? 0);
    expect([point.p10M < point.p50M, point.p50M < point.p90M]).toEqual([true, true]);
  });
});

test("without an answer there is nothing to sweep", () => {
  expect(sweepOf(emptyProject())).toEqual([]);
  expect(forecastProject(emptyProject()).known).toBe(false);
});
