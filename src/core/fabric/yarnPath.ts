/**
 * The path of the yarn through a relaxed panel, for drawing: each stitch a loop drawn through the one below, laid on the
 * wale that it belongs to. Lengths in plain stitch widths, x to the right and y up as the right side is looked at, z
 * towards the eye.
 */
import { unitsOf, type Panel } from "../panels/panel";
import { drawTogether, pushingApart } from "./contact";
import { loopAt, THICKEST } from "./loopShape";
import type { Mesh } from "./mesh";
import { AXES } from "./near";
import { between, type Steps } from "../steps";
import { ballPoints, liftedOf, liftedPoints, raisedOf } from "./raised";
import { walesOf } from "./wales";

/** Numbers of one piece of yarn: x, y, z at its start, x, y, z at its end, its place on the strand, its loops. */
export const NUMBERS_EACH = 8;

export interface YarnPath {
  /** Straight pieces of yarn, `NUMBERS_EACH` numbers each, in the order in which they are knitted. */
  readonly pieces: Float32Array;
  /** The stitch of the panel that each piece is of: its row from the bottom times the columns, and its column. */
  readonly stitches: Uint32Array;
  readonly width: number;
  readonly height: number;
}

/** Where a relaxed panel puts its stitches. */
interface Lying {
  readonly x: Float64Array;
  readonly heights: Float64Array;
}

/** Pieces of a loop that is drawn finely, and of one that is so small that straighter yarn looks the same. */
export const FINE = 16;
export const COARSE = 8;

export interface PathOptions {
  /** How often the rows are drawn on top of one another. */
  readonly up: number;
  /** Straight pieces of yarn in a loop. */
  readonly pieces: number;
  /** Yarn of each stitch, in plain loops. */
  readonly yarn: Float64Array;
  /** Passes in which yarn that would lie in other yarn is pushed out of it: small drawings do not show it. */
  readonly passes: number;
}

const { abs, cos, hypot, max, min, PI } = Math;

/** How far knit columns stand before purl ones; and purl rows before knit ones, whose heads roll forward. */
const FORWARD = 0.143;
const RIDGE = 0.16;
/** A yarn over hangs down so much less than a loop that is drawn through another. */
const OVER = 0.1;
/** Behind a stitch that is slipped, or before it, the yarn passes so deep. */
const PASSES = 0.34;
/** Stitches that are crowded keep some of their bulge, and those that are stretched take no more. */
const WIDTHS = [0.5, 1.15] as const;
/** How near the middles of two yarns come: yarn is soft, and gives way by nearly a fifth where it is pressed. */
const PRESSED = 0.82 * THICKEST;
/** From the middle of the outermost stitches to the edge of the drawing; half a stitch of it is fabric. */
export const PATH_MARGIN = 0.6;
/** From the edge of the drawing to the edge of the fabric. */
export const FREE_MARGIN = PATH_MARGIN - 0.5;

/** So far over its last row a drawing may reach. */
const TOP = 0.3;
/** The lowest and the highest that the yarn of a drawing lies: what reaches into a row that is not drawn ends there. */
export const reachOf = (height: number) => [THICKEST / 2, height - PATH_MARGIN + TOP] as const;
/** About a yarn over the stitches stand aside so far, those that are nearer than this: it is a hole. */
const ASIDE = 0.26;
const NEAR = 1.3;
/** Where a wale goes over to the right by so much in a row its loops do not lean: they would stand open. */
const STEEP = 0.5;
/** A loop of more yarn than a plain one stands so many times deeper by that share, and no more than this counts. */
const DEEPER = 8;
const MOST_MORE = 0.15;
/** A loop is drawn no longer than this, however often it is slipped. */
const MOST_REACH = 4;

/** Following takes about such a share of the time where yarn is pushed out of yarn, and laying it down the rest. */
const FOLLOWED = 0.1;
const PUSHED = 0.9;

/** Rows that are followed between two breaths. */
const ROWS_A_STEP = 8;

/** How far each stitch is another one than those over and under it in its wale: 0, a half or 1. */
function ridges(faces: Uint8Array, parents: Int32Array): Float64Array {
  const ridged = new Float64Array(faces.length);
  parents.forEach((parent, at) => {
    if (parent < 0 || faces[parent] === faces[at]) return;
    ridged[at] = (ridged[at] ?? 0) + 0.5;
    ridged[parent] = min(1, (ridged[parent] ?? 0) + 0.5);
  });
  return ridged;
}

/** 1 for each stitch that is slipped: the yarn passes it, and the loop below it reaches up through the row. */
const slippedOf = ({ rows }: Panel): Uint8Array =>
  Uint8Array.from(
    rows.flatMap(unitsOf).flatMap(({ work, uses, leaves }) => {
      const slipped = "operation" in work && uses === 1 && leaves === 1 && work.operation.yarn.loops === 0;
      return Array.from({ length: leaves }, () => (slipped ? 1 : 0));
    }),
  );

