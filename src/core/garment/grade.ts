/** A project in another size or gauge: repeats and plain stitches to the nearest count, lengths and shaping in proportion. */
import { LENGTHS } from "../project/bounds";
import type { Seam } from "../project/finishing";
import { newAsks } from "../project/asks";
import type { Project, ProjectPiece } from "../project/project";
import { hasAsked } from "../project/sectionKinds";
import { lengthOf, type Grading } from "./kinds/grading";
import { recordOf } from "./kinds/kinds";
import type { SectionLayouts } from "./sectionLayout";

/** A piece in another size. What it is made of stays; only counts and lengths change. */
function gradePiece(piece: ProjectPiece, laid: SectionLayouts, by: Grading): ProjectPiece {
  const context = { piece, laid, by };
  return {
    ...piece,
    sections: piece.sections.map((section) => recordOf(section).grade?.(section, context) ?? section),
  };
}

/** What is told of a seam in mm grows with its edge. */
function gradeSeam(seam: Seam, by: Grading): Seam {
  const side = seam.of?.side ?? seam.to?.side ?? "side";
  const times = side === "start" || side === "end" ? by.across : by.along;
  const openMm = seam.openMm === null ? null : Math.min(LENGTHS.open.most, seam.openMm * times);
  return { ...seam, openMm, lengthMm: lengthOf(seam.lengthMm, times) };
}

const SAME: Grading = { across: 1, along: 1, rows: 1, edgeRows: 1, repeats: 0 };

/** The grading that changes nothing but what it is given. */
export const grading = (by: Partial<Grading>): Grading => ({ ...SAME, ...by });

const isSame = (by: Grading) =>
  Object.entries(SAME).every(([key, value]) => by[key as keyof Grading] === value);

/**
 * A project of which its pattern's own requirement says nothing: it was told of another size. Where nothing else is known
 * it stays, and says how much there is in the size that it was told of.
 */
export const withoutAsks = (project: Project): Project =>
  hasAsked(project) ? project : { ...project, asks: newAsks() };

/** All pieces of a project in another size or gauge. Texts that told the old counts go with them. */
export function gradeProject(project: Project, laid: SectionLayouts, by: Grading): Project {
  if (isSame(by)) return project;
  const pieces = project.pieces.map((piece) => gradePiece(piece, laid, by));
  const graded = new Set(pieces.flatMap(({ sections }) => sections.map(({ id }) => id)));
  const measured = ["measuredWidth", "measuredStitches", "sectionNeedle"];
  const typed = Object.entries(project.typed).filter(([key]) => {
    const [field = "", of = ""] = key.split(" ");
    return measured.includes(field) || !graded.has(of);
  });
  const seams = project.seams.map((seam) => gradeSeam(seam, by));
  const told = typed.filter(([key]) => !/^seam(Open|Length) /.test(key));
  return { ...withoutAsks(project), pieces, seams, typed: Object.fromEntries(told) };
}
