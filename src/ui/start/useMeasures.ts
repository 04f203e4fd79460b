import { ENTERED } from "@/core/project/enteredFigures";
import type { Measures } from "@/core/order/makings";
import { START_LIST, type StartId } from "@/core/templates/startList";
import { useDraftField } from "./draftField";

export const thingOf = (start: StartId) => START_LIST.find(({ id }) => id === start);

/** The measures that a thing usually has. */
export const usualOf = (start: StartId): Measures => {
  const thing = thingOf(start);
  return {
    acrossMm: thing?.across.usualMm ?? 0,
    easeMm: thing?.easeMm ?? 0,
    alongMm: thing?.along.usualMm ?? 0,
  };
};

/** The fields of a thing's measures, begun with what is usual; and what they come to, null while one is not read. */
export function useMeasures(of: string, start: StartId) {
  const usual = usualOf(start);
  const across = useDraftField(`${of} ${start} across`, ENTERED.across, usual.acrossMm);
  const ease = useDraftField(`${of} ${start} ease`, ENTERED.ease, usual.easeMm);
  const along = useDraftField(`${of} ${start} along`, ENTERED.along, usual.alongMm);
  const measures: Measures | null =
    across.value !== null && ease.value !== null && along.value !== null
      ? { acrossMm: across.value, easeMm: ease.value, alongMm: along.value }
      : null;
  return { across, ease, along, measures };
}
