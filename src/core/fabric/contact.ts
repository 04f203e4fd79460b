/**
 * Contact of drawn yarn: lines of points that come nearer than the yarn is thick push one another apart, in passes over
 * all pairs (position-based dynamics, Müller et al. 2007, J. Vis. Commun. Image R. 18, 109). What lies near is found by
 * a grid, and looked for anew every few passes.
 */

/** Numbers of a point: x, y, z. */
export const AXES = 3;

export interface ContactOptions {
  /** Thickness of the yarn, in the unit of the points. */
  readonly diameter: number;
  /** Height after which everything comes again. */
  readonly period: number;
}

const { ceil, floor, hypot, max, min, sqrt } = Math;

const PASSES = 12;
/** So many passes are made over the same pairs: those that are nearer than so many diameters when they are found. */
const FOUND_EVERY = 12;
const FOUND_WITHIN = 1.4;
/** Share of what is too near that a pass takes away, half of it at either end. */
const PUSH = 0.2;
/** Yarn touches itself at bends: points nearer than this along it, in diameters, are one bend. */
const BEND = 1.8;
/** Share by which a pass draws each point between its neighbours: yarn is stiff. */
const STIFF = 0.05;

const modulo = (value: number, by: number) => ((value % by) + by) % by;

/** Points of all lines one after the other, which line each is of, and how many of them make up a bend. */
interface Cloth {
  readonly points: Float64Array;
  readonly lineOf: Int32Array;
  readonly bend: number;
}

function clothOf(lines: readonly Float64Array[], diameter: number): Cloth {
  const points = new Float64Array(lines.reduce((sum, line) => sum + line.length, 0));
  const lineOf = new Int32Array(points.length / AXES);
  let [at, length] = [0, 0];
  lines.forEach((line, index) => {
    points.set(line, at);
    lineOf.fill(index, at / AXES, (at + line.length) / AXES);
    at += line.length;
    for (let next = AXES; next < line.length; next += AXES)
      length += hypot(
        (line[next] ?? 0) - (line[next - AXES] ?? 0),
        (line[next + 1] ?? 0) - (line[next - 2] ?? 0),
        (line[next + 2] ?? 0) - (line[next - 1] ?? 0),
      );
  });
  return { points, lineOf, bend: ceil((BEND * diameter * lineOf.length) / max(length, 1e-9)) };
}

/** Points by the cells of a grid, in the order of the cells; cells go round from the top to the bottom. */
function gridOf({ points }: Cloth, cell: number, period: number) {
  const count = points.length / AXES;
  let [left, right, back, front] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let at = 0; at < points.length; at += AXES) {
    [left, right] = [min(left, points[at] ?? 0), max(right, points[at] ?? 0)];
    [back, front] = [min(back, points[at + 2] ?? 0), max(front, points[at + 2] ?? 0)];
  }
  const [wide, deep] = [floor((right - left) / cell) + 1, floor((front - back) / cell) + 1];
  const high = max(1, floor(period / cell));
  const cellOf = new Int32Array(count);
  const starts = new Int32Array(wide * high * deep + 1);
  for (let point = 0; point < count; point += 1) {
    const at = point * AXES;
    const x = floor(((points[at] ?? 0) - left) / cell);
    const y = min(high - 1, floor((modulo(points[at + 1] ?? 0, period) * high) / period));
    const z = floor(((points[at + 2] ?? 0) - back) / cell);
    const place = (x * high + y) * deep + z;
    cellOf[point] = place;
    starts[place + 1] = (starts[place + 1] ?? 0) + 1;
  }
  for (let place = 1; place < starts.length; place += 1)
    starts[place] = (starts[place] ?? 0) + (starts[place - 1] ?? 0);
  const filled = starts.slice();
  const sorted = new Int32Array(count);
  for (let point = 0; point < count; point += 1) {
    const place = cellOf[point] ?? 0;
    sorted[filled[place] ?? 0] = point;
    filled[place] = (filled[place] ?? 0) + 1;
  }
  return { wide, high, deep, cellOf, starts, sorted };
}

