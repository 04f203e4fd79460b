/** What substitutes cost: one reckoned whole, and five hundred put in order. */
import { candidateSchema } from "@/core/project/candidates";
import { forecastProject } from "@/core/forecast/projectForecast";
import { layProject, type KnownLaid } from "@/core/garment/panelLayout";
import { compare, patternFigures } from "@/core/swap/outcome";
import { rankBasis, ranking } from "@/core/swap/rank";
import { ownCandidate } from "@/core/swap/candidateYarn";
import type { Project } from "@/core/project/project";
import { largeShelf } from "@testing/largeShelf";
import { toEnd } from "@/core/steps";
import { candidateSources } from "@/core/swap/candidateSources";
import { demoProject } from "@/demo/slipover";
import { timesOf } from "./times";

const known = new Map();
const kept: KnownLaid = new Map();
const layOf = (project: Project) => layProject(project, known, kept);
const project = demoProject();
const answer = forecastProject(project, layOf(project));
const own = ownCandidate(project);
if (!answer.known || !own) throw new Error("no answer");

const candidates = Array.from({ length: 500 }, (_, index) =>
  candidateSchema.parse({
    id: String(index),
    label: {
      name: `Yarn ${index}`,
      colour: "#7a8b6f",
      fibres: "80 % wool, 20 % silk",
      putUp: { massG: 50, lengthM: 60 + index },
    },
    strands: 1 + (index % 4),
    price: 5,
  }),
);
const comparison = { keep: "size", layOf, offersOf: () => ({ offers: [], sellers: [] }), pace: 22 } as const;

const told = async (name: string, what: () => unknown) => {
  const { medianMs, p95Ms } = await timesOf(what, 1500);
  console.log(`${name}: ${medianMs.toFixed(1)} ms, p95 ${p95Ms.toFixed(1)} ms`);
};

const figures = patternFigures(project, own, comparison);
if (!figures) throw new Error("no figures");
const [triple] = candidates.filter(({ strands }) => strands === 3);
await told("500 substitutes put in order", () => {
  const basis = rankBasis(answer, { keep: "size", certainty: "steady" });
  const steps = ranking(candidates, basis);
  let step = steps.next();
  while (!step.done) step = steps.next();
  if (step.value.length !== 500) throw new Error("some are missing");
});
await told(
  "one substitute, keeping the size, fabrics known",
  () => triple && compare(project, triple, figures, comparison),
);
await told(
  "one substitute, keeping the stitches, fabrics known",
  () => triple && compare(project, triple, figures, { ...comparison, keep: "stitches" }),
);
let next = 0;
await told("one substitute, its fabrics relaxed too", () => {
  next += 1;
  return compare(
    project,
    candidateSchema.parse({
      ...triple,
      label: { ...triple?.label, stitchesPer10Cm: 15, rowsPer10Cm: 20 + (next % 5000) / 1000 },
      strands: 1,
    }),
    figures,
    comparison,
  );
});

for (const count of [1000, 10_000]) {
  const entries = largeShelf(count);
  await told(`${count} yarns of a shelf gathered and put in order`, () => {
    const basis = rankBasis(answer, { keep: "size", certainty: "steady" });
    toEnd(ranking(candidateSources("any", basis.tex, { entries, shop: null }).candidates, basis));
  });
}
