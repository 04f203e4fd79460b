/** Ways to a size, side by side: the nearest count, a repeat more or fewer, or another needle for the same count. */
import { say } from "../words/message";
import { LENGTHS } from "../project/bounds";
import type { Project } from "../project/project";
import { gradeProject, grading } from "../garment/grade";
import type { SectionLayouts } from "../garment/sectionLayout";
import { read, unread, type Reading } from "../typed/reading";
import { NEEDLE_POWER, nearestNeedle } from "../yarn/thickness";
import { finishedOf, type Finished } from "../estimate/finished";
import { between, type Steps } from "../steps";
import type { KnitRead } from "../belief/knitModel";
import { forecastProject, calculateProject, type Finding } from "./projectForecast";

export interface SizeOption {
  readonly id: "nearest" | "fewer" | "more" | "needle";
  readonly name: string;
  /** How far it comes out wider than wanted, and longer. */
  readonly offAcrossMm: number;
  readonly offAlongMm: number;
  readonly acrossMm: number;
  readonly alongMm: number;
  readonly balls: number;
  readonly needM: number;
  /** The project so. */
  readonly project: Project;
}

/** From which size to which; `layOf` lays what lies across a graded project. */
interface Resizing {
  readonly wanted: Finished;
  readonly now: Finished;
  readonly layOf: (graded: Project) => SectionLayouts;
  /** What was read off of the project as it is knitted. */
  readonly reads: readonly KnitRead[];
}

/** More rounds than this bring it no nearer: counts are whole. */
const MOST_ROUNDS = 4;

/** How far off a size is, in ln; the worse of the two measures. */
const missOf = (wanted: Finished, got: Finished) =>
  Math.max(
    Math.abs(Math.log(got.acrossMm / wanted.acrossMm)),
    Math.abs(Math.log(got.alongMm / wanted.alongMm)),
  );

/** Nearer than this nobody measures. */
const CLOSE = 0.002;

/**
 * The nearest of what `make` makes of a width and a length in proportion, tried again with what the first try came
 * out at, since ribs keep their depth and repeats are whole; null where none can be worked.
 */
function* nearestOf(
  make: (across: number, along: number) => Project,
  { wanted, now, layOf, reads }: Resizing,
): Steps<Project | null> {
  let [across, along] = [wanted.acrossMm / now.acrossMm, wanted.alongMm / now.alongMm];
  let best: { readonly project: Project; readonly miss: number } | null = null;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    yield { share: round / MOST_ROUNDS };
    const project = make(across, along);
    const calculated = calculateProject(project, layOf(project), reads);
    const finished = calculated && finishedOf(project, calculated);
    if (!finished) break;
    const miss = missOf(wanted, finished);
    if (!best || miss < best.miss - 1e-6) best = { project, miss };
    if (miss < CLOSE) break;
    across *= wanted.acrossMm / finished.acrossMm;
    along *= wanted.alongMm / finished.alongMm;
  }
  return best?.project ?? null;
}

/** A project that comes out at one size, in another: the nearest counts and lengths. Null where it cannot be worked. */
export const resized = (project: Project, laid: SectionLayouts, resizing: Resizing) =>
  nearestOf(
    (across, along) => gradeProject(project, laid, grading({ across, along, rows: along })),
    resizing,
  );

/** A way that misses a measure by more than this share of it is none. */
export const SIZE_TOLERANCE = { across: 0.08, along: 0.03 } as const;

const isMet = (wanted: Finished, got: Finished) =>
  Math.abs(got.acrossMm / wanted.acrossMm - 1) <= SIZE_TOLERANCE.across &&
  Math.abs(got.alongMm / wanted.alongMm - 1) <= SIZE_TOLERANCE.along;

/** All sections on a needle so many times as thick, each the nearest that is made. */
function onNeedle(project: Project, plain: number, times: number): Project {
  return {
    ...project,
    pieces: project.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) => ({
        ...section,
        needleMm: nearestNeedle((section.needleMm ?? plain) * times),
      })),
    })),
  };
}

const keysOf = (findings: readonly Finding[]) =>
  new Set(
    findings.map(({ pieceId, sectionId, field, leftOut }) => [pieceId, sectionId, field, leftOut].join()),
  );

/** Whether nothing is said of a project that was not said of it before. */
const nothingNew = (before: readonly Finding[], now: readonly Finding[]) => {
  const known = keysOf(before);
  return [...keysOf(now)].every((key) => known.has(key));
};

/**
 * Ways to the size that a project asks for, each worked through: nothing is left out or said that was not before, and
 * both measures are met within `SIZE_TOLERANCE`. `layOf` lays what lies across a graded project.
 * Errors: no size yet, ease that leaves nothing, a project that has no answer yet or leaves something out.
 */
export function* sizeOptions(
  project: Project,
  layOf: (graded: Project) => SectionLayouts,
): Steps<Reading<readonly SizeOption[]>> {
  const { size } = project;
  if (size.acrossMm === null || size.alongMm === null) return unread(say("sayMeasureAndLength"));
  const wanted = { acrossMm: size.acrossMm + size.easeMm, alongMm: size.alongMm };
  if (wanted.acrossMm < LENGTHS.width.least) return unread(say("nothingLeftOfSize"));
  const laid = layOf(project);
  const answer = forecastProject(project, laid);
  const now = answer.known ? finishedOf(project, answer) : null;
  if (!answer.known || !now) return unread(say("noAnswerYet"));
  if (answer.findings.some(({ leftOut }) => leftOut)) return unread(say("partLeftOut"));
  const times = wanted.acrossMm / now.acrossMm;
  const resizing = { wanted, now, layOf, reads: answer.reads };
  // One repeat more or fewer is meant to be off: its width is not made up for.
  const repeated = (repeats: number) =>
    nearestOf(
      (_, along) => gradeProject(project, laid, grading({ across: times, along, rows: along, repeats })),
      resizing,
    );
  // A thicker needle makes rows higher too: those that are counted are fewer.
  const sameCount = nearestOf((_, along) => {
    const graded = gradeProject(project, laid, grading({ along, rows: along / times }));
    return onNeedle(graded, answer.plan.needleMm, times ** (1 / NEEDLE_POWER));
  }, resizing);
  const ways: readonly (Pick<SizeOption, "id" | "name"> & { readonly steps: Steps<Project | null> })[] = [
    { id: "nearest", name: "nearest count", steps: resized(project, laid, resizing) },
    { id: "fewer", name: "one repeat fewer", steps: repeated(-1) },
    { id: "more", name: "one repeat more", steps: repeated(1) },
    { id: "needle", name: "same count, other needle", steps: sameCount },
  ];
  const options: SizeOption[] = [];
  for (const [index, { id, name, steps }] of ways.entries()) {
    const way = yield* between(index / ways.length, (index + 1) / ways.length, steps);
    if (!way) continue;
    const answered = forecastProject(way, layOf(way), answer.reads);
    const finished = answered.known ? finishedOf(way, answered) : null;
    if (!answered.known || !finished || !isMet(wanted, finished)) continue;
    if (!nothingNew(answer.findings, answered.findings)) continue;
    options.push({
      id,
      name,
      project: way,
      ...finished,
      offAcrossMm: finished.acrossMm - wanted.acrossMm,
      offAlongMm: finished.alongMm - wanted.alongMm,
      balls: answered.yarns.reduce((sum, { advised }) => sum + advised.balls, 0),
      needM: answered.estimate.totalMm / 1000,
    });
  }
  return read(options);
}
