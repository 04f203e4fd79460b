/** Yarn that is at hand, as a knitter tells it: balls, parts of balls by weight, lengths. */
import { say } from "../words/message";
import { readQuantities } from "../typed/quantities";
import { read, unread, type Reading } from "../typed/reading";
import type { PutUp } from "./putUp";

export interface YarnInHand {
  readonly lengthM: number;
  /** How many pieces of it there are: each follows another by a join. */
  readonly balls: number;
}

const MOST_BALLS = 999;

/**
 * Reads what is at hand of a yarn; several things are added up. A number without a unit is that many balls.
 * Errors: nothing, part of a ball without a unit, a weight of a yarn whose weight nobody knows, stitches or rows.
 * Example: "48 g, 35 g, 22 g" of a yarn of 50 g = 100 m is 210 m in three parts.
 */
export function readYarnInHand(text: string, { massG, lengthM, noMass }: PutUp): Reading<YarnInHand> {
  // "3 balls" is 3: the word is no unit of measure.
  const quantities = readQuantities(text.replace(/\bballs?\b|\bskeins?\b|\bparts?\b/giu, " "));
  if (!quantities.ok) return unread(say("atHandNotRead"), quantities.at);
  if (quantities.value.length === 0) return unread(say("askAtHand"));
  let [length, balls] = [0, 0];
  for (const { number, unit, at } of quantities.value) {
    if (!unit) {
      if (!Number.isInteger(number)) return unread(say("partOfABall", { number }), at);
      if (number > MOST_BALLS) return unread(say("wholeShop", { most: MOST_BALLS }), at);
      length += number * lengthM;
      balls += number;
    } else if (unit.kind === "mass") {
      if (noMass) return unread(say("ballMassMissing"), at);
      length += (number * unit.factor * lengthM) / massG;
      balls += 1;
    } else if (unit.kind === "length") {
      length += (number * unit.factor) / 1000;
      balls += 1;
    } else return unread(say("atHandOfOther", { kind: unit.kind }), at);
  }
  return length > 0 ? read({ lengthM: length, balls }) : unread(say("askAtHand"));
}
