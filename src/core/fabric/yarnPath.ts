/**
 * The path of the yarn through a relaxed panel, for drawing: each stitch a loop drawn through the one below,
 * strands of a crossing lifted over and pressed under one another. Lengths in plain stitch widths, x to the
 * right and y up as the right side is looked at, z towards the eye.
 */
import type { Panel } from "../panels/panel";
import type { Crossing } from "../stitches/crossings";
import type { Mesh } from "./mesh";
import type { Progress } from "./newton";

/** Numbers of one piece of yarn: x, y, z at its start, x, y, z at its end, its place on the strand, its loops. */
export const NUMBERS_EACH = 8;

export interface YarnPath {
  /** Straight pieces of yarn, `NUMBERS_EACH` numbers each, in the order in which they are knitted. */
  readonly pieces: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** Where a relaxed panel puts its stitches. */
interface Lying {
  readonly x: Float64Array;
  readonly heights: Float64Array;
}

export interface PathOptions {
  /** How often the rows are drawn on top of one another. */
  readonly up: number;
  /** Straight pieces between two bends of the yarn. */
  readonly pieces: number;
  /** Yarn of each stitch, in plain loops. */
  readonly yarn: Float64Array;
}

/** Half of the way between a loop's feet, where it comes out of the loop below. */
const FOOT = 0.15;
/** Share of the way to its neighbour that a loop's shoulder takes, and the least, where stitches crowd. */
const SHOULDER = 0.41;
const LEAST_SHOULDER = 0.2;
/** Heights over its needle's row, in rows: the top of a loop, its feet, and the bend between two loops. */
const TOP = 0.4;
const FEET = 0.12;
const BEND = -0.3;
/** Depths: of legs before tops and bends, of knit columns before purl ones, and of strands over strands. */
const LEG_DEPTH = 0.3;
const FACE_DEPTH = 0.2;
const STRAND_DEPTH = 0.5;
/** From the middle of the outermost stitches to the edge of the drawing; half a stitch of it is fabric. */
export const PATH_MARGIN = 0.6;
/** From the edge of the drawing to the edge of the fabric. */
export const FREE_MARGIN = PATH_MARGIN - 0.5;

/** How far each stitch of a crossing is lifted, from the right: front strands up, the ones behind down. */
function liftsOf({ front, centre, back, lean }: Crossing): readonly number[] {
  const run = (count: number, lift: number) => Array.from({ length: count }, () => lift);
  const strands = [...run(back, -STRAND_DEPTH), ...run(centre, 0), ...run(front, STRAND_DEPTH)];
  return lean === "left" ? strands : strands.reverse();
}

/** The lift of every stitch, row by row. */
function liftsOfPanel({ rows }: Panel): Float64Array {
  return Float64Array.from(
    rows.flatMap((row) =>
      row.flatMap((work) =>
        "crossing" in work
          ? liftsOf(work.crossing)
          : Array.from({ length: work.operation.leaves * work.times }, () => 0),
      ),
    ),
  );
}

/** Shares of its sideways way that a crossing hands on to the rows next to it, and of its lift. */
const LEANING = [
  { way: 0.2, lift: 0.4 },
  { way: 0.07, lift: 0.12 },
] as const;

/**
 * Stitches next to a crossing lean with it: the yarn is stiff, and a strand sweeps over several rows rather
 * than jump within one. For the eye only; widths and yarn stand as the mesh has them.
 */
function leaning({ parentA, legRest }: Mesh, x: Float64Array, lifts: Float64Array) {
  const eased = { x: x.slice(), lifts: lifts.slice() };
  const child = new Int32Array(x.length).fill(-1);
  parentA.forEach((parent, at) => {
    if (parent >= 0) child[parent] = at;
  });
  legRest.forEach((rest, at) => {
    if (rest === 0) return;
    let [above, below] = [at, parentA[at] ?? -1];
    const aside = (x[at] ?? 0) - (x[below] ?? 0);
    for (const { way, lift } of LEANING) {
      if (above >= 0) eased.x[above] = (eased.x[above] ?? 0) - way * aside;
      if (below >= 0) eased.x[below] = (eased.x[below] ?? 0) + way * aside;
      for (const row of [above === at ? -1 : above, below])
        if (row >= 0) eased.lifts[row] = (eased.lifts[row] ?? 0) + lift * (lifts[at] ?? 0);
      above = above >= 0 ? (child[above] ?? -1) : -1;
      below = below >= 0 ? (parentA[below] ?? -1) : -1;
    }
  });
  return eased;
}

/** A bend of the yarn: place, depth, and the yarn of its stitch. */
type Bend = readonly [x: number, y: number, z: number, loops: number];

/** A point on a smooth curve from `b` to `c` (Catmull-Rom), `t` from 0 to 1. */
function between(a: number, b: number, c: number, d: number, t: number): number {
  const bent = 2 * a - 5 * b + 4 * c - d;
  return 0.5 * (2 * b + (c - a) * t + bent * t * t + (3 * b - a - 3 * c + d) * t * t * t);
}

/** Following is little beside relaxing: its progress is that all is relaxed. */
const ALL_RELAXED: Progress = { step: 0, force: 0, share: 1 };

/** Rows that are followed between two breaths. */
const ROWS_A_STEP = 8;

/**
 * Follows the yarn through a panel that lies as `lying` says, step by step.
 * Example: 8 stitches by 4 rows, drawn twice up in 2 pieces a bend, are 1024 pieces less those beyond the
 * ends of the rows.
 */
export function* followingYarn(
  panel: Panel,
  mesh: Mesh,
  lying: Lying,
  options: PathOptions,
): Generator<Progress, YarnPath> {
  const { rows, columns, faces, parentA, parentB } = mesh;
  const { heights } = lying;
  const { x, lifts } = leaning(mesh, lying.x, liftsOfPanel(panel));
  const furthest = lying.x.reduce((most, place) => Math.max(most, place), -Infinity);
  const nearest = lying.x.reduce((least, place) => Math.min(least, place), Infinity);
  const repeatHeight = heights.reduce((sum, height) => sum + height, 0);
  const width = furthest - nearest + 2 * PATH_MARGIN;
  // Columns count from the right, the drawing from the left.
  const across = (place: number) => width - PATH_MARGIN - (place - nearest);

  /** The bends of a row whose base lies at height 0. */
  const bendsOfRow = (row: number): Bend[] => {
    const here = row * columns;
    const height = heights[row] ?? 0;
    const baseOf = (column: number) => {
      const [a, b] = [parentA[here + column] ?? -1, parentB[here + column] ?? -1];
      return a < 0 ? (x[here + column] ?? 0) : ((x[a] ?? 0) + (x[b] ?? 0)) / 2;
    };
    const reach = (column: number, other: number) => {
      const gap = Math.abs((x[here + other] ?? NaN) - (x[here + column] ?? 0));
      const wide = other < 0 || other >= columns ? 1 : gap;
      return Math.max(LEAST_SHOULDER, SHOULDER * Math.min(1, wide));
    };
    return Array.from({ length: columns }, (_, column): Bend[] => {
      const loops = options.yarn[here + column] ?? 1;
      const front = faces[here + column] === 1 ? 1 : -1;
      const lift = lifts[here + column] ?? 0;
      const depth = front * FACE_DEPTH;
      const [head, base] = [x[here + column] ?? 0, baseOf(column)];
      const next = column + 1 < columns ? baseOf(column + 1) : base + 1;
      const beside = here + Math.min(columns - 1, column + 1);
      const ahead = faces[beside] === 1 ? 1 : -1;
      const lifted = (Math.abs(lift) + Math.abs(lifts[beside] ?? 0)) / 2;
      const side = (sign: 1 | -1): Bend[] => {
        const shoulder = head + sign * reach(column, column + sign);
        const foot = base + sign * FOOT;
        return [
          [foot, FEET * height, depth + 0.6 * lift, loops],
          [(foot + shoulder) / 2, height / 2, depth + front * LEG_DEPTH + lift, loops],
          [shoulder, 1.06 * height, depth + front * 0.15 + 0.6 * lift, loops],
        ];
      };
      const bend: Bend = [
        (base + next) / 2,
        BEND * height,
        ((front + ahead) / 2) * (FACE_DEPTH - LEG_DEPTH) - 0.5 * lifted,
        loops,
      ];
      return [
        ...side(-1),
        [head, (1 + TOP) * height, depth - front * LEG_DEPTH + 0.3 * lift, loops],
        ...side(1).reverse(),
        bend,
      ];
    }).flat();
  };

  const bendsEach = 8 * columns;
  // A smooth curve needs a bend before its start and another behind its end.
  const pieces = new Float32Array(rows * options.up * (bendsEach - 3) * options.pieces * NUMBERS_EACH);
  const bendsOf: Bend[][] = [];
  for (let row = 0; row < rows; row += 1) {
    bendsOf.push(bendsOfRow(row));
    if (row % ROWS_A_STEP === 0) yield ALL_RELAXED;
  }
  let [at, floor, place] = [0, PATH_MARGIN, 0];
  for (let row = 0; row < rows * options.up; row += 1) {
    if (row % ROWS_A_STEP === 0) yield ALL_RELAXED;
    const bends = bendsOf[row % rows] ?? [];
    const below = floor;
    floor += heights[row % rows] ?? 0;
    for (let bend = 1; bend + 2 < bends.length; bend += 1) {
      const [a, b, c, d] = bends.slice(bend - 1, bend + 3) as [Bend, Bend, Bend, Bend];
      const on = (axis: 0 | 1 | 2, step: number) =>
        between(a[axis], b[axis], c[axis], d[axis], step / options.pieces);
      for (let step = 0; step < options.pieces; step += 1) {
        const [x0, y0] = [across(on(0, step)), below + on(1, step)];
        const [x1, y1] = [across(on(0, step + 1)), below + on(1, step + 1)];
        pieces.set([x0, y0, on(2, step), x1, y1, on(2, step + 1), place, b[3]], at);
        place += Math.hypot(x1 - x0, y1 - y0);
        at += NUMBERS_EACH;
      }
    }
  }
  return { pieces, width, height: repeatHeight * options.up + 2 * PATH_MARGIN };
}
