/** The browser's database: each project, and the shelf, as a text with its checksum, in two places by turns. */
import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { checksum } from "@/core/files/checksum";
import type { Unkept } from "./autosave";
import type { ProjectCard } from "./cards";

/** A text as it was written: the newest one with a right sum is what is kept. */
interface Written {
  /** Counted up with every write, by whatever tab. */
  readonly version: number;
  readonly sum: number;
  readonly text: string;
  /** Which schema it was checked by when it was in hand, by its hash; none where nobody knows. */
  readonly by?: string;
}

/** The schema of this build; none while it is not built. */
const SCHEMA = process.env.SCHEMA_HASH;

/** Which of the two places was written last: read alone, it tells whether another tab has written since. */
interface Head {
  readonly version: number;
}

/** A project as it was, packed by deflate. */
export interface KeptState {
  readonly project: string;
  readonly at: number;
  readonly packed: Uint8Array<ArrayBuffer>;
}

/** What could not be read, as it was found. */
export interface SetAside {
  readonly at: number;
  readonly what: "project" | "shelf";
  readonly text: string;
}

interface Base extends DBSchema {
  heads: { key: string; value: Head };
  texts: { key: [of: string, place: number]; value: Written };
  cards: { key: string; value: ProjectCard };
  states: { key: [project: string, at: number]; value: KeptState };
  aside: { key: number; value: SetAside };
}

const NAME = "brenok-kept";
const LAYOUT = 1;
const PLACES = 2;
/** A database that has not answered by then is taken for one that never will. */
const ANSWERS_WITHIN_MS = 3000;
/** A disk may be slower to write than to answer. */
const WRITTEN_WITHIN_MS = 15_000;

/** Carries why nothing can be kept to where it is told. */
export class CannotKeep extends Error {
  constructor(readonly why: Unkept) {
    super(why);
  }
}

const REASONS: Readonly<Record<string, Unkept>> = {
  QuotaExceededError: "full",
  SecurityError: "denied",
  // What Firefox says in a window that keeps nothing.
  InvalidStateError: "denied",
  VersionError: "newer",
};

/** Whatever a browser throws, as one of the reasons. */
export const reasonOf = (error: unknown): Unkept =>
  error instanceof CannotKeep
    ? error.why
    : (REASONS[(error as Partial<Error> | null)?.name ?? ""] ?? "failed");

type Open = IDBPDatabase<Base>;

function openBase(lost: () => void): Promise<Open> {
  if (typeof indexedDB === "undefined") throw new CannotKeep("denied");
  return openDB<Base>(NAME, LAYOUT, {
    upgrade(base) {
      base.createObjectStore("heads");
      base.createObjectStore("texts");
      base.createObjectStore("cards", { keyPath: "id" });
      base.createObjectStore("states", { keyPath: ["project", "at"] });
      base.createObjectStore("aside", { keyPath: "at" });
    },
    // A newer Brenok in another tab lays it out anew: this one lets go, and finds it newer when it asks again.
    blocking: (_from, _to, event) => {
      (event.target as IDBDatabase).close();
      lost();
    },
    terminated: lost,
  });
}

let opening: Promise<Open> | null = null;

/** Rejects when something has not come by then; it may still come to whoever asks again. */
async function within<Result>(ms: number, result: Promise<Result>): Promise<Result> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new CannotKeep("silent")), ms);
  });
  try {
    return await Promise.race([result, late]);
  } finally {
    clearTimeout(timer);
  }
}

/** Does something with the database; one that was closed under this tab's hands is opened anew. */
async function doing<Result>(
  does: (open: Open) => Promise<Result>,
  ms: number,
  again = true,
): Promise<Result> {
  opening ??= openBase(() => (opening = null));
  const open = await within(ANSWERS_WITHIN_MS, opening);
  try {
    return await within(ms, does(open));
  } catch (error) {
    if (!again || (error as Partial<Error> | null)?.name !== "InvalidStateError") throw error;
    opening = null;
    return doing(does, ms, false);
  }
}

/** Does something with the database. Rejects with `CannotKeep`, which says why. */
async function inBase<Result>(
  does: (open: Open) => Promise<Result>,
  ms = ANSWERS_WITHIN_MS,
): Promise<Result> {
  try {
    return await doing(does, ms);
  } catch (error) {
    const why = reasonOf(error);
    if (why === "denied" || why === "newer") opening = null;
    throw new CannotKeep(why);
  }
}

const isWhole = (written: Written | undefined): written is Written =>
  written !== undefined && checksum(written.text) === written.sum;

const isChecked = (written: Written | null) => SCHEMA !== undefined && written?.by === SCHEMA;

/** The newest of the texts of a record that are whole, whether a newer one is not, and what that holds. */
function newestOf(places: readonly (Written | undefined)[]) {
  const found = places.filter((one) => one !== undefined).toSorted((a, b) => b.version - a.version);
  const whole = found.find(isWhole) ?? null;
  return { whole, damaged: found[0] !== undefined && found[0] !== whole ? found[0].text : null };
}

export interface Found {
  /** The newest text that is as it was written; null where there is none. */
  readonly text: string | null;
  /** Its version; 0 where there is none. */
  readonly version: number;
  /** Whether it was written by a Brenok that knows the same schema as this one: then it need not be checked again. */
  readonly checked: boolean;
  /** The text of a newer one that is not as it was written. */
  readonly damaged: string | null;
}

const placesOf = (of: string): [string, number][] =>
  Array.from({ length: PLACES }, (_, place) => [of, place]);

