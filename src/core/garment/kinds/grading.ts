/** What sections grow by, and how counts, lengths and rows follow. */
import type { COUNTS } from "../../project/bounds";
import { LENGTHS } from "../../project/bounds";
import type { ProjectPiece } from "../../project/project";
import type { ProjectSection } from "../../project/sections";
import { nearestCount } from "../../typed/count";
import { keyOfSection, type Layout, type SectionLayouts } from "../sectionLayout";

export interface Grading {
  /** How many times as wide and as long. */
  readonly across: number;
  readonly along: number;
  /** The same for rows that are counted, where a needle changes their height too. */
  readonly rows: number;
  /** The same for rows of what is only an edge: a rib keeps its depth in another size, not in another yarn. */
  readonly edgeRows: number;
  /** Repeats more or fewer than what comes nearest. */
  readonly repeats: number;
}

/** A piece that is graded, with what lies across its sections. */
export interface GradeContext {
  readonly piece: ProjectPiece;
  readonly laid: SectionLayouts;
  readonly by: Grading;
}

/** The nearest whole count within bounds. */
export const within = (value: number, bounds: { readonly least: number; readonly most: number }) =>
  nearestCount(Math.round(value), bounds);

/** A length so many times as long, within what can be knitted. */
export const lengthOf = (mm: number | null, times: number) =>
  mm === null ? null : Math.min(LENGTHS.piece.most, Math.max(LENGTHS.piece.least, mm * times));

/** What lies across a section; null where nothing does, or not yet. */
export const laidOf = (
  section: ProjectSection,
  { piece, laid }: GradeContext,
): Extract<Layout, { ok: true }> | null => {
  const found = laid.get(keyOfSection(piece, section));
  return found?.ok ? found : null;
};

/**
 * Counted rows in proportion. Back and forth they stay odd or even as they were: one row more below a cable would put
 * its crossings on the wrong side. Example: 19 rows at 1.37 times as many are 27, not 26.
 */
export function rowsLike(
  rows: number,
  times: number,
  bounds: typeof COUNTS.rows | typeof COUNTS.hem,
  round: boolean,
) {
  const wanted = rows * times;
  if (round) return within(wanted, bounds);
  const odd = rows % 2;
  const nearest = 2 * Math.round((wanted - odd) / 2) + odd;
  return within(nearest < bounds.least ? nearest + 2 : nearest > bounds.most ? nearest - 2 : nearest, bounds);
}
