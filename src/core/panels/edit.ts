/** Changing a panel stitch by stitch, as a chart is edited. */
import { joined, stitchesOf, unitsOf, type Panel, type PanelRow, type Work } from "./panel";
import { facesOf } from "../stitches/crossings";
import { bobble, operationOf } from "../stitches/operations";

/** Columns of one row, from the right: `from` is the first, `to` the one behind the last. */
export interface Selection {
  readonly row: number;
  readonly from: number;
  readonly to: number;
}

interface Piece {
  readonly work: Work;
  readonly from: number;
  readonly to: number;
}

/** Every piece of a row with the columns that it covers. */
function piecesOf(row: PanelRow): readonly Piece[] {
  let column = 0;
  return unitsOf(row).map(({ work, leaves }) => {
    const from = column;
    column += leaves;
    return { work, from, to: column };
  });
}

/** What is left of a piece that is cut: plain stitches that show the faces it showed. */
function remains(work: Work, from: number, to: number): readonly Work[] {
  const faces = "crossing" in work ? facesOf(work.crossing) : null;
  return Array.from({ length: to - from }, (_, index) => ({
    operation: operationOf(faces?.[from + index] ?? ("operation" in work ? work.operation.face : "knit")),
    times: 1,
  }));
}

interface Split {
  readonly before: readonly Work[];
  readonly inside: readonly Work[];
  readonly after: readonly Work[];
}

/** A row cut at two columns; what is cut through falls back to plain stitches on both sides. */
function splitAt(row: PanelRow, from: number, to: number): Split {
  const parts = { before: [] as Work[], inside: [] as Work[], after: [] as Work[] };
  const borders = [
    ["before", 0, from],
    ["inside", from, to],
    ["after", to, Infinity],
  ] as const;
  for (const piece of piecesOf(row)) {
    for (const [part, low, high] of borders) {
      const [start, end] = [Math.max(piece.from, low), Math.min(piece.to, high)];
      const whole = start === piece.from && end === piece.to;
      const empty = piece.from === piece.to && piece.from >= low && piece.from < high;
      if (empty || (whole && start < end)) parts[part].push(piece.work);
      else if (start < end) parts[part].push(...remains(piece.work, start - piece.from, end - piece.from));
    }
  }
  return parts;
}

/** Whether a selection lies on the panel. */
function lies({ rows }: Panel, { row, from, to }: Selection): boolean {
  const target = rows[row - 1];
  return target !== undefined && from >= 0 && from < to && to <= stitchesOf(target);
}

/** The works of the selected columns. Empty where the selection lies outside. */
export function worksOf(panel: Panel, selection: Selection): PanelRow {
  const target = panel.rows[selection.row - 1];
  return target && lies(panel, selection) ? joined(splitAt(target, selection.from, selection.to).inside) : [];
}

const withRow = ({ rows }: Panel, row: number, changed: PanelRow): Panel => ({
  rows: rows.map((one, index) => (index === row - 1 ? changed : one)),
});

/**
 * Puts `works` in place of the selected columns. A crossing that is cut falls back to plain stitches.
 * Gives the same panel where the selection lies outside it or `works` has another width.
 * Example: laying 2/2 LC over four knit columns of row 1 crosses them.
 */
export function placeOver(panel: Panel, selection: Selection, works: readonly Work[]): Panel {
  const { row, from, to } = selection;
  const target = panel.rows[row - 1];
  if (!target || !lies(panel, selection) || stitchesOf(works) !== to - from) return panel;
  const { before, after } = splitAt(target, from, to);
  return withRow(panel, row, joined([...before, ...works, ...after]));
}

/** A row like the one it stands on, its crossings plain, above the given one. */
export function insertRow({ rows }: Panel, row: number): Panel {
  const below = rows[row - 1];
  if (!below) return { rows };
  const plain = joined(piecesOf(below).flatMap(({ work, from, to }) => remains(work, 0, to - from)));
  return { rows: [...rows.slice(0, row), plain, ...rows.slice(row)] };
}

/** Without a row; the last one stays. */
export const deleteRow = ({ rows }: Panel, row: number): Panel => ({
  rows: rows.length > 1 ? rows.filter((_, index) => index !== row - 1) : rows,
});

/** A knit column in every row, left of the given one; a crossing that it cuts falls back to plain stitches. */
export const insertColumn = ({ rows }: Panel, column: number): Panel => ({
  rows: rows.map((row) => {
    const { before, inside } = splitAt(row, Math.min(column, stitchesOf(row)), Infinity);
    return joined([...before, { operation: operationOf("knit"), times: 1 }, ...inside]);
  }),
});

/** Without the columns of a selection, in every row. The last column stays. */
export function deleteColumns({ rows }: Panel, from: number, to: number): Panel {
  const shorter = rows.map((row) => {
    const { before, after } = splitAt(row, from, to);
    return joined([...before, ...after]);
  });
  return { rows: shorter.some((row) => stitchesOf(row) === 0) ? rows : shorter };
}

/** What can be laid over columns of a chart. */
export type Placing =
  "knit" | "purl" | "bobble" | "crossLeft" | "crossRight" | "crossLeftPurl" | "crossRightPurl";

/** The works of a placing, null where it cannot lie; a crossing is half over half, the larger half in front. Example: crossLeft over 6 columns is 3/3 LC. */
export function worksFor(placing: Placing, columns: number): readonly Work[] | null {
  if (placing === "knit" || placing === "purl") return [{ operation: operationOf(placing), times: columns }];
  if (placing === "bobble") return [{ operation: bobble(5, 2), times: columns }];
  if (columns < 2) return null;
  const crossing = {
    front: Math.ceil(columns / 2),
    centre: 0,
    back: Math.floor(columns / 2),
    lean: placing.startsWith("crossLeft") ? ("left" as const) : ("right" as const),
    kind: placing.endsWith("Purl") ? ("purl" as const) : ("knit" as const),
  };
  return [{ crossing }];
}
