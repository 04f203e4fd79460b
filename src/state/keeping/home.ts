/** The home of projects: all that are kept in this browser, and what can be done with each. */
import { create } from "zustand";
import { emptyProject, type Project } from "@/core/project/project";
import type { Message } from "@/core/words/message";
import { freshId } from "../project/freshId";
import { replace, useProjectStore } from "../project/projectStore";
import { saveNow } from "./autosave";
import type { ProjectCard } from "./cards";
import { writeCard } from "./followCards";
import { forgetProject, projects, recordOf } from "./keeper";
import { allAside, allCards, changeCard, forgetAside, reasonOf, type SetAside } from "./records";
import type { Unkept } from "./autosave";
import { setDown, type FormerState } from "./states";

export interface Home {
  /** Null until they are there. */
  readonly cards: readonly ProjectCard[] | null;
  readonly aside: readonly SetAside[];
  /** What this browser has given, and what is taken of it, in bytes; null where it does not say. */
  readonly room: { readonly usedBytes: number; readonly ofBytes: number } | null;
  /** Why nothing can be shown; null where something can. */
  readonly problem: Unkept | null;
}

export const useHome = create<Home>()(() => ({ cards: null, aside: [], room: null, problem: null }));

/** Deleted projects can be brought back for so long. */
const KEPT_DELETED_MS = 30 * 86_400_000;

/** The room that the browser says it has; it says so on secure pages only. */
async function roomNow(): Promise<Home["room"]> {
  const { storage } = navigator as Partial<Navigator>;
  const { usage, quota } = (await storage?.estimate?.().catch(() => null)) ?? {};
  return usage !== undefined && quota !== undefined ? { usedBytes: usage, ofBytes: quota } : null;
}

/** Looks again what there is. */
export async function lookHome(): Promise<void> {
  try {
    await saveNow();
    await writeCard();
    const [cards, aside, room] = await Promise.all([allCards(), allAside(), roomNow()]);
    useHome.setState({ cards, aside, room, problem: null });
  } catch (error) {
    useHome.setState({ problem: reasonOf(error) });
  }
}

type Opened =
  { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly message: Message };

/** A project that is kept, as it is now. */
async function kept(id: string): Promise<Opened | null> {
  const { project } = useProjectStore.getState();
  if (project.id === id) return { ok: true, project };
  const found = await projects.find(recordOf(id));
  if (found.kind === "none") return null;
  return found.kind === "found" ? { ok: true, project: found.value } : { ok: false, message: found.message };
}

/** Opens a project that is kept; undo brings the former back. Gives why it could not be; null where all went well. */
export async function openKept(id: string): Promise<Message | null> {
  await saveNow();
  const found = await kept(id);
  if (!found) return null;
  if (!found.ok) {
    await lookHome();
    return found.message;
  }
  if (found.project !== useProjectStore.getState().project) replace("open", found.project);
  return null;
}

/** A name with a word behind it, as long as a name may be. */
const named = (name: string, more: string) => `${name.slice(0, 120 - more.length)}${more}`;

/** A project as another one: a name of its own, and nothing of it knitted yet. */
const asAnother = (project: Project, name: string): Project => ({
  ...project,
  id: freshId("project"),
  name,
  demo: false,
  log: [],
});

/** Puts a copy of a project beside it, with nothing knitted yet. */
export async function duplicate(id: string): Promise<void> {
  await saveNow();
  const found = await kept(id);
  if (!found?.ok) return;
  const copy = asAnother(found.project, named(found.project.name, ", copy"));
  await projects.keep(recordOf(copy.id), copy);
  const original = useHome.getState().cards?.find((card) => card.id === id);
  if (original)
    await changeCard(copy.id, (card) => ({
      ...card,
      need: original.need,
      picture: original.picture,
      share: 0,
    }));
  await lookHome();
}

/** A project as a fresh one, open: as it was, with nothing of it knitted. Gives why it could not be; null where all went well. */
export async function makeAgain(id: string): Promise<Message | null> {
  await saveNow();
  const found = await kept(id);
  if (!found) return null;
  if (!found.ok) return found.message;
  replace("make again", asAnother(found.project, named(found.project.name, ", again")));
  return null;
}

export async function archive(id: string, archived: boolean): Promise<void> {
  await changeCard(id, (card) => ({ ...card, archived }));
  await lookHome();
}

/** The project that is shown when the open one is gone. */
async function openAnother(than: string): Promise<void> {
  const next = (await allCards())
    .filter(({ id, goneAt, archived }) => id !== than && goneAt === null && !archived)
    .toSorted((a, b) => b.changedAt - a.changedAt);
  for (const { id } of next) {
    const found = await kept(id);
    if (found?.ok) return replace("open", found.project);
  }
  replace("empty", emptyProject());
}

/** Deletes a project; for 30 days it can be brought back. The open one gives way to the one that was changed last. */
export async function deleteKept(id: string): Promise<void> {
  await saveNow();
  if (useProjectStore.getState().project.id === id) {
    await openAnother(id);
    await saveNow();
  }
  await changeCard(id, (card) => ({ ...card, goneAt: Date.now() }));
  await lookHome();
}

export async function bringBack(id: string): Promise<void> {
  await changeCard(id, (card) => ({ ...card, goneAt: null }));
  await lookHome();
}

export async function deleteForGood(id: string): Promise<void> {
  await forgetProject(id);
  await lookHome();
}

/** Forgets what was deleted long ago, wherever it is not open. */
export async function forgetLongGone(now: number): Promise<void> {
  for (const { id, goneAt } of await allCards())
    if (goneAt !== null && now - goneAt > KEPT_DELETED_MS) await forgetProject(id);
}

/** All other projects that are kept, one after the other, the one that was changed last first. */
export async function* otherProjects(): AsyncGenerator<Project> {
  const here = useProjectStore.getState().project.id;
  const cards = (await allCards()).filter(({ id, goneAt }) => goneAt === null && id !== here);
  for (const { id } of cards.toSorted((a, b) => b.changedAt - a.changedAt)) {
    const project = await keptProject(id).catch(() => null);
    if (project) yield project;
  }
}

/** A project that is kept; null where it cannot be read. */
export async function keptProject(id: string): Promise<Project | null> {
  const found = await kept(id);
  return found?.ok ? found.project : null;
}

export async function forgetSetAside(at: number): Promise<void> {
  await forgetAside(at);
  await lookHome();
}

/** Goes back to a former state of a project; the rows that were knitted since stay, and so does the state before. */
export async function goBackTo({ project }: FormerState): Promise<Message | null> {
  const refused = await openKept(project.id);
  if (refused) return refused;
  const { project: now } = useProjectStore.getState();
  await setDown(now, Date.now());
  replace("go back", { ...project, log: now.log });
  return null;
}

/** Opens a former state as a project of its own. */
export function openAsCopy({ project }: FormerState, when: string) {
  replace("open", asAnother(project, named(project.name, `, as of ${when}`)));
}
