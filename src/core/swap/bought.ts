/** What is bought of a substitute, over all its strands. */
import type { Outcome } from "./outcome";

export interface Bought {
  readonly balls: number;
  /** Of them, those that are on the shelf already. */
  readonly fromShelf: number;
}

/** Balls of all strands together. Example: 7 of 11 on the shelf leave 4 to buy. */
export const boughtOf = ({ strands }: Pick<Outcome, "strands">): Bought =>
  strands.reduce<Bought>(
    ({ balls, fromShelf }, { bought }) => ({
      balls: balls + (bought?.balls ?? 0),
      fromShelf: fromShelf + (bought?.fromShelf ?? 0),
    }),
    { balls: 0, fromShelf: 0 },
  );

/** Half of what the need is likely to lie within, as a share of it. Example: 90 to 110 m about 100 are 0.1. */
export const spreadShare = ({ spreadM: [low, high], needM }: Pick<Outcome, "spreadM" | "needM">) =>
  (high - low) / 2 / needM;

/** How likely the strand that runs out first is enough. */
export const leastChance = ({ strands }: Pick<Outcome, "strands">) =>
  Math.min(...strands.map(({ chance }) => chance));
