/** Times as people say them. */

const DAY_MS = 86_400_000;
const near = new Intl.RelativeTimeFormat("en", { numeric: "auto" });

/** Midnight before a time, in the knitter's own zone. */
const dayOf = (time: number) => new Date(time).setHours(0, 0, 0, 0);

/** Example: "today", "yesterday", "5 days ago"; further back the date. */
export function tellWhen(time: number, now = Date.now()): string {
  const days = Math.round((dayOf(time) - dayOf(now)) / DAY_MS);
  return days > -14 ? near.format(Math.min(0, days), "day") : `on ${new Date(time).toLocaleDateString()}`;
}

/** Example: "26 Nov 2026, 14:05". */
export const tellTime = (time: number) =>
  new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" }).format(new Date(time));
