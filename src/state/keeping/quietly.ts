/** What browsers keep for a page in a few words at once. Where that is forbidden, full or broken, nothing is kept and nothing fails. */
import { createJSONStorage, type StateStorage } from "zustand/middleware";

type Kind = "localStorage" | "sessionStorage";

/** What a storage says; `otherwise` where it says nothing. */
function quietly<Result>(kind: Kind, does: (storage: Storage) => Result, otherwise: Result): Result {
  try {
    // Where it is forbidden, asking for it is enough to throw.
    return does(globalThis[kind]);
  } catch {
    return otherwise;
  }
}

export const recall = (kind: Kind, key: string): string | null =>
  quietly(kind, (storage) => storage.getItem(key), null);

/** Says whether it was kept. */
export const keepQuietly = (kind: Kind, key: string, text: string): boolean =>
  quietly(
    kind,
    (storage) => {
      storage.setItem(key, text);
      return true;
    },
    false,
  );

export const dropQuietly = (kind: Kind, key: string): void =>
  quietly(kind, (storage) => storage.removeItem(key), undefined);

export const keysOf = (kind: Kind): readonly string[] =>
  quietly(kind, (storage) => Array.from({ length: storage.length }, (_, at) => storage.key(at) ?? ""), []);

const local: StateStorage = {
  getItem: (key) => recall("localStorage", key),
  setItem: (key, text) => void keepQuietly("localStorage", key, text),
  removeItem: (key) => dropQuietly("localStorage", key),
};

/** For stores that are kept whole, such as settings. */
export const quietStorage = <State>() => createJSONStorage<State>(() => local);
