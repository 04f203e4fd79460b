/** Saving the project to a file, and asking for one. */
import { toast } from "@/ui/parts/toast";
import { EXTENSION, fileNameOf, writeProject } from "@/core/files/projectFile";
import type { Project } from "@/core/project/project";
import { download } from "@/ui/parts/download";
import { useProjectStore } from "@/state/project/projectStore";

/** Hands a project to the browser as a download; gives the name of its file. */
export function downloadProject(project: Project): string {
  const name = fileNameOf(project);
  download(name, new Blob([writeProject(project)], { type: "application/json" }));
  return name;
}

/** The same of the open one, with a word. */
export const saveProjectFile = () =>
  void toast.success(`Saved as ${downloadProject(useProjectStore.getState().project)}`);

/** The one file input of the page; `FileDrop` holds it. */
export const FILE_INPUT = "project-file";
export const ACCEPTED = `${EXTENSION},.json,application/json`;

/** Asks for a file to open. */
export const pickProjectFile = () => document.getElementById(FILE_INPUT)?.click();

/** Opens a file; what opens it comes with the first one. */
export const openFile = (file: File) =>
  void import("./opening").then(({ openProjectFile }) => openProjectFile(file));

export const startEmpty = () => void import("./opening").then((opening) => opening.startEmpty());
