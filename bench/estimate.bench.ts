/** What an estimate costs: a garment of four pieces, and twenty pieces of a million stitches in all. */
import { layStrand } from "@/core/estimate/layStrand";
import { emptyPiece, type Project } from "@/core/project/project";
import { newSection } from "@/core/project/sections";
import { forecastProject, calculateProject } from "@/core/forecast/projectForecast";
import { outlineOf } from "@/core/garment/outline";
import { beginProject } from "@/core/templates/beginProject";
import { layProject } from "@/core/garment/panelLayout";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const SIZES = [
  { pieces: 4, ropes: 9, edge: 29, rows: 114 },
  { pieces: 20, ropes: 24, edge: 12, rows: 228 },
] as const;

for (const { pieces, ropes, edge, rows } of SIZES) {
  const demo = demoProject();
  const many = Array.from({ length: pieces }, (_, index) => ({
    ...emptyPiece(`piece-${index}`, "Piece"),
    sections: [
      newSection("castOn", "on"),
      newSection("fabric", "fabric", { content: "ropes", ropeId: "rope-3-3", ropes, edge, rows }),
      newSection("castOff", "off"),
    ],
  }));
  const project: Project = { ...demo, pieces: many };
  const known = new Map();
  const laid = layProject(project, known);
  const answer = forecastProject(project, laid);
  if (!answer.known) throw new Error("no answer");
  const { estimate, yarns } = answer;
  const stitches = estimate.pieces.reduce((sum, one) => sum + one.estimate.stitches * one.estimate.rows, 0);
  const lay = await timesOf(() => layProject(project, known));
  // What is known of a project is kept with it: each time is that of another one.
  const fresh = (): Project => ({ ...project, pieces: project.pieces.map((piece) => ({ ...piece })) });
  const alone = await timesOf(() => calculateProject(fresh(), laid));
  const whole = await timesOf(() => forecastProject(fresh(), laid));
  const strand = await timesOf(() => layStrand(estimate, yarns[0]));
  const outline = await timesOf(() =>
    estimate.pieces.map((piece) =>
      outlineOf(
        piece.sections.map(({ worked }) => worked),
        piece.estimate.plain,
      ),
    ),
  );
  const ms = (value: number) => `${value.toFixed(2)} ms`;
  console.log(
    `${pieces} pieces, ${stitches} stitches: laid ${ms(lay.medianMs)} (fabrics known), estimate ${ms(alone.medianMs)}, answer with its chances ${ms(whole.medianMs)}, p95 ${ms(whole.p95Ms)}; strand ${ms(strand.medianMs)}; outlines ${ms(outline.medianMs)}; heap ${(process.memoryUsage().heapUsed / 1e6).toFixed(0)} MB`,
  );
}

/** A whole garment of some 60,000 stitches: a cardigan in fingering, shaped, with bands. */
const begun = beginProject({
  start: "cardigan",
  acrossMm: 760,
  easeMm: 80,
  alongMm: 520,
  thickness: "fingering",
  cabled: "all",
});
if (begun.ok) {
  const laid = layProject(begun.value);
  const answer = forecastProject(begun.value, laid);
  const stitches = answer.known
    ? answer.estimate.pieces.reduce(
        (sum, { times, sections }) =>
          sum +
          times * sections.flatMap(({ worked }) => worked.rows).reduce((all, row) => all + row.stitches, 0),
        0,
      )
    : 0;
  const garment = begun.value;
  const again = (): Project => ({ ...garment, pieces: garment.pieces.map((piece) => ({ ...piece })) });
  const alone = await timesOf(() => calculateProject(again(), laid));
  const shaped = await timesOf(() => forecastProject(again(), laid));
  console.log(
    `A cardigan of ${begun.value.pieces.length} pieces, shaped, ${stitches} stitches: estimate ${alone.medianMs.toFixed(2)} ms, answer with its chances ${shaped.medianMs.toFixed(2)} ms, p95 ${shaped.p95Ms.toFixed(2)} ms.`,
  );
}
