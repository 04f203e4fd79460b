/** Which pieces of drawn yarn lie near one another: found by a grid, whose cells go round from the top to the bottom. */

/** Numbers of a point: x, y, z. */
export const AXES = 3;

/** Yarn as it touches. */
export interface ContactOptions {
  /** Thickness of the yarn, in the unit of the points. */
  readonly diameter: number;
  /** Height after which everything comes again. */
  readonly period: number;
}

const { abs, floor, hypot, max, min } = Math;

/** Pairs are those that are nearer than so many diameters. */
const FOUND_WITHIN = 1.2;
/** Yarn touches itself at bends: pieces nearer than this along it, in diameters, are one bend. */
const BEND = 2;
/** Longer pieces, which are few, may be found late. */
const LONG = 0.3;

const modulo = (value: number, by: number) => ((value % by) + by) % by;

/** How far up it is the short way round. Example: 3 up of a period of 4 are 1 down. */
export const shortWay = (up: number, period: number) =>
  up > period / 2 || up < -period / 2 ? modulo(up + period / 2, period) - period / 2 : up;

/** Points of all lines one after the other, and the pieces between them. */
export interface Cloth {
  readonly points: Float64Array;
  /** Where each piece begins among the numbers of the points; the next point is its end. */
  readonly pieces: Int32Array;
  readonly lineOf: Int32Array;
  /** Where each piece begins along its line, and how long it is. */
  readonly along: Float64Array;
  readonly lengths: Float64Array;
}

/** The cloth of these lines; its points are a copy. Example: two lines of four points have six pieces. */
export function clothOf(lines: readonly Float64Array[]): Cloth {
  const points = new Float64Array(lines.reduce((sum, line) => sum + line.length, 0));
  const count = points.length / AXES - lines.length;
  const [pieces, lineOf] = [new Int32Array(count), new Int32Array(count)];
  const [along, lengths] = [new Float64Array(count), new Float64Array(count)];
  let [at, piece] = [0, 0];
  lines.forEach((line, index) => {
    points.set(line, at);
    let far = 0;
    for (const end = at + line.length - AXES; at < end; at += AXES) {
      const length = hypot(
        points[at + 3]! - points[at]!,
        points[at + 4]! - points[at + 1]!,
        points[at + 5]! - points[at + 2]!,
      );
      pieces[piece] = at;
      lineOf[piece] = index;
      along[piece] = far;
      lengths[piece] = length;
      far += length;
      piece += 1;
    }
    at += AXES;
  });
  return { points, pieces, lineOf, along, lengths };
}

/** Pieces by the cells of a grid, in the order of the cells, and their middles in that order; cells go round upwards. */
function gridOf({ points, pieces }: Cloth, cell: number, period: number) {
  const count = pieces.length;
  let [left, right, back, front] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let at = 0; at < points.length; at += AXES) {
    const [x, z] = [points[at]!, points[at + 2]!];
    if (x < left) left = x;
    if (x > right) right = x;
    if (z < back) back = z;
    if (z > front) front = z;
  }
  const [wide, deep] = [floor((right - left) / cell) + 1, floor((front - back) / cell) + 1];
  const high = max(1, floor(period / cell));
  const cellOf = new Int32Array(count);
  const starts = new Int32Array(wide * high * deep + 1);
  for (let piece = 0; piece < count; piece += 1) {
    const at = pieces[piece]!;
    const x = floor(((points[at]! + points[at + 3]!) / 2 - left) / cell);
    const up = modulo((points[at + 1]! + points[at + 4]!) / 2, period);
    const y = min(high - 1, floor((up * high) / period));
    const z = floor(((points[at + 2]! + points[at + 5]!) / 2 - back) / cell);
    cellOf[piece] = (x * high + y) * deep + z;
    starts[cellOf[piece]! + 1]! += 1;
  }
  for (let place = 1; place < starts.length; place += 1) starts[place]! += starts[place - 1]!;
  const filled = starts.slice();
  const sorted = new Int32Array(count);
  const middles = new Float64Array(count * AXES);
  for (let piece = 0; piece < count; piece += 1) {
    const to = filled[cellOf[piece]!]!;
    filled[cellOf[piece]!] = to + 1;
    sorted[to] = piece;
    const at = pieces[piece]!;
    for (let axis = 0; axis < AXES; axis += 1)
      middles[to * AXES + axis] = (points[at + axis]! + points[at + AXES + axis]!) / 2;
  }
  return { wide, high, deep, cellOf, starts, sorted, middles };
}

/**
 * All pairs of pieces that are nearer than `FOUND_WITHIN` diameters, but for those of one bend: for each of the two,
 * where it begins among the numbers of the points.
 */
export function pairsOf(cloth: Cloth, { diameter, period }: ContactOptions): Int32Array {
  const { pieces, lineOf, along, lengths } = cloth;
  const within = FOUND_WITHIN * diameter;
  const longest = lengths.reduce((most, length) => max(most, length), 0);
  const grid = gridOf(cloth, within + min(longest, LONG), period);
  const { wide, high, deep, cellOf, starts, sorted, middles } = grid;
  let pairs = new Int32Array(1 << 16);
  let count = 0;
  const ups = high < 3 ? [...Array(high).keys()] : [-1, 0, 1];
  for (let place = 0; place < sorted.length; place += 1) {
    const one = sorted[place]!;
    const cell = cellOf[one]!;
    const [column, depth] = [floor(cell / (high * deep)), cell % deep];
    const row = floor(cell / deep) % high;
    const [x, y, z] = [middles[place * AXES]!, middles[place * AXES + 1]!, middles[place * AXES + 2]!];
    for (let across = max(0, column - 1); across <= min(wide - 1, column + 1); across += 1)
      for (const up of ups) {
        const cells = (across * high + (high < 3 ? up : modulo(row + up, high))) * deep;
        const to = starts[cells + min(deep - 1, depth + 1) + 1]!;
        // Each pair is found once, from the one that comes first in the grid.
        for (let at = max(place + 1, starts[cells + max(0, depth - 1)]!); at < to; at += 1) {
          const [dx, dz] = [middles[at * AXES]! - x, middles[at * AXES + 2]! - z];
          const dy = shortWay(middles[at * AXES + 1]! - y, period);
          const other = sorted[at]!;
          const near = within + (lengths[one]! + lengths[other]!) / 2;
          if (dx * dx + dy * dy + dz * dz >= near * near) continue;
          if (lineOf[one] === lineOf[other] && abs(along[other]! - along[one]!) < BEND * diameter) continue;
          if (count + 2 > pairs.length) {
            const more = new Int32Array(2 * pairs.length);
            more.set(pairs);
            pairs = more;
          }
          pairs[count] = pieces[one]!;
          pairs[count + 1] = pieces[other]!;
          count += 2;
        }
      }
  }
  return pairs.subarray(0, count);
}
