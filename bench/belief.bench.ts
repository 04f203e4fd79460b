/** What beliefs and chances cost: swatches taken in, twenty thousand projects drawn and counted, what to measure next. */
import { believe } from "@/core/belief/believe";
import { draw, forecastYarns } from "@/core/forecast/forecast";
import { nextMeasures } from "@/core/forecast/nextMeasure";
import { forecastProject } from "@/core/forecast/projectForecast";
import { layProject } from "@/core/garment/panelLayout";
import { projectGauge } from "@/core/garment/projectGauge";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const project = demoProject();
const laid = layProject(project);
const answer = forecastProject(project, laid);
const gauged = projectGauge(project);
if (!answer.known || !gauged) throw new Error("no answer");
const { plan, estimate, belief } = answer;
const { yarns, needleMm } = plan;

const told = async (name: string, what: () => unknown) => {
  const { medianMs, p95Ms } = await timesOf(what);
  console.log(`${name}: ${medianMs.toFixed(2)} ms, p95 ${p95Ms.toFixed(2)} ms`);
};

await told(`${project.swatches.length} swatches, ${belief.measured.length} readings taken in`, () =>
  believe(project, { gauged, yarns, needleMm, laid }),
);
await told("20,000 projects drawn and all chances counted", () =>
  forecastYarns(plan, estimate, draw(belief), project),
);
await told("the whole answer of the demo, swatches and chances in it", () =>
  forecastProject({ ...project }, laid),
);
await told("what to measure next", () => nextMeasures(answer, project.certainty));
