/** How far drawn yarn lies in other drawn yarn, by the distances of its straight pieces from one another. */
import { NUMBERS_EACH, reachOf, type YarnPath } from "@/core/fabric/yarnPath";

/** Along a strand pieces nearer than so many diameters are one bend, and touch. */
const BEND = 1.8;

const { abs, hypot, max, min } = Math;
type Point = readonly [number, number, number];
const ORIGIN: Point = [0, 0, 0];

const minus = ([a, b, c]: Point, [d, e, f]: Point): Point => [a - d, b - e, c - f];
const dot = ([a, b, c]: Point, [d, e, f]: Point) => a * d + b * e + c * f;
const share = (value: number) => min(1, max(0, value));

/**
 * The least distance of two straight pieces from one another: of either one's ends from the other and, where they pass
 * one another, of the lines that they lie on (C. Ericson, "Real-Time Collision Detection", 2005, 5.1.9).
 * Example: two pieces that cross at right angles, one before the other by 0.3, are 0.3 apart.
 */
function apart([p0, p1]: readonly [Point, Point], [q0, q1]: readonly [Point, Point]): number {
  const [d1, d2, r] = [minus(p1, p0), minus(q1, q0), minus(p0, q0)];
  const [a, e, f, c, b] = [dot(d1, d1), dot(d2, d2), dot(d2, r), dot(d1, r), dot(d1, d2)];
  const square = a * e - b * b;
  let s = square > 1e-12 ? share((b * f - c * e) / square) : 0;
  let t = e > 1e-12 ? (b * s + f) / e : 0;
  if (t < 0 || t > 1) {
    t = share(t);
    s = a > 1e-12 ? share((b * t - c) / a) : 0;
  }
  const [x, y, z] = [0, 1, 2].map((axis) => (r[axis] ?? 0) + s * (d1[axis] ?? 0) - t * (d2[axis] ?? 0));
  return hypot(x ?? 0, y ?? 0, z ?? 0);
}

export interface InYarn {
  /** The deepest that one piece lies in another, as a share of a diameter. */
  readonly deepest: number;
  /** Where that is: the two pieces. */
  readonly where: readonly [number, number];
}

/** How far the yarn of a path that is so thick lies in itself. What ends at the top or the foot of the drawing is left out. */
export function yarnInYarn({ pieces, height }: YarnPath, diameter: number): InYarn {
  const [foot, top] = reachOf(height);
  const ends = Array.from({ length: pieces.length / NUMBERS_EACH }, (_, piece) => {
    const [x0 = 0, y0 = 0, z0 = 0, x1 = 0, y1 = 0, z1 = 0] = pieces.subarray(piece * NUMBERS_EACH);
    return [
      [x0, y0, z0],
      [x1, y1, z1],
    ] as const;
  });
  const lengths = ends.map(([from, to]) => hypot(...minus(to, from)));
  const longest = lengths.reduce((most, length) => max(most, length), 0);
  const middles = Float64Array.from(
    ends.flatMap(([a, b]) => a.map((value, axis) => (value + (b[axis] ?? 0)) / 2)),
  );
  // Where each piece begins along its strand; a new strand begins where a piece does not follow the one before it.
  const along = new Float64Array(ends.length);
  const strand = new Int32Array(ends.length);
  for (let piece = 1; piece < ends.length; piece += 1) {
    const follows = hypot(...minus(ends[piece - 1]?.[1] ?? ORIGIN, ends[piece]?.[0] ?? ORIGIN)) < 1e-4;
    strand[piece] = (strand[piece - 1] ?? 0) + (follows ? 0 : 1);
    along[piece] = (along[piece - 1] ?? 0) + (lengths[piece - 1] ?? 0);
  }
  const heightOf = (piece: number) => middles[3 * piece + 1] ?? 0;
  const upwards = [...ends.keys()]
    .filter((piece) => ends[piece]?.every(([, y]) => y > foot + 1e-3 && y < top - 1e-3))
    .sort((a, b) => heightOf(a) - heightOf(b));
  let where: readonly [number, number] = [0, 0];
  let least = diameter;
  upwards.forEach((one, place) => {
    const [x, y, z] = [middles[3 * one] ?? 0, heightOf(one), middles[3 * one + 2] ?? 0];
    for (let at = place + 1; at < upwards.length; at += 1) {
      const other = upwards[at] ?? 0;
      if (heightOf(other) - y > diameter + longest) break;
      const reach = diameter + ((lengths[one] ?? 0) + (lengths[other] ?? 0)) / 2;
      const [dx, dz] = [(middles[3 * other] ?? 0) - x, (middles[3 * other + 2] ?? 0) - z];
      if (dx * dx + dz * dz >= reach * reach) continue;
      const bend = BEND * diameter + ((lengths[one] ?? 0) + (lengths[other] ?? 0)) / 2;
      if (strand[one] === strand[other] && abs((along[one] ?? 0) - (along[other] ?? 0)) < bend) continue;
      const [mine, theirs] = [ends[one], ends[other]];
      const distance = mine && theirs ? apart(mine, theirs) : diameter;
      if (distance < least) [least, where] = [distance, [one, other]];
    }
  });
  return { deepest: 1 - least / diameter, where };
}
