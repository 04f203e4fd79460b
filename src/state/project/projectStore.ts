/** The open project, the shelf, and their history. Every change goes through `change`, so every change can be undone. */
import { produce, type Draft } from "immer";
import { temporal } from "zundo";
import { useStore } from "zustand";
import { create } from "zustand";
import { reconciled } from "@/core/progress/merge";
import { emptyProject, type Project } from "@/core/project/project";
import { emptyShelf, type Shelf } from "@/core/project/shelf";
import { freshId } from "./freshId";
import { caughtUp, stands, withForeign, type Foreign } from "./foreign";

/** What is kept in this browser. */
export interface Kept {
  readonly project: Project;
  /** Yarns that lie at home, whatever project is open. */
  readonly shelf: Shelf;
}

interface ProjectState extends Kept {
  /** False until the browser's storage has been read. */
  readonly ready: boolean;
}

const HISTORY_STEPS = 200;
/** Keystrokes in one field closer together than this are one step of undo. */
const SAME_STEP_MS = 1000;

export const useProjectStore = create<ProjectState>()(
  temporal((): ProjectState => ({ project: emptyProject(), shelf: emptyShelf(), ready: false }), {
    limit: HISTORY_STEPS,
    partialize: ({ project, shelf }) => ({ project, shelf }),
    equality: (past, current) => past.project === current.project && past.shelf === current.shelf,
  }),
);

const history = useProjectStore.temporal;
let last = { what: "", at: -Infinity };
let typing = false;

/** Does what a keystroke asks for: quick keystrokes in one field are one step of undo, every other act is its own. */
export function typed(act: () => void) {
  typing = true;
  try {
    act();
  } finally {
    typing = false;
  }
}

/** Changes the project. `what` names the thing changed. */
export function change(what: string, recipe: (draft: Draft<Project>) => void) {
  put(what, {
    project: produce(useProjectStore.getState().project, (draft) => {
      // What a recipe gives back is nothing: only what it does to the draft counts.
      recipe(draft);
    }),
  });
}

/** Changes the shelf; it is no demo from then on. */
export function changeShelf(what: string, recipe: (draft: Draft<Shelf>) => void) {
  put(what, {
    shelf: produce(useProjectStore.getState().shelf, (draft) => {
      recipe(draft);
      draft.demo = false;
    }),
  });
}

/** Puts another project in place; undo brings the former one back. */
export const replace = (what: string, project: Project) => put(what, { project });

/** Every project has a name of its own, by which its log is known on any device. */
const named = (kept: Partial<Kept>): Partial<Kept> =>
  kept.project?.id === "" ? { ...kept, project: { ...kept.project, id: freshId("project") } } : kept;

/** Puts a project or a shelf in place, or both in one step. */
export function put(what: string, kept: Partial<Kept>) {
  const now = performance.now();
  const goesOn = typing && what === last.what && now - last.at < SAME_STEP_MS;
  last = { what: typing ? what : "", at: now };
  if (goesOn) history.getState().pause();
  useProjectStore.setState(stands(named(kept)));
  if (goesOn) history.getState().resume();
}

/**
 * Takes in what another tab has done; gives whether it fits to what was done here. It is no step of this tab's: undo goes
 * back over what was done here alone.
 */
export function takeForeign(foreign: Foreign): boolean {
  const { now, fits } = withForeign(useProjectStore.getState(), foreign);
  unseen(now);
  return fits;
}

/** Takes up what was found in storage; there is nothing before it to undo. */
export function begin(project: Project, shelf: Shelf = useProjectStore.getState().shelf) {
  unseen(stands({ ...named({ project }), shelf, ready: true }));
  history.getState().clear();
}

/** Goes a step back or on; what other tabs have done stays. What was knitted is never forgotten: the log keeps it, and that it was taken back. */
function step(which: "undo" | "redo") {
  last = { what: "", at: -Infinity };
  const before = useProjectStore.getState().project;
  history.getState()[which]();
  unseen(caughtUp(useProjectStore.getState()));
  const { project } = useProjectStore.getState();
  if (project.id === "" || project.id !== before.id || project.log === before.log) return;
  const log = reconciled(before.log, project.log, () => freshId("event"), Date.now());
  unseen(stands({ project: { ...project, log: [...log] } }));
}

/** Puts something in place that is no step of its own. */
function unseen(state: Partial<ProjectState>) {
  history.getState().pause();
  useProjectStore.setState(state);
  history.getState().resume();
}

export const undo = () => step("undo");

/** The step that was taken last, to be known again; null before any. */
export const lastStep = (): unknown => history.getState().pastStates.at(-1) ?? null;

export const redo = () => step("redo");

/** One part of the project; what shows it stands still while other parts change. */
export const useProjectPart = <Part>(part: (project: Project) => Part) =>
  useProjectStore(({ project }) => part(project));

export const useShelf = () => useProjectStore(({ shelf }) => shelf);
export const useProject = () => useProjectStore((state) => state.project);
export const useCanUndo = () => useStore(history, ({ pastStates }) => pastStates.length > 0);
export const useCanRedo = () => useStore(history, ({ futureStates }) => futureStates.length > 0);
