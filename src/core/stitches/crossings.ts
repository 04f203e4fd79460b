/** Cable crossings: which column goes where, and the yarn that the travelling loops pull out. */
import type { Face } from "./operations";

/**
 * The first `first` stitches of the span move right, over or under the last `last`, around `centre`
 * stitches that keep to the middle. All seen from the right side.
 */
export interface Crossing {
  readonly first: number;
  readonly centre: number;
  readonly last: number;
  /** Which way the strand in front leans. */
  readonly lean: "left" | "right";
  /** The face of the strand behind. */
  readonly behind: Face;
}

/** How far a stitch stands in front of or behind the fabric inside a crossing, in plain stitch widths. */
const DEPTH = 0.35;
/** Share of the way a loop has to travel that it takes from its own yarn. */
const GIVE = 0.15;

export const widthOf = ({ first, centre, last }: Crossing) => first + centre + last;

/**
 * For each column of the crossing, from the right, the column of its parent in the row below.
 * Example: 2/2 gives [2, 3, 0, 1]: the last two stand first, the first two last.
 */
export function parentsOf({ first, centre, last }: Crossing): readonly number[] {
  const run = (from: number, count: number) => Array.from({ length: count }, (_, step) => from + step);
  return [...run(first + centre, last), ...run(first, centre), ...run(0, first)];
}

/** How many columns each stitch of the crossing moved. Example: 2/2 gives [2, 2, 2, 2]. */
export const spansOf = (crossing: Crossing): readonly number[] =>
  parentsOf(crossing).map((parent, column) => Math.abs(parent - column));

/**
 * Yarn that a crossing takes beyond its plain loops, in plain stitch widths, at a row height `aspect`
 * (height over width): two legs to a loop, each longer by `give` of the way it travels.
 * Example: 2/2 at aspect 0.72 takes 1.721 stitch widths.
 */
export function crossingExtra(crossing: Crossing, aspect: number, give = GIVE): number {
  return spansOf(crossing).reduce((total, span) => {
    const reach = Math.sqrt(aspect ** 2 + span ** 2 + DEPTH ** 2);
    return total + 2 * give * (reach - aspect);
  }, 0);
}
