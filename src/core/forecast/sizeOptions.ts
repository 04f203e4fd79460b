/** Ways to a size, side by side: the nearest count, a repeat more or fewer, or another needle for the same count. */
import { LENGTHS } from "../files/bounds";
import type { Project } from "../files/project";
import { gradeProject, grading } from "../garment/grade";
import type { LaidSections } from "../garment/lay";
import { read, unread, type Reading } from "../units/reading";
import { NEEDLE_POWER, nearestNeedle } from "../yarn/thickness";
import { forecastProject, type KnownForecast } from "./projectForecast";

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

/** What a project comes out at: all round or across, and along. */
export interface Finished {
  readonly acrossMm: number;
  readonly alongMm: number;
}

/**
 * The piece and the section that a size speaks of: those that were chosen, else the fabric that makes up most of the
 * first piece. Null where there is none.
 */
export function sizedBy({ size }: Pick<Project, "size">, { estimate }: Pick<KnownForecast, "estimate">) {
  const chosen = estimate.pieces.find(({ id }) => id === size.of?.pieceId);
  const piece = chosen ?? estimate.pieces[0];
  const widths = piece?.estimate.widths;
  const width = widths?.sections.find(({ sectionId }) => sectionId === size.of?.sectionId) ?? widths?.main;
  return piece && width ? { piece, width } : null;
}

/** The finished measures that a size speaks of, as often as its piece goes round and up. */
export function finishedOf(
  project: Pick<Project, "size">,
  answer: Pick<KnownForecast, "estimate">,
): Finished | null {
  const found = sizedBy(project, answer);
  if (!found || found.width.widthMm <= 0 || found.piece.estimate.heightMm <= 0) return null;
  const { around, up } = project.size;
  return { acrossMm: around * found.width.widthMm, alongMm: up * found.piece.estimate.heightMm };
}

/** A project that comes out at one size, in another: the nearest count, lengths in proportion. */
export const gradedTo = (
  project: Project,
  laid: LaidSections,
  {
    wanted,
    now,
    repeats = 0,
  }: { readonly wanted: Finished; readonly now: Finished; readonly repeats?: number },
): Project => {
  const [across, along] = [wanted.acrossMm / now.acrossMm, wanted.alongMm / now.alongMm];
  return gradeProject(project, laid, grading({ across, along, rows: along, repeats }));
};

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

/**
 * Ways to the size that a project asks for. `layOf` lays what lies across a graded project.
 * Errors: no size yet, ease that leaves nothing, a project that has no answer yet.
 */
export function sizeOptions(
  project: Project,
  layOf: (graded: Project) => LaidSections,
): Reading<readonly SizeOption[]> {
  const { size } = project;
  if (size.acrossMm === null || size.alongMm === null) return unread("Say a measure and a length first.");
  const [acrossMm, alongMm] = [size.acrossMm + size.easeMm, size.alongMm];
  if (acrossMm < LENGTHS.width.least)
    return unread("With so much taken off nothing is left: less negative ease, or a larger measure.");
  const laid = layOf(project);
  const answer = forecastProject(project, laid);
  const now = answer.known ? finishedOf(project, answer) : null;
  if (!answer.known || !now)
    return unread("The project has no answer yet: what it lacks is told at the top.");
  const [across, along] = [acrossMm / now.acrossMm, alongMm / now.alongMm];
  const graded = (repeats: number) =>
    gradedTo(project, laid, { wanted: { acrossMm, alongMm }, now, repeats });
  const { needleMm } = answer.plan;
  // A thicker needle makes rows higher too: those that are counted are fewer.
  const sameCount = gradeProject(project, laid, grading({ along, rows: along / across }));
  const ways: readonly (Pick<SizeOption, "id" | "name"> & { project: Project })[] = [
    { id: "nearest", name: "nearest count", project: graded(0) },
    { id: "fewer", name: "one repeat fewer", project: graded(-1) },
    { id: "more", name: "one repeat more", project: graded(1) },
    {
      id: "needle",
      name: "same count, other needle",
      project: onNeedle(sameCount, needleMm, across ** (1 / NEEDLE_POWER)),
    },
  ];
  const options = ways.flatMap(({ id, name, project: way }): readonly SizeOption[] => {
    const answered = forecastProject(way, layOf(way));
    const finished = answered.known ? finishedOf(way, answered) : null;
    if (!answered.known || !finished) return [];
    return [
      {
        id,
        name,
        project: way,
        ...finished,
        offAcrossMm: finished.acrossMm - acrossMm,
        offAlongMm: finished.alongMm - alongMm,
        balls: answered.yarns.reduce((sum, { advised }) => sum + advised.balls, 0),
        needM: answered.estimate.totalMm / 1000,
      },
    ];
  });
  return read(options);
}
