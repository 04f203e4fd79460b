/** What can be begun, without how it is built: for lists of it. */
import { GARMENTS } from "./garments";
import { SMALL_THINGS } from "./smallThings";
import type { Start } from "./start";

export const STARTS = { ...GARMENTS, ...SMALL_THINGS } as const satisfies Record<string, Start>;
export type StartId = keyof typeof STARTS;

export const START_LIST = (Object.keys(STARTS) as readonly StartId[]).map((id) => {
  const { name, across, along, easeMm }: Start = STARTS[id];
  return { id, name, across, along, easeMm };
});
