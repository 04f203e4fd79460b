/** All the yarn of a project as one long strand: which piece, part and row lie at which length of it. */
import { millimetres, type Millimetres } from "../units/brands";
import { rowTotal } from "./rowYarn";
import type { ProjectEstimate } from "./wholeProject";

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
  readonly fromMm: Millimetres;
  readonly toMm: Millimetres;
}

export interface Strand {
  readonly totalMm: Millimetres;
  readonly stretches: readonly Stretch[];
  readonly worked: readonly Worked[];
  /** Where each row of each copy ends on the strand, in mm, in the order of knitting. */
  readonly rowEndsMm: Float64Array;
}

export interface Place {
  readonly part: StrandPart;
  readonly worked: Worked | null;
  /** Row worked here among all rows of the strand, counted from 1; null outside the rows. */
  readonly row: number | null;
}

/**
 * Lays pieces and their copies one after the other in the order they are knitted: the swatch first, seams,
 * ends and extras of all last.
 */
export function layStrand({ pieces, ledger: all, totalMm }: ProjectEstimate): Strand {
  const rowEndsMm = new Float64Array(
    pieces.reduce((sum, { times, estimate }) => sum + times * estimate.rows, 0),
  );
  const stretches: Stretch[] = [];
  const worked: Worked[] = [];
  let [end, firstRow] = [0, 0];
  const stretch = (part: StrandPart, whose: Worked | null, toMm: number) => {
    stretches.push({ part, worked: whose, fromMm: millimetres(end), toMm: millimetres(toMm) });
    end = toMm;
  };
  if (all.swatch > 0) stretch("swatch", null, all.swatch);
  for (const { id, times, estimate } of pieces)
    for (let copy = 1; copy <= times; copy += 1) {
      const { ledger, repeat, rows } = estimate;
      const whose = { pieceId: id, copy, copies: times, rows, firstRow };
      worked.push(whose);
      stretch("castOn", whose, end + ledger.castOn);
      let rowEnd = end;
      for (let row = 0; row < rows; row += 1) {
        const yarn = repeat[row % repeat.length];
        rowEnd += yarn ? rowTotal(yarn) : 0;
        rowEndsMm[firstRow + row] = rowEnd;
      }
      stretch("rows", whose, rowEnd);
      stretch("castOff", whose, end + ledger.castOff);
      firstRow += rows;
    }
  stretch("ends", null, totalMm);
  return { totalMm, stretches, worked, rowEndsMm };
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
  const { part, worked } = stretch ?? { part: "ends", worked: null };
  if (part !== "rows" || !worked) return { part, worked, row: null };
  const { firstRow, rows } = worked;
  const within = rowEndsMm.subarray(firstRow, firstRow + rows).findIndex((rowEnd) => atMm < rowEnd);
  return { part, worked, row: firstRow + (within < 0 ? rows : within + 1) };
}

/** The middle of a row on the strand; rows count from 1 over all pieces. */
export function middleOfRow(strand: Strand, row: number): Millimetres {
  const { rowEndsMm, stretches } = strand;
  const whose = workedAt(strand, row);
  const isFirst = whose?.firstRow === row - 1;
  const rowsFrom = stretches.find(({ part, worked }) => part === "rows" && worked === whose)?.fromMm;
  const start = isFirst ? (rowsFrom ?? 0) : (rowEndsMm[row - 2] ?? 0);
  return millimetres((start + (rowEndsMm[row - 1] ?? start)) / 2);
}
