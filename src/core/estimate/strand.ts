/** All of one yarn of a project as one long strand: which piece, section and row lie at which length of it. */
import { millimetres, type Millimetres } from "../units/brands";

export type StrandPart = "swatch" | "castOn" | "rows" | "castOff" | "ends";

/** A piece on the strand, each of its copies by itself. */
export interface Worked {
  readonly pieceId: string;
  /** Which copy, counted from 1, of how many. */
  readonly copy: number;
  readonly copies: number;
  readonly rows: number;
  /** Its first row among all rows of the strand, counted from 0. */
  readonly firstRow: number;
}

interface Stretch {
  readonly part: StrandPart;
  /** The piece it belongs to; null for the ends and joins of all. */
  readonly worked: Worked | null;
  readonly sectionId: string | null;
  readonly fromMm: Millimetres;
  readonly toMm: Millimetres;
  /** Rows of it, among all rows of the strand, counted from 0. */
  readonly firstRow: number;
  readonly rows: number;
}

export interface Strand {
  readonly yarnId: string;
  readonly totalMm: Millimetres;
  readonly stretches: readonly Stretch[];
  readonly worked: readonly Worked[];
  /** Where each row of each copy ends on the strand, in mm, in the order of knitting. */
  readonly rowEndsMm: Float64Array;
  /** 1 for each row in which something crosses. */
  readonly crosses: Uint8Array;
}

export interface Place {
  readonly part: StrandPart;
  readonly worked: Worked | null;
  readonly sectionId: string | null;
  /** Row worked here among all rows of the strand, counted from 1; null outside the rows. */
  readonly row: number | null;
}

/** The copy that a row belongs to; rows of the strand count from 1. */
export const workedAt = ({ worked }: Strand, row: number): Worked | null =>
  worked.findLast(({ firstRow }) => firstRow < row) ?? null;

/**
 * What is knitted with the yarn at `atMm`. Places beyond either end count as the end.
 * Example: at 0 mm it is the cast-on of the first piece.
 */
export function placeOn({ stretches, rowEndsMm }: Strand, atMm: Millimetres): Place {
  const stretch = stretches.find(({ toMm }) => atMm < toMm) ?? stretches.at(-1);
  const { part, worked, sectionId } = stretch ?? { part: "ends", worked: null, sectionId: null };
  if (part !== "rows" || !stretch) return { part, worked, sectionId, row: null };
  const { firstRow, rows } = stretch;
  const within = rowEndsMm.subarray(firstRow, firstRow + rows).findIndex((rowEnd) => atMm < rowEnd);
  return { part, worked, sectionId, row: firstRow + (within < 0 ? rows : within + 1) };
}

/** The middle of a row on the strand; rows count from 1 over all pieces. */
export function middleOfRow({ rowEndsMm, stretches }: Strand, row: number): Millimetres {
  const end = rowEndsMm[row - 1] ?? 0;
  const first = stretches.find(({ firstRow, rows }) => rows > 0 && firstRow === row - 1);
  return millimetres(((first?.fromMm ?? rowEndsMm[row - 2] ?? 0) + end) / 2);
}
