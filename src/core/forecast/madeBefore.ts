/**
 * What like things took that were made before: the reference class beside the model (Kahneman and Tversky, 1979,
 * "Intuitive prediction"). Yarn for an area hangs on its thickness and on whether it is cabled; all else is in the
 * spread of what was made.
 */
import type { ThingKind } from "../project/thingKind";

/** A thing, by what it took or takes. */
export interface Made {
  readonly id: string;
  readonly name: string;
  /** Yarn in a square decimetre of its fabric, in m. */
  readonly mPerDm2: number;
  /** Grams of a km of its yarn. */
  readonly tex: number;
  readonly cabled: boolean;
  /** Null where nobody wrote it down when it was made. */
  readonly kind: ThingKind | null;
  /** Whether it is what was used when it was done, or only what it is thought to take. */
  readonly used: boolean;
}

/** This project: as a thing, how large, and what the model says of it, in m. */
export interface ThisOne {
  readonly made: Made;
  readonly areaDm2: number;
  readonly p10M: number;
  readonly p50M: number;
  readonly p90M: number;
}

export interface ReferenceClass {
  /** Like things, brought to this yarn's thickness; the least first. */
  readonly things: readonly (Made & { readonly here: number })[];
  /** The kind that all of them are; null where none of this one's kind was made, and others stand for it. */
  readonly kind: ThingKind | null;
  /** What this one takes by them: m in a square decimetre, and m in all, ten in a hundred under it and over it. */
  readonly mPerDm2: number;
  readonly lowM: number;
  readonly middleM: number;
  readonly highM: number;
  /** Whether the model says something else: over two deviations more, or less. */
  readonly amiss: "more" | "less" | null;
}

/** Yarns that are nearer than this in tex are like one another, in ln. */
const LIKE = Math.log(1.5);
/** Knitters' own things differ by so much in ln before they are known, and that weighs as much as so many things. */
const USUAL_SD = 0.1;
const USUAL_WEIGHS = 2;
const AMISS = 2;
const TEN_IN_HUNDRED = 1.2816;

/** Where Student's distribution is exceeded ten times in a hundred: wider, the fewer things it stands on. */
const tenOf = (freedom: number) => TEN_IN_HUNDRED * (1 + (TEN_IN_HUNDRED ** 2 + 1) / (4 * freedom));

const { abs, exp, hypot, log, sqrt } = Math;

const isLike = (one: Made, other: Made) =>
  one.id !== other.id && one.cabled === other.cabled && abs(log(one.tex / other.tex)) <= LIKE;

/**
 * The like things among all that were made, of the same kind if there are such, and what this one would take by them;
 * null where there is none. A loop grows with the root of the tex, and yarn for an area is one over the loop: so things
 * are brought to this thickness.
 * Example: three cabled things took 12.6, 13.0 and 14.1 m a square decimetre, so this one of 58 takes some 770 m.
 */
export function referenceClass(
  all: readonly Made[],
  { made, areaDm2, p10M, p50M, p90M }: ThisOne,
): ReferenceClass | null {
  const like = all.filter((one) => isLike(one, made));
  const same = like.filter(({ kind }) => kind === made.kind);
  const things = (same.length > 0 ? same : like)
    .map((one) => ({ ...one, here: one.mPerDm2 * sqrt(one.tex / made.tex) }))
    .toSorted((a, b) => a.here - b.here);
  if (things.length === 0) return null;
  const lns = things.map(({ here }) => log(here));
  const mean = lns.reduce((sum, ln) => sum + ln, 0) / lns.length;
  const squares = lns.reduce((sum, ln) => sum + (ln - mean) ** 2, USUAL_WEIGHS * USUAL_SD ** 2);
  const freedom = lns.length - 1 + USUAL_WEIGHS;
  const variance = squares / freedom;
  const sd = sqrt(variance * (1 + 1 / lns.length));
  const middleM = areaDm2 * exp(mean);
  const modelSd = log(p90M / p10M) / (2 * TEN_IN_HUNDRED);
  const off = log(p50M / middleM) / hypot(sd, modelSd);
  return {
    things,
    kind: same.length > 0 ? made.kind : null,
    mPerDm2: exp(mean),
    lowM: middleM * exp(-tenOf(freedom) * sd),
    middleM,
    highM: middleM * exp(tenOf(freedom) * sd),
    amiss: off > AMISS ? "more" : off < -AMISS ? "less" : null,
  };
}
