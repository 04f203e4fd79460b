import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { anyProject } from "@testing/anyProject";
import { candidateSchema, KEEPS, type Candidate } from "../project/candidates";
import { checkProject } from "../files/projectFile";
import type { Project } from "../project/project";
import { forecastProject, calculateProject } from "../forecast/projectForecast";
import { layProject, type KnownLaid } from "../garment/panelLayout";
import { compare, outcomeOf, patternFigures, type Comparison } from "./outcome";
import { quickly, rankBasis } from "./rank";
import { swapProject } from "./swapProject";
import { ownCandidate, strandOf } from "./candidateYarn";
import { takenUp } from "./takeUp";
import { verdictOf } from "./verdict";

const KNOWN = new Map();
const KEPT: KnownLaid = new Map();
const layOf = (project: Project) => layProject(project, KNOWN, KEPT);

const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, "0")}`);
const orNull = <Value>(of: fc.Arbitrary<Value>) => fc.option(of, { nil: null });

const anyLabel = fc.record({
  name: fc.string({ maxLength: 12 }),
  colour: hex,
  fibres: fc.constantFrom("", "wool", "60 % mohair 40 % silk", "stone"),
  plies: orNull(fc.integer({ min: 1, max: 8 })),
  putUp: fc.record({ massG: fc.integer({ min: 25, max: 200 }), lengthM: fc.integer({ min: 40, max: 900 }) }),
  stitchesPer10Cm: orNull(fc.integer({ min: 6, max: 40 })),
  rowsPer10Cm: orNull(fc.integer({ min: 8, max: 56 })),
  needleMm: orNull(fc.constantFrom(2.5, 4, 6.5, 12)),
});

const strands = fc.integer({ min: 1, max: 4 });

const anyCandidate: fc.Arbitrary<Candidate> = fc
  .record({ label: anyLabel, strands, beside: orNull(fc.record({ label: anyLabel, strands })) })
  .map((given) => candidateSchema.parse({ id: "candidate", ...given }));

/** Random projects have few rows, so that each takes little time. */
const RUNS = { numRuns: 15 };

test("any substitute makes a project that can be opened, with an answer, or none at all", () => {
  fc.assert(
    fc.property(anyProject, anyCandidate, fc.constantFrom(...KEEPS), (project, candidate, keep) => {
      const so = swapProject(project, candidate, { keep, layOf });
      if (!so) return;
      expect(checkProject(JSON.parse(JSON.stringify(so)))).toEqual({ ok: true, project: so });
      const answer = calculateProject(so, layOf(so));
      if (answer) expect(Number.isFinite(answer.estimate.totalMm)).toBe(true);
      expect(so.pieces.map(({ sections }) => sections.map(({ kind }) => kind))).toEqual(
        project.pieces.map(({ sections }) => sections.map(({ kind }) => kind)),
      );
    }),
    RUNS,
  );
});

test("keeping the stitches, a piece has the stitches that it had", () => {
  fc.assert(
    fc.property(anyProject, anyCandidate, (project, candidate) => {
      const own = calculateProject(project, layOf(project));
      const so = swapProject(project, candidate, { keep: "stitches", layOf });
      const swapped = so && calculateProject(so, layOf(so));
      if (!own || !swapped) return;
      // Section by section: which row of a piece is its widest also hangs on the needles that are made.
      const stitches = (of: typeof own) => [
        of.estimate.pieces.map(({ estimate }) => estimate.castOn),
        [...of.worked.values()].map(({ sections }) =>
          sections.map(({ section, rows, to }) => [
            section.id,
            to,
            Math.max(0, ...rows.map((row) => row.stitches)),
          ]),
        ),
      ];
      expect(stitches(swapped)).toEqual(stitches(own));
    }),
    RUNS,
  );
});

test("any comparison is told in figures and words, or says why not", () => {
  const comparison: Comparison = {
    keep: "size",
    layOf,
    offersOf: () => ({ offers: [], sellers: [] }),
    pace: 22,
  };
  fc.assert(
    fc.property(anyProject, anyCandidate, (project, candidate) => {
      const pattern = ownCandidate(project);
      const own = pattern && patternFigures(project, pattern, comparison);
      if (!own) return;
      const compared = compare(project, candidate, own, comparison);
      if (!compared.ok) return expect(sentence(compared.message).length).toBeGreaterThan(20);
      const { needM, balls, firmness, clarity, hours, strands: held } = compared.outcome;
      for (const figure of [needM, balls, firmness, hours]) expect(figure).toBeGreaterThan(0);
      expect(held).toHaveLength(candidate.beside ? 2 : 1);
      expect(clarity.score).toBeLessThanOrEqual(100);
      const told = verdictOf(compared.outcome, outcomeOf(own, own, ""), "size").map(sentence);
      expect(
        told.every((words) => /^[A-Z].*[.]$/s.test(words) && !/NaN|undefined|Infinity/.test(words)),
      ).toBe(true);
    }),
    { numRuns: 12 },
  );
});

test("taking any substitute up loses no swatch and no candidate", () => {
  fc.assert(
    fc.property(anyProject, anyCandidate, (given, candidate) => {
      const project = { ...given, swap: { keep: "size" as const, candidates: [candidate] } };
      const so = swapProject(project, candidate, { keep: "size", layOf });
      if (!so) return;
      const taken = takenUp(project, so, {
        candidateId: "candidate",
        formerId: "former",
        told: { id: "new yarn", at: 1 },
      });
      expect(checkProject(JSON.parse(JSON.stringify(taken)))).toEqual({ ok: true, project: taken });
      expect(taken.swatches).toHaveLength(project.swatches.length);
      expect(taken.swap.candidates.map(({ id }) => id)).toEqual(["former"]);
    }),
    RUNS,
  );
});

test("the quick order has a figure for every candidate, the same however often it is asked", () => {
  fc.assert(
    fc.property(anyProject, anyCandidate, fc.constantFrom(...KEEPS), (project, candidate, keep) => {
      const answer = forecastProject(project, layOf(project));
      if (!answer.known) return;
      const basis = rankBasis(answer, { keep, certainty: "steady" });
      const quick = quickly(candidate, basis);
      expect(quick).toEqual(quickly(candidate, basis));
      if (!quick) return expect(strandOf(candidate)).toBeNull();
      expect(quick.needM).toBeGreaterThan(0);
      expect(quick.far).toBeGreaterThanOrEqual(0);
      expect(quick.balls).toBeGreaterThanOrEqual(candidate.beside ? 2 : 1);
    }),
    { numRuns: 12 },
  );
});
