/** Measurements that cannot well be: found by what all else says, and told with the slip that would explain them. */
import { say, type Message } from "../words/message";
import type { Explains } from "./measurementKinds";

/** Further off than so many standard deviations is asked about before it is taken in. */
const MOST_SDS = 3;
/** And so is what is so many times off, however roughly so small a thing was measured. */
const MOST_OFF = Math.log(1.8);

/** How far a reading is beyond what is taken in unasked; over 1 it is asked about. */
export const isOutlier = ({ sds, off }: { readonly sds: number; readonly off: number }) =>
  Math.max(Math.abs(sds) / MOST_SDS, Math.abs(off) / MOST_OFF);

/** A figure so many times what a project's yarn and needle would give, either way, is never taken in. */
const IMPOSSIBLE = 2.7;
export const isImpossible = (found: number, atFirst: number) =>
  Math.abs(Math.log(found / atFirst)) > Math.log(IMPOSSIBLE);

/** A slip explains a figure that it would bring within so much, in ln, of what was expected. */
const NEAR = 0.15;

/**
 * What to ask of a measurement that is `times` what it should be. Example: a swatch at half of its weight is
 * asked whether it is one strand.
 */
export function questionOf(
  {
    unit,
    over,
    slips,
  }: { readonly unit: "mm" | "g"; readonly over: string; readonly slips: readonly Explains[] },
  times: number,
): Message {
  const off = ({ times: slip }: { readonly times: number }) => Math.abs(Math.log(times / slip));
  const [nearest] = [...slips].sort((a, b) => off(a) - off(b));
  const slip = nearest && off(nearest) < NEAR ? nearest.slip : null;
  return say("outlier", { unit, times, over, slip });
}
