/** How far a panel draws in: its mesh, solved, and what follows from it. */
import { say, type Message } from "../words/message";
import { crossingExtra } from "../stitches/crossings";
import { crossingsOf, keyOfRow, type Panel } from "../panels/panel";
import { ribPullOf, type Blocking } from "./blocking";
import { sizeOf, type State } from "./energy";
import { meshOf, type Mesh } from "./mesh";
import { solving, type Progress, type Solution } from "./newton";
import { toEnd } from "../steps";

export interface Relaxed {
  readonly ok: true;
  readonly stitches: number;
  readonly rows: number;
  /** Share of their plain size that the panel keeps. */
  readonly widthFactor: number;
  readonly heightFactor: number;
  /** Yarn that the crossings of one repeat take beyond plain loops, in plain stitch widths; and of each row. */
  readonly crossingExtra: number;
  readonly crossingExtraOfRow: readonly number[];
  /** Width factor of each row; the narrowest and the widest one, counted from 1. */
  readonly widthOfRow: Float64Array;
  readonly narrowest: number;
  readonly widest: number;
  /** Sideways place of each stitch, row by row, columns from the right, in plain widths. */
  readonly x: Float64Array;
  /** Height of each row above the one below it, in plain widths. */
  readonly heights: Float64Array;
  readonly solved: Pick<Solution, "force" | "evaluations" | "products">;
}

/** Why a panel could not be relaxed: the row at fault, counted from 1, and a word. */
export interface Unrelaxed {
  readonly ok: false;
  readonly row: number;
  readonly message: Message;
}

export type Fabric = Relaxed | Unrelaxed;

export interface RelaxOptions {
  /** Height of a plain row over the width of a plain stitch. */
  readonly aspect: number;
  /** A named state, or the share of the ribs' pull that is left, 0 to 1. */
  readonly blocking: Blocking | number;
}

/** Fabrics that are known already, by `fabricKey`. Whoever relaxes a panel twice keeps one. */
export type KnownFabrics = Map<string, Fabric>;

/** More fabrics than this are not kept: the oldest go first. */
const MOST_KNOWN = 200;

/** The same for the same panel, aspect and blocking, whatever they are called. */
const fabricKey = ({ rows }: Panel, { aspect, blocking }: RelaxOptions) =>
  `${aspect} ${ribPullOf(blocking)}\n${rows.map(keyOfRow).join("\n")}`;

/** A start near the end: every row as wide as rows rest on average. */
export function startOf(mesh: Mesh): State {
  const { rows, columns, restWidth, restHeight } = mesh;
  const state = new Float64Array(sizeOf(mesh));
  let x = 0;
  for (let column = 0; column < columns; column += 1) {
    let rest = 0;
    for (let row = 0; row < rows; row += 1) {
      state[row * columns + column] = x;
      rest += restWidth[row * columns + column] ?? 0;
    }
    x += rest / rows;
  }
  state.set(restHeight, rows * columns);
  return state;
}

const mean = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** Width of a row from its first stitch to its last, for each gap between them; a single stitch is plain. */
const rowWidth = (x: Float64Array, row: number, columns: number) =>
  columns > 1 ? ((x[(row + 1) * columns - 1] ?? 0) - (x[row * columns] ?? 0)) / (columns - 1) : 1;

function described(panel: Panel, { rows, columns, aspect }: Mesh, solution: Solution): Fabric {
  const { state, force, converged, evaluations, products } = solution;
  if (!converged) {
    const message = say("didNotSettle", { force });
    return { ok: false, row: 1, message };
  }
  const x = state.slice(0, rows * columns);
  const heights = state.slice(rows * columns);
  const widthOfRow = Float64Array.from({ length: rows }, (_, row) => rowWidth(x, row, columns));
  const crossingExtraOfRow = panel.rows.map((row) =>
    crossingsOf(row).reduce((sum, crossing) => sum + crossingExtra(crossing, aspect), 0),
  );
  return {
    ok: true,
    stitches: columns,
    rows,
    widthFactor: mean(widthOfRow),
    heightFactor: mean(heights) / aspect,
    crossingExtra: crossingExtraOfRow.reduce((sum, extra) => sum + extra, 0),
    crossingExtraOfRow,
    widthOfRow,
    narrowest: widthOfRow.indexOf(Math.min(...widthOfRow)) + 1,
    widest: widthOfRow.indexOf(Math.max(...widthOfRow)) + 1,
    x,
    heights,
    solved: { force, evaluations, products },
  };
}

function keep(known: KnownFabrics, key: string, fabric: Fabric) {
  known.set(key, fabric);
  const [oldest] = known.keys();
  if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
}

/**
 * Relaxes a panel step by step and yields its progress, so that it can be shown and stopped between steps;
 * a fabric that is known already is given at once.
 */
export function* relaxing(
  panel: Panel,
  options: RelaxOptions,
  known: KnownFabrics = new Map(),
): Generator<Progress, Fabric> {
  const key = fabricKey(panel, options);
  const before = known.get(key);
  if (before) return before;
  const mesh = meshOf(panel, { aspect: options.aspect, ribPull: ribPullOf(options.blocking) });
  const fabric =
    "message" in mesh
      ? { ok: false as const, ...mesh }
      : described(panel, mesh, yield* solving(mesh, startOf(mesh)));
  keep(known, key, fabric);
  return fabric;
}

/**
 * Relaxes a panel: its width and height against plain fabric, the yarn of its crossings, and where each
 * stitch lies. Example: a rope 2/2 every 4 rows, p2 each side, keeps 0.641 of its width as knit.
 */
export function relaxPanel(panel: Panel, options: RelaxOptions, known?: KnownFabrics): Fabric {
  return toEnd(relaxing(panel, options, known));
}
