/** Rows by day as a calendar file, which any calendar reads. */
import { createEvents, type DateArray } from "ics";
import { nextDay, type DayOfRows } from "@/core/progress/calendar";

const partsOf = (day: string): DateArray => day.split("-").map(Number) as unknown as DateArray;

/** One event on each day of knitting, all day long; null where the rows cannot be written so. */
export function calendarOf(
  plan: readonly DayOfRows[],
  { name, nameOf }: { readonly name: string; readonly nameOf: (key: string) => string },
): string | null {
  const { value } = createEvents(
    plan
      .filter(({ rows }) => rows.length > 0)
      .map(({ day, rows }) => ({
        title: `${name}: ${rows.map(({ key, from, to }) => `${nameOf(key)}, rows ${from} to ${to}`).join("; ")}`,
        start: partsOf(day),
        end: partsOf(nextDay(day)),
        productId: "brenok",
        busyStatus: "FREE" as const,
      })),
  );
  return value ?? null;
}
