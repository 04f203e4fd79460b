/** In which of its parts one state of a project differs from another. */
import { same } from "@/core/merge/values";
import type { Project } from "@/core/project/project";

/** Parts that are not asked about: rows are put together, and what was typed goes with what it was typed for. */
const UNASKED = ["log", "typed", "id", "format", "version"] as const;

export type DifferingPart = Exclude<keyof Project, (typeof UNASKED)[number]>;

export const differing = (one: Project, other: Project) =>
  (Object.keys(one) as (keyof Project)[]).filter(
    (part): part is DifferingPart =>
      !UNASKED.some((unasked) => unasked === part) && !same(one[part], other[part]),
  );
