/** From yarn needed to balls on the table: whole balls, with what each join wastes. */
import type { JoinId } from "../project/finishing";
import { millimetres, type Metres, type Millimetres } from "../units/brands";
import { END_MM } from "./longTail";

/** How one ball follows another, and what of both balls is not knitted. One more way is one more row. */
export const JOINS = {
  knot: { name: "Knot or weave", mm: 2 * END_MM },
  overlap: { name: "Overlap", mm: 200 },
  splice: { name: "Splice", mm: 60 },
} as const satisfies { readonly [Id in JoinId]: { readonly name: string; readonly mm: number } };

/** The usual join: two ends to weave in. */
export const JOIN_MM = JOINS.knot.mm;

/** What `balls` balls lose to the joins between them. Example: 3 balls have 2 joins of 300 mm. */
export const joinWaste = (balls: number, joinMm: number = JOIN_MM): Millimetres =>
  millimetres(Math.max(0, balls - 1) * joinMm);

/**
 * The fewest balls that hold `need` and the joins between them. A ball must be longer than a join.
 * Example: 500 m in balls of 165 m is 4 balls.
 */
export function fewestBalls(need: Millimetres, ball: Metres, joinMm: number = JOIN_MM): number {
  const ballMm = ball * 1000;
  return Math.max(1, Math.ceil((need - joinMm) / (ballMm - joinMm)));
}
