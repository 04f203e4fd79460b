/** A row that increases or decreases to another count, evenly, written out so that it adds up. */
import { read, unread, type Reading } from "../units/reading";
import { inBrackets, sharesOf } from "./spread";

const knit = (stitches: number) => (stitches > 0 ? [`k${stitches}`] : []);

/** An increase in the middle of each share: half of the first share before it, half of the last behind. */
function increases(from: number, count: number): readonly string[] {
  const shares = sharesOf(from, count);
  const first = Math.ceil((shares[0] ?? 0) / 2);
  const runs = shares.map((share, index) =>
    index === 0 ? first : Math.floor((shares[index - 1] ?? 0) / 2) + Math.ceil(share / 2),
  );
  const last = Math.floor((shares.at(-1) ?? 0) / 2);
  return [...runs.map((run) => [...knit(run), "m1"].join(", ")), ...knit(last)];
}

/** A decrease in the middle of each share of the stitches. */
function decreases(from: number, count: number): readonly string[] {
  const shares = sharesOf(from, count);
  const before = shares.map((share) => Math.ceil((share - 2) / 2));
  const runs = shares.map((_, index) => {
    const left = index === 0 ? 0 : (shares[index - 1] ?? 0) - 2 - (before[index - 1] ?? 0);
    return left + (before[index] ?? 0);
  });
  const last = (shares.at(-1) ?? 0) - 2 - (before.at(-1) ?? 0);
  return [...runs.map((run) => [...knit(run), "k2tog"].join(", ")), ...knit(last)];
}

/**
 * The row that takes `from` stitches to `to`, as text that reads as a row.
 * Errors: more increases than one for each stitch, more decreases than pairs, each with what to do.
 * Example: 78 to 96 is 18 increases: "[k2, m1, k4, m1 …", which adds up to 96.
 */
export function changeCount(from: number, to: number): Reading<string> {
  const change = to - from;
  if (change === 0) return read(`k${from}`);
  if (change > from)
    return unread(
      `${change} increases do not fit into ${from} stitches, one for each at most: increase over two rows, first to ${2 * from}.`,
    );
  if (-change * 2 > from)
    return unread(
      `${-change} decreases need ${-change * 2} stitches, and there are ${from}: decrease over two rows, first to ${Math.ceil(from / 2)}.`,
    );
  return read(inBrackets(change > 0 ? increases(from, change) : decreases(from, -change)));
}
