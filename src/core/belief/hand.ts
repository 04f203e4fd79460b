/**
 * A knitter's hand, learned from one finished project to the next. Each project differs from the knitter's own mean,
 * and that mean from what most do: what projects tell is shrunk toward the general prior (MODEL section 12).
 */
import { diagonalOf, HAND_IDS, HAND_SIZE, type Hand, type HandId } from "../project/hand";
import type { GaugeSources } from "../garment/projectGauge";
import { addOuter, cholesky, dot, inverse, times, zeros, type Matrix } from "./gaussian";
import { ASPECT_SD, GENERAL_SD, type Gaussian } from "./prior";

/**
 * What a project tells of the hand behind it, free of what was believed before: the likelihood exp(vᵀx - xᵀIx / 2), both
 * by `HAND_IDS`. Of what it tells nothing, the row and the column are nought.
 */
export interface HandEvidence {
  readonly information: readonly number[];
  readonly vector: readonly number[];
}

interface Normal {
  readonly mean: Float64Array;
  readonly covariance: Matrix;
}

/** A knitter's projects in one yarn and another differ by so much of what knitters differ by, in standard deviations. */
export const WITHIN = 0.5;
const BETWEEN = Math.sqrt(1 - WITHIN ** 2);
/** How often a hand becomes another one from one project to the next: a new needle, a new grip, years between. */
const CHANGES = 0.07;

const SDS = Float64Array.from(HAND_IDS, (id) => GENERAL_SD[id]);

const diagonal = (values: Float64Array): Matrix => {
  const matrix = zeros(values.length);
  for (const [at, value] of values.entries()) matrix[at * values.length + at] = value;
  return matrix;
};
const plus = (one: Float64Array, other: ArrayLike<number>, by = 1) =>
  one.map((value, at) => value + by * (other[at] ?? 0));
const scaled = (one: Float64Array, by: number) => one.map((value) => value * by);

const GENERAL: Normal = { mean: new Float64Array(HAND_SIZE), covariance: diagonal(SDS.map((sd) => sd ** 2)) };
const BETWEEN_KNITTERS = diagonal(SDS.map((sd) => (BETWEEN * sd) ** 2));
const WITHIN_KNITTER = diagonal(SDS.map((sd) => (WITHIN * sd) ** 2));

