/** How long the knitting takes. */
import type { ProjectPlan } from "./wholeProject";

/** Stitches in a minute of a knitter who has not counted; and what placing a crossing takes on top. */
export const USUAL_PACE = 22;
export const CROSSING_S = 7;

export interface Work {
  readonly stitches: number;
  readonly crossings: number;
}

/** Stitches and crossings of a whole project, pieces as often as they are worked. */
export function workOf({ pieces }: ProjectPlan): Work {
  let [stitches, crossings] = [0, 0];
  for (const { sections, times } of pieces)
    for (const { shares } of sections)
      for (const { tally } of shares) {
        stitches += times * tally.stitches;
        for (const count of tally.crossings.values()) crossings += times * count;
      }
  return { stitches, crossings };
}

/** Hours at a pace in stitches a minute. Example: 1320 stitches at 22 a minute are an hour. */
export const hoursFor = ({ stitches, crossings }: Work, perMinute: number) =>
  stitches / perMinute / 60 + (crossings * CROSSING_S) / 3600;
