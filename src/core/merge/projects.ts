/** Projects and shelves that two tabs have changed at a time, put together. */
import { checkProject } from "../files/projectFile";
import { mergedLogs } from "../progress/merge";
import type { Project } from "../project/project";
import { checkShelf, type Shelf } from "../project/shelf";
import { mergedValues } from "./values";

/**
 * What `mine` and `theirs` have made of the project `base`, put together; rows that were knitted are never lost. Null
 * where that would be no project: both have added to what has room for one only, say.
 */
export function mergedProjects(base: Project, mine: Project, theirs: Project): Project | null {
  const log = mergedLogs(mine.log, theirs.log) as Project["log"];
  const own = log === mine.log ? mine : { ...mine, log };
  const merged = mergedValues({ ...base, log }, own, { ...theirs, log }) as Project;
  // What only one hand has changed was a project before.
  return mine === base || merged === own || checkProject(merged).ok ? merged : null;
}

/** The same of a shelf. */
export function mergedShelves(base: Shelf, mine: Shelf, theirs: Shelf): Shelf | null {
  const merged = mergedValues(base, mine, theirs) as Shelf;
  return mine === base || merged === mine || checkShelf(merged) ? merged : null;
}
