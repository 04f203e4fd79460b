/** A panel as a mesh of stitches: what is fixed before anything moves. Lengths in plain stitch widths. */
import { say, type Message } from "../words/message";
import { facesOfRow, stitchesOf, stitchesUsedBy, type Panel, type PanelRow } from "../panels/panel";
import { legRestsOf, parentsOf, widthOf } from "../stitches/crossings";
import { restHeights, restWidths } from "./rests";

/**
 * One repeat: `rows` x `columns` stitches, the last row joined to the first. Stitch (row, column) is at
 * row * columns + column; columns count from the right.
 */
export interface Mesh {
  readonly rows: number;
  readonly columns: number;
  /** Height of a plain row over the width of a plain stitch. */
  readonly aspect: number;
  /** 1 where the right side shows a knit stitch, 0 for purl. */
  readonly faces: Uint8Array;
  /** The two stitches below that a stitch stands on, twice the same but for a decrease; -1 for a yarn over. */
  readonly parentA: Int32Array;
  readonly parentB: Int32Array;
  /** Rest length of a leg inside a crossing; 0 outside. */
  readonly legRest: Float64Array;
  /** Rest width from a stitch to the next one in its row, and the width at which they touch. */
  readonly restWidth: Float64Array;
  readonly leastWidth: Float64Array;
  /** Rest height of each row above the one below it, mean over its stitches. */
  readonly restHeight: Float64Array;
}

/** Why a panel has no mesh: the row, counted from 1, and a word. */
export interface NoMesh {
  readonly row: number;
  readonly message: Message;
}

/** Two stitches never come closer than this, nor than most of their rest width. */
const CLOSEST = 0.45;
const CLOSEST_SHARE = 0.9;

export interface MeshOptions {
  readonly aspect: number;
  /** Share of a rib's loss of width that the fabric keeps, 0 to 1. */
  readonly ribPull: number;
}

/** The first row that does not use or leave as many stitches as the first one; null where all do. */
export function unevenRow({ rows }: Panel): NoMesh | null {
  const columns = rows[0] ? stitchesOf(rows[0]) : 0;
  if (columns === 0) return { row: 1, message: say("noStitchInPanel") };
  for (const [index, row] of rows.entries()) {
    const [used, left] = [stitchesUsedBy(row), stitchesOf(row)];
    if (used === columns && left === columns) continue;
    return {
      row: index + 1,
      message: say("countChanges", {
        row: index + 1,
        ...(used === columns
          ? ({ does: "leaves", count: left } as const)
          : ({ does: "works", count: used } as const)),
        first: columns,
      }),
    };
  }
  return null;
}

/** Writes what the stitches of one row stand on, and how long their legs are at rest. */
function layRow(mesh: Mesh, index: number, row: PanelRow) {
  const { columns, rows, parentA, parentB, legRest, aspect } = mesh;
  const here = index * columns;
  const below = ((index + rows - 1) % rows) * columns;
  let [column, used] = [0, 0];
  for (const work of row) {
    if ("crossing" in work) {
      const legs = legRestsOf(work.crossing, aspect);
      parentsOf(work.crossing).forEach((parent, at) => {
        parentA[here + column + at] = parentB[here + column + at] = below + used + parent;
        legRest[here + column + at] = legs[at] ?? 0;
      });
      column += widthOf(work.crossing);
      used += widthOf(work.crossing);
      continue;
    }
    const { uses, leaves } = work.operation;
    for (let time = 0; time < work.times; time += 1) {
      for (let at = 0; at < leaves; at += 1) {
        const alone = Math.min(at, uses - 1);
        parentA[here + column] = uses === 0 ? -1 : below + used + (leaves === 1 ? 0 : alone);
        parentB[here + column] = uses === 0 ? -1 : below + used + (leaves === 1 ? uses - 1 : alone);
        column += 1;
      }
      used += uses;
    }
  }
}

/**
 * The mesh of a panel; or why it has none.
 * Example: a rope 2/2 every 4 rows with two purls at each side is 4 x 8 stitches.
 */
export function meshOf(panel: Panel, { aspect, ribPull }: MeshOptions): Mesh | NoMesh {
  const uneven = unevenRow(panel);
  if (uneven) return uneven;
  const rows = panel.rows.length;
  const columns = stitchesOf(panel.rows[0] ?? []);
  const size = rows * columns;
  const faces = new Uint8Array(size);
  panel.rows.forEach((row, index) =>
    facesOfRow(row).forEach((face, column) => {
      faces[index * columns + column] = face === "knit" ? 1 : 0;
    }),
  );
  const shape = { rows, columns, faces };
  const restWidth = restWidths(shape, ribPull);
  const mesh: Mesh = {
    ...shape,
    aspect,
    parentA: new Int32Array(size),
    parentB: new Int32Array(size),
    legRest: new Float64Array(size),
    restWidth,
    leastWidth: restWidth.map((rest) => Math.min(CLOSEST, CLOSEST_SHARE * rest)),
    restHeight: restHeights(shape, aspect),
  };
  panel.rows.forEach((row, index) => layRow(mesh, index, row));
  return mesh;
}
