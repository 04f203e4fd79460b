/** What was typed of things that are gone: it goes with them, and comes back with them by undo. */
import type { Draft } from "immer";
import type { Project } from "@/core/project/project";

/** Drops the texts of these things from a draft. */
export function forgetTexts(draft: Draft<Project>, ids: readonly string[]) {
  for (const key of Object.keys(draft.typed))
    if (ids.some((id) => key.endsWith(` ${id}`))) delete draft.typed[key];
}
