/** Lengths as people type them, read into millimetres. */
import { millimetres, type Millimetres } from "../units/brands";
import { read, type Bounds, type Reading } from "./reading";
import { readSum } from "./sum";

/** What a number without a unit means, in mm. */
export const BARE_LENGTH = { metric: 10, imperial: 25.4 } as const;

/** What a number without a unit is in mm where yarn is measured off: metres or yards. */
export const BARE_YARN = { metric: 1000, imperial: 914.4 } as const;

/**
 * Reads a length; several parts add up. `bare` is the millimetres of a number without a unit.
 * Errors: no number, a unit that is no length, zero or less, out of bounds.
 * Example: `readLength("9 1/2 in", 10, bounds)` is 241.3 mm.
 */
export function readLength(text: string, bare: number, bounds: Bounds): Reading<Millimetres> {
  const sum = readSum(text, { kind: "length", bare, bounds });
  return sum.ok ? read(millimetres(sum.value)) : sum;
}
