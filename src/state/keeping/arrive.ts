/** Projects that come from elsewhere, by file or by link: rows are put together, and about all else the knitter is asked. */
import { mergedLogs } from "@/core/progress/merge";
import type { Project } from "@/core/project/project";
import { replace, useProjectStore } from "../project/projectStore";
import { useArrival } from "./arrivals";
import { differing } from "./differing";
import { projects, recordOf } from "./keeper";

/** What became of a project that arrived; `events` is how many of its log were new here. */
export type Arrived =
  { readonly what: "opened" } | { readonly what: "joined" | "asked"; readonly events: number };

/** The project of this name that is kept in this browser, open or not; null where there is none. */
async function keptAlready(id: string): Promise<Project | null> {
  const { project: here } = useProjectStore.getState();
  if (id === "" || id === here.id) return id === "" ? null : here;
  const found = await projects.find(recordOf(id)).catch(() => null);
  return found?.kind === "found" ? found.value : null;
}

/**
 * Takes a project in. One that is not kept here is opened, and undo brings the former back; of one that is, the rows
 * are put together, and where anything else differs the knitter is asked which of the two is to stand.
 */
export async function arrive(project: Project): Promise<Arrived> {
  const here = await keptAlready(project.id);
  if (!here) {
    replace("open", project);
    return { what: "opened" };
  }
  const log = mergedLogs(here.log, project.log);
  const events = log.length - here.log.length;
  if (events > 0) replace("rows from elsewhere", { ...here, log: [...log] });
  else if (here.id !== useProjectStore.getState().project.id) replace("open", here);
  const differs = differing(here, project);
  if (differs.length > 0) useArrival.setState({ arrived: project, differs });
  return { what: differs.length > 0 ? "asked" : "joined", events };
}
