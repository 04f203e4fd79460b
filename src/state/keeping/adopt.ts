/** What an earlier Brenok has kept, which had one project and one shelf: brought in once, and left where it is. */
import { checkProject } from "@/core/files/projectFile";
import { checkShelf } from "@/core/project/shelf";
import { database } from "./database";
import { parsed, projects, recordOf, SHELF_RECORD, shelves } from "./keeper";
import { openHere, nowOpen } from "./openHere";
import { recall } from "./quietly";
import { allCards, setAside, versionOf } from "./records";
import { freshId } from "../project/freshId";

const CURRENT = "current";
const UNREADABLE = "unreadable";

/** What was found in a store of an earlier Brenok: what was written when the page went away comes first. */
async function foundIn(name: string, store: string, lastWord: string) {
  const base = await database(name, store);
  const late = recall("localStorage", lastWord);
  const [current, unreadable] = await Promise.all([
    base.getItem<unknown>(CURRENT),
    base.getItem<unknown>(UNREADABLE),
  ]);
  return { late: late === null ? null : parsed(late), current, unreadable };
}

async function adoptProject() {
  const { late, current, unreadable } = await foundIn("brenok", "projects", "brenok-last-word");
  const read = [late, current].map(checkProject).find(({ ok }) => ok);
  if (unreadable !== null) await setAside("project", JSON.stringify(unreadable), Date.now());
  if (read?.ok) {
    const project = { ...read.project, id: read.project.id || freshId("project") };
    await projects.keep(recordOf(project.id), project);
    if (openHere() === null) nowOpen(project.id);
  } else if (current !== null) await setAside("project", JSON.stringify(current), Date.now());
}

async function adoptShelf() {
  const { late, current, unreadable } = await foundIn("brenok-shelf", "shelves", "brenok-last-shelf");
  const shelf = [late, current].map(checkShelf).find((one) => one !== null);
  if (unreadable !== null) await setAside("shelf", JSON.stringify(unreadable), Date.now());
  if (shelf) await shelves.keep(SHELF_RECORD, shelf);
  else if (current !== null) await setAside("shelf", JSON.stringify(current), Date.now());
}

/** Whether an earlier Brenok has been here; a browser that does not say is asked all the same. */
async function wasHere(): Promise<boolean> {
  const bases = await indexedDB.databases?.().catch(() => null);
  return !bases || bases.some(({ name }) => name === "brenok" || name === "brenok-shelf");
}

/** Brings in what an earlier Brenok has kept, where nothing is kept in today's way yet. */
export async function adoptFormer(): Promise<void> {
  const [cards, shelf] = await Promise.all([allCards(), versionOf(SHELF_RECORD)]);
  if (cards.length > 0 || shelf > 0 || !(await wasHere())) return;
  await Promise.all([adoptProject(), adoptShelf()]);
}
