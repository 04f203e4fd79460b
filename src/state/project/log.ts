/** What is told of the knitting: every act is one event more in the log of the open project. */
import type { LogEvent } from "@/core/project/log";
import type { NewEvent } from "@/core/progress/merge";
import { withEvent } from "@/core/progress/merge";
import { isSecondTap, keyOfPlace, lastToldOf, type InHand } from "@/core/progress/places";
import { freshId } from "./freshId";
import { change, useProjectStore } from "./projectStore";

type Said<Event> = Event extends NewEvent ? Omit<Event, "id"> : never;

/** Tells the log of something; the result is the name of the event. */
export function tellLog(said: Said<NewEvent>): string {
  const id = freshId("event");
  change("log", (project) => {
    project.log = [...withEvent(project.log, { ...said, id } as NewEvent, Date.now())];
  });
  return id;
}

let lastTap = { key: "", at: -Infinity };

/** The next row is worked; false where that is a second tap of the same thumb, which counts for nothing. */
export function rowDone(of: InHand): boolean {
  const [key, now] = [keyOfPlace(of), Date.now()];
  if (lastTap.key === key && isSecondTap(lastTap.at, now)) return false;
  lastTap = { key, at: now };
  tellLog({ kind: "rowDone", pieceId: of.pieceId, copy: of.copy });
  return true;
}

/** Takes back what was told last of a piece; the result is what that was, null where there is nothing to take back. */
export function takeBackLast(of: InHand): LogEvent | null {
  const last = lastToldOf(useProjectStore.getState().project.log, of);
  if (last) tellLog({ kind: "takenBack", of: last.id });
  return last;
}
