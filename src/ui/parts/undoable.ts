import { undo } from "@/state/projectStore";

/** What a word about something done carries: the way back. */
export const undoable = { action: { label: "Undo", onClick: undo } };
