/** Many yarns with what is soon said of each, and the orders that they can be put in. */
import { candidateName, type Candidate } from "../project/candidates";
import { hasWords, yarnKey } from "../project/label";

/** A candidate with what is soon said of it. */
export interface Ranked {
  readonly candidate: Candidate;
  readonly stitchesPer10Cm: number;
  /** Whether the band says so, or it is what such a yarn usually knits. */
  readonly fromBand: boolean;
  /** Of the strand that is knitted with. */
  readonly needM: number;
  readonly grams: number;
  readonly balls: number;
  /** For the balls at the candidate's own price; null without one. */
  readonly cost: number | null;
  /** Width of the same stitches against the pattern's yarn. */
  readonly wider: number;
  readonly firmnessRatio: number;
  readonly clarity: number;
  /** How far it is from the pattern's yarn, 0 for none: thickness first, then fabric. */
  readonly far: number;
}

const BY = {
  near: ({ far }: Ranked) => far,
  cheap: ({ cost }: Ranked) => cost ?? Infinity,
  clear: ({ clarity }: Ranked) => -clarity,
  light: ({ grams }: Ranked) => grams,
} as const;
export type RankBy = keyof typeof BY;

export const inOrder = (ranked: readonly Ranked[], by: RankBy) =>
  ranked.toSorted((a, b) => BY[by](a) - BY[by](b) || a.far - b.far);

/** How many ways there are, and how many with a lace were not looked at because others come nearer. */
export interface RankedWays {
  readonly number: number;
  readonly ways: number;
  readonly passedOver: number;
}

export interface WaysAsked {
  readonly by: RankBy;
  /** Words of a name; empty for all. */
  readonly find: string;
  /** The number of what was put in order. */
  readonly of: number;
}

export interface FoundWays {
  readonly found: number;
  /** The first of them. */
  readonly shown: readonly Ranked[];
}

/** More than this nobody reads through. */
const MOST_SHOWN = 60;

/** Example: with no words all are found, and the first 60 are told. */
export function foundWays(ranked: readonly Ranked[], { by, find }: Omit<WaysAsked, "of">): FoundWays {
  const found = find.trim()
    ? ranked.filter(({ candidate }) =>
        hasWords(yarnKey(`${candidateName(candidate)} ${candidate.label.bandClass ?? ""}`), find),
      )
    : ranked;
  return { found: found.length, shown: inOrder(found, by).slice(0, MOST_SHOWN) };
}
