/** Things spread evenly along a row: how far apart, and the runs between them told as people write them. */

/**
 * Shares `total` out among `parts` as evenly as whole numbers go; the larger ones stand evenly too.
 * Example: 11 among 4 is [2, 3, 3, 3].
 */
export function sharesOf(total: number, parts: number): readonly number[] {
  return Array.from(
    { length: parts },
    (_, part) => Math.floor(((part + 1) * total) / parts) - Math.floor((part * total) / parts),
  );
}

/** Longest run of items that is looked at as one thing to repeat. */
const LONGEST = 12;

/**
 * Writes items out, those that come again and again in brackets. Every item stands in it just as often as given.
 * Example: ["k3, m1", "k4, m1", "k3, m1", "k4, m1", "k2"] is "[k3, m1, k4, m1] twice, k2".
 */
export function inBrackets(items: readonly string[]): string {
  const parts: string[] = [];
  for (let at = 0; at < items.length;) {
    const { length, times } = bestRepeat(items, at);
    const once = items.slice(at, at + length).join(", ");
    parts.push(times > 1 ? `[${once}] ${times === 2 ? "twice" : `${times} times`}` : once);
    at += length * times;
  }
  return parts.join(", ");
}

/** What to repeat from here: the run that covers most when it is repeated, the shortest of those. */
function bestRepeat(items: readonly string[], at: number): { length: number; times: number } {
  let best = { length: 1, times: 1 };
  for (let length = 1; length <= LONGEST && at + 2 * length <= items.length; length += 1) {
    let times = 1;
    while (
      at + (times + 1) * length <= items.length &&
      items.slice(at, at + length).every((item, index) => item === items[at + times * length + index])
    )
      times += 1;
    if (times > 1 && times * length > best.times * best.length) best = { length, times };
  }
  return best;
}
