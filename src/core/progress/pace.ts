/** How quickly rows are worked, by the log; and how long what is left takes. */
import type { Place } from "./places";

/** A longer time between two rows is no row but a break. */
const BREAK_MS = 20 * 60_000;
/** Fewer rows than this say nothing of a pace. */
const LEAST_ROWS = 8;

export interface Pace {
  readonly rowsAnHour: number;
  /** How long a row takes, in ms: for a quarter of them less, for a quarter more. */
  readonly rowMs: { readonly quick: number; readonly middle: number; readonly slow: number };
}

/**
 * The pace of rows that were seen, breaks left out; null where too few were.
 * Example: rows five minutes apart are twelve an hour, whatever lies between two evenings.
 */
export function paceOf(places: readonly Pick<Place, "doneAt" | "breaks">[]): Pace | null {
  const took = places
    .flatMap(({ doneAt, breaks }) =>
      doneAt.flatMap((at, row) => {
        const before = doneAt[row - 1];
        return at !== null &&
          before !== undefined &&
          before !== null &&
          at - before <= BREAK_MS &&
          !breaks.includes(row)
          ? [at - before]
          : [];
      }),
    )
    .sort((a, b) => a - b);
  if (took.length < LEAST_ROWS) return null;
  const at = (share: number) => took[Math.floor(share * (took.length - 1))] ?? 0;
  const middle = at(0.5);
  if (middle <= 0) return null;
  return { rowsAnHour: 3_600_000 / middle, rowMs: { quick: at(0.25), middle, slow: at(0.75) } };
}
