/** Beginning a project from a wish: its answer while it is being wished, and putting it in place. */
import { useEffect, useState } from "react";
import type { Project } from "@/core/project/project";
import type { Beginning } from "@/core/templates/beginProject";
import type { Reading } from "@/core/typed/reading";
import type { Begun } from "@/workers/engine.worker";
import { chooseSection } from "../chosen/chosen";
import { replace, useProjectStore } from "./projectStore";
import { useKnitterHand } from "../keeping/knitterHand";
import { nextJob } from "../engine/job";
import { engine } from "../engine/workers";

export type Wish = Beginning;

/** What a wish comes to; null until it is known, or while there is none. */
export function useBegun(wish: Wish | null): Reading<Begun> | null {
  const [begun, setBegun] = useState<{ key: string; reading: Reading<Begun> } | null>(null);
  const key = JSON.stringify(wish);
  useEffect(() => {
    let current = true;
    const job = nextJob();
    const ask = async () => {
      if (!wish) return;
      const reading = await engine().begin(job, wish, useKnitterHand.getState().hand);
      if (current && reading) setBegun({ key, reading });
    };
    void ask();
    return () => {
      current = false;
      if (wish) void engine().stop(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key is the wish
  }, [key]);
  return wish && begun?.key === key ? begun.reading : null;
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
  replace("begin", project);
  chooseSection(null, project.pieces[0]?.id);
}
