/** Beginning a project from a wish: its answer while it is being wished, and putting it in place. */
import type { Project } from "@/core/project/project";
import type { Beginning } from "@/core/templates/beginProject";
import type { Reading } from "@/core/typed/reading";
import type { Begun } from "@/workers/engine.worker";
import { chooseSection } from "../chosen/chosen";
import { emptyShelf } from "@/core/project/shelf";
import { useDoors } from "../chosen/doors";
import { put, replace, useProjectStore } from "./projectStore";
import { useKnitterHand } from "../keeping/knitterHand";
import { useToldOf } from "../engine/toldOf";
import { engine } from "../engine/workers";

export type Wish = Beginning;

/** What a wish comes to; null until it is known, or while there is none. */
export function useBegun(wish: Wish | null): Reading<Begun> | null {
  const key = JSON.stringify(wish);
  const ask = async (job: number): Promise<Reading<Begun> | null> =>
    wish && engine().begin(job, wish, useKnitterHand.getState().hand);
  const heard = useToldOf(key, wish && ask);
  return wish && heard?.of === key ? heard.told : null;
}

/** Adds what a wish is to the open project, in its own yarn and gauge; or says why it cannot be. */
export async function addBegun(wish: Wish): Promise<Reading<Project>> {
  const { project } = useProjectStore.getState();
  const added = await engine().add(wish);
  // What was changed meanwhile is not written over: it is added to that.
  if (useProjectStore.getState().project !== project) return addBegun(wish);
  if (!added.ok) return added;
  replace("add begun", added.value);
  chooseSection(null, added.value.pieces[project.pieces.length]?.id);
  return added;
}

/** Puts a begun project in place of what is open; undo brings that back. */
export function startWith(project: Project) {
  const { shelf } = useProjectStore.getState();
  // Who begins with something of their own has not seen the demo's yarns.
  put("begin", { project, ...(useDoors.getState().open && shelf.demo && { shelf: emptyShelf() }) });
  chooseSection(null, project.pieces[0]?.id);
}
