/** What to measure next: how much each measurement would narrow the answer, and whether it would likely save a ball. */
import type { Message } from "../words/message";
import { dot, times } from "../belief/gaussian";
import { measurementOptions } from "../belief/measurementOptions";
import { narrowed } from "../belief/update";
import { joinWaste } from "../estimate/balls";
import { CERTAINTIES, type Certainty, type YarnForecast } from "./forecast";
import { chanceBelow } from "./normal";
import type { KnownForecast } from "./projectForecast";

export interface NextMeasure {
  readonly id: string;
  readonly says: Message;
  /** Share of the doubt about balls of the first yarn that would be left, 0 to 1. */
  readonly left: number;
  /** Yarn needed between the tenth and the ninetieth in a hundred, as it would be left, in m. */
  readonly spreadM: number;
  /** Chance that fewer balls would be advised than now, 0 to 1. */
  readonly savesChance: number;
}

/** Standard normal places of equal chance. */
const PLACES = Array.from({ length: 41 }, (_, index) => normalAt((index + 0.5) / 41));

/** Where a standard normal is below with this chance, by halving. Example: 0.95 is 1.645. */
function normalAt(chance: number): number {
  let [low, high] = [-8, 8];
  for (let round = 0; round < 60; round += 1) {
    const middle = (low + high) / 2;
    if (chanceBelow(middle) < chance) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The fewest balls that are enough with the chance wanted, when ln(need) is normal. */
function advisedAt(yarn: YarnForecast, lnShift: number, sd: number, wanted: number): number {
  const ballMm = yarn.yarn.putUp.lengthM * 1000;
  const { joinMm } = yarn.yarn;
  const lnNeed = Math.log(yarn.totalMm - joinWaste(yarn.balls, joinMm)) + lnShift;
  for (let balls = 1; ; balls += 1) {
    const chance = chanceBelow((Math.log(balls * ballMm - joinWaste(balls, joinMm)) - lnNeed) / sd);
    if (chance >= wanted || balls > 10_000) return balls;
  }
}

/**
 * What could be measured next, the most telling first; readings are not needed, since how much a measurement
 * narrows does not hang on what it says. Example: weighing a swatch of 30 g on a fine scale leaves a third.
 */
export function nextMeasures(
  { belief, yarns: [first] }: KnownForecast,
  certainty: Certainty,
): readonly NextMeasure[] {
  const { slope, quantilesMm } = first;
  const before = dot(slope, times(belief.covariance, slope));
  const spreadMm = quantilesMm.p90 - quantilesMm.p10;
  // The spread is that of the yarn needed; what a ball holds does not move it.
  const needed = slope.map((value, index) => (belief.axes[index]?.startsWith("putUp") ? 0 : value));
  const widthBefore = dot(needed, times(belief.covariance, needed));
  const wanted = CERTAINTIES[certainty];
  const now = advisedAt(first, 0, Math.sqrt(before), wanted);
  return measurementOptions(belief)
    .map(({ id, says, tells }) => {
      const covariance = narrowed(belief, tells);
      const after = dot(slope, times(covariance, slope));
      const widthAfter = dot(needed, times(covariance, needed));
      const [sd, moves] = [Math.sqrt(after), Math.sqrt(Math.max(0, before - after))];
      const advised = PLACES.map((place) => advisedAt(first, place * moves, sd, wanted));
      const left = Math.min(1, Math.sqrt(after / before));
      return {
        id,
        says,
        left,
        spreadM: (Math.sqrt(widthAfter / widthBefore) * spreadMm) / 1000,
        savesChance: advised.filter((balls) => balls < now).length / PLACES.length,
      };
    })
    .sort((a, b) => a.left - b.left);
}
