/** Yarn that is at hand, as a knitter tells it: balls, parts of balls by weight, lengths. */
import { readQuantities } from "../units/quantities";
import { read, unread, type Reading } from "../units/reading";
import type { PutUp } from "./putUp";

export interface YarnInHand {
  readonly lengthM: number;
  /** How many pieces of it there are: each follows another by a join. */
  readonly balls: number;
}

const ASK = "Type whole balls, weights or lengths, as 3, or 48 g, 35 g, 22 g, or 95 m.";
const MOST_BALLS = 999;

/**
 * Reads what is at hand of a yarn; several things are added up. A number without a unit is that many balls.
 * Errors: nothing, part of a ball without a unit, a weight of a yarn whose weight nobody knows, stitches or rows.
 * Example: "48 g, 35 g, 22 g" of a yarn of 50 g = 100 m is 210 m in three parts.
 */
export function readYarnInHand(text: string, { massG, lengthM, noMass }: PutUp): Reading<YarnInHand> {
  // "3 balls" is 3: the word is no unit of measure.
  const quantities = readQuantities(text.replace(/\bballs?\b|\bskeins?\b|\bparts?\b/giu, " "));
  if (!quantities.ok) return unread(`${quantities.message} ${ASK}`, quantities.at);
  if (quantities.value.length === 0) return unread(ASK);
  let [length, balls] = [0, 0];
  for (const { number, unit, at } of quantities.value) {
    if (!unit) {
      if (!Number.isInteger(number)) return unread(`${number} of a ball: give its weight or its length.`, at);
      if (number > MOST_BALLS)
        return unread(`Over ${MOST_BALLS} balls is a whole shop: check the number.`, at);
      length += number * lengthM;
      balls += number;
    } else if (unit.kind === "mass") {
      if (noMass) return unread("The weight of a ball of this yarn is missing: give lengths.", at);
      length += (number * unit.factor * lengthM) / massG;
      balls += 1;
    } else if (unit.kind === "length") {
      length += (number * unit.factor) / 1000;
      balls += 1;
    } else return unread(`Yarn at hand has no ${unit.kind}. ${ASK}`, at);
  }
  return length > 0 ? read({ lengthM: length, balls }) : unread(ASK);
}
