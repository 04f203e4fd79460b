/** Stitches picked up along the side of a piece, and seams between rows and stitches: which bars to take. */
import type { Gauge } from "../fabric/plainStitch";
import { gcd } from "../panels/transforms";
import { read, unread, type Reading } from "../units/reading";
import { inBrackets, sharesOf } from "./spread";

export interface PickUp {
  readonly stitches: number;
  /** The pick-up written out: which rows are taken and which are passed. */
  readonly text: string;
}

/**
 * Stitches to pick up along `rows` rows, so that the band lies flat; spread evenly.
 * Errors: fewer rows than stitches, which only a gauge can want that is wider than high.
 * Example: 40 rows at 18 x 25 stitches want 29: "[pick up 2, pass 1] …".
 */
export function pickUp(rows: number, { stitchesPer10Cm, rowsPer10Cm }: Gauge): Reading<PickUp> {
  const stitches = Math.max(1, Math.round((rows * stitchesPer10Cm) / rowsPer10Cm));
  if (stitches > rows)
    return unread(
      `${rows} rows would want ${stitches} stitches: more than one a row. Is the gauge the right way round, stitches first?`,
    );
  return read({ stitches, text: pickUpText(rows, stitches) });
}

/** Picks one up from every row but those that are passed, which stand evenly. */
function pickUpText(rows: number, stitches: number): string {
  const passed = rows - stitches;
  if (passed === 0) return `pick up one in each of ${rows} rows`;
  const shares = sharesOf(stitches, passed + 1);
  return inBrackets(
    shares.flatMap((share, index) => {
      const take = share > 0 ? [`pick up ${share}`] : [];
      return [[...take, ...(index < passed ? ["pass 1"] : [])].join(", ")].filter((words) => words !== "");
    }),
  );
}

export interface MixedSeam {
  /** How often the whole plan comes again along the seam. */
  readonly times: number;
  readonly stitches: number;
  readonly rows: number;
  /** Stitches of the plan, counted from 1, that take one bar more than the others; and how many the others take. */
  readonly wider: readonly number[];
  readonly bars: number;
  readonly text: string;
}

/** "4", "4 and 7", "2, 4 and 7". */
const listed = (numbers: readonly number[]) =>
  numbers.length < 2 ? numbers.join() : `${numbers.slice(0, -1).join(", ")} and ${numbers.at(-1)}`;

/**
 * A seam of stitches to rows: how many bars each stitch takes, spread evenly.
 * Example: 7 stitches to 9 rows: one bar for each stitch, two for stitches 4 and 7.
 */
export function mixedSeam(stitches: number, rows: number): Reading<MixedSeam> {
  if (stitches > rows)
    return unread(
      `${stitches} stitches do not fit onto ${rows} rows, one bar for each at least: ease the longer side in, or sew it the other way round.`,
    );
  const times = gcd(stitches, rows);
  const [each, over] = [stitches / times, rows / times];
  const shares = sharesOf(over, each);
  const bars = Math.min(...shares);
  const wider = shares.flatMap((share, index) => (share > bars ? [index + 1] : []));
  const count = (number: number) => (number === 1 ? "one bar" : `${number} bars`);
  const plain = `Take ${count(bars)} for each stitch`;
  const text =
    wider.length === 0
      ? `${plain}.`
      : `Of every ${each} stitches: ${count(bars)} for each, but ${count(bars + 1)} for stitch ${listed(wider)}.`;
  return read({ times, stitches: each, rows: over, wider, bars, text });
}
