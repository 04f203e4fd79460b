/** All the yarn of a piece as one long strand: which part and row lie at which length of it. */
import { millimetres, type Millimetres } from "../units/brands";
import type { PieceEstimate } from "./piece";
import { rowTotal } from "./rowYarn";

export type StrandPart = "castOn" | "rows" | "castOff" | "ends";

interface Stretch {
  readonly part: StrandPart;
  readonly fromMm: Millimetres;
  readonly toMm: Millimetres;
}

export interface Strand {
  readonly totalMm: Millimetres;
  readonly stretches: readonly Stretch[];
  /** Where each row ends on the strand, in mm, first row first. */
  readonly rowEndsMm: Float64Array;
}

export interface Place {
  readonly part: StrandPart;
  /** Row worked here, counted from 1; null outside the rows. */
  readonly row: number | null;
}

/** Lays the parts one after the other in the order they are knitted. */
export function layStrand({ ledger, repeat, rows, totalMm }: PieceEstimate): Strand {
  const rowEndsMm = new Float64Array(rows);
  let end: number = ledger.castOn;
  for (let row = 0; row < rows; row += 1) {
    const yarn = repeat[row % repeat.length];
    end += yarn ? rowTotal(yarn) : 0;
    rowEndsMm[row] = end;
  }
  const borders = [0, ledger.castOn, end, end + ledger.castOff, totalMm].map(millimetres);
  const parts: readonly StrandPart[] = ["castOn", "rows", "castOff", "ends"];
  const stretches = parts.map((part, index) => ({
    part,
    fromMm: borders[index] ?? totalMm,
    toMm: borders[index + 1] ?? totalMm,
  }));
  return { totalMm, stretches, rowEndsMm };
}

/**
 * What is knitted with the yarn at `atMm`. Places beyond either end count as the end.
 * Example: at 0 mm it is the cast-on.
 */
export function placeOn({ stretches, rowEndsMm }: Strand, atMm: Millimetres): Place {
  const stretch = stretches.find(({ toMm }) => atMm < toMm) ?? stretches.at(-1);
  const part = stretch?.part ?? "ends";
  if (part !== "rows") return { part, row: null };
  const row = rowEndsMm.findIndex((end) => atMm < end);
  return { part, row: row < 0 ? rowEndsMm.length : row + 1 };
}

/** The middle of a row on the strand; rows count from 1. */
export function middleOfRow({ rowEndsMm, stretches }: Strand, row: number): Millimetres {
  const start = row > 1 ? (rowEndsMm[row - 2] ?? 0) : (stretches[1]?.fromMm ?? 0);
  return millimetres((start + (rowEndsMm[row - 1] ?? start)) / 2);
}