/** Places of the stitches, about each yarn over so far aside that its hole is seen. */
function aboutHoles({ parentA, rows, columns }: Mesh, x: Float64Array): Float64Array {
  const aside = x.slice();
  parentA.forEach((parent, at) => {
    if (parent >= 0) return;
    const here = Math.floor(at / columns) * columns;
    const below = (here + (rows - 1) * columns) % (rows * columns);
    for (const row of [here, below])
      for (let other = row; other < row + columns; other += 1) {
        const far = (x[other] ?? 0) - (x[at] ?? 0);
        if (other === at || abs(far) >= NEAR) continue;
        const way = abs(far) < 1e-3 ? 0 : Math.sign(far);
        aside[other] = (aside[other] ?? 0) + way * ASIDE * (1 - abs(far) / NEAR) * 2;
      }
  });
  return aside;
}

/** How much further up each loop reaches, through the rows in which it is slipped. */
function reachesOf({ parentA, rows, columns }: Mesh, slipped: Uint8Array, heights: Float64Array) {
  const reaches = new Float64Array(slipped.length);
  // From the top down; what is slipped at the foot of the repeat goes on from its top.
  for (let time = 0; time < 2; time += 1)
    for (let row = rows - 1; row >= 0; row -= 1)
      for (let at = row * columns; at < (row + 1) * columns; at += 1) {
        const parent = parentA[at] ?? -1;
        if (slipped[at] === 1 && parent >= 0)
          reaches[parent] = min(MOST_REACH, (heights[row] ?? 0) + (reaches[at] ?? 0));
      }
  return reaches;
}

/**
 * Follows the yarn through a panel that lies as `lying` says, step by step.
 * Example: 8 stitches by 4 rows, drawn twice up in 24 pieces a loop, are 1536 pieces.
 */
