/** Where the knitter is in every piece that is in hand, worked out of the log: the one place that all counters show. */
import type { EventOf, Log, LogEvent } from "../project/log";
import { keyOfPlace, type InHand } from "./inHand";
import { goneEvents } from "./merge";
import { Readings, type KnitReading, type LeftOver } from "./readings";

export interface Place extends InHand {
  /** Rows worked. */
  readonly rows: number;
  /** When each of them was worked, in ms; null where nobody saw it. */
  readonly doneAt: readonly (number | null)[];
  /** Rows before which a break was told, counted from 0. */
  readonly breaks: readonly number[];
  readonly finished: boolean;
  /** When anything of it was first told, and last. */
  readonly begunAt: number;
  readonly lastAt: number;
}

/** What is remembered of a row and changes no figure. */
export type Remark = "note" | "photo" | "needleChanged";

/** Something that was told at a row. */
export interface Told<Kind extends Remark | "weighed" | "joined"> {
  readonly event: EventOf<Kind>;
  /** Rows of its piece that were worked then. */
  readonly row: number;
}

export interface Progress {
  /** The piece that was worked on last comes first. */
  readonly places: readonly Place[];
  readonly notes: readonly Told<Remark>[];
  /** Weighings stand, whatever is ripped back: what a ball weighed at a row it did weigh. */
  readonly weighings: readonly Told<"weighed">[];
  /** Joins in rows that were ripped back are gone with them. */
  readonly joins: readonly Told<"joined">[];
  /** What of the finishing list is done, by its key, with the event that told it. */
  readonly ticked: ReadonlyMap<string, string>;
  /** The event that closed the project; null while it goes on. */
  readonly closed: EventOf<"closed"> | null;
  /** What was weighed and measured, ready to be held against what was expected. */
  readonly readings: readonly KnitReading[];
}

interface Open {
  readonly of: InHand;
  doneAt: (number | null)[];
  readonly breaks: number[];
  finished: boolean;
  readonly begunAt: number;
  lastAt: number;
  readonly readings: Readings;
}

type Mutable = { -readonly [Part in "notes" | "weighings" | "joins"]: Progress[Part][number][] };

/** What each kind of event does to a piece. */
const DOES: {
  readonly [Kind in Exclude<LogEvent["kind"], "takenBack" | OfAll>]: (
    place: Open,
    event: EventOf<Kind>,
    told: Mutable,
  ) => void;
} = {
  rowDone: (place, { at }) => {
    place.doneAt.push(at);
    place.finished = false;
  },
  atRow: (place, { rows }, told) => {
    backTo(place, rows, told);
    while (place.doneAt.length < rows) place.doneAt.push(null);
  },
  rippedBack: (place, { rows }, told) => backTo(place, Math.max(0, place.doneAt.length - rows), told),
  finished: (place) => {
    place.finished = true;
  },
  note: remark,
  photo: remark,
  needleChanged: remark,
  paused: ({ doneAt, breaks }) => void breaks.push(doneAt.length),
  joined: (place, event, told) => {
    told.joins.push({ event, row: place.doneAt.length });
    read(place, event);
  },
  weighed: (place, event, told) => {
    told.weighings.push({ event, row: place.doneAt.length });
    read(place, event);
  },
  pieceWeighed: read,
  measured: read,
  sized: read,
};

function remark({ doneAt }: Open, event: EventOf<Remark>, { notes }: Mutable) {
  notes.push({ event, row: doneAt.length });
}

function read({ readings, doneAt }: Open, event: Parameters<Readings["take"]>[0]) {
  readings.take(event, doneAt.length);
}

/** Fewer rows: what was joined above them is gone too. */
function backTo(place: Open, rows: number, told: Mutable) {
  if (rows >= place.doneAt.length) return;
  place.doneAt.length = rows;
  place.finished = false;
  place.readings.rippedTo(rows);
  const key = keyOfPlace(place.of);
  told.joins = told.joins.filter(({ event, row }) => keyOfPlace(event) !== key || row <= rows);
}

/** What is known of the project as a whole. */
interface Whole {
  readonly open: Map<string, Open>;
  readonly ticked: Map<string, string>;
  readonly stoodBy: Set<string>;
  readonly leftOvers: Map<string, LeftOver>;
  closed: EventOf<"closed"> | null;
}

/** Kinds of events that belong to no piece. */
type OfAll = "newYarn" | "ticked" | "leftOver" | "closed" | "stoodBy";

/** What each of these does. */
const DOES_TO_ALL: {
  readonly [Kind in OfAll]: (whole: Whole, event: EventOf<Kind>) => void;
} = {
  newYarn: ({ open, leftOvers }, { yarnId }) => {
    for (const { readings } of open.values()) readings.newYarn(yarnId);
    leftOvers.delete(yarnId);
  },
  ticked: ({ ticked }, { of, id }) => void ticked.set(of, id),
  leftOver: ({ leftOvers }, { id, yarnId, balls, leftG, stepG }) =>
    void leftOvers.set(yarnId, { kind: "all", id, yarnId, balls, massG: leftG, stepG }),
  closed: (whole, event) => {
    whole.closed = event;
  },
  stoodBy: ({ stoodBy }, { of }) => void stoodBy.add(of),
};

