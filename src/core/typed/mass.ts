/** Masses as people type them, read into grams. */
import { GRAMS_IN_OUNCE, grams, type Grams, type UnitSystem } from "../units/brands";
import { say } from "../words/message";
import { readQuantities } from "./quantities";
import { read, unread, within, type Bounds, type Reading } from "./reading";

/** What a number without a unit means, in g. */
const BARE_MASS = { metric: 1, imperial: GRAMS_IN_OUNCE } as const;

/**
 * Reads a mass; several parts add up.
 * Errors: no number, a unit that is no mass, zero or less, out of bounds.
 * Example: `readMass("1/2 oz", "metric", bounds)` is 14.17 g.
 */
export function readMass(text: string, system: UnitSystem, bounds: Bounds): Reading<Grams> {
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  let total = 0;
  for (const { number, unit, at } of quantities.value) {
    if (unit && unit.kind !== "mass") return unread(say("noMass"), at);
    if (!unit && quantities.value.length > 1) return unread(say("massWithoutUnit"), at);
    total += number * (unit?.factor ?? BARE_MASS[system]);
  }
  const bounded = within(total, bounds);
  return bounded.ok ? read(grams(total)) : bounded;
}
