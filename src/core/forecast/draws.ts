/** Drawn projects: standard normal columns from a seed, the same for every project, turned into what a belief says. */
import { cholesky } from "../belief/gaussian";
import type { Gaussian } from "../belief/prior";

const DRAWS = 20_000;
const SEED = 20_611;

/** Equal numbers between 0 and 1 on every machine: a counter put through a mixing function (splitmix32). */
export function uniformsFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = state ^ (state >>> 16);
    mixed = Math.imul(mixed, 0x21f0aaad);
    mixed ^= mixed >>> 15;
    mixed = Math.imul(mixed, 0x735a2d97);
    mixed ^= mixed >>> 15;
    return ((mixed >>> 0) + 0.5) / 4294967296;
  };
}

/**
 * Standard normal draws from a seed, after Box and Muller (1958). Every second one is its forerunner turned over,
 * so that their middle is nought exactly. Example: the same seed gives the same draws.
 */
export function normalsFrom(seed: number, count = DRAWS): Float64Array {
  const uniform = uniformsFrom(seed);
  const normals = new Float64Array(count);
  for (let index = 0; index < count; index += 4) {
    const radius = Math.sqrt(-2 * Math.log(uniform()));
    const angle = 2 * Math.PI * uniform();
    const [one, other] = [radius * Math.cos(angle), radius * Math.sin(angle)];
    normals[index] = one;
    normals[index + 1] = -one;
    normals[index + 2] = other;
    normals[index + 3] = -other;
  }
  return normals;
}

const columns: Float64Array[] = [];

/** The draws of the axis with this number. Made once: no two axes share theirs. */
function column(axis: number): Float64Array {
  const made = columns[axis] ?? normalsFrom(SEED + 7919 * axis);
  columns[axis] = made;
  return made;
}

/** A belief's deviations about its mean, drawn: one array for each axis, in the order of the axes. */
export function drawsOf({ axes, covariance }: Gaussian): readonly Float64Array[] {
  const size = axes.length;
  const root = cholesky(covariance, size);
  return axes.map((_, row) => {
    const drawn = new Float64Array(DRAWS);
    for (let axis = 0; axis <= row; axis += 1) {
      const by = root[row * size + axis] ?? 0;
      if (Math.abs(by) < 1e-12) continue;
      const normals = column(axis);
      for (let draw = 0; draw < DRAWS; draw += 1)
        drawn[draw] = (drawn[draw] ?? 0) + by * (normals[draw] ?? 0);
    }
    return drawn;
  });
}
