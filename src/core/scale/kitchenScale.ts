/** How a small kitchen scale behaves: it settles, trembles, drifts, and shows whole steps. One step of time at a time. */

export interface PanState {
  /** What lies on it, in g. */
  readonly loadG: number;
  /** What its spring has come to, and how far it has crept since it was switched on. */
  readonly sensedG: number;
  readonly driftG: number;
  readonly tareG: number;
  /** The last readings, in whole steps of the scale, newest last. */
  readonly recent: readonly number[];
  readonly heldG: number | null;
}

export const EMPTY_PAN: PanState = {
  loadG: 0,
  sensedG: 0,
  driftG: 0,
  tareG: 0,
  recent: [],
  heldG: null,
};

/** It comes to two thirds of a new load in so many seconds. */
const SETTLES_S = 0.35;
/** It trembles by so much of a step, and creeps by so many grams in a minute. */
const TREMBLES = 0.25;
const CREEPS_G = 0.02;
/** So many equal readings, one behind the other, are steady. */
const STEADY_READINGS = 10;
const MOST_G = 3000;

/** Small drifts away from nought are taken out, as such scales do while nothing lies on them. */
const ZERO_STEPS = 1;

/**
 * The scale a moment later. `tremble` and `creep` are standard normal.
 * Example: a ball of 50 g that is put down reads 31.6 g after 0.35 s and 50 g, steady, within three seconds.
 */
export function later(
  pan: PanState,
  stepG: number,
  { seconds, tremble, creep }: { readonly seconds: number; readonly tremble: number; readonly creep: number },
): PanState {
  const load = Math.min(pan.loadG, MOST_G);
  const sensedG = load + (pan.sensedG - load) * Math.exp(-seconds / SETTLES_S);
  const driftG = pan.driftG + creep * CREEPS_G * Math.sqrt(seconds / 60);
  const inSteps = Math.round((sensedG + driftG - pan.tareG) / stepG + tremble * TREMBLES);
  const settled = Math.abs(inSteps) <= ZERO_STEPS && pan.loadG === 0 && pan.tareG === 0 ? 0 : inSteps;
  return { ...pan, sensedG, driftG, recent: [...pan.recent, settled].slice(-STEADY_READINGS) };
}

/** What it shows, in g: the middle of what it trembled between; and whether that can be taken. */
export function shown({ recent, heldG }: PanState, stepG: number): { massG: number; steady: boolean } {
  const sorted = [...recent].sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const spread = (sorted.at(-1) ?? 0) - (sorted[0] ?? 0);
  const steady = recent.length === STEADY_READINGS && spread <= 1;
  return { massG: heldG ?? round(middle * stepG), steady };
}

const round = (massG: number) => Number(massG.toFixed(3));

export const put = (pan: PanState, loadG: number): PanState => ({ ...pan, loadG });

/** Shows nought from now on for what lies on it. */
export const tared = (pan: PanState): PanState => ({
  ...pan,
  tareG: pan.sensedG + pan.driftG,
  recent: [],
});

export const held = (pan: PanState, stepG: number, on: boolean): PanState => ({
  ...pan,
  heldG: on ? shown(pan, stepG).massG : null,
});
