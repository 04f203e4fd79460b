/** Rest for the hands: how long somebody has been knitting without a break. */
import type { Place } from "./places";

/** A pause of so long is a rest. */
const REST_MS = 10 * 60_000;

/**
 * Since when rows have followed one another without a rest, up to `now`; null where nobody is knitting.
 * Example: rows at 19:00, 19:05 and 19:12, and it is 19:15: since 19:00.
 */
export function knittingSince(places: readonly Pick<Place, "doneAt">[], now: number): number | null {
  const times = places
    .flatMap(({ doneAt }) => doneAt.filter((at): at is number => at !== null && at <= now))
    .sort((a, b) => b - a);
  let since: number | null = null;
  let after = now;
  for (const at of times) {
    if (after - at >= REST_MS) break;
    [since, after] = [at, at];
  }
  return since;
}
