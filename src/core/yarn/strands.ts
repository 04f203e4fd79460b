/** Yarns held together: the strand that they make, and how much of each it takes. */
import { grams, metres } from "../units/brands";
import type { PutUp } from "./putUp";

/** A yarn, and how many strands of it are held. */
export interface Held {
  readonly putUp: PutUp;
  readonly strands: number;
}

/**
 * One strand of yarns held together, as a put-up: grams per metre add up. Of one yarn it is its own ball, as far as
 * it goes: that length divided by the strands, so that as many balls are needed of it. Of several it is 100 g.
 * Example: two strands of 100 g = 330 m are 100 g = 165 m.
 */
export function heldTogether(held: readonly [Held, ...Held[]]): PutUp {
  const [first, ...others] = held;
  if (others.length === 0) return inStrands(first);
  const gramsPerMetre = held.reduce(
    (sum, { putUp, strands }) => sum + (strands * putUp.massG) / putUp.lengthM,
    0,
  );
  return { massG: grams(100), lengthM: metres(100 / gramsPerMetre) };
}

/** A ball as far as it goes in so many strands. Example: 210 m held triple go 70 m. */
export const inStrands = ({ putUp, strands }: Held): PutUp => ({
  massG: putUp.massG,
  lengthM: metres(putUp.lengthM / strands),
});
