/** How the forecast has moved since the first row: what knitting has told, against what was expected before it. */
import { knitModel, type Knitted } from "../belief/knitted";
import { isWeighed } from "../progress/readings";
import type { BallChance } from "./ballCounts";
import type { KnownForecast } from "./projectForecast";

interface MovedYarn {
  readonly yarnId: string;
  readonly before: BallChance;
  readonly now: BallChance;
  /** Chance that what was advised before is enough, as it is known now. */
  readonly stillEnough: number;
}

export interface Moved {
  readonly yarns: readonly MovedYarn[];
  /** How much more yarn all weighed rows took than was expected before any of them, as a share; null where none was. */
  readonly more: number | null;
  /** What was expected of each reading before any of them, by its name. */
  readonly expected: ReadonlyMap<string, number>;
}

/** What was weighed and taken in, against what was expected of the same rows, all of it together. */
function moreOf(knitted: readonly Knitted[], expected: Moved["expected"]): number | null {
  const each = knitted.filter(({ taken, kind, id }) => taken && isWeighed(kind) && expected.has(id));
  // What all took holds what its rows took.
  const all = each.filter(({ kind }) => kind === "all");
  const weighed = all.length > 0 ? all : each;
  const before = weighed.reduce((sum, { id }) => sum + (expected.get(id) ?? 0), 0);
  return before > 0 ? weighed.reduce((sum, { found }) => sum + found, 0) / before - 1 : null;
}

/**
 * What knitting has moved; `before` is the answer to the same project as if nothing had been read off while knitting.
 * Example: rows that take 2 % more leave ten balls, now 96 times in 100 rather than 97.
 */
export function movedSince(before: KnownForecast, now: KnownForecast): Moved {
  const expected = new Map(
    now.reads.flatMap((read) => {
      const model = knitModel(read, now.belief.basis);
      return model ? [[read.reading.id, model.predict(before.belief.likely)] as const] : [];
    }),
  );
  return {
    expected,
    more: moreOf(now.belief.knitted, expected),
    yarns: now.yarns.flatMap(({ yarn, advised, chances }) => {
      const former = before.yarns.find((one) => one.yarn.id === yarn.id)?.advised;
      if (!former) return [];
      const stillEnough = chances.find(({ balls }) => balls === former.balls)?.chance;
      const beyond = former.balls > advised.balls ? 1 : 0;
      return [{ yarnId: yarn.id, before: former, now: advised, stillEnough: stillEnough ?? beyond }];
    }),
  };
}
