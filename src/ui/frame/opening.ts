/** Opening what a file holds, or nothing. Whatever was open before comes back with undo. */
import { toast } from "@/ui/parts/toast";
import { readProject } from "@/core/files/projectFile";
import { emptyProject } from "@/core/project/project";
import { emptyShelf } from "@/core/project/shelf";
import { say } from "@/core/words/message";
import { openHand } from "@/state/chosen/handSheet";
import { arrive } from "@/state/keeping/arrive";
import { inThisHand } from "@/state/keeping/knitterHand";
import { put, useProjectStore } from "@/state/project/projectStore";
import { asSaid } from "@/ui/parts/Said";
import { undoable } from "@/ui/parts/undoable";

/** Opens a project from a file; a file that cannot be read changes nothing and says why. */
export async function openProjectFile(file: File) {
  const text = await file.text();
  if (isHandFile(text)) return openHandFile(text);
  const opened = readProject(text);
  if (!opened.ok) {
    toast.error(`${file.name} was not opened`, { description: asSaid(opened.message), duration: 15_000 });
    return;
  }
  const arrived = await arrive(opened.project);
  if (arrived.what === "opened") toast.success(`Opened ${opened.project.name}`, undoable);
  else toast.success(asSaid(say("rowsJoined", { events: arrived.events })), undoable);
}

/** Whether a text is a file of what is remembered of a knitter. */
const isHandFile = (text: string) => /^\s*\{\s*"format"\s*:\s*"brenok-hand"/.test(text);

async function openHandFile(text: string) {
  const { takeHandFile } = await import("@/state/keeping/remember");
  const wrong = takeHandFile(text);
  if (wrong) toast.error("The file was not opened", { description: asSaid(wrong), duration: 15_000 });
  else {
    toast.success("Your hand is taken in");
    openHand();
  }
}

/** A project of which nothing is said, in the knitter’s hand where that is known. */
export function startEmpty() {
  const { shelf } = useProjectStore.getState();
  // Demo yarns go with the demo; a shelf of one's own stays.
  put("empty", { project: inThisHand(emptyProject()), shelf: shelf.demo ? emptyShelf() : shelf });
  toast.success("Started empty", undoable);
}
