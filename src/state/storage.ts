/** The browser's storage of the project, through localForage. */
import localforage from "localforage";
import { checkProject } from "@/core/files/projectFile";
import type { Project } from "@/core/files/project";

const shelf = () => localforage.createInstance({ name: "brenok", storeName: "projects" });
const CURRENT = "current";
const UNREADABLE = "unreadable";

/** Written at once when the page goes away, since the database may not finish in time. */
const LAST_WORD = "brenok-last-word";

export const keepProject = async (project: Project) => {
  await shelf().setItem(CURRENT, project);
  localStorage.removeItem(LAST_WORD);
};

/** Keeps the project before the page is gone. Where there is no room, the database's try has to do. */
export function keepAtOnce(project: Project) {
  try {
    localStorage.setItem(LAST_WORD, JSON.stringify(project));
  } catch {
    // Full or forbidden: the save to the database is on its way all the same.
  }
}

/** What was written at once when the page last went away, and had not reached the database. */
function lastWord(): unknown {
  try {
    return JSON.parse(localStorage.getItem(LAST_WORD) ?? "null");
  } catch {
    return null;
  }
}

export type Found =
  | { readonly kind: "none" }
  | { readonly kind: "project"; readonly project: Project }
  /** Something is there that cannot be read; it has been put aside, not thrown away. */
  | { readonly kind: "unreadable"; readonly message: string };

/** The project that was kept last. Throws where the browser refuses its storage. */
export async function findProject(): Promise<Found> {
  const store = shelf();
  const late = checkProject(lastWord());
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
