/** Projects that come from elsewhere, by file or by link: rows are put together, and about all else the knitter is asked. */
import { create } from "zustand";
import { mergedLogs } from "@/core/progress/merge";
import type { Project } from "@/core/project/project";
import { replace, useProjectStore } from "../project/projectStore";

/** Parts that are not asked about: rows are put together, and what was typed goes with what it was typed for. */
const UNASKED = ["log", "typed", "id", "format", "version"] as const;

export type DifferingPart = Exclude<keyof Project, (typeof UNASKED)[number]>;

interface Arrival {
  /** A project that is open here already in another state; null where nobody need be asked. */
  readonly arrived: Project | null;
  readonly differs: readonly DifferingPart[];
}

export const useArrival = create<Arrival>()(() => ({ arrived: null, differs: [] }));

const differing = (one: Project, other: Project) =>
  (Object.keys(one) as (keyof Project)[]).filter(
    (part): part is DifferingPart =>
      !UNASKED.some((unasked) => unasked === part) &&
      JSON.stringify(one[part]) !== JSON.stringify(other[part]),
  );

/** What became of a project that arrived; `events` is how many of its log were new here. */
export type Arrived =
  { readonly what: "opened" } | { readonly what: "joined" | "asked"; readonly events: number };

/**
 * Takes a project in. One that is not open here is opened, and undo brings the former back; of one that is, the rows
 * are put together, and where anything else differs the knitter is asked which of the two is to stand.
 */
export function arrive(project: Project): Arrived {
  const { project: here } = useProjectStore.getState();
  if (project.id === "" || project.id !== here.id) {
    replace("open", project);
    return { what: "opened" };
  }
  const log = mergedLogs(here.log, project.log);
  const events = log.length - here.log.length;
  if (events > 0) replace("rows from elsewhere", { ...here, log: [...log] });
  const differs = differing(here, project);
  if (differs.length > 0) useArrival.setState({ arrived: project, differs });
  return { what: differs.length > 0 ? "asked" : "joined", events };
}

/** The knitter has chosen: what arrived stands in place of what was here, or what is here stays. Rows stay in any case. */
export function settleArrival(which: "here" | "arrived") {
  const { arrived } = useArrival.getState();
  const { project: here } = useProjectStore.getState();
  if (arrived && which === "arrived") replace("open", { ...arrived, log: here.log });
  useArrival.setState({ arrived: null, differs: [] });
}
