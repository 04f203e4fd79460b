/** What leaving parts out would save, reckoned in the worker when the typing rests. */
import type { Leavable, Project } from "@/core/files/project";
import { useProject } from "./projectStore";
import { useSettled } from "./settled";
import { reckoner } from "./workers";

const ask = (project: Project) => reckoner().savingsOf(project);

const NONE: ReadonlyMap<Leavable, number> = new Map();

/** Yarn in mm for each part; empty until it has been reckoned. */
export const useSavings = (): ReadonlyMap<Leavable, number> => useSettled(useProject(), ask) ?? NONE;
