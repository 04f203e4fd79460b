/** Any stitch laid on a chart; where it changes how many there are, the rows above follow. */
import {
  facesOfRow,
  joined,
  stitchesOf,
  unitsOf,
  type Panel,
  type PanelRow,
  type Unit,
  type Work,
} from "./panel";
import { facesOf, widthOf } from "../stitches/crossings";
import { operationOf, type Face } from "../stitches/operations";
import type { Selection } from "./edit";

const plain = (face: Face, times: number): Work => ({ operation: operationOf(face), times });

const faceOf = ({ work }: Unit): Face =>
  "crossing" in work ? (facesOf(work.crossing)[0] ?? "knit") : work.operation.face;

const sum = (units: readonly Unit[], side: "uses" | "leaves") =>
  units.reduce((total, unit) => total + unit[side], 0);

/** Columns that were so many and are now so many others. */
interface Stretch {
  readonly from: number;
  readonly before: number;
  readonly now: number;
}

/**
 * A row that uses what has changed below it, and the columns of its own that change by that. What lies only half over
 * them falls back to plain stitches.
 */
function follow(row: PanelRow, { from, before, now }: Stretch): { row: PanelRow; stretch: Stretch } {
  const units = unitsOf(row);
  // What goes lies at the end of the stretch, and what comes stands behind it.
  const [low, high] = now < before ? [from + now, from + before] : [from + before, from + before];
  let used = 0;
  const [right, hit, left]: [Unit[], Unit[], Unit[]] = [[], [], []];
  for (const unit of units) {
    const [start, end] = [used, used + unit.uses];
    used = end;
    const touched = low < high ? start < high && end > low : start < low && end > low;
    if (touched) hit.push(unit);
    else if (end <= low && left.length === 0 && hit.length === 0) right.push(unit);
    else left.push(unit);
  }
  const stitches = sum(hit, "uses") + now - before;
  const face = hit[0] ?? right.at(-1) ?? left[0];
  const instead = [plain(face ? faceOf(face) : "knit", Math.max(0, stitches))];
  return {
    row: joined([...right.map(({ work }) => work), ...instead, ...left.map(({ work }) => work)]),
    stretch: { from: sum(right, "leaves"), before: sum(hit, "leaves"), now: Math.max(0, stitches) },
  };
}

/** Columns of a row that a stitch is laid over: the first and the last unit, and how much of each stays beside it. */
interface Taken {
  readonly first: number;
  readonly last: number;
  readonly outRight: number;
  readonly outLeft: number;
  /** Stitches of the row below that are free for it. */
  readonly free: number;
}

/** Takes columns for a stitch that needs so many stitches: those given, then more at the left, then at the right. */
function take(units: readonly Unit[], from: number, to: number, needs: number): Taken | null {
  const ends: number[] = [];
  for (const unit of units) ends.push((ends.at(-1) ?? 0) + unit.leaves);
  let first = ends.findIndex((end) => end > from);
  let last = ends.findIndex((end) => end >= to);
  let outRight = from - (ends[first - 1] ?? 0);
  let outLeft = (ends[last] ?? 0) - to;
  let free = sum(units.slice(first, last + 1), "uses") - outRight - outLeft;
  while (free < needs) {
    if (outLeft > 0) [outLeft, free] = [outLeft - 1, free + 1];
    else if (last + 1 < units.length) free += units[(last += 1)]?.uses ?? 0;
    else if (outRight > 0) [outRight, free] = [outRight - 1, free + 1];
    else if (first > 0) free += units[(first -= 1)]?.uses ?? 0;
    else return null;
  }
  return { first, last, outRight, outLeft, free };
}

/** The row with the stitch laid on it, and the columns that changed; null where it cannot lie there. */
function laidOn(row: PanelRow, from: number, to: number, work: Work) {
  const units = unitsOf(row);
  const crossing = "crossing" in work;
  const needs = crossing ? widthOf(work.crossing) : work.operation.uses;
  const leaves = crossing ? needs : work.operation.leaves;
  const works = (some: readonly Unit[]) => some.map((unit) => unit.work);
  if (needs === 0) {
    // What comes out of nothing stands at the left of what is selected.
    const last = take(units, to - 1, to, 0)?.last ?? 0;
    const right = units.slice(0, last + 1);
    return {
      row: joined([...works(right), work, ...works(units.slice(last + 1))]),
      stretch: { from: sum(right, "leaves"), before: 0, now: leaves },
    };
  }
  const taken = take(units, from, crossing ? Math.min(from + needs, stitchesOf(row)) : to, needs);
  if (!taken) return null;
  const { first, last, outRight, outLeft, free } = taken;
  const times = crossing ? 1 : Math.floor(free / needs);
  const rest = free - times * needs;
  const over = units.slice(first, last + 1);
  const start = sum(units.slice(0, first), "leaves");
  const end = start + sum(over, "leaves");
  const faces = facesOfRow(row);
  /** Plain stitches that look as those columns did; the last of them where there are more. */
  const asBefore = (from: number, times: number) =>
    Array.from({ length: times }, (_, index) => plain(faces[Math.min(from + index, end - 1)] ?? "knit", 1));
  return {
    row: joined([
      ...works(units.slice(0, first)),
      ...asBefore(start, outRight),
      crossing ? work : { operation: work.operation, times },
      ...asBefore(end - outLeft - rest, rest + outLeft),
      ...works(units.slice(last + 1)),
    ]),
    stretch: {
      from: start + outRight,
      before: end - start - outRight - outLeft,
      now: times * leaves + rest,
    },
  };
}

/**
 * Lays a stitch over the selected columns, as often as it goes into them; what is left over stays plain. A stitch or a
 * crossing that needs more columns takes them at the left, or else at the right. What comes out of nothing, as a yarn
 * over, is put at the left of the selection. Where the row has more or fewer stitches by that, columns come into the rows
 * above or go. What is cut falls back to plain stitches. Gives the same panel where it cannot lie there.
 * Example: k2tog over two columns of row 1 leaves one there, and takes a column out of each row above.
 */
export function placeStitch(panel: Panel, { row, from, to }: Selection, work: Work): Panel {
  const target = panel.rows[row - 1];
  if (!target || from < 0 || from >= to || to > stitchesOf(target)) return panel;
  const laid = laidOn(target, from, to, work);
  if (!laid) return panel;
  let { stretch }: { stretch: Stretch } = laid;
  const rows = panel.rows.map((one, index) => {
    if (index < row - 1 || (index >= row && stretch.now === stretch.before)) return one;
    if (index === row - 1) return laid.row;
    const followed = follow(one, stretch);
    ({ stretch } = followed);
    return followed.row;
  });
  return rows.every((one) => stitchesOf(one) > 0) ? { ...panel, rows } : panel;
}
