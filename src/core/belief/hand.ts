/**
 * A knitter's hand, learned from one finished project to the next. Each project differs from the knitter's own mean,
 * and that mean from what most do: what projects tell is shrunk toward the general prior (MODEL section 12).
 */
import { diagonalOf, HAND_IDS, HAND_SIZE, type Hand, type HandId } from "../project/hand";
import { cholesky, diagonal, inverse, plus, product, times, zeros } from "./gaussian";
import { after, changedBy, GENERAL, mixed, SDS, type HandEvidence, type Normal } from "./handEvidence";

/** A knitter's projects in one yarn and another differ by so much of what knitters differ by, in standard deviations. */
export const WITHIN = 0.5;
const BETWEEN = Math.sqrt(1 - WITHIN ** 2);
const BETWEEN_KNITTERS = diagonal(SDS.map((sd) => (BETWEEN * sd) ** 2));
const WITHIN_KNITTER = diagonal(SDS.map((sd) => (WITHIN * sd) ** 2));

/** Evidence of one project as evidence of the knitter's mean: what the project itself strays is taken out of it. */
function ofTheMean({ information, vector }: HandEvidence): HandEvidence {
  const within = diagonal(SDS.map((sd) => 1 / (WITHIN * sd) ** 2));
  const both = inverse(plus(within, information), HAND_SIZE);
  const back = product(within, both, HAND_SIZE);
  return {
    information: [...plus(within, product(back, within, HAND_SIZE), -1)],
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

/** One thing of a hand by itself, in ln. */
export interface HandLine {
  readonly id: HandId;
  readonly mean: number;
  readonly sd: number;
}

/** A hand line by line. Example: the loop lies 0.04 above what most do, give or take 0.03. */
export const handLines = ({ mean, covariance }: Normal): readonly HandLine[] =>
  HAND_IDS.map((id, at) => ({
    id,
    mean: mean[at] ?? 0,
    sd: Math.sqrt(covariance[at * HAND_SIZE + at] ?? 0),
  }));

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
