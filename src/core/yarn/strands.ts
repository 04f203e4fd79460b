/** Yarns held together: the strand that they make, and how much of each it takes. */
import { grams, metres } from "../units/brands";
import type { PutUp } from "./putUp";

/** A yarn, and how many strands of it are held. */
export interface Held {
  readonly putUp: PutUp;
  readonly strands: number;
}

/**
 * One strand of yarns held together, as a put-up: a ball of the first as far as it goes in its strands, and beside it
 * what of the others goes with it. Grams per metre add up, and as many balls of the first are needed as of this.
 * Example: two strands of 100 g = 330 m are 100 g = 165 m.
 */
export function heldTogether([first, ...others]: readonly [Held, ...Held[]]): PutUp {
  const { massG, lengthM } = inStrands(first);
  const beside = others.reduce((sum, { putUp, strands }) => sum + (strands * putUp.massG) / putUp.lengthM, 0);
  return { massG: grams(massG + beside * lengthM), lengthM };
}

/** A ball as far as it goes in so many strands. Example: 210 m held triple go 70 m. */
export const inStrands = ({ putUp, strands }: Held): PutUp => ({
  massG: putUp.massG,
  lengthM: metres(putUp.lengthM / strands),
});
