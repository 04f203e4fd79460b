/** Logs put together and put in order: of two devices, of two tabs, of a step that is undone. */
import type { Log, LogEvent } from "../project/log";

/** By time, and where two devices were as quick as each other by name: the same order wherever it is asked. */
const inOrder = (one: LogEvent, other: LogEvent) =>
  one.at - other.at || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);

/**
 * All events of two logs, each once, in their order. Merging is the same whichever comes first, in whatever groups, and
 * however often it is done.
 */
export function mergedLogs(one: Log, other: Log): Log {
  if (one === other || other.length === 0) return one;
  const known = new Set(one.map(({ id }) => id));
  const more = other.filter(({ id }) => !known.has(id));
  if (more.length === 0) return one;
  const [last, first] = [one.at(-1), more[0]];
  const behind = last && first && inOrder(last, first) < 0 && isInOrder(more);
  return behind ? [...one, ...more] : [...one, ...more].sort(inOrder);
}

const isInOrder = (log: Log) =>
  log.every((event, at) => at === 0 || inOrder(log[at - 1] as LogEvent, event) < 0);

/** An event that is still to get its place in a log. */
export type NewEvent = LogEvent extends infer Event
  ? Event extends LogEvent
    ? Omit<Event, "at">
    : never
  : never;

/** The log with one more event, told at `now`; it is never before what it follows, however clocks go. */
export const withEvent = (log: Log, event: NewEvent, now: number): Log => [
  ...log,
  { ...event, at: Math.max(Math.round(now), (log.at(-1)?.at ?? -1) + 1) } as LogEvent,
];

/** Names of the events that hold: not taken back, or taken back by what was taken back itself. */
export function heldEvents(log: Log): ReadonlySet<string> {
  const gone = new Set<string>();
  const later = new Set<string>();
  // What takes something back stands behind it: from the last to the first, each is known when it is reached.
  for (const event of log.toReversed()) {
    if (event.kind === "takenBack" && !gone.has(event.id) && !later.has(event.of)) gone.add(event.of);
    later.add(event.id);
  }
  return new Set(log.flatMap(({ id }) => (gone.has(id) ? [] : [id])));
}

/**
 * A log that holds what `wanted` holds and has lost nothing of `now`: what it holds too much is taken back. Undo and
 * redo are told so, and another device hears of them. `name` gives each new event its name.
 * Example: undoing a row leaves the row in the log, and behind it that it was taken back.
 */
export function reconciled(now: Log, wanted: Log, name: () => string, at: number): Log {
  let log = mergedLogs(now, wanted);
  const [want, known] = [heldEvents(wanted), new Set(wanted.map(({ id }) => id))];
  for (;;) {
    const held = heldEvents(log);
    const wrong = log.findLast(({ id, kind }) =>
      kind === "takenBack" ? false : known.has(id) ? want.has(id) !== held.has(id) : held.has(id),
    );
    if (!wrong) return log;
    const off = held.has(wrong.id) ? wrong.id : holdsBack(log, wrong.id, held);
    if (off === null) return log;
    log = withEvent(log, { kind: "takenBack", id: name(), of: off }, at);
  }
}

/** The event that takes another one back. */
const holdsBack = (log: Log, id: string, held: ReadonlySet<string>) =>
  log.find((event) => event.kind === "takenBack" && event.of === id && held.has(event.id))?.id ?? null;
