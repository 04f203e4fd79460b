/** Taking measurements into a belief: the iterated, linear-Gaussian update, all of them at once. */
import { addOuter, dot, inverse, times } from "./gaussian";
import type { Gaussian } from "./prior";

/** Something that was read off, in ln: what it should be for a vector, what it was, and how far it can be off. */
export interface Observation {
  readonly predict: (x: Float64Array) => number;
  readonly found: number;
  readonly sd: number;
}

/** An observation as the belief sees it. */
interface Residual {
  /** Found less expected, in ln, at the belief. */
  readonly off: number;
  /** How many of its standard deviations it is off from what all others say. */
  readonly sds: number;
  readonly slope: Float64Array;
}

export interface Updated extends Gaussian {
  /** One for each observation, in their order. */
  readonly residuals: readonly Residual[];
}

const STEP = 1e-5;
const MOST_ROUNDS = 40;
const CONVERGED = 1e-8;

/** The slope of a prediction, by central differences of so large steps. */
export function slopeOf(
  predict: Observation["predict"],
  x: Float64Array,
  stepOf: (index: number) => number = () => STEP,
): Float64Array {
  const at = Float64Array.from(x);
  return x.map((value, index) => {
    const step = stepOf(index);
    at[index] = value + step;
    const above = predict(at);
    at[index] = value - step;
    const below = predict(at);
    at[index] = value;
    return (above - below) / (2 * step);
  });
}

/**
 * The belief after all observations: the Gaussian at the most likely vector, found by Gauss and Newton's steps.
 * Order does not matter, since all are taken in together. Example: two rulers that agree halve the variance.
 */
export function update(prior: Gaussian, observations: readonly Observation[]): Updated {
  const { axes, covariance } = prior;
  const size = axes.length;
  const precision = inverse(covariance, size);
  const misfit = (x: Float64Array) => {
    const away = x.map((value, index) => value - (prior.mean[index] ?? 0));
    const priorPart = dot(away, times(precision, away));
    return observations.reduce(
      (sum, { predict, found, sd }) => sum + ((found - predict(x)) / sd) ** 2,
      priorPart,
    );
  };
  let x = Float64Array.from(prior.mean);
  let now = misfit(x);
  for (let round = 0; observations.length > 0 && round < MOST_ROUNDS; round += 1) {
    const { step } = stepFrom(x, prior, precision, observations);
    // A full step may overshoot where a prediction bends: half of it, and half again, until it is better.
    let share = 1;
    let next = x.map((value, index) => value + (step[index] ?? 0));
    let then = misfit(next);
    while (!(then <= now) && share > 1e-6) {
      share /= 2;
      next = x.map((value, index) => value + share * (step[index] ?? 0));
      then = misfit(next);
    }
    if (!(then <= now)) break;
    const moved = Math.max(...step.map((value) => Math.abs(share * value)));
    [x, now] = [next, then];
    if (moved < CONVERGED) break;
  }
  const { slopes, inverted } = stepFrom(x, prior, precision, observations);
  const residuals = observations.map(({ predict, found, sd }, index): Residual => {
    const slope = slopes[index] ?? new Float64Array(size);
    const off = found - predict(x);
    // What the observation itself has pulled the belief to is deleted: it must not vouch for itself.
    const pulled = Math.min(1 - 1e-9, dot(slope, times(inverted, slope)) / sd ** 2);
    return { off: off / (1 - pulled), sds: off / (sd * Math.sqrt(1 - pulled)), slope };
  });
  return { axes, mean: x, covariance: inverted, residuals };
}

/** One step of Gauss and Newton, with the slopes and the covariance that it was made with. */
function stepFrom(
  x: Float64Array,
  prior: Gaussian,
  precision: Float64Array,
  observations: readonly Observation[],
) {
  const size = x.length;
  const information = Float64Array.from(precision);
  const pull = times(
    precision,
    x.map((value, index) => (prior.mean[index] ?? 0) - value),
  );
  const slopes = observations.map(({ predict, found, sd }) => {
    const slope = slopeOf(predict, x);
    addOuter(information, slope, 1 / sd ** 2);
    const off = (found - predict(x)) / sd ** 2;
    for (const [index, value] of slope.entries()) pull[index] = (pull[index] ?? 0) + off * value;
    return slope;
  });
  const inverted = inverse(information, size);
  return { step: times(inverted, pull), slopes, inverted };
}

/** The covariance that would be left after observations with such slopes, whatever they say. */
export function narrowed(
  { axes, covariance }: Gaussian,
  slopes: readonly { readonly slope: Float64Array; readonly sd: number }[],
): Float64Array {
  const information = inverse(covariance, axes.length);
  for (const { slope, sd } of slopes) addOuter(information, slope, 1 / sd ** 2);
  return inverse(information, axes.length);
}
