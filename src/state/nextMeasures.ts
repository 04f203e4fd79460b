/** What to measure next, reckoned in the worker when the typing rests. */
import type { Project } from "@/core/files/project";
import type { NextMeasure } from "@/core/forecast/nextMeasure";
import { useProject } from "./projectStore";
import { useSettled } from "./settled";
import { reckoner } from "./workers";

let asked: { readonly project: Project; readonly told: Promise<readonly NextMeasure[]> } | undefined;

/** Asked once for each change, however many places show it. */
function ask(project: Project): Promise<readonly NextMeasure[]> {
  if (asked?.project !== project) asked = { project, told: reckoner().measuresFor(project) };
  return asked.told;
}

/** The most telling first; null until it has been reckoned. */
export const useNextMeasures = (): readonly NextMeasure[] | null => useSettled(useProject(), ask);
