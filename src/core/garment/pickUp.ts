/** Stitches picked up along the side of a piece, and seams between rows and stitches: which bars to take. */
import type { Gauge } from "../stitches/plainStitch";
import { gcd } from "../panels/transforms";
import { say, type Message } from "../words/message";
import { read, unread, type Reading } from "../typed/reading";
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
  if (stitches > rows) return unread(say("moreThanOneARow", { rows, stitches }));
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

/** What lies along an edge: the bars between rows of a side, the stitches of an end. */
export type Along = "stitches" | "rows";

export interface MixedSeam {
  /** How often the whole plan comes again along the seam. */
  readonly times: number;
  /** Of the plan: how many of the edge that has fewer, and of the other. */
  readonly few: number;
  readonly many: number;
  /** Those of the fewer, counted from 1, that take one more than the others; and how many the others take. */
  readonly wider: readonly number[];
  readonly each: number;
  /** What the plan leaves over at the end of both edges. */
  readonly left: readonly [few: number, many: number];
  readonly text: Message;
}

/** A plan longer than this cannot be kept in the head. */
const LONGEST_PLAN = 20;

/** The ratio of two counts in numbers that can be kept in the head. Example: 171 to 221 is as 7 to 9. */
function ratioOf(few: number, many: number): readonly [number, number] {
  const shared = gcd(few, many);
  if (few / shared <= LONGEST_PLAN) return [few / shared, many / shared];
  let best: readonly [number, number] = [1, Math.round(many / few)];
  for (let part = 2; part <= LONGEST_PLAN; part += 1) {
    const other = Math.round((part * many) / few);
    if (Math.abs(other / part - many / few) < Math.abs(best[1] / best[0] - many / few)) best = [part, other];
  }
  return best;
}

const ONE = { stitches: "stitch", rows: "row" } as const;

/**
 * A seam of two edges: how many of the one are taken for each of the other, spread evenly; which edge has fewer does
 * not matter. What is left over at the end is told. Counts from 1.
 * Example: 7 stitches to 9 rows: one bar for each stitch, two for stitches 4 and 7.
 */
export function mixedSeam(
  one: number,
  other: number,
  [ofOne, ofOther]: readonly [Along, Along] = ["stitches", "rows"],
): MixedSeam {
  const turned = one > other;
  const [fewer, more] = turned ? [other, one] : [one, other];
  const [thing, taken] = turned ? [ofOther, ofOne] : [ofOne, ofOther];
  const [few, many] = ratioOf(fewer, more);
  const times = Math.min(Math.floor(fewer / few), Math.floor(more / many));
  const shares = sharesOf(many, few);
  const each = Math.min(...shares);
  const wider = shares.flatMap((share, index) => (share > each ? [index + 1] : []));
  const left = [fewer - times * few, more - times * many] as const;
  const text = say("seamPlan", { of: ONE[thing], taken: ONE[taken], few, each, wider, left });
  return { times, few, many, wider, each, left, text };
}
