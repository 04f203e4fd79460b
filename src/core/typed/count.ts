/** Whole numbers of things: stitches, rows, ropes. */
import { say } from "../words/message";
import type { Thing } from "../words/things";
import { readQuantities } from "./quantities";
import { read, unread, type Reading } from "./reading";

/** How many of a thing there may be, and what it is. */
export interface CountBounds {
  readonly least: number;
  readonly most: number;
  readonly thing: Thing;
}

/**
 * Reads a whole number; "120 rows" and "24 sts" are understood.
 * Errors: no number, more than one, a fraction, out of bounds.
 * Example: `readCount("120 rows", { least: 1, most: 5000, thing: "row" })` is 120.
 */
export function readCount(text: string, { least, most, thing }: CountBounds): Reading<number> {
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  const [only, second] = quantities.value;
  if (!only || second) return unread(say("oneNumber", { thing }), second?.at ?? 0);
  if (only.unit && only.unit.kind !== "stitches" && only.unit.kind !== "rows")
    return unread(say("countHasNoUnit", { thing }), only.at);
  if (!Number.isInteger(only.number)) return unread(say("onlyWhole", { thing }), only.at);
  if (only.number < least) return unread(say("atLeast", { count: least, thing }), only.at);
  if (only.number > most) return unread(say("countTooLarge", { count: most, thing }), only.at);
  return read(only.number);
}

/** The count nearest to a wish that is within bounds. Example: 0 within 1 to 40 is 1. */
export const nearestCount = (wanted: number, { least, most }: Pick<CountBounds, "least" | "most">) =>
  Math.min(most, Math.max(least, wanted));