/** All pairs of points that are nearer than `within`, but for those of one bend: two numbers each. */
function pairsOf(cloth: Cloth, { period }: ContactOptions, within: number): Int32Array {
  const { points, lineOf, bend } = cloth;
  const { wide, high, deep, cellOf, starts, sorted } = gridOf(cloth, within, period);
  let pairs = new Int32Array(1 << 16);
  let count = 0;
  const ups = high < 3 ? [...Array(high).keys()] : [-1, 0, 1];
  for (let one = 0; one < lineOf.length; one += 1) {
    const place = cellOf[one] ?? 0;
    const [x, y, z] = [floor(place / (high * deep)), floor(place / deep) % high, place % deep];
    for (let nx = max(0, x - 1); nx <= min(wide - 1, x + 1); nx += 1)
      for (const up of ups) {
        const ny = high < 3 ? up : modulo(y + up, high);
        const row = (nx * high + ny) * deep;
        const to = starts[row + min(deep - 1, z + 1) + 1] ?? 0;
        for (let at = starts[row + max(0, z - 1)] ?? 0; at < to; at += 1) {
          const other = sorted[at] ?? 0;
          if (other <= one || (lineOf[one] === lineOf[other] && other - one < bend)) continue;
          const dx = (points[other * AXES] ?? 0) - (points[one * AXES] ?? 0);
          const dz = (points[other * AXES + 2] ?? 0) - (points[one * AXES + 2] ?? 0);
          const dy =
            modulo((points[other * AXES + 1] ?? 0) - (points[one * AXES + 1] ?? 0) + period / 2, period) -
            period / 2;
          if (dx * dx + dy * dy + dz * dz >= within * within) continue;
          if (count + 2 > pairs.length) {
            const more = new Int32Array(2 * pairs.length);
            more.set(pairs);
            pairs = more;
          }
          pairs[count] = one;
          pairs[count + 1] = other;
          count += 2;
        }
      }
  }
  return pairs.subarray(0, count);
}

/** One pass over pairs: whatever is too near goes apart, each at once, so that the next one meets it where it is. */
function push(points: Float64Array, pairs: Int32Array, { diameter, period }: ContactOptions) {
  for (let pair = 0; pair < pairs.length; pair += 2) {
    const [a, b] = [(pairs[pair] ?? 0) * AXES, (pairs[pair + 1] ?? 0) * AXES];
    const x = (points[b] ?? 0) - (points[a] ?? 0);
    let y = (points[b + 1] ?? 0) - (points[a + 1] ?? 0);
    if (y > period / 2 || y < -period / 2) y = modulo(y + period / 2, period) - period / 2;
    const z = (points[b + 2] ?? 0) - (points[a + 2] ?? 0);
    const squared = x * x + y * y + z * z;
    if (squared >= diameter * diameter) continue;
    const far = sqrt(squared);
    // Where two lie in the very same place, the later one comes before the other.
    const by = far > 1e-6 ? (PUSH * (diameter - far)) / (2 * far) : 0;
    points[a] = (points[a] ?? 0) - by * x;
    points[a + 1] = (points[a + 1] ?? 0) - by * y;
    points[a + 2] = (points[a + 2] ?? 0) - (by > 0 ? by * z : (PUSH * diameter) / 2);
    points[b] = (points[b] ?? 0) + by * x;
    points[b + 1] = (points[b + 1] ?? 0) + by * y;
    points[b + 2] = (points[b + 2] ?? 0) + (by > 0 ? by * z : (PUSH * diameter) / 2);
  }
}

/** Draws each point of a line between its neighbours by a share of either, in place; its ends stay. */
export function drawTogether(line: Float64Array, share: number) {
  const before = line.slice();
  for (let at = AXES; at < line.length - AXES; at += 1)
    line[at] =
      (1 - 2 * share) * (before[at] ?? 0) + share * ((before[at - AXES] ?? 0) + (before[at + AXES] ?? 0));
}

/**
 * Pushes lines of points apart where they are nearer than the yarn is thick, in place, in steps. Example: two straight
 * yarns that lie in one another come to touch.
 */
export function* pushingApart(
  lines: readonly Float64Array[],
  options: ContactOptions,
): Generator<void, void> {
  const cloth = clothOf(lines, options.diameter);
  let at = 0;
  const moved = lines.map((line) => cloth.points.subarray(at, (at += line.length)));
  let pairs: Int32Array = new Int32Array();
  for (let pass = 0; pass < PASSES; pass += 1) {
    if (pass % FOUND_EVERY === 0) pairs = pairsOf(cloth, options, FOUND_WITHIN * options.diameter);
    push(cloth.points, pairs, options);
    for (const line of moved) drawTogether(line, STIFF / 2);
    yield;
  }
  for (const [index, line] of lines.entries()) line.set(moved[index] ?? line);
}
