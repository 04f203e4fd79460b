/**
 * Contact of drawn yarn: straight pieces of it that come nearer than the yarn is thick push one another apart
 * (position-based dynamics, Müller et al. 2007, J. Vis. Commun. Image R. 18, 109). In each pass every point moves by the
 * mean of what its contacts want, so that what is alike is pushed alike, and passes gain on one another by Chebyshev's
 * weights (Wang 2015, ACM Trans. Graph. 34, 246).
 */
import type { Steps } from "../steps";
import { AXES, clothOf, pairsOf, shortWay, type ContactOptions } from "./near";

const { floor, sqrt } = Math;

/** In so many passes nothing is too near any more; after so few of them what is seen from afar is as it will be. */
export const ALL_PASSES = 80;
export const FEW_PASSES = 12;

/** It is done when nothing is nearer than so many diameters. */
const NEAR_ENOUGH = 0.985;
/** So many passes are made over the same pairs. */
const FOUND_EVERY = 15;
/** How easily yarn moves in the plane of the fabric, where its stitches hold it, beside how easily it moves in depth. */
const ASIDE = 0.4;
/** Yarn is stiff: each pass hands on such a share of what it moved to either side along the yarn, less and less. */
const STIFF = 0.25;
const STIFF_FOR = 0.75;
/** Passes go further than their contacts want, and gain on one another from such a pass on. */
const FURTHER = 1.5;
const GAIN = 0.965;
const GAINS_FROM = 6;

/** What a pass wants of the points: where to, and by how many contacts each is moved. */
interface Wishes {
  readonly moves: Float64Array;
  readonly counts: Float64Array;
}

/**
 * Gathers what all pairs that are too near want of the points; how near the nearest two are, at most a diameter. The
 * nearest points of two pieces as in C. Ericson, "Real-Time Collision Detection" (2005), 5.1.9.
 */
function wish(
  points: Float64Array,
  pairs: Int32Array,
  { diameter, period }: ContactOptions,
  { moves, counts }: Wishes,
): number {
  moves.fill(0);
  counts.fill(0);
  let nearest = diameter * diameter;
  for (let pair = 0; pair < pairs.length; pair += 2) {
    const [p, q] = [pairs[pair]!, pairs[pair + 1]!];
    const px = points[p + 3]! - points[p]!;
    const py = points[p + 4]! - points[p + 1]!;
    const pz = points[p + 5]! - points[p + 2]!;
    const qx = points[q + 3]! - points[q]!;
    const qy = points[q + 4]! - points[q + 1]!;
    const qz = points[q + 5]! - points[q + 2]!;
    const rx = points[p]! - points[q]!;
    const ry = shortWay(points[p + 1]! - points[q + 1]!, period);
    const rz = points[p + 2]! - points[q + 2]!;
    const [pp, qq, pq] = [
      px * px + py * py + pz * pz,
      qx * qx + qy * qy + qz * qz,
      px * qx + py * qy + pz * qz,
    ];
    const [pr, qr] = [px * rx + py * ry + pz * rz, qx * rx + qy * ry + qz * rz];
    const square = pp * qq - pq * pq;
    // Where on the one, and on the other, they are nearest: 0 at its beginning, 1 at its end.
    let s = square > 1e-12 ? (pq * qr - pr * qq) / square : 0.5;
    s = s < 0 ? 0 : s > 1 ? 1 : s;
    let t = qq > 1e-12 ? (pq * s + qr) / qq : 0;
    if (t < 0 || t > 1) {
      t = t < 0 ? 0 : 1;
      s = pp > 1e-12 ? (pq * t - pr) / pp : 0;
      s = s < 0 ? 0 : s > 1 ? 1 : s;
    }
    const x = rx + s * px - t * qx;
    const y = ry + s * py - t * qy;
    const z = rz + s * pz - t * qz;
    const squared = x * x + y * y + z * z;
    if (squared >= diameter * diameter) continue;
    if (squared < nearest) nearest = squared;
    const far = sqrt(squared);
    // Where two lie in the very same place, the later one comes before the other.
    const [nx, ny, nz] = far > 1e-6 ? [x / far, y / far, z / far] : [0, 0, -1];
    const easy = ASIDE * (nx * nx + ny * ny) + nz * nz;
    const [p0, q0] = [1 - s, 1 - t];
    const by = (diameter - far) / (easy * (p0 * p0 + s * s + q0 * q0 + t * t));
    const [mx, my, mz] = [by * ASIDE * nx, by * ASIDE * ny, by * nz];
    moves[p]! += p0 * mx;
    moves[p + 1]! += p0 * my;
    moves[p + 2]! += p0 * mz;
    moves[p + 3]! += s * mx;
    moves[p + 4]! += s * my;
    moves[p + 5]! += s * mz;
    moves[q]! -= q0 * mx;
    moves[q + 1]! -= q0 * my;
    moves[q + 2]! -= q0 * mz;
    moves[q + 3]! -= t * mx;
    moves[q + 4]! -= t * my;
    moves[q + 5]! -= t * mz;
    counts[p / AXES]! += p0;
    counts[p / AXES + 1]! += s;
    counts[q / AXES]! += q0;
    counts[q / AXES + 1]! += t;
  }
  return sqrt(nearest);
}

