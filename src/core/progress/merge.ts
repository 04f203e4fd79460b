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

/** What an event tells, before it has a name. */
export type Act = NewEvent extends infer Event ? (Event extends NewEvent ? Omit<Event, "id"> : never) : never;

/** The log with one more event, told at `now`; it is never before what it follows, however clocks go. */
export const withEvent = (log: Log, event: NewEvent, now: number): Log => [
  ...log,
  { ...event, at: Math.max(Math.round(now), (log.at(-1)?.at ?? -1) + 1) } as LogEvent,
];

/** The log with an act told, under a name. */
export const withAct = (log: Log, act: Act, id: string, now: number): Log =>
  withEvent(log, { ...act, id } as NewEvent, now);

/** Names of the events that are taken back; what was taken back by something that is itself taken back holds. */
export function goneEvents(log: Log): ReadonlySet<string> {
  const acts = log.flatMap((event, at) => (event.kind === "takenBack" ? [{ ...event, place: at }] : []));
  const gone = new Set<string>();
  if (acts.length === 0) return gone;
  const wanted = new Set(acts.map(({ of }) => of));
  const places = new Map<string, number>();
  log.forEach(({ id }, at) => wanted.has(id) && places.set(id, at));
  // What takes something back stands behind it: from the last to the first, each is known when it is reached.
  for (const { id, of, place } of acts.toReversed())
    if (!gone.has(id) && (places.get(of) ?? Infinity) < place) gone.add(of);
  return gone;
}

/**
 * A log that holds what `wanted` holds and has lost nothing of `now`: what it holds too much is taken back. Undo and
 * redo are told so, and another device hears of them. `name` gives each new event its name.
 * Example: undoing a row leaves the row in the log, and behind it that it was taken back.
 */
export function reconciled(now: Log, wanted: Log, name: () => string, at: number): Log {
  let log = mergedLogs(now, wanted);
  const [unwanted, known] = [goneEvents(wanted), new Set(wanted.map(({ id }) => id))];
  const wants = (id: string) => known.has(id) && !unwanted.has(id);
  for (;;) {
    const gone = goneEvents(log);
    const wrong = log.findLast(({ id, kind }) => kind !== "takenBack" && wants(id) === gone.has(id));
    if (!wrong) return log;
    const off = gone.has(wrong.id) ? holdsBack(log, wrong.id, gone) : wrong.id;
    if (off === null) return log;
    log = withEvent(log, { kind: "takenBack", id: name(), of: off }, at);
  }
}

/** The event that takes another one back. */
const holdsBack = (log: Log, id: string, gone: ReadonlySet<string>) =>
  log.find((event) => event.kind === "takenBack" && event.of === id && !gone.has(event.id))?.id ?? null;
