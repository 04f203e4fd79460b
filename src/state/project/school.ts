/** By which school balls are advised; every step can be undone. */
import type { Project } from "@/core/project/project";
import { change } from "./projectStore";

export const chooseSchool = (by: Project["school"]["by"]) =>
  change("school", (draft) => {
    draft.school.by = by;
  });
