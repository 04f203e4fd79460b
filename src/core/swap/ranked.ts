/** Many yarns with what is soon said of each, and the orders that they can be put in. */
import type { Candidate } from "../project/candidates";

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
