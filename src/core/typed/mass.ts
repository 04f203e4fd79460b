/** Masses as people type them, read into grams. */
import { GRAMS_IN_OUNCE, grams, type Grams, type UnitSystem } from "../units/brands";
import { read, type Bounds, type Reading } from "./reading";
import { readSum } from "./sum";

/** What a number without a unit means, in g. */
const BARE_MASS = { metric: 1, imperial: GRAMS_IN_OUNCE } as const;

/**
 * Reads a mass; several parts add up.
 * Errors: no number, a unit that is no mass, zero or less, out of bounds.
 * Example: `readMass("1/2 oz", "metric", bounds)` is 14.17 g.
 */
export function readMass(text: string, system: UnitSystem, bounds: Bounds): Reading<Grams> {
  const sum = readSum(text, { kind: "mass", bare: BARE_MASS[system], bounds });
  return sum.ok ? read(grams(sum.value)) : sum;
}
