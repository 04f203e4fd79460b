/** From yarn needed to balls on the table: whole balls, with what each join wastes. */
import { millimetres, type Metres, type Millimetres } from "../units/brands";
import { END_MM } from "./castOn";

/** Two ends to weave in where one ball follows another. */
export const JOIN_MM = 2 * END_MM;

/** What `balls` balls lose to the joins between them. Example: 3 balls have 2 joins of 300 mm. */
export const joinWaste = (balls: number): Millimetres => millimetres(Math.max(0, balls - 1) * JOIN_MM);

/**
 * The fewest balls that hold `need` and the joins between them. A ball must be longer than a join.
 * Example: 500 m in balls of 165 m is 4 balls.
 */
export function fewestBalls(need: Millimetres, ball: Metres): number {
  const ballMm = ball * 1000;
  return Math.max(1, Math.ceil((need - JOIN_MM) / (ballMm - JOIN_MM)));
}
