/** What to measure next, reckoned in the worker when the typing rests. */
import type { Project } from "@/core/files/project";
import type { NextMeasure } from "@/core/forecast/nextMeasure";
import { useProject } from "./projectStore";
import { useSettled } from "./settled";
import { reckoner } from "./workers";

const ask = (project: Project) => reckoner().measuresFor(project);

/** The most telling first; null until it has been reckoned. */
export const useNextMeasures = (): readonly NextMeasure[] | null => useSettled(useProject(), ask);
