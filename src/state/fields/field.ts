/** A figure of the open project: what it is, and where it is kept. */
import type { Draft } from "immer";
import type { Figure } from "@/core/project/figures";
import type { Project } from "@/core/project/project";
import type { Chosen } from "../chosen/chosen";

/** Where a figure is kept, in what is chosen. */
export interface Place<Value> {
  readonly get: (project: Project, at: Chosen) => Value | null;
  readonly set: (draft: Draft<Project>, value: Value | null, at: Chosen) => void;
}

export type Field<Value> = Figure<Value> & Place<Value>;
