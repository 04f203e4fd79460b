/** A panel: rows of stitches as they show on the right side, first row at the bottom, columns from the right. */
import { widthOf, type Crossing } from "../stitches/crossings";
import type { Operation } from "../stitches/operations";

/** One thing worked in a row: an operation, `times` over, or a crossing. */
export type Work =
  { readonly operation: Operation; readonly times: number } | { readonly crossing: Crossing };

export type PanelRow = readonly Work[];

export interface Panel {
  readonly rows: readonly PanelRow[];
}

/** Stitches that a row leaves on the needle. Example: purl 2, cross 2/2, purl 2 leaves 8. */
export const stitchesOf = (row: PanelRow): number =>
  row.reduce(
    (total, work) =>
      total + ("crossing" in work ? widthOf(work.crossing) : work.operation.leaves * work.times),
    0,
  );

/** The crossings of a row, in order. */
export const crossingsOf = (row: PanelRow): readonly Crossing[] =>
  row.flatMap((work) => ("crossing" in work ? [work.crossing] : []));
