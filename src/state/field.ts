/** A figure of the open project: what it is, and where it is kept. */
import type { Draft } from "immer";
import type { Figure } from "@/core/files/figures";
import type { Project } from "@/core/files/project";
import type { Chosen } from "./chosen";

/** Where a figure is kept, in what is chosen. */
export interface Place<Value> {
  readonly get: (project: Project, at: Chosen) => Value | null;
  readonly set: (draft: Draft<Project>, value: Value | null, at: Chosen) => void;
}

export type Field<Value> = Figure<Value> & Place<Value>;
