/** Rows until a day: how many on each day of knitting, with days on which the hands rest. */

/** A day as it stands in a calendar: "2026-12-20". */
export type Day = string;

/** Rows of one piece that are still to be worked, counted from 1. */
export interface ToWork {
  readonly key: string;
  readonly from: number;
  readonly to: number;
}

export interface DayOfRows {
  readonly day: Day;
  readonly rows: readonly ToWork[];
}

const DAY_MS = 86_400_000;
const at = (day: Day) => Date.parse(`${day}T00:00:00Z`);
const dayOf = (ms: number): Day => new Date(ms).toISOString().slice(0, 10);

/** The day after. */
export const nextDay = (day: Day): Day => dayOf(at(day) + DAY_MS);

/** More days than these nobody plans ahead. */
const MOST_DAYS = 1000;

/**
 * The days from one to another, both counted, on which somebody knits; `restDays` are days of the week, Sunday being 0.
 * Empty where the last is before the first. Example: from a Friday to a Monday with Sunday off are three.
 */
export function knittingDays(from: Day, to: Day, restDays: readonly number[]): readonly Day[] {
  const days: Day[] = [];
  for (let ms = at(from); ms <= at(to) && days.length < MOST_DAYS; ms += DAY_MS)
    if (!restDays.includes(new Date(ms).getUTCDay())) days.push(dayOf(ms));
  return days;
}

/** The rows from one to another of all that is to be worked, in order, both counted from 0. */
function rowsBetween(toWork: readonly ToWork[], from: number, to: number): readonly ToWork[] {
  let before = 0;
  return toWork.flatMap(({ key, from: first, to: last }) => {
    const [start, end] = [Math.max(from - before, 0), Math.min(to - before, last - first + 1)];
    before += last - first + 1;
    return end > start ? [{ key, from: first + start, to: first + end - 1 }] : [];
  });
}

/**
 * Rows spread over days, as evenly as whole rows are: no day has more than one row more than another, and each row is
 * worked once. Example: 10 rows on 3 days are 3, 4 and 3.
 */
export function rowsByDay(toWork: readonly ToWork[], days: readonly Day[]): readonly DayOfRows[] {
  const all = toWork.reduce((sum, { from, to }) => sum + to - from + 1, 0);
  const upTo = (index: number) => Math.round((index * all) / days.length);
  return days.map((day, index) => ({ day, rows: rowsBetween(toWork, upTo(index), upTo(index + 1)) }));
}
