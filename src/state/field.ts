/** A figure of the open project: what it is, and where it is kept. */
import type { Draft } from "immer";
import type { Figure } from "@/core/files/figures";
import type { Project } from "@/core/files/project";

/** Where a figure is kept. */
export interface Place<Value> {
  readonly get: (project: Project) => Value | null;
  readonly set: (draft: Draft<Project>, value: Value | null) => void;
}

export type Field<Value> = Figure<Value> & Place<Value>;
