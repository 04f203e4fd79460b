/** A substitute by what the pattern asks for alone, against the garment described row by row. */
import fc from "fast-check";
import { anyProject, answerTo, calculated } from "@testing/anyProject";
import { normalsFrom, uniformsFrom } from "../forecast/draws";
import { forecastProject } from "../forecast/projectForecast";
import { layProject } from "../garment/panelLayout";
import { DESIGNER_SD, SPARE } from "../estimate/asked";
import { newAsks } from "../project/asks";
import { candidateSchema, type Candidate } from "../project/candidates";
import type { Project } from "../project/project";
import { isCabled } from "../project/sectionKinds";
import { onlyAsked } from "../templates/onlyAsked";
import { swapProject } from "./swapProject";

const KNOWN = new Map();
const layOf = (project: Project) => layProject(project, KNOWN);

/** Random garments in one yarn that can be worked whole, without what no pattern counts in. */
const anyGarment = anyProject
  .map((project): Project => ({
    ...project,
    swatchMm: null,
    extras: [],
    seams: [],
    yarns: project.yarns.slice(0, 1),
    pieces: project.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) =>
        "colours" in section ? { ...section, colours: { kind: "one", bands: [], carried: true } } : section,
      ),
    })),
  }))
  .filter((project) => {
    const answer = forecastProject(project, layOf(project));
    return (
      answer.known && !answer.findings.some(({ leftOut }) => leftOut) && answer.estimate.totalMm > 20_000
    );
  });

/** Another yarn: so many times as thick in its stitches. */
const substitute = (times: number, { gauge }: Project): Candidate =>
  candidateSchema.parse({
    id: "other",
    label: {
      name: "Osmuth",
      colour: "#886644",
      putUp: { massG: 50, lengthM: 80 },
      stitchesPer10Cm: (gauge.stitchesPer10Cm ?? 20) / times,
      rowsPer10Cm: (gauge.rowsPer10Cm ?? 28) / times,
    },
  });

/** About how much of the stitches is cabled, in per cent. */
function cabledPercent(project: Project): number {
  let [cabled, all] = [0, 0];
  for (const { sections, times } of calculated(project).plan.pieces)
    for (const { worked, shares } of sections)
      for (const { tally } of shares) {
        all += times * tally.stitches;
        if (isCabled(worked.section)) cabled += times * tally.stitches;
      }
  return all > 0 ? (100 * cabled) / all : 0;
}

test("in nine of ten random garments it agrees with the described one within its own band", () => {
  const [hands, uniform] = [normalsFrom(61), uniformsFrom(8)];
  let [asked, agreed, at] = [0, 0, 0];
  fc.assert(
    fc.property(anyGarment, fc.constantFrom(0.75, 0.9, 1.1, 1.3), (project, times) => {
      const candidate = substitute(times, project);
      const described = swapProject(project, candidate, { keep: "size", layOf });
      if (!described) return;
      const usedM =
        (calculated(project).estimate.totalMm / 1000) * Math.exp(DESIGNER_SD * (hands[(at += 2)] ?? 0));
      const ballM = usedM / (3 + 9 * uniform());
      const balls = Math.ceil(usedM / ballM) + (uniform() < SPARE ? 1 : 0);
      const alone = onlyAsked({
        asks: newAsks({
          balls,
          ball: { massG: 50, lengthM: Math.max(5, ballM) },
          stitchesPer10Cm: project.gauge.stitchesPer10Cm,
          rowsPer10Cm: project.gauge.rowsPer10Cm,
        }),
        cabledPercent: cabledPercent(project),
      });
      const so = swapProject(alone, candidate, { keep: "size", layOf });
      if (!so || ballM < 5) return;
      const { p5, p95 } = answerTo(so).yarns[0].quantilesMm;
      const truth = calculated(described).estimate.totalMm;
      asked += 1;
      if (truth >= p5 && truth <= p95) agreed += 1;
    }),
    { numRuns: 100, seed: 3, endOnFailure: true },
  );
  expect(asked).toBeGreaterThan(70);
  expect(agreed / asked).toBeGreaterThanOrEqual(0.9);
}, 240_000);
