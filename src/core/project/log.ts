/** What happened while a project was knitted, as it stands in a file: events, of which nothing is ever overwritten. */
import * as z from "zod/mini";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure, words } from "./boundedNumbers";

/** More events than this are not kept of one project: half a million stitches take no more. */
export const MOST_EVENTS = 20_000;

/** Which of the pieces in hand; a piece that is worked twice has two copies, counted from 1. */
const inHand = { pieceId: words(64), copy: count(COUNTS.times) };

const scaleStep = measure({ least: 0.01, most: 10 });

const event = <const Kind extends string, const Shape extends object>(kind: Kind, shape: Shape) =>
  z.strictObject({
    id: words(64),
    /** When it happened, in ms since 1970: given by who tells of it, and never before what it follows. */
    at: z.int().check(z.minimum(0)),
    kind: z.literal(kind),
    ...shape,
  });

const eventSchema = z.discriminatedUnion("kind", [
  /** The next row was worked. */
  event("rowDone", inHand),
  /** The knitter says how many rows are worked. */
  event("atRow", { ...inHand, rows: count({ least: 0, most: COUNTS.rows.most * 4 }) }),
  event("rippedBack", { ...inHand, rows: count(COUNTS.rows) }),
  event("finished", inHand),
  /** Another event was a slip: it is as if it had not been. One of these can be taken back too. */
  event("takenBack", { of: words(64) }),
  event("note", { ...inHand, text: words(2000) }),
  /** A picture of the work, kept under the name of this event in the browser that took it. */
  event("photo", inHand),
  event("needleChanged", { ...inHand, needleMm: measure(LENGTHS.needle) }),
  /** What follows comes after a break, however short that was. */
  event("paused", inHand),
  /**
   * Another ball is begun: of so many g, a whole one where nobody said. Of the one before it so much is left; null
   * where nobody weighed that.
   */
  event("joined", {
    ...inHand,
    yarnId: words(64),
    massG: z.nullable(measure({ least: 0.1, most: 2000 })),
    leftG: z._default(z.nullable(measure({ least: 0, most: 2000 })), null),
  }),
  /** What is left of the ball in hand, without what it lay in. */
  event("weighed", {
    ...inHand,
    yarnId: words(64),
    massG: measure({ least: 0, most: 2000 }),
    stepG: scaleStep,
  }),
  /** The whole piece on the scale, cast off and with nothing sewn yet. */
  event("pieceWeighed", { ...inHand, massG: measure({ least: 0.1, most: 20_000 }), stepG: scaleStep }),
  /** From the cast-on edge to the needles, as it is knitted and before any bath. */
  event("measured", { ...inHand, heightMm: measure(LENGTHS.piece) }),
  /** A finished piece, as it lies: across what makes up most of it, or along all of it. */
  event("sized", { ...inHand, which: z.enum(["across", "along"]), mm: measure(LENGTHS.piece) }),
  /** Of so many balls of a yarn, whole when they were begun, so much is left when all is done. */
  event("leftOver", {
    yarnId: words(64),
    balls: count({ least: 1, most: 500 }),
    leftG: measure({ least: 0, most: 2000 }),
    stepG: scaleStep,
  }),
  /** The project is done. */
  event("closed", {}),
  /** Something of the finishing list is done. */
  event("ticked", { of: words(200) }),
  /** From here on another yarn is knitted in place of one: what was weighed of that says nothing of this. */
  event("newYarn", { yarnId: words(64) }),
  /** The knitter has looked again, and stands by what another event says. */
  event("stoodBy", { ...inHand, of: words(64) }),
]);

export type LogEvent = z.infer<typeof eventSchema>;
type EventKind = LogEvent["kind"];
export type EventOf<Kind extends EventKind> = Extract<LogEvent, { readonly kind: Kind }>;

export const logSchema = z._default(z.array(eventSchema).check(z.maxLength(MOST_EVENTS)), []);
export type Log = readonly LogEvent[];
