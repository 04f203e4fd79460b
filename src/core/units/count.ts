/** Whole numbers of things: stitches, rows, ropes. */
import { readQuantities } from "./quantities";
import { read, unread, type Reading } from "./reading";

/** How many of a thing there may be, and its plural for the words of an error. */
export interface CountBounds {
  readonly least: number;
  readonly most: number;
  readonly things: string;
}

/**
 * Reads a whole number; "120 rows" and "24 sts" are understood.
 * Errors: no number, more than one, a fraction, out of bounds.
 * Example: `readCount("120 rows", { least: 1, most: 5000, things: "rows" })` is 120.
 */
export function readCount(text: string, { least, most, things }: CountBounds): Reading<number> {
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  const [only, second] = quantities.value;
  if (!only || second) return unread(`Type one number of ${things}.`, second?.at ?? 0);
  if (only.unit && only.unit.kind !== "stitches" && only.unit.kind !== "rows")
    return unread(`This counts ${things}: leave the unit out.`, only.at);
  if (!Number.isInteger(only.number)) return unread(`Only whole ${things} can be worked.`, only.at);
  if (only.number < least) return unread(`There must be at least ${least} ${things}.`, only.at);
  if (only.number > most)
    return unread(`More than ${most} ${things} is beyond what can be knitted.`, only.at);
  return read(only.number);
}

/** The count nearest to a wish that is within bounds. Example: 0 within 1 to 40 is 1. */
export const nearestCount = (wanted: number, { least, most }: Pick<CountBounds, "least" | "most">) =>
  Math.min(most, Math.max(least, wanted));