export function* followingYarn(
  panel: Panel,
  mesh: Mesh,
  lying: Lying,
  options: PathOptions,
): Steps<YarnPath> {
  const { rows, columns, faces, parentA } = mesh;
  const { heights } = lying;
  const { pieces: each, up, yarn } = options;
  const wales = walesOf(panel, mesh, aboutHoles(mesh, lying.x));
  const furthest = lying.x.reduce((most, place) => max(most, place), -Infinity);
  const nearest = lying.x.reduce((least, place) => min(least, place), Infinity);
  const repeatHeight = heights.reduce((sum, height) => sum + height, 0);
  const width = furthest - nearest + 2 * PATH_MARGIN;
  // Columns count from the right, the drawing from the left.
  const across = (place: number) => width - PATH_MARGIN - (place - nearest);
  const ridged = ridges(faces, parentA);
  const slipped = slippedOf(panel);
  const reaches = reachesOf(mesh, slipped, heights);
  const turns = Array.from({ length: each + 1 }, (_, step) => -PI + (2 * PI * step) / each);

  /** Half the way from each stitch of a row to the next, at a height; at the outermost half a stitch. */
  const halvesOf = (here: number, height: number) => {
    const places = Array.from({ length: columns }, (_, column) => wales.placeAt(here + column, height));
    return Array.from({ length: columns + 1 }, (_, edge) =>
      edge === 0 || edge === columns ? 0.5 : ((places[edge] ?? 0) - (places[edge - 1] ?? 0)) / 2,
    );
  };

  /** The points of a row whose middle lies at height 0. */
  const pointsOfRow = (row: number): Float64Array => {
    const here = row * columns;
    const high = ((heights[row] ?? 0) + (heights[(row + 1) % rows] ?? 0)) / 2;
    const [heads, feet] = [halvesOf(here, 0.25), halvesOf(here, -0.5)];
    const points = new Float64Array((columns * each + 1) * AXES);
    for (let column = 0; column < columns; column += 1) {
      const front = faces[here + column] === 1 ? 1 : -1;
      const parents = parentA[here + column] ?? -1;
      const ridge = ridged[here + column] ?? 0;
      const stands = front * ((1 - ridge) * FORWARD - ridge * RIDGE);
      const [left, right] = [heads[column] ?? 0.5, heads[column + 1] ?? 0.5];
      const wide = min(WIDTHS[1], max(WIDTHS[0], left + right));
      const reach = reaches[here + column] ?? 0;
      const slope = wales.placeAt(here + column, 0.5) - wales.placeAt(here + column, -0.5);
      const leans = max(0, min(1, 1 + slope / STEEP));
      const deeper = 1 + DEEPER * min(MOST_MORE, max(0, (yarn[here + column] ?? 1) - 1));
      for (let step = 0; step <= each; step += 1) {
        const turn = turns[step] ?? 0;
        const at = (column * each + step) * AXES;
        if (slipped[here + column] === 1) {
          // From the feet of one neighbour to those of the other, on the side where no purl is to be seen.
          points[at] =
            wales.placeAt(here + column, -0.5) + (turn / PI) * (heads[turn < 0 ? column : column + 1] ?? 0.5);
          points[at + 1] = high * loopAt(PI, front).up;
          points[at + 2] = -front * PASSES;
          continue;
        }
        const height = cos(turn) / 2;
        const loop = loopAt(turn, front, leans);
        // Between the feet of two loops the yarn runs from where the one stands to where the other does.
        const low = max(0, abs(turn) / PI - 0.5) * 2;
        const ends = turn < 0 ? column : column + 1;
        const half = (1 - low) * (heads[ends] ?? 0.5) + low * (feet[ends] ?? 0.5);
        points[at] = wales.placeAt(here + column, height) + (turn / PI) * half + wide * loop.across;
        // What is laid over the needle comes out of no loop, and leaves a hole below it.
        points[at + 1] =
          high * (loop.up * (parents < 0 && height < 0 ? OVER : 1) + loop.leansUp) +
          reach * (height + 0.5) ** 2;
        points[at + 2] = stands + loop.out * deeper + wales.liftAt(here + column, height);
      }
    }
    const share = min(0.25, (0.8 * each) / 96);
    // Yarn does not turn on the spot from wale to wale.
    for (let time = 0; time < 2; time += 1) drawTogether(points, share);
    return points;
  };

  const pointsOf: Float64Array[] = [];
  const middles = middlesOf(heights);
  for (let row = 0; row < rows; row += 1) {
    const points = pointsOfRow(row);
    for (let at = 1; at < points.length; at += AXES) points[at] = (points[at] ?? 0) + (middles[row] ?? 0);
    pointsOf.push(points);
    if (row % ROWS_A_STEP === 0) yield { share: (FOLLOWED * row) / rows };
  }
  const balls = [
    ...raisedOf(panel).map((raised) => ({ ...raised, points: ballPoints(raised.loops) })),
    ...liftedOf(panel).map((lifted) => ({ ...lifted, points: liftedPoints() })),
  ];
  for (const { row, column, points } of balls)
    for (let at = 0; at < points.length; at += AXES) {
      points[at] = (points[at] ?? 0) + wales.placeAt(row * columns + column, 0);
      points[at + 1] = (points[at + 1] ?? 0) + (middles[row] ?? 0);
    }
  if (options.passes > 0) {
    const all = [...pointsOf, ...balls.map(({ points }) => points)];
    yield* between(
      FOLLOWED,
      PUSHED,
      pushingApart(all, { diameter: PRESSED, period: repeatHeight }, options.passes),
    );
  }
  const ofBalls = balls.reduce((sum, { points }) => sum + points.length / AXES - 1, 0);
  const pieces = new Float32Array(up * (rows * columns * each + ofBalls) * NUMBERS_EACH);
  const stitches = new Uint32Array(pieces.length / NUMBERS_EACH);
  let [at, place] = [0, 0];
  const height = repeatHeight * up + 2 * PATH_MARGIN;
  const [foot, top] = reachOf(height);
  const within = (y = 0, dy: number) => max(foot, min(top, y + dy));
  /** Lays a line of points down as pieces, so much further up. */
  const lay = (
    points: Float64Array,
    dy: number,
    stitchOf: (piece: number) => number,
    loops: number | null = null,
  ) => {
    for (let piece = 0; (piece + 1) * AXES < points.length; piece += 1) {
      const from = piece * AXES;
      const [x0, y0, z0] = [across(points[from] ?? 0), within(points[from + 1], dy), points[from + 2] ?? 0];
      const [x1, y1, z1] = [
        across(points[from + 3] ?? 0),
        within(points[from + 4], dy),
        points[from + 5] ?? 0,
      ];
      const stitch = stitchOf(piece);
      pieces.set([x0, y0, z0, x1, y1, z1, place, loops ?? yarn[stitch] ?? 1], at);
      stitches[at / NUMBERS_EACH] = stitch;
      place += hypot(x1 - x0, y1 - y0);
      at += NUMBERS_EACH;
    }
  };
  const floorOf = (repeat: number) => PATH_MARGIN + repeat * repeatHeight;
  for (let row = 0; row < rows * up; row += 1) {
    if (row % ROWS_A_STEP === 0) yield { share: PUSHED + ((1 - PUSHED) * row) / (rows * up) };
    const here = (row % rows) * columns;
    lay(
      pointsOf[row % rows] ?? new Float64Array(),
      floorOf(Math.floor(row / rows)),
      (piece) => here + Math.floor(piece / each),
    );
  }
  for (let repeat = 0; repeat < up; repeat += 1)
    for (const { row, column, loops, points } of balls)
      lay(points, floorOf(repeat), () => row * columns + column, loops);
  return { pieces, stitches, width, height };
}

/** Heights of the middles of rows over the foot of the first. */
function middlesOf(heights: Float64Array): readonly number[] {
  let base = 0;
  return Array.from(heights, (high) => {
    base += high;
    return base - high / 2;
  });
}
