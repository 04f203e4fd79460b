/** What a project tells of the hand behind it, and how likely that is the hand that was known. */
import type { GaugeSources } from "../garment/projectGauge";
import { HAND_IDS, HAND_SIZE } from "../project/hand";
import { addOuter, cholesky, diagonal, dot, inverse, plus, scaled, times, type Matrix } from "./gaussian";
import { GENERAL_SD, type Gaussian } from "./prior";

/**
 * What a project tells of the hand behind it, free of what was believed before: the likelihood exp(vᵀx - xᵀIx / 2), both
 * by `HAND_IDS`. Of what it tells nothing, the row and the column are nought.
 */
export interface HandEvidence {
  readonly information: readonly number[];
  readonly vector: readonly number[];
}

/** A belief about a hand, by `HAND_IDS`. */
export interface Normal {
  readonly mean: Float64Array;
  readonly covariance: Matrix;
}

/** How often a hand becomes another one from one project to the next: a new needle, a new grip, years between. */
const CHANGES = 0.07;

/** By how much knitters differ in each thing. */
export const SDS = Float64Array.from(HAND_IDS, (id) => GENERAL_SD[id]);

/** Any knitter's hand. */
export const GENERAL: Normal = {
  mean: new Float64Array(HAND_SIZE),
  covariance: diagonal(SDS.map((sd) => sd ** 2)),
};

/** Part of a belief, by the places of its unknowns. */
function part({ mean, covariance }: Normal, places: readonly number[]): Normal {
  const size = mean.length;
  return {
    mean: Float64Array.from(places, (at) => mean[at] ?? 0),
    covariance: Float64Array.from(
      places.flatMap((row) => places.map((column) => covariance[row * size + column] ?? 0)),
    ),
  };
}

/** A gauge that was counted says of the hand nothing against a band; one that is assumed hangs on the yarn. */
const tellsOf = (sources: Pick<GaugeSources, "width" | "height">) =>
  HAND_IDS.filter((id) => (id === "width" || id === "height" ? sources[id] === "band" : true));

/**
 * What a belief tells of the hand that its prior did not know: the information of the one less that of the other, over
 * what is the hand's. Example: where nothing was measured it is nought.
 */
export function handEvidence(
  prior: Gaussian,
  belief: Gaussian,
  sources: Pick<GaugeSources, "width" | "height">,
): HandEvidence {
  const ids = tellsOf(sources);
  const places = ids.map((id) => prior.axes.indexOf(id));
  const size = ids.length;
  const [before, after] = [part(prior, places), part(belief, places)];
  const [was, is] = [inverse(before.covariance, size), inverse(after.covariance, size)];
  const more = plus(is, was, -1);
  const pull = plus(times(is, after.mean), times(was, before.mean), -1);
  const information = Array<number>(HAND_SIZE ** 2).fill(0);
  const vector = Array<number>(HAND_SIZE).fill(0);
  const at = ids.map((id) => HAND_IDS.indexOf(id));
  for (const [row, to] of at.entries()) {
    vector[to] = pull[row] ?? 0;
    for (const [column, across] of at.entries())
      information[to * HAND_SIZE + across] = more[row * size + column] ?? 0;
  }
  return { information, vector };
}

/** What is believed after some evidence. */
export function after({ mean, covariance }: Normal, { information, vector }: HandEvidence): Normal {
  const precision = inverse(covariance, HAND_SIZE);
  const narrowed = inverse(plus(precision, information), HAND_SIZE);
  return { mean: times(narrowed, plus(times(precision, mean), vector)), covariance: narrowed };
}

const logDeterminant = (of: Matrix) => {
  const root = cholesky(of, HAND_SIZE);
  return 2 * HAND_IDS.reduce((sum, _, at) => sum + Math.log(root[at * HAND_SIZE + at] ?? 1), 0);
};

/** How likely evidence is under a belief, as a logarithm, but for a constant that hangs on the evidence alone. */
function logLikelihood(believed: Normal, evidence: HandEvidence): number {
  const { mean, covariance } = believed;
  const then = after(believed, evidence);
  const precision = inverse(covariance, HAND_SIZE);
  const now = plus(precision, evidence.information);
  const gained = dot(then.mean, times(now, then.mean)) - dot(mean, times(precision, mean));
  return (gained - logDeterminant(covariance) - logDeterminant(now)) / 2;
}

/** How likely it is, after some evidence, that a hand has become another one than is known. */
export function changedBy(known: Normal, evidence: HandEvidence): number {
  const odds =
    logLikelihood(GENERAL, evidence) - logLikelihood(known, evidence) + Math.log(CHANGES / (1 - CHANGES));
  return 1 / (1 + Math.exp(-odds));
}

/** What is known of a hand that is, so likely, any hand: the mean and the spread of both together. */
export function mixed({ mean, covariance }: Normal, any: Normal, changed: number): Normal {
  const spread = scaled(covariance, 1 - changed);
  addOuter(spread, mean, changed * (1 - changed));
  return { mean: scaled(mean, 1 - changed), covariance: plus(spread, any.covariance, changed) };
}

/** What is believed of any knitter's hand after one project alone. */
export const handTold = (evidence: HandEvidence): Normal => after(GENERAL, evidence);
