/** Quantities of one kind that are added up. */
import { say, type Message } from "../words/message";
import { readQuantities } from "./quantities";
import { read, unread, within, type Bounds, type Reading } from "./reading";

interface Summed {
  readonly kind: "length" | "mass";
  /** What a number without a unit is worth. */
  readonly bare: number;
  readonly bounds: Bounds;
}

/** What is said of a unit of another kind, and of a number without a unit among several. */
const SAYS: { readonly [Kind in Summed["kind"]]: { readonly other: Message; readonly bare: Message } } = {
  length: { other: say("noLength"), bare: say("lengthWithoutUnit") },
  mass: { other: say("noMass"), bare: say("massWithoutUnit") },
};

/**
 * Reads quantities of a kind and adds them up, in the unit of that kind (mm, g).
 * Errors: no number, a unit of another kind, a number without a unit among several, out of bounds.
 * Example: "3 ft 4 in" as lengths is 1016.
 */
export function readSum(text: string, { kind, bare, bounds }: Summed): Reading<number> {
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  let total = 0;
  for (const { number, unit, at } of quantities.value) {
    if (unit && unit.kind !== kind) return unread(SAYS[kind].other, at);
    if (!unit && quantities.value.length > 1) return unread(SAYS[kind].bare, at);
    total += number * (unit?.factor ?? bare);
  }
  const bounded = within(total, bounds);
  return bounded.ok ? read(total) : bounded;
}
