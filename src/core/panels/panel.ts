/** A panel: rows of stitches as they show on the right side, first row at the bottom, columns from the right. */
import { facesOf, sameCrossing, widthOf, type Crossing } from "../stitches/crossings";
import type { Face, Operation } from "../stitches/operations";

/** One thing worked in a row: an operation, `times` over, or a crossing. */
export type Work =
  { readonly operation: Operation; readonly times: number } | { readonly crossing: Crossing };

/** Works in the order of the columns, from the right, whichever way the row is worked. */
export type PanelRow = readonly Work[];

export interface Panel {
  readonly rows: readonly PanelRow[];
  /** Whether its first row is a wrong-side row when it is worked flat; not so where nothing is said. */
  readonly firstWrong?: boolean;
}

/** Stitches that a row leaves on the needle. Example: purl 2, cross 2/2, purl 2 leaves 8. */
export const stitchesOf = (row: PanelRow): number => count(row, "leaves");

/** Stitches of the row below that a row uses. */
export const stitchesUsedBy = (row: PanelRow): number => count(row, "uses");

const count = (row: PanelRow, side: "uses" | "leaves") =>
  row.reduce(
    (total, work) =>
      total + ("crossing" in work ? widthOf(work.crossing) : work.operation[side] * work.times),
    0,
  );

/** The crossings of a row, in order. */
export const crossingsOf = (row: PanelRow): readonly Crossing[] =>
  row.flatMap((work) => ("crossing" in work ? [work.crossing] : []));

/** The face of each stitch that a row leaves, by column from the right. */
export function facesOfRow(row: PanelRow): readonly Face[] {
  const faces: Face[] = [];
  for (const work of row) {
    if ("crossing" in work) faces.push(...facesOf(work.crossing));
    else
      for (let left = work.operation.leaves * work.times; left > 0; left -= 1)
        faces.push(work.operation.face);
  }
  return faces;
}

/** One work of a row, once, with the columns below that it uses and those that it leaves. */
export interface Unit {
  readonly work: Work;
  readonly uses: number;
  readonly leaves: number;
}

/** A row, work by work, each once. Example: k2, 2/2 LC is three. */
export const unitsOf = (row: PanelRow): readonly Unit[] =>
  row.flatMap((work): readonly Unit[] => {
    if ("crossing" in work) {
      const width = widthOf(work.crossing);
      return [{ work, uses: width, leaves: width }];
    }
    const { operation } = work;
    const once = { work: { operation, times: 1 }, uses: operation.uses, leaves: operation.leaves };
    return Array.from({ length: work.times }, () => once);
  });

/** The same row with neighbours of one kind drawn together. Example: k2, k1 is k3. */
export function joined(works: readonly Work[]): PanelRow {
  const row: Work[] = [];
  for (const work of works) {
    const before = row.at(-1);
    if ("operation" in work && work.times === 0) continue;
    if (before && "operation" in work && "operation" in before && before.operation.id === work.operation.id)
      row[row.length - 1] = { operation: before.operation, times: before.times + work.times };
    else row.push(work);
  }
  return row;
}

/** A text that two rows share just when they are worked alike. */
export const keyOfRow = (row: PanelRow) =>
  row
    .map((work) =>
      "crossing" in work ? Object.values(work.crossing).join(" ") : `${work.operation.id} ${work.times}`,
    )
    .join();

/** Whether two rows are worked alike. */
export const sameRow = (one: PanelRow, other: PanelRow): boolean =>
  one === other ||
  (one.length === other.length && one.every((work, index) => sameWork(work, other[index] as Work)));

const sameWork = (one: Work, other: Work) =>
  "crossing" in one
    ? "crossing" in other && sameCrossing(one.crossing, other.crossing)
    : "operation" in other && one.operation.id === other.operation.id && one.times === other.times;
