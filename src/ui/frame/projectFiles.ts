/** Saving the project to a file and opening one. Whatever was open before comes back with undo. */
import { toast } from "@/ui/parts/toast";
import { EXTENSION, fileNameOf, readProject, writeProject } from "@/core/files/projectFile";
import { emptyProject } from "@/core/project/project";
import { emptyShelf } from "@/core/project/shelf";
import { download } from "@/ui/parts/download";
import { say } from "@/core/words/message";
import { arrive } from "@/state/keeping/arrivals";
import { put, useProjectStore } from "@/state/project/projectStore";
import { asSaid } from "@/ui/parts/Said";
import { undoable } from "@/ui/parts/undoable";

/** Hands the project to the browser as a download. */
export function saveProjectFile() {
  const { project } = useProjectStore.getState();
  const name = fileNameOf(project);
  download(name, new Blob([writeProject(project)], { type: "application/json" }));
  toast.success(`Saved as ${name}`);
}

/** Opens a project from a file; a file that cannot be read changes nothing and says why. */
export async function openProjectFile(file: File) {
  const opened = readProject(await file.text());
  if (!opened.ok) {
    toast.error(`${file.name} was not opened`, { description: asSaid(opened.message), duration: 15_000 });
    return;
  }
  const arrived = arrive(opened.project);
  if (arrived.what === "opened") toast.success(`Opened ${opened.project.name}`, undoable);
  else toast.success(asSaid(say("rowsJoined", { events: arrived.events })), undoable);
}

/** The one file input of the page; `FileDrop` holds it. */
export const FILE_INPUT = "project-file";
export const ACCEPTED = `${EXTENSION},.json,application/json`;

/** Asks for a file to open. */
export const pickProjectFile = () => document.getElementById(FILE_INPUT)?.click();

export function startEmpty() {
  const { shelf } = useProjectStore.getState();
  // Demo yarns go with the demo; a shelf of one's own stays.
  put("empty", { project: emptyProject(), shelf: shelf.demo ? emptyShelf() : shelf });
  toast.success("Started empty", undoable);
}