/** A B, both of one size. */
function product(a: Matrix, b: Matrix): Matrix {
  const result = zeros(HAND_SIZE);
  for (let row = 0; row < HAND_SIZE; row += 1)
    for (let column = 0; column < HAND_SIZE; column += 1) {
      let sum = 0;
      for (let k = 0; k < HAND_SIZE; k += 1)
        sum += (a[row * HAND_SIZE + k] ?? 0) * (b[k * HAND_SIZE + column] ?? 0);
      result[row * HAND_SIZE + column] = sum;
    }
  return result;
}

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
function after({ mean, covariance }: Normal, { information, vector }: HandEvidence): Normal {
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
function changedBy(known: Normal, evidence: HandEvidence): number {
  const odds =
    logLikelihood(GENERAL, evidence) - logLikelihood(known, evidence) + Math.log(CHANGES / (1 - CHANGES));
  return 1 / (1 + Math.exp(-odds));
}

/** What is known of a hand that is, so likely, any hand: the mean and the spread of both together. */
function mixed({ mean, covariance }: Normal, any: Normal, changed: number): Normal {
  const spread = scaled(covariance, 1 - changed);
  addOuter(spread, mean, changed * (1 - changed));
  return { mean: scaled(mean, 1 - changed), covariance: plus(spread, any.covariance, changed) };
}

/** Evidence of one project as evidence of the knitter's mean: what the project itself strays is taken out of it. */
function ofTheMean({ information, vector }: HandEvidence): HandEvidence {
  const within = diagonal(SDS.map((sd) => 1 / (WITHIN * sd) ** 2));
  const both = inverse(plus(within, information), HAND_SIZE);
  const back = product(within, both);
  return {
    information: [...plus(within, product(back, within), -1)],
    vector: [...times(back, Float64Array.from(vector))],
  };
}

/** What the next project of a knitter is believed to be: it strays from the mean as all do. */
const nextProject = ({ mean, covariance }: Normal): Normal => ({
  mean,
  covariance: plus(covariance, WITHIN_KNITTER),
});

/** Nothing is known of a knitter's mean. */
const UNKNOWN: Normal = { mean: GENERAL.mean, covariance: BETWEEN_KNITTERS };

/** A finished project: what it tells of the hand, and how thick its yarn was. */
export interface KnownProject {
  readonly evidence: HandEvidence;
  readonly gramsPerM: number;
}

/**
 * The hand that the next project begins with, after finished ones in their order; null without any. The more a project
 * speaks for another hand than those before it, the less they count.
 * Example: after three projects of which each took 5 % more yarn, the next is expected to take some 4 % more.
 */
export function handOf(projects: readonly KnownProject[]): Hand | null {
  if (projects.length === 0) return null;
  let known = UNKNOWN;
  for (const { evidence } of projects) {
    const changed = changedBy(nextProject(known), evidence);
    known = after(mixed(known, UNKNOWN, changed), ofTheMean(evidence));
  }
  const thickness = projects.reduce((sum, { gramsPerM }) => sum + Math.log(gramsPerM), 0) / projects.length;
  return handFrom({ projects: projects.length, gramsPerM: Math.exp(thickness) }, nextProject(known));
}

/** A belief about a hand as a project keeps it. */
function handFrom(of: Pick<Hand, "projects" | "gramsPerM">, { mean, covariance }: Normal): Hand {
  const root = cholesky(covariance, HAND_SIZE);
  return {
    projects: of.projects,
    gramsPerM: of.gramsPerM,
    mean: [...mean],
    root: HAND_IDS.flatMap((_, row) => [...root.slice(row * HAND_SIZE, row * HAND_SIZE + row + 1)]),
  };
}

/** The belief that a project's hand is. */
export function believedHand({ mean, root }: Hand): Normal {
  const full = zeros(HAND_SIZE);
  const covariance = zeros(HAND_SIZE);
  for (let row = 0; row < HAND_SIZE; row += 1)
    for (let column = 0; column <= row; column += 1)
      full[row * HAND_SIZE + column] = root[diagonalOf(row) - row + column] ?? 0;
  for (let row = 0; row < HAND_SIZE; row += 1)
    for (let column = 0; column < HAND_SIZE; column += 1)
      for (let k = 0; k < HAND_SIZE; k += 1)
        covariance[row * HAND_SIZE + column] =
          (covariance[row * HAND_SIZE + column] ?? 0) +
          (full[row * HAND_SIZE + k] ?? 0) * (full[column * HAND_SIZE + k] ?? 0);
  return { mean: Float64Array.from(mean), covariance };
}

/** What is believed of any knitter's hand after one project alone. */
export const handTold = (evidence: HandEvidence): Normal => after(GENERAL, evidence);

/** One thing of a hand by itself, in ln, beside how far it lies apart with knitters at large. */
export interface HandLine {
  readonly id: HandId;
  readonly mean: number;
  readonly sd: number;
  readonly generalSd: number;
}

/** A hand line by line. Example: the loop lies 0.04 above what most do, give or take 0.03, of 0.08 at large. */
export const handLines = ({ mean, covariance }: Normal): readonly HandLine[] =>
  HAND_IDS.map((id, at) => ({
    id,
    mean: mean[at] ?? 0,
    sd: Math.sqrt(covariance[at * HAND_SIZE + at] ?? 0),
    generalSd: GENERAL_SD[id],
  }));

/** Gauge in a project is never surer than it drifts behind a swatch, however often a hand was seen. */
const DRIFTS = [
  { gauge: "width", drift: "driftWidth" },
  { gauge: "height", drift: "driftHeight" },
] as const;

interface HandBasis {
  /** What the project has told of the hand by itself: how likely that has changed. */
  readonly evidence: HandEvidence;
  readonly sources: GaugeSources;
  /** Of its yarn; null where nobody knows. */
  readonly gramsPerM: number | null;
}

/** How far a hand in one yarn is that in another: of one twice as thick, 0.6. */
const likeness = (one: number | null, other: number) =>
  one === null ? 1 : Math.exp(-0.5 * (Math.log(one / other) / Math.LN2) ** 2);

/**
 * The prior of a project by a hand that is known: what the hand says takes the place of what most do. A gauge that was
 * counted stands; one that is assumed keeps the doubt of its yarn, and its rows follow its stitches.
 */
export function priorByHand(
  prior: Gaussian,
  hand: Hand,
  { evidence, sources, gramsPerM }: HandBasis,
): { readonly prior: Gaussian; readonly changed: number } {
  const { axes } = prior;
  const size = axes.length;
  const mean = Float64Array.from(prior.mean);
  const covariance = Float64Array.from(prior.covariance);
  const believed = believedHand(hand);
  const changed = changedBy(believed, evidence);
  const known = mixed(believed, GENERAL, 1 - (1 - changed) * likeness(gramsPerM, hand.gramsPerM));
  const ids = HAND_IDS.filter((id) =>
    id === "width" || id === "height"
      ? sources[id] === "band" || (id === "width" && sources.width === "assumed")
      : true,
  );
  const place = (id: HandId) => axes.indexOf(id);
  for (const id of ids) {
    const from = HAND_IDS.indexOf(id);
    mean[place(id)] = known.mean[from] ?? 0;
    for (const other of ids)
      covariance[place(id) * size + place(other)] =
        known.covariance[from * HAND_SIZE + HAND_IDS.indexOf(other)] ?? 0;
  }
  const add = (one: HandId, other: HandId, more: number) => {
    const at = place(one) * size + place(other);
    covariance[at] = (covariance[at] ?? 0) + more;
  };
  for (const id of ["width", "height"] as const) if (sources[id] === "band") add(id, id, sources.awaySd ** 2);
  if (sources.width === "assumed")
    add("width", "width", Math.max(0, sources.assumedSd ** 2 - GENERAL_SD.width ** 2));
  if (sources.height === "assumed" && sources.width !== "measured") {
    const [width, height] = [place("width"), place("height")];
    mean[height] = mean[width] ?? 0;
    for (let other = 0; other < size; other += 1) {
      const along = covariance[width * size + other] ?? 0;
      covariance[height * size + other] = along;
      covariance[other * size + height] = along;
    }
    covariance[height * size + height] = (covariance[width * size + width] ?? 0) + ASPECT_SD ** 2;
  }
  for (const { gauge, drift } of DRIFTS) {
    const at = (one: HandId, other: HandId) => covariance[place(one) * size + place(other)] ?? 0;
    const both = at(gauge, gauge) + at(drift, drift) + 2 * at(gauge, drift);
    add(drift, drift, Math.max(0, GENERAL_SD[drift] ** 2 - both));
  }
  return { prior: { axes, mean, covariance }, changed };
}

/** A hand of which one thing is said by the knitter: it hangs on nothing else then. */
export function withSaid(
  hand: Hand,
  id: HandId,
  { mean, sd }: { readonly mean: number; readonly sd: number },
): Hand {
  const believed = believedHand(hand);
  const at = HAND_IDS.indexOf(id);
  for (let other = 0; other < HAND_SIZE; other += 1) {
    believed.covariance[at * HAND_SIZE + other] = 0;
    believed.covariance[other * HAND_SIZE + at] = 0;
  }
  believed.covariance[at * HAND_SIZE + at] = sd ** 2;
  believed.mean[at] = mean;
  return handFrom(hand, believed);
}
