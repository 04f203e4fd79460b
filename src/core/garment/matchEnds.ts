/** Ending two pieces with the same row of their cables, so that they meet as if they were one. */

export interface End {
  readonly rows: number;
  /** Rows more (or fewer) than wanted. */
  readonly off: number;
  readonly repeats: number;
}

/**
 * The row counts nearest to `wanted` that end with row `endRow` of a repeat of `repeatRows` rows: the nearest
 * below (null where there is none) and the nearest above. Rows count from 1.
 * Example: wanted 148, a repeat of 6 ending with row 3: 147 (24 repeats and 3 rows) or 153.
 */
export function matchingEnds(wanted: number, repeatRows: number, endRow: number) {
  const ending = (repeats: number): End => {
    const rows = repeats * repeatRows + endRow;
    return { rows, off: rows - wanted, repeats };
  };
  const repeats = Math.floor((wanted - endRow) / repeatRows);
  const exact = repeats >= 0 && repeats * repeatRows + endRow === wanted;
  return {
    below: repeats >= 0 ? ending(repeats) : null,
    above: exact ? ending(repeats) : ending(Math.max(0, repeats + 1)),
  };
}
