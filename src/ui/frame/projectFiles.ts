/** Saving the project to a file, and asking for one. */
import { toast } from "@/ui/parts/toast";
import { EXTENSION, fileNameOf, writeProject } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import { useProjectStore } from "@/state/project/projectStore";

/** Hands the project to the browser as a download. */
export function saveProjectFile() {
  const { project } = useProjectStore.getState();
  const name = fileNameOf(project);
  download(name, new Blob([writeProject(project)], { type: "application/json" }));
  toast.success(`Saved as ${name}`);
}

/** The one file input of the page; `FileDrop` holds it. */
export const FILE_INPUT = "project-file";
export const ACCEPTED = `${EXTENSION},.json,application/json`;

/** Asks for a file to open. */
export const pickProjectFile = () => document.getElementById(FILE_INPUT)?.click();

/** Opens a file; what opens it comes with the first one. */
export const openFile = (file: File) =>
  void import("./opening").then(({ openProjectFile }) => openProjectFile(file));

export const startEmpty = () => void import("./opening").then((opening) => opening.startEmpty());
