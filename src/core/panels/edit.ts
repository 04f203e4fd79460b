/** Changing a panel stitch by stitch, as a chart is edited. */
import { joined, stitchesOf, type Panel, type PanelRow, type Work } from "./panel";
import { facesOf, widthOf } from "../stitches/crossings";
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

/** One by one: every piece of a row with the columns that it covers. */
function piecesOf(row: PanelRow): readonly Piece[] {
  let column = 0;
  return row.flatMap((work): readonly Piece[] => {
    if ("crossing" in work) {
      const from = column;
      column += widthOf(work.crossing);
      return [{ work, from, to: column }];
    }
    return Array.from({ length: work.times }, () => {
      const from = column;
      column += work.operation.leaves;
      return { work: { operation: work.operation, times: 1 }, from, to: column };
    });
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

/**
 * Puts `works` in place of the selected columns. A crossing that is cut falls back to plain stitches.
 * Gives the same panel where the selection lies outside it or `works` has another width.
 * Example: laying 2/2 LC over four knit columns of row 1 crosses them.
 */
export function placeOver(panel: Panel, { row, from, to }: Selection, works: readonly Work[]): Panel {
  const target = panel.rows[row - 1];
  if (!target || from < 0 || to > stitchesOf(target) || from >= to || stitchesOf(works) !== to - from)
    return panel;
  const before: Work[] = [];
  const after: Work[] = [];
  for (const piece of piecesOf(target)) {
    const { work } = piece;
    if (piece.to <= from) before.push(work);
    else if (piece.from >= to) after.push(work);
    else {
      if (piece.from < from) before.push(...remains(work, 0, from - piece.from));
      if (piece.to > to) after.push(...remains(work, to - piece.from, piece.to - piece.from));
    }
  }
  const changed = joined([...before, ...works, ...after]);
  return { rows: panel.rows.map((one, index) => (index === row - 1 ? changed : one)) };
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
