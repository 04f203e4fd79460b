/** The energy of a mesh, its slope, and its curvature. Convex, so that there is one answer. */
import type { Mesh } from "./mesh";
import { DEPTH } from "../stitches/crossings";

/** Where the stitches are: `x` of each, then the height of each row gap, in one array. */
export type State = Float64Array;

/** Stiffness of neighbours, of neighbours pressed together, of crossing legs, of stitches on their parents, of heights. */
const NEIGHBOUR = 1;
const PRESSED = 40;
const LEG = 2;
const UPRIGHT = 0.3;
const HEIGHT = 3;

export const sizeOf = ({ rows, columns }: Mesh) => rows * columns + rows;

/**
 * Energy of a state; its slope is written into `slope`. Nothing is allocated.
 * Example: plain fabric at x = 0, 1, 2 … and heights of the plain row has energy 0.
 */
export function energyAndSlope(mesh: Mesh, state: State, slope: Float64Array): number {
  const { rows, columns, parentA, parentB, legRest, restWidth, leastWidth, restHeight } = mesh;
  const stitches = rows * columns;
  slope.fill(0);
  let energy = 0;
  for (let row = 0; row < rows; row += 1) {
    const height = state[stitches + row]!;
    const tall = height - restHeight[row]!;
    // The spread of the heights about their mean only adds a constant.
    energy += 0.5 * HEIGHT * columns * tall * tall;
    let pull = HEIGHT * columns * tall;
    const end = (row + 1) * columns;
    for (let at = row * columns; at < end; at += 1) {
      const x = state[at]!;
      if (at + 1 < end) {
        const wide = state[at + 1]! - x;
        const stretch = wide - restWidth[at]!;
        energy += 0.5 * NEIGHBOUR * stretch * stretch;
        let force = NEIGHBOUR * stretch;
        const pressed = wide - leastWidth[at]!;
        if (pressed < 0) {
          energy += 0.5 * PRESSED * pressed * pressed;
          force += PRESSED * pressed;
        }
        slope[at]! -= force;
        slope[at + 1]! += force;
      }
      const a = parentA[at]!;
      if (a < 0) continue;
      const b = parentB[at]!;
      const aside = x - 0.5 * (state[a]! + state[b]!);
      const rest = legRest[at]!;
      let force = UPRIGHT * aside;
      if (rest === 0) energy += 0.5 * force * aside;
      else {
        const leg = Math.sqrt(aside * aside + height * height + DEPTH * DEPTH);
        const over = leg - rest;
        if (over <= 0) continue;
        energy += 0.5 * LEG * over * over;
        const tension = (LEG * over) / leg;
        force = tension * aside;
        pull += tension * height;
      }
      slope[at]! += force;
      slope[a]! -= 0.5 * force;
      slope[b]! -= 0.5 * force;
    }
    slope[stitches + row]! += pull;
  }
  return energy;
}

/** Curvature of the energy at a state: the springs as they stand there. */
export interface Curvature {
  /** Between a stitch and the next one of its row; 0 behind the last. */
  readonly beside: Float64Array;
  /** Between a stitch and what it stands on: sideways, sideways with height, and height. */
  readonly upright: Float64Array;
  readonly mixed: Float64Array;
  /** Of each row's height. */
  readonly height: Float64Array;
}

export const noCurvature = ({ rows, columns }: Mesh): Curvature => ({
  beside: new Float64Array(rows * columns),
  upright: new Float64Array(rows * columns),
  mixed: new Float64Array(rows * columns),
  height: new Float64Array(rows),
});

/** Writes the curvature at a state into `curvature`. */
export function curvatureAt(mesh: Mesh, state: State, { beside, upright, mixed, height }: Curvature) {
  const { rows, columns, parentA, parentB, legRest, leastWidth } = mesh;
  const stitches = rows * columns;
  for (let row = 0; row < rows; row += 1) {
    const tall = state[stitches + row]!;
    let stiff = HEIGHT * columns;
    const end = (row + 1) * columns;
    for (let at = row * columns; at < end; at += 1) {
      const x = state[at]!;
      beside[at] =
        at + 1 === end ? 0 : state[at + 1]! - x < leastWidth[at]! ? NEIGHBOUR + PRESSED : NEIGHBOUR;
      const rest = legRest[at]!;
      mixed[at] = 0;
      upright[at] = parentA[at]! < 0 ? 0 : UPRIGHT;
      if (rest === 0) continue;
      const aside = x - 0.5 * (state[parentA[at]!]! + state[parentB[at]!]!);
      const leg = Math.sqrt(aside * aside + tall * tall + DEPTH * DEPTH);
      upright[at] = 0;
      if (leg <= rest) continue;
      const along = (LEG * rest) / (leg * leg * leg);
      const across = LEG * (1 - rest / leg);
      upright[at] = across + along * aside * aside;
      mixed[at] = along * aside * tall;
      stiff += across + along * tall * tall;
    }
    height[row] = stiff;
  }
}

/** Writes curvature times `direction` into `product`. */
export function curve(
  { rows, columns, parentA, parentB }: Mesh,
  { beside, upright, mixed, height }: Curvature,
  direction: Float64Array,
  product: Float64Array,
) {
  const stitches = rows * columns;
  product.fill(0);
  for (let row = 0; row < rows; row += 1) {
    const tall = direction[stitches + row]!;
    let pull = height[row]! * tall;
    const end = (row + 1) * columns;
    for (let at = row * columns; at < end; at += 1) {
      const x = direction[at]!;
      if (at + 1 < end) {
        const force = beside[at]! * (direction[at + 1]! - x);
        product[at]! -= force;
        product[at + 1]! += force;
      }
      const a = parentA[at]!;
      if (a < 0) continue;
      const b = parentB[at]!;
      const aside = x - 0.5 * (direction[a]! + direction[b]!);
      const cross = mixed[at]!;
      const force = upright[at]! * aside + cross * tall;
      pull += cross * aside;
      product[at]! += force;
      product[a]! -= 0.5 * force;
      product[b]! -= 0.5 * force;
    }
    product[stitches + row]! += pull;
  }
}
