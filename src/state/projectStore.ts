/** The open project and its history. Every change goes through `change`, so every change can be undone. */
import { produce, type Draft } from "immer";
import { temporal } from "zundo";
import { useStore } from "zustand";
import { create } from "zustand";
import type { Project } from "@/core/files/project";
import { demoProject } from "@/demo/slipover";

interface ProjectState {
  readonly project: Project;
  /** False until the browser's storage has been read. */
  readonly ready: boolean;
}

const HISTORY_STEPS = 200;
/** Keystrokes in one field closer together than this are one step of undo. */
const SAME_STEP_MS = 1000;

export const useProjectStore = create<ProjectState>()(
  temporal((): ProjectState => ({ project: demoProject(), ready: false }), {
    limit: HISTORY_STEPS,
    partialize: ({ project }) => ({ project }),
    equality: (past, current) => past.project === current.project,
  }),
);

const history = useProjectStore.temporal;
let last = { what: "", at: -Infinity };

/** Changes the project. `what` names the thing changed: quick changes of one thing are one undo step. */
export function change(what: string, recipe: (draft: Draft<Project>) => void) {
  replace(what, produce(useProjectStore.getState().project, recipe));
}

/** Puts another project in place; undo brings the former one back. */
export function replace(what: string, project: Project) {
  const now = performance.now();
  const goesOn = what === last.what && now - last.at < SAME_STEP_MS;
  last = { what, at: now };
  if (goesOn) history.getState().pause();
  useProjectStore.setState({ project });
  if (goesOn) history.getState().resume();
}

/** Takes up the project found in storage; there is nothing before it to undo. */
export function begin(project: Project) {
  history.getState().pause();
  useProjectStore.setState({ project, ready: true });
  history.getState().resume();
  history.getState().clear();
}

export function undo() {
  last = { what: "", at: -Infinity };
  history.getState().undo();
}

export function redo() {
  last = { what: "", at: -Infinity };
  history.getState().redo();
}

/** One part of the project; what shows it stands still while other parts change. */
export const useProjectPart = <Part>(part: (project: Project) => Part) =>
  useProjectStore(({ project }) => part(project));

export const useProject = () => useProjectStore((state) => state.project);
export const useCanUndo = () => useStore(history, ({ pastStates }) => pastStates.length > 0);
export const useCanRedo = () => useStore(history, ({ futureStates }) => futureStates.length > 0);
