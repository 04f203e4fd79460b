/** The browser's storage of the project, through localForage. */
import localforage from "localforage";
import { checkProject } from "@/core/files/projectFile";
import type { Project } from "@/core/files/project";

const shelf = () => localforage.createInstance({ name: "brenok", storeName: "projects" });
const CURRENT = "current";
const UNREADABLE = "unreadable";

export const keepProject = async (project: Project) => {
  await shelf().setItem(CURRENT, project);
};

export type Found =
  | { readonly kind: "none" }
  | { readonly kind: "project"; readonly project: Project }
  /** Something is there that cannot be read; it has been put aside, not thrown away. */
  | { readonly kind: "unreadable"; readonly message: string };

/** The project that was kept last. Throws where the browser refuses its storage. */
export async function findProject(): Promise<Found> {
  const store = shelf();
  const kept = await store.getItem(CURRENT);
  if (kept === null) return { kind: "none" };
  const opened = checkProject(kept);
  if (opened.ok) return { kind: "project", project: opened.project };
  await store.setItem(UNREADABLE, kept);
  return { kind: "unreadable", message: opened.message };
}
