/** Keeps every change within half a second and before the page is hidden; a save that fails is retried. */
import { create } from "zustand";
import type { Project } from "@/core/files/project";

export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "waiting" }
  | { readonly kind: "failed"; readonly tries: number };

export const useSaveState = create<SaveState>()(() => ({ kind: "saved" }));

const SETTLE_MS = 250;
const FIRST_RETRY_MS = 2000;
const LAST_RETRY_MS = 60_000;

interface Source {
  readonly project: () => Project;
  readonly subscribe: (changed: () => void) => () => void;
  readonly keep: (project: Project) => Promise<void>;
}

export interface Autosave {
  /** Saves now what is not saved yet. */
  readonly flush: () => void;
  /** What is not saved yet, if anything. */
  readonly unsaved: () => Project | null;
  readonly stop: () => void;
}

/** Watches a source and keeps its project. The newest change wins; saves never overtake one another. */
export function startAutosave({ project, subscribe, keep }: Source): Autosave {
  let kept = project();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving = false;
  let tries = 0;

  const wait = (delay: number) => {
    clearTimeout(timer);
    timer = setTimeout(flush, delay);
  };
  const flush = () => {
    clearTimeout(timer);
    const current = project();
    if (saving || current === kept) return;
    saving = true;
    keep(current)
      .then(() => {
        kept = current;
        tries = 0;
        saving = false;
        if (project() === kept) useSaveState.setState({ kind: "saved" }, true);
        else flush();
      })
      .catch(() => {
        saving = false;
        tries += 1;
        useSaveState.setState({ kind: "failed", tries }, true);
        wait(Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1)));
      });
  };
  const unsubscribe = subscribe(() => {
    if (project() === kept) return;
    if (tries === 0) useSaveState.setState({ kind: "waiting" }, true);
    wait(SETTLE_MS);
  });
  return {
    flush,
    unsaved: () => (project() === kept ? null : project()),
    stop: () => {
      clearTimeout(timer);
      unsubscribe();
    },
  };
}
