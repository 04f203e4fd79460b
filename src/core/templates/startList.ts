/** What can be begun, without how it is built: for lists of it. */
import { GARMENTS } from "./garments";
import { SMALL_THINGS } from "./smallThings";
import type { Start } from "./start";

export const STARTS = { ...GARMENTS, ...SMALL_THINGS } as const satisfies Record<string, Start>;
export type StartId = keyof typeof STARTS;

/** What of a thing grows with its yarn: its length, all of it in its shape, or nothing. */
export const growsBy = ({ grows, scales }: Start): "length" | "size" | null =>
  grows ? "length" : scales ? "size" : null;

export const START_LIST = (Object.keys(STARTS) as readonly StartId[]).map((id) => {
  const start: Start = STARTS[id];
  const { name, across, along, easeMm } = start;
  return { id, name, across, along, easeMm, grows: growsBy(start) };
});