const isOfAll = (event: LogEvent): event is EventOf<OfAll> => event.kind in DOES_TO_ALL;

/** The piece of an event, begun with it where it is the first. */
function opened({ open }: Whole, event: EventOf<Exclude<LogEvent["kind"], OfAll | "takenBack">>): Open {
  const { pieceId, copy, at } = event;
  const key = keyOfPlace(event);
  const place: Open = open.get(key) ?? {
    of: { pieceId, copy },
    doneAt: [],
    breaks: [],
    finished: false,
    begunAt: at,
    lastAt: at,
    readings: new Readings(),
  };
  open.set(key, place);
  place.lastAt = at;
  return place;
}

/**
 * Where everything stands after a log. Example: 20 rows done and 5 ripped back are at row 15, as if there had been 15.
 */
export function progressOf(log: Log): Progress {
  const gone = goneEvents(log);
  const whole: Whole = {
    open: new Map(),
    ticked: new Map(),
    stoodBy: new Set(),
    leftOvers: new Map(),
    closed: null,
  };
  const told: Mutable = { notes: [], weighings: [], joins: [] };
  for (const event of log) {
    if (event.kind === "takenBack" || gone.has(event.id)) continue;
    if (isOfAll(event)) DOES_TO_ALL[event.kind](whole, event as never);
    else DOES[event.kind](opened(whole, event), event as never, told);
  }
  const { open, ticked, closed } = whole;
  const places = [...open.values()].map(({ of, doneAt, breaks, finished, begunAt, lastAt }) => ({
    ...of,
    rows: doneAt.length,
    doneAt,
    breaks,
    finished,
    begunAt,
    lastAt,
  }));
  const read = [...[...open.values()].flatMap((place) => place.readings.all()), ...whole.leftOvers.values()];
  const readings = read.map((one) => ({ ...one, seen: whole.stoodBy.has(one.id) }));
  return { ...told, ticked, closed, readings, places: places.toSorted((a, b) => b.lastAt - a.lastAt) };
}

const readings = new WeakMap<Log, readonly KnitReading[]>();

/** What was weighed and measured while knitting; the same list as long as the log is the same. */
export function readingsOf(log: Log): readonly KnitReading[] {
  const known = readings.get(log) ?? progressOf(log).readings;
  readings.set(log, known);
  return known;
}

/** Kinds of events behind which all readings are as they were. */
const TELLS_NOTHING: ReadonlySet<LogEvent["kind"]> = new Set([
  "rowDone",
  "note",
  "photo",
  "needleChanged",
  "paused",
  "finished",
  "ticked",
  "closed",
]);

/**
 * Whether two logs of one project have read off the same: asked behind every tap, so that a log which is another one
 * with some rows more is not gone through. Example: a row done leaves it, a weighing does not.
 */
export function sameReadings(one: Log, other: Log): boolean {
  if (one === other) return true;
  const [shorter, longer] = one.length <= other.length ? [one, other] : [other, one];
  const behind = longer.slice(shorter.length);
  const grown = shorter.length === 0 || longer[shorter.length - 1] === shorter.at(-1);
  if (grown && behind.every(({ kind }) => TELLS_NOTHING.has(kind))) {
    const known = readings.get(shorter) ?? readings.get(longer);
    if (known) for (const log of [one, other]) readings.set(log, known);
    return true;
  }
  const same = JSON.stringify(readingsOf(one)) === JSON.stringify(readingsOf(other));
  if (same) readings.set(other, readingsOf(one));
  return same;
}

/** Where a piece stands; at its beginning where nothing was told of it. */
export const placeIn = ({ places }: Pick<Progress, "places">, of: InHand): Place =>
  places.find((place) => keyOfPlace(place) === keyOfPlace(of)) ?? {
    pieceId: of.pieceId,
    copy: of.copy,
    rows: 0,
    doneAt: [],
    breaks: [],
    finished: false,
    begunAt: 0,
    lastAt: 0,
  };

/** A second tap within this is a slip of the thumb. */
const DOUBLE_TAP_MS = 400;

/**
 * Whether a tap at `now` is the second one of the same thumb. Both are told by the clock of the device that is tapped:
 * times in a log may be those of another one. Example: 399 ms behind the first it is, 400 ms behind it is not.
 */
export const isSecondTap = (before: number, now: number): boolean =>
  now >= before && now - before < DOUBLE_TAP_MS;

/** The last thing that was told of a piece and holds; null where nothing does. */
export function lastToldOf(log: Log, of: InHand): LogEvent | null {
  const gone = goneEvents(log);
  const key = keyOfPlace(of);
  return (
    log.findLast((event) => "pieceId" in event && !gone.has(event.id) && keyOfPlace(event) === key) ?? null
  );
}