/** Draws each point of a line between its neighbours by a share of either, in place; its ends stay. */
export function drawTogether(line: Float64Array, share: number) {
  const before = line.slice();
  for (let at = AXES; at < line.length - AXES; at += 1)
    line[at] = (1 - 2 * share) * before[at]! + share * (before[at - AXES]! + before[at + AXES]!);
}

/**
 * Pushes lines of points apart where they are nearer than the yarn is thick, in place, in steps, in at most so many
 * passes. Example: two straight yarns that lie in one another come to touch.
 */
export function* pushingApart(
  lines: readonly Float64Array[],
  options: ContactOptions,
  passes = ALL_PASSES,
): Steps<void> {
  const cloth = clothOf(lines);
  const { points } = cloth;
  const rest = points.slice();
  /** How far each point is from where it was at rest, line by line. */
  const moved = new Float64Array(points.length);
  const wishes: Wishes = {
    moves: new Float64Array(points.length),
    counts: new Float64Array(points.length / AXES),
  };
  let before = points.slice();
  let pairs: Int32Array = new Int32Array();
  let weight = 1;
  for (let pass = 0; pass < passes; pass += 1) {
    const found = pass % FOUND_EVERY === 0;
    if (found) pairs = pairsOf(cloth, options);
    const nearest = wish(points, pairs, options, wishes);
    if (nearest >= NEAR_ENOUGH * options.diameter) {
      if (found) break;
      // Others may have come near since pairs were found.
      pairs = pairsOf(cloth, options);
      if (wish(points, pairs, options, wishes) >= NEAR_ENOUGH * options.diameter) break;
    }
    if (pass === GAINS_FROM) weight = 2 / (2 - GAIN ** 2);
    else if (pass > GAINS_FROM) weight = 4 / (4 - GAIN ** 2 * weight);
    const here = points.slice();
    for (let at = 0; at < points.length; at += 1) {
      const many = wishes.counts[floor(at / AXES)]!;
      const by = (FURTHER * wishes.moves[at]!) / (many > 1 ? many : 1);
      points[at] = before[at]! + weight * (here[at]! + by - before[at]!);
    }
    before = here;
    const stiff = STIFF * (1 - pass / (STIFF_FOR * passes));
    if (stiff > 0) {
      for (let at = 0; at < points.length; at += 1) moved[at] = points[at]! - rest[at]!;
      let from = 0;
      for (const line of lines) drawTogether(moved.subarray(from, (from += line.length)), stiff);
      for (let at = 0; at < points.length; at += 1) points[at] = rest[at]! + moved[at]!;
    }
    yield { share: (pass + 1) / passes };
  }
  let from = 0;
  for (const line of lines) line.set(points.subarray(from, (from += line.length)));
}
