/** Keeps every change within half a second and before the page is hidden; a save that fails is retried. */
import { create } from "zustand";

export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "waiting" }
  | { readonly kind: "failed"; readonly tries: number };

export const useSaveState = create<SaveState>()(() => ({ kind: "saved" }));

/** A change is kept when nothing has followed it for so long, and so long behind the first one at the latest. */
const SETTLE_MS = 250;
const LATEST_MS = 400;
const FIRST_RETRY_MS = 2000;
const LAST_RETRY_MS = 60_000;

interface Source<Kept> {
  /** What is to be kept: another object whenever something in it has changed. */
  readonly current: () => Kept;
  readonly subscribe: (changed: () => void) => () => void;
  readonly keep: (kept: Kept) => Promise<void>;
  /** Called whenever nothing waits to be kept any more. */
  readonly rested?: () => void;
}

export interface Autosave<Kept> {
  /** Saves now what is not saved yet. */
  readonly flush: () => void;
  /** What is not saved yet, if anything. */
  readonly unsaved: () => Kept | null;
  /** What `put` puts in place has been kept elsewhere and need not be kept again. */
  readonly takeAsKept: (put: () => void) => void;
  readonly stop: () => void;
}

/** Watches a source and keeps what it holds. The newest change wins; saves never overtake one another. */
export function startAutosave<Kept>({ current, subscribe, keep, rested }: Source<Kept>): Autosave<Kept> {
  let kept = current();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving = false;
  let taking = false;
  let tries = 0;
  /** When the first change was made that waits to be kept; null where none does. */
  let since: number | null = null;

  const wait = (delay: number) => {
    clearTimeout(timer);
    timer = setTimeout(flush, delay);
  };
  const flush = () => {
    clearTimeout(timer);
    const now = current();
    if (saving || now === kept) return;
    saving = true;
    since = null;
    keep(now)
      .then(() => {
        kept = now;
        tries = 0;
        saving = false;
        if (current() !== kept) return flush();
        useSaveState.setState({ kind: "saved" }, true);
        rested?.();
      })
      .catch(() => {
        saving = false;
        tries += 1;
        useSaveState.setState({ kind: "failed", tries }, true);
        wait(Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** (tries - 1)));
      });
  };
  const unsubscribe = subscribe(() => {
    if (taking || current() === kept) return;
    if (tries === 0) useSaveState.setState({ kind: "waiting" }, true);
    // Who types without a rest is kept too.
    since ??= Date.now();
    wait(Math.max(0, Math.min(SETTLE_MS, since + LATEST_MS - Date.now())));
  });
  return {
    flush,
    takeAsKept: (put) => {
      taking = true;
      put();
      kept = current();
      taking = false;
    },
    unsaved: () => (current() === kept ? null : current()),
    stop: () => {
      clearTimeout(timer);
      unsubscribe();
    },
  };
}
