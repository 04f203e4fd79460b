/** What an estimate costs: a garment of four pieces, and twenty pieces of a million stitches in all. */
import { layStrand } from "@/core/estimate/strand";
import type { Project } from "@/core/files/project";
import { forecastProject } from "@/core/forecast/projectForecast";
import { layProject } from "@/core/garment/layPanels";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const SIZES = [
  { pieces: 4, ropes: 9, edge: 29, rows: 114 },
  { pieces: 20, ropes: 24, edge: 12, rows: 228 },
] as const;

for (const { pieces, ropes, edge, rows } of SIZES) {
  const demo = demoProject();
  const many = Array.from({ length: pieces }, (_, index) =>
    demo.pieces.map((piece) => ({ ...piece, id: `piece-${index}`, ropes, edge, rows })),
  ).flat();
  const project: Project = { ...demo, pieces: many };
  const known = new Map();
  const laid = layProject(project, known);
  const answer = forecastProject(project, laid);
  if (!answer.known) throw new Error("no answer");
  const { estimate } = answer.forecast;
  const stitches = estimate.pieces.reduce((sum, one) => sum + one.estimate.stitches * one.estimate.rows, 0);
  const lay = await timesOf(() => layProject(project, known));
  const whole = await timesOf(() => forecastProject(project, laid));
  const strand = await timesOf(() => layStrand(estimate));
  const ms = (value: number) => `${value.toFixed(2)} ms`;
  console.log(
    `${pieces} pieces, ${stitches} stitches: laid ${ms(lay.medianMs)} (fabrics known), answer with its doubts ${ms(whole.medianMs)}, p95 ${ms(whole.p95Ms)}; strand ${ms(strand.medianMs)}; heap ${(process.memoryUsage().heapUsed / 1e6).toFixed(0)} MB`,
  );
}