/** What is kept under a name. */
export const readRecord = (of: string): Promise<Found> =>
  inBase(async (open) => {
    const { store, done } = open.transaction("texts");
    const places = await Promise.all(placesOf(of).map((place) => store.get(place)));
    await done;
    const { whole, damaged } = newestOf(places);
    return { text: whole?.text ?? null, version: whole?.version ?? 0, checked: isChecked(whole), damaged };
  });

/** The text that was kept under a name as this version, if it still is. */
export const readVersion = (of: string, version: number): Promise<string | null> =>
  inBase(async (open) => {
    const written = await open.get("texts", [of, version % PLACES]);
    return written?.version === version && isWhole(written) ? written.text : null;
  });

/** The version that was kept last under a name; 0 where there is none. */
export const versionOf = (of: string): Promise<number> =>
  inBase(async (open) => (await open.get("heads", of))?.version ?? 0);

/** A transaction whose failure is heard of where it was asked for something, and not once more when it ends. */
function failingOnce<Deal extends { readonly done: Promise<void> }>(deal: Deal): Deal {
  deal.done.catch(() => {});
  return deal;
}

interface Writing {
  readonly of: string;
  /** The version that the text goes on from; 0 for none. */
  readonly from: number;
  readonly text: string;
  /** The text to write where another one was written since. */
  readonly merge: (stored: string, checked: boolean) => string;
  /** What the card says from now on. */
  readonly card?: (before: ProjectCard | null) => ProjectCard;
}

/**
 * Keeps a text in place of the older of the two that are kept, and then says so in the head, in one transaction: no other
 * tab writes in between, and whatever happens meanwhile, the newer of the two is still there.
 */
export const writeRecord = ({ of, from, text, merge, card }: Writing) =>
  inBase(async (open) => {
    const deal = failingOnce(open.transaction(["heads", "texts", "cards"], "readwrite"));
    const heads = deal.objectStore("heads");
    const texts = deal.objectStore("texts");
    const cards = deal.objectStore("cards");
    const head = await heads.get(of);
    const stored =
      head && head.version !== from
        ? newestOf(await Promise.all(placesOf(of).map((place) => texts.get(place)))).whole
        : null;
    const kept = stored ? merge(stored.text, isChecked(stored)) : text;
    const next = Math.max(head?.version ?? 0, from) + 1;
    // Never in the place of the one that is whole, where the newer of the two is damaged.
    const version = stored && next % PLACES === stored.version % PLACES ? next + 1 : next;
    const written = { version, sum: checksum(kept), text: kept, ...(SCHEMA && { by: SCHEMA }) };
    await texts.put(written, [of, version % PLACES]);
    await heads.put({ version }, of);
    if (card) await cards.put(card((await cards.get(of)) ?? null));
    await deal.done;
    return { version, text: kept };
  }, WRITTEN_WITHIN_MS);

/** The cards of all projects. */
export const allCards = (): Promise<readonly ProjectCard[]> => inBase((open) => open.getAll("cards"));

/** Changes the card of a project, where there is one. */
export const changeCard = (id: string, to: (card: ProjectCard) => ProjectCard): Promise<void> =>
  inBase(async (open) => {
    const { store, done } = failingOnce(open.transaction("cards", "readwrite"));
    const card = await store.get(id);
    if (card) await store.put(to(card));
    await done;
  });

const statesOf = (id: string) => IDBKeyRange.bound([id, 0], [id, Infinity]);

/** Forgets a project with its card and all its states. */
export const forgetRecord = (of: string, id: string): Promise<void> =>
  inBase(async (open) => {
    const deal = failingOnce(open.transaction(["heads", "texts", "cards", "states"], "readwrite"));
    await Promise.all([
      deal.objectStore("heads").delete(of),
      ...placesOf(of).map((place) => deal.objectStore("texts").delete(place)),
      deal.objectStore("cards").delete(id),
      deal.objectStore("states").delete(statesOf(id)),
    ]);
    await deal.done;
  });

/** Keeps a state of a project, and of its states the newest so many. */
export const keepState = (state: KeptState, most: number): Promise<void> =>
  inBase(async (open) => {
    const { store, done } = failingOnce(open.transaction("states", "readwrite"));
    await store.put(state);
    const times = await store.getAllKeys(statesOf(state.project));
    await Promise.all(times.slice(0, Math.max(0, times.length - most)).map((key) => store.delete(key)));
    await done;
  }, WRITTEN_WITHIN_MS);

/** When the newest state of a project was kept; null where there is none. */
export const lastStateOf = (id: string): Promise<number | null> =>
  inBase(async (open) => (await open.getAllKeys("states", statesOf(id))).at(-1)?.[1] ?? null);

/** The states of a project, the oldest first. */
export const readStates = (id: string): Promise<readonly KeptState[]> =>
  inBase((open) => open.getAll("states", statesOf(id)), WRITTEN_WITHIN_MS);

/** Sets something aside that could not be read; never in the place of something else. */
export const setAside = (what: SetAside["what"], text: string, at: number): Promise<void> =>
  inBase(async (open) => {
    const { store, done } = failingOnce(open.transaction("aside", "readwrite"));
    const all = await store.getAll();
    // The same thing, found again with every opening of the page, is set aside once.
    if (!all.some((one) => one.text === text)) {
      const last = all.at(-1)?.at ?? 0;
      await store.put({ at: Math.max(at, last + 1), what, text });
    }
    await done;
  });

export const allAside = (): Promise<readonly SetAside[]> => inBase((open) => open.getAll("aside"));
export const forgetAside = (at: number): Promise<void> => inBase((open) => open.delete("aside", at));
