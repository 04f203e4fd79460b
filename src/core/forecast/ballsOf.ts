/** The ball map of an answer, with what is worked and was told of joins. */
import { ballMap, type BallMap, type BallOptions } from "../estimate/ballMap";
import { joinWaste } from "../estimate/balls";
import { layStrand } from "../estimate/layStrand";
import { keyOfPlace } from "../progress/inHand";
import type { Progress } from "../progress/places";
import type { KnownForecast } from "./projectForecast";

export interface BallsAsked extends Pick<BallOptions, "turns" | "parts"> {
  readonly yarnId: string;
  /** Masses of part balls. */
  readonly partsG: readonly number[];
}

/**
 * The balls of a yarn as they are most likely used up; null where it is not used.
 * Example: before the first row all of it is a plan.
 */
export function ballsOf(
  { estimate, yarns }: KnownForecast,
  { places, joins }: Pick<Progress, "places" | "joins">,
  { yarnId, partsG, ...asked }: BallsAsked,
): BallMap | null {
  const one = yarns.find(({ yarn }) => yarn.id === yarnId);
  if (!one) return null;
  const { putUp, joinMm } = one.yarn;
  const wholeMm = 1000 * putUp.lengthM;
  const mmOf = (massG: number) => (massG * wholeMm) / putUp.massG;
  const begun = places.filter(({ rows }) => rows > 0).toSorted((a, b) => a.begunAt - b.begunAt);
  return ballMap(layStrand(estimate, one), joinWaste(one.balls, joinMm), {
    ...asked,
    wholeMm,
    joinMm,
    partsMm: partsG.map(mmOf),
    done: begun.map(({ pieceId, copy, rows }) => ({
      pieceId,
      copy,
      rows,
      joins: joins
        .filter(({ event }) => event.yarnId === yarnId && keyOfPlace(event) === keyOfPlace({ pieceId, copy }))
        .map(({ row, event: { massG } }) => ({ row, holdsMm: mmOf(massG ?? putUp.massG) })),
    })),
  });
}
