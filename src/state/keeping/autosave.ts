/** Keeps every change within half a second and before the page is hidden; a save that fails is retried. */
import { create } from "zustand";

/** Why a save failed. */
export type Unkept = "full" | "denied" | "silent" | "newer" | "failed";

export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "waiting" }
  | { readonly kind: "failed"; readonly tries: number; readonly why: Unkept };

export const useSaveState = create<SaveState>()(() => ({ kind: "saved" }));

/** A change is kept when nothing has followed it for so long, and so long behind the first one at the latest. */
const SETTLE_MS = 200;
const LATEST_MS = 300;
const FIRST_RETRY_MS = 2000;
const LAST_RETRY_MS = 60_000;

interface Source {
  readonly subscribe: (changed: () => void) => () => void;
  /** Whether nothing waits to be kept. */
  readonly isKept: () => boolean;
  /** Keeps what is there now. */
  readonly keep: () => Promise<void>;
  readonly whyNot: (error: unknown) => Unkept;
}

export interface Autosave {
  /** Saves now what is not saved yet. Resolves when that is done, or has failed. */
  readonly flush: () => Promise<void>;
  /** Does something while nothing is being saved; what is to be saved waits for it. */
  readonly between: (does: () => Promise<void>) => Promise<void>;
  readonly stop: () => void;
}

/** Watches a source and keeps what it holds. The newest change wins; saves never overtake one another. */
export function startAutosave({ subscribe, isKept, keep, whyNot }: Source): Autosave {
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** Everything is done one after the other. */
  let last = Promise.resolve();
  let waits = false;
  let tries = 0;
  /** When the first change was made that waits to be kept; null where none does. */
  let since: number | null = null;

  const between = (does: () => Promise<void>) => {
    last = last.then(does, does);
    return last;
  };
  const wait = (delay: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), delay);
  };
  const save = async () => {
    waits = false;
    since = null;
    if (isKept()) return rest();
    try {
      await keep();
      tries = 0;
      if (isKept()) rest();
      else wait(0);
    } catch (error) {
      tries += 1;
      useSaveState.setState({ kind: "failed", tries, why: whyNot(error) }, true);
      wait(Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1)));
    }
  };
  const rest = () => {
    tries = 0;
    if (useSaveState.getState().kind !== "saved") useSaveState.setState({ kind: "saved" }, true);
  };
  const flush = () => {
    clearTimeout(timer);
    if (waits) return last;
    waits = true;
    return between(save);
  };
  const unsubscribe = subscribe(() => {
    if (isKept()) return;
    if (tries === 0) useSaveState.setState({ kind: "waiting" }, true);
    // Who types without a rest is kept too.
    const now = Date.now();
    since ??= now;
    const left = since + LATEST_MS - now;
    // A page that is kept busy by keys comes to its timers late: what is due is kept at once.
    if (left <= 0) void flush();
    else wait(Math.min(SETTLE_MS, left));
  });
  return {
    flush,
    between,
    stop: () => {
      clearTimeout(timer);
      unsubscribe();
    },
  };
}

let running: Autosave | null = null;

/** The autosave of this page, for whoever wants to save now. */
export const runAutosave = (autosave: Autosave | null) => {
  running = autosave;
};

/** Saves now what is not saved yet. Resolves when that is done, or has failed. */
export const saveNow = (): Promise<void> => running?.flush() ?? Promise.resolve();
