/** The browser's storage of the project and the shelf, through localForage. */
import type { Message } from "@/core/words/message";
import { database } from "./database";
import { checkProject } from "@/core/files/projectFile";
import type { Project } from "@/core/project/project";
import { checkShelf, type Shelf } from "@/core/project/shelf";
import type { Kept } from "../project/projectStore";
import type { KeptPart } from "./tabs";

const projects = () => database("brenok", "projects");
const shelves = () => database("brenok-shelf", "shelves");
const CURRENT = "current";
const UNREADABLE = "unreadable";

/** Written at once when the page goes away, since the database may not finish in time. */
const LAST_WORD = "brenok-last-word";

const LAST_SHELF = "brenok-last-shelf";

const keepProject = async (project: Project) => {
  await (await projects()).setItem(CURRENT, project);
  localStorage.removeItem(LAST_WORD);
};

const keepShelf = async (shelf: Shelf) => {
  await (await shelves()).setItem(CURRENT, shelf);
  localStorage.removeItem(LAST_SHELF);
};

let kept: Partial<Kept> = {};

/** What has been found in the storage is kept. */
export function takeAsKept(found: Partial<Kept>) {
  kept = { ...kept, ...found };
}

/**
 * Keeps what is not kept yet, and says which that was: a shelf of thousands is not written for each change of a project.
 */
export async function keepAll(all: Kept): Promise<KeptPart[]> {
  const parts: KeptPart[] = [];
  if (all.project !== kept.project) parts.push("project");
  if (all.shelf !== kept.shelf) parts.push("shelf");
  if (parts.includes("project")) await keepProject(all.project);
  if (parts.includes("shelf")) await keepShelf(all.shelf);
  takeAsKept(all);
  return parts;
}

/** Keeps what is not kept yet before the page is gone. Where there is no room, the database's try has to do. */
export function keepAtOnce({ project, shelf }: Kept) {
  try {
    if (project !== kept.project) localStorage.setItem(LAST_WORD, JSON.stringify(project));
    if (shelf !== kept.shelf) localStorage.setItem(LAST_SHELF, JSON.stringify(shelf));
  } catch {
    // Full or forbidden: the save to the database is on its way all the same.
  }
}

/** What another tab has written at once before it went away, by the key of its storage; null for any other key. */
export const lastWordOf = (key: string | null): KeptPart | null =>
  key === LAST_WORD ? "project" : key === LAST_SHELF ? "shelf" : null;

/** What was written at once when the page last went away, and had not reached the database. */
function lastWord(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null");
  } catch {
    return null;
  }
}

export type Found =
  | { readonly kind: "none" }
  | { readonly kind: "project"; readonly project: Project }
  /** Something is there that cannot be read; it has been put aside, not thrown away. */
  | { readonly kind: "unreadable"; readonly message: Message };

/** The project that was kept last. Throws where the browser refuses its storage. */
export async function findProject(): Promise<Found> {
  const store = await projects();
  const late = checkProject(lastWord(LAST_WORD));
  if (late.ok) {
    await keepProject(late.project).catch(() => {});
    return { kind: "project", project: late.project };
  }
  const kept = await store.getItem(CURRENT);
  if (kept === null) return { kind: "none" };
  const opened = checkProject(kept);
  if (opened.ok) return { kind: "project", project: opened.project };
  await store.setItem(UNREADABLE, kept);
  return { kind: "unreadable", message: opened.message };
}

/** The shelf that was kept last; null where there is none that can be read, which is then put aside. */
export async function findShelf(): Promise<Shelf | null> {
  const store = await shelves();
  const late = checkShelf(lastWord(LAST_SHELF));
  if (late) await keepShelf(late).catch(() => {});
  const found = late ?? (await store.getItem(CURRENT));
  const shelf = checkShelf(found);
  if (!shelf && found !== null) await store.setItem(UNREADABLE, found);
  return shelf;
}
