/** What is asked of the open project, wherever it is shown. */
import type { Leavable } from "@/core/project/project";
import type { NextMeasure } from "@/core/forecast/nextMeasure";
import { useAsked } from "./asked";

const NONE: ReadonlyMap<Leavable, number> = new Map();

/** Yarn in mm that leaving each part out would save; empty until it has been calculated. */
export const useSavings = (): ReadonlyMap<Leavable, number> => useAsked("savings", null).told ?? NONE;

/** What to measure next, the most telling first; null until it has been calculated. */
export const useNextMeasures = (): readonly NextMeasure[] | null => useAsked("nextMeasures", null).told;
