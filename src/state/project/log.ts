/** What is told of the knitting: every act is one event more in the log of the open project. */
import type { Knitted } from "@/core/belief/knitted";
import { MOST_EVENTS, type Log, type LogEvent } from "@/core/project/log";
import { mergedLogs, withAct, type Act } from "@/core/progress/merge";
import { keyOfPlace, type InHand } from "@/core/progress/inHand";
import { isSecondTap, lastToldOf } from "@/core/progress/places";
import { freshId } from "./freshId";
import { change, useProjectStore } from "./projectStore";

/** Keeps a longer log. It is made outside of the draft, which would look into every event. */
const keep = (longer: Log) =>
  change("log", (project) => {
    project.log = [...longer];
  });

/** Tells the log of something; false where it is full, and then nothing is changed. */
export function tellLog(said: Act, id = freshId("event")): boolean {
  const { log } = useProjectStore.getState().project;
  if (log.length >= MOST_EVENTS) return false;
  keep(withAct(log, said, id, Date.now()));
  return true;
}

/** The knitter has looked again, and a reading is right; one of no piece is told of the first. */
export function standBy({ id, pieceId, copy }: Pick<Knitted, "id" | "pieceId" | "copy">): void {
  const [first] = useProjectStore.getState().project.pieces;
  const of = pieceId ?? first?.id;
  if (of !== undefined) tellLog({ kind: "stoodBy", pieceId: of, copy, of: id });
}

/** A piece was begun with a whole ball: told later, and put before all else that was told of the piece. */
export function tellBegun(of: InHand, yarnId: string): void {
  const { log } = useProjectStore.getState().project;
  const first = log.find((event) => "pieceId" in event && keyOfPlace(event) === keyOfPlace(of));
  if (!first || log.length >= MOST_EVENTS) return;
  const { pieceId, copy } = of;
  const begun = { kind: "joined", pieceId, copy, yarnId, massG: null, leftG: null } as const;
  keep(mergedLogs(log, [{ ...begun, id: freshId("event"), at: Math.max(0, first.at - 1) }]));
}

let lastTap = { key: "", at: -Infinity };

/** The next row is worked, unless that was a second tap of the same thumb, or the log is full. */
export function rowDone(of: InHand): "done" | "secondTap" | "full" {
  const [key, now] = [keyOfPlace(of), Date.now()];
  if (lastTap.key === key && isSecondTap(lastTap.at, now)) return "secondTap";
  lastTap = { key, at: now };
  return tellLog({ kind: "rowDone", pieceId: of.pieceId, copy: of.copy }) ? "done" : "full";
}

/** Takes back what was told last of a piece; the result is what that was, null where there is nothing to take back. */
export function takeBackLast(of: InHand): LogEvent | null {
  const last = lastToldOf(useProjectStore.getState().project.log, of);
  if (last) tellLog({ kind: "takenBack", of: last.id });
  return last;
}
