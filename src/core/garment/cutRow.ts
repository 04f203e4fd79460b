/** Rows cut to the columns that are on the needle: crossings cross with what is left of their strands. */
import { joined, type Panel, type PanelRow, type Work } from "../panels/panel";
import { facesOf, widthOf, type Crossing } from "../stitches/crossings";
import { operationOf, type Face, type Operation } from "../stitches/operations";

/**
 * Stitches on the needle, from the right, by the columns that they stand in. Columns outside of what is laid
 * across are plain: stitches that were increased beside it.
 */
export type Columns = readonly number[];

/** Columns in which something else is worked in this row: a decrease, a new stitch. */
export type Reserved = ReadonlyMap<number, Operation>;

export const NONE_RESERVED: Reserved = new Map();

export const face = (shows: Face): Operation => operationOf(shows);

export const single = (operation: Operation): Work => ({ operation, times: 1 });

const isPlainCount = ({ uses, leaves }: Operation) => uses === 1 && leaves === 1;

/**
 * What is left of a crossing of which only some columns are on the needle: it is worked in fewer stitches as
 * long as both its strands have one, and is plain from then on.
 * Example: 3/3 LC that lost a stitch at the left is 2/3 LC.
 */
function shrunk(crossing: Crossing, kept: readonly number[]): readonly Work[] {
  const { front, centre, back, lean } = crossing;
  const [first, last] = lean === "left" ? [back, front] : [front, back];
  const count = (from: number, to: number) => kept.filter((column) => column >= from && column < to).length;
  const [right, middle, left] = [
    count(0, first),
    count(first, first + centre),
    count(first + centre, first + centre + last),
  ];
  if (right === 0 || left === 0) {
    const faces = facesOf(crossing);
    return kept.map((column) => single(face(faces[column] ?? "knit")));
  }
  const [nowFront, nowBack] = lean === "left" ? [left, right] : [right, left];
  return [{ crossing: { ...crossing, front: nowFront, centre: middle, back: nowBack } }];
}

/** One thing of a row on the columns that are left of it, `from` its first column. */
function cutWork(work: Work, from: number, columns: Columns, reserved: Reserved): readonly Work[] {
  const special = columns.flatMap((column) => reserved.get(column) ?? []).map(single);
  const free = columns.filter((column) => !reserved.has(column));
  if ("crossing" in work) {
    const whole = free.length === widthOf(work.crossing);
    const offsets = free.map((column) => column - from);
    // What is decreased in a cable is worked before it, so that the cable stays in one piece.
    return [...special, ...(whole ? [work] : shrunk(work.crossing, offsets))];
  }
  const { operation, times } = work;
  if (isPlainCount(operation)) return columns.map((column) => single(reserved.get(column) ?? operation));
  if (special.length === 0 && free.length === operation.leaves * times && operation.uses === operation.leaves)
    return [work];
  // Where a part of it is missing its count would not come out: it is worked plain.
  return [...special, ...free.map(() => single(face(operation.face)))];
}

/** A row of a panel that begins at column `from`, on the columns that are left of it. */
function cutRow(row: PanelRow, from: number, columns: Columns, reserved: Reserved): Work[] {
  const works: Work[] = [];
  let [start, next] = [from, 0];
  for (const work of row) {
    const width = "crossing" in work ? widthOf(work.crossing) : work.operation.leaves * work.times;
    const first = next;
    while (next < columns.length && (columns[next] ?? 0) < start + width) next += 1;
    if (next > first) works.push(...cutWork(work, start, columns.slice(first, next), reserved));
    start += width;
  }
  return works;
}

export interface Part {
  readonly panel: Panel;
  readonly from: number;
  readonly to: number;
  readonly widthFactor: number;
}

/** Works outside of what is laid across. */
const beside = (columns: Columns, reserved: Reserved) =>
  columns.map((column) => single(reserved.get(column) ?? face("knit")));

export function cutParts(
  parts: readonly Part[],
  total: number,
  row: number,
  columns: Columns,
  reserved: Reserved,
) {
  const works: Work[] = beside(
    columns.filter((column) => column < 0),
    reserved,
  );
  let next = columns.findIndex((column) => column >= 0);
  for (const { panel, from, to } of parts) {
    const first = next;
    while (next >= 0 && next < columns.length && (columns[next] ?? 0) < to) next += 1;
    const mine = first < 0 ? [] : columns.slice(first, next);
    // Rows count from a right-side row; a panel that begins on the wrong side is there with its second row.
    const panelRow = panel.rows[(row + (panel.firstWrong ? 1 : 0)) % panel.rows.length] ?? [];
    const whole = mine.length === to - from && !mine.some((column) => reserved.has(column));
    works.push(...(whole ? panelRow : cutRow(panelRow, from, mine, reserved)));
  }
  const left = columns.filter((column) => column >= total);
  return joined([...works, ...beside(left, reserved)]);
}
