/** Finds the state of least energy: Newton's steps, each by conjugate gradients, with a search along it. */
import {
  curvatureAt,
  curve,
  energyAndSlope,
  noCurvature,
  sizeOf,
  type Curvature,
  type State,
} from "./energy";
import { applyLines, factor, linesFor, type Lines } from "./lines";
import type { Mesh } from "./mesh";

/** Solved where no stitch is pulled with more than this force (a stitch stretched by its width pulls with 1). */
export const TOLERANCE = 1e-7;
const MOST_STEPS = 60;
const MOST_INNER = 400;
const MOST_HALVINGS = 30;
/** Share of the slope's promise that a step has to keep. */
const ENOUGH = 1e-4;
/** Room for rounding in a comparison of energies. */
const ROUNDING = 1e-14;

export interface Solution {
  readonly state: State;
  readonly energy: number;
  /** Largest force left on any stitch. */
  readonly force: number;
  readonly converged: boolean;
  /** Energies taken with their slope, and products with the curvature. */
  readonly evaluations: number;
  readonly products: number;
}

/** How far the solver is: steps taken, force left, and the share of the way that is done, 0 to 1. */
export interface Progress {
  readonly step: number;
  readonly force: number;
  readonly share: number;
}

/** Everything that the solver writes to, made once, so that its loops allocate nothing. */
interface Desk {
  readonly mesh: Mesh;
  readonly curvature: Curvature;
  readonly lines: Lines;
  readonly slope: Float64Array;
  readonly step: Float64Array;
  readonly residual: Float64Array;
  readonly search: Float64Array;
  readonly product: Float64Array;
  readonly tried: Float64Array;
}

function deskFor(mesh: Mesh): Desk {
  const array = () => new Float64Array(sizeOf(mesh));
  return {
    mesh,
    curvature: noCurvature(mesh),
    lines: linesFor(mesh),
    slope: array(),
    step: array(),
    residual: array(),
    search: array(),
    product: array(),
    tried: array(),
  };
}

function dot(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < one.length; at += 1) sum += one[at]! * other[at]!;
  return sum;
}

function largest(values: Float64Array): number {
  let most = 0;
  for (let at = 0; at < values.length; at += 1) most = Math.max(most, Math.abs(values[at]!));
  return most;
}

/** Share of the force that the inner steps may leave: ever less near the end, but no less than the end asks. */
const innerShare = (force: number) => Math.min(0.01, Math.max(force, (0.01 * TOLERANCE) / force));

/** Between two breaths the inner steps work on about so many stitches: some tens of milliseconds. */
const STITCHES_A_BREATH = 500_000;

/**
 * Writes the step that takes the slope away, as exactly as `share` says; gives the products it took. Yields
 * now and then, so that a large mesh can be stopped within a step.
 */
function* stepAgainst(desk: Desk, share: number): Generator<undefined, number> {
  const { mesh, curvature, lines, slope, step, residual, search, product, tried } = desk;
  const breath = Math.max(1, Math.floor(STITCHES_A_BREATH / step.length));
  step.fill(0);
  for (let at = 0; at < step.length; at += 1) residual[at] = -slope[at]!;
  applyLines(lines, mesh, curvature, residual, search);
  let along = dot(residual, search);
  const enough = along * share ** 2;
  for (let products = 0; ; products += 1) {
    if (products === MOST_INNER || along <= enough) return products;
    if (products % breath === breath - 1) yield;
    curve(mesh, curvature, search, product);
    const length = along / dot(search, product);
    for (let at = 0; at < step.length; at += 1) {
      step[at]! += length * search[at]!;
      residual[at]! -= length * product[at]!;
    }
    applyLines(lines, mesh, curvature, residual, tried);
    const now = dot(residual, tried);
    const keep = now / along;
    for (let at = 0; at < step.length; at += 1) search[at] = tried[at]! + keep * search[at]!;
    along = now;
  }
}

/**
 * Solves a mesh from a starting state, which is not changed. Yields its progress after every step and
 * within long ones, so that whoever drives it can show it or stop.
 */
export function* solving(mesh: Mesh, start: State): Generator<Progress, Solution> {
  const desk = deskFor(mesh);
  const { curvature, lines, slope, step, tried } = desk;
  const state = start.slice();
  let energy = energyAndSlope(mesh, state, slope);
  let [evaluations, products] = [1, 0];
  let force = largest(slope);
  const first = force;
  for (let count = 0; count < MOST_STEPS && force > TOLERANCE; count += 1) {
    curvatureAt(mesh, state, curvature);
    factor(lines, mesh, curvature);
    const inner = stepAgainst(desk, innerShare(force));
    for (;;) {
      const { done, value } = inner.next();
      if (done) {
        products += value;
        break;
      }
      yield { step: count, force, share: shareDone(first, force) };
    }
    const promise = dot(slope, step);
    let share = 1;
    let lower = false;
    for (let halving = 0; halving < MOST_HALVINGS && !lower; halving += 1) {
      for (let at = 0; at < state.length; at += 1) tried[at] = state[at]! + share * step[at]!;
      const next = energyAndSlope(mesh, tried, slope);
      evaluations += 1;
      lower = next <= energy + ENOUGH * share * promise + ROUNDING * Math.abs(energy);
      if (lower) energy = next;
      else share /= 2;
    }
    if (!lower) break;
    state.set(tried);
    force = largest(slope);
    yield { step: count + 1, force, share: shareDone(first, force) };
  }
  return { state, energy, force, converged: force <= TOLERANCE, evaluations, products };
}

/** How much of the way, counted in powers of ten, is done. */
const shareDone = (first: number, force: number) =>
  Math.min(1, Math.max(0, Math.log(first / Math.max(force, TOLERANCE)) / Math.log(first / TOLERANCE)));
