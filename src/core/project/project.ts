/** The project as it is kept and as it stands in a file. Measures are numbers in the unit that the key names. */
import * as z from "zod/mini";
import { asksSchema, newAsks } from "./asks";
import { BLOCKING_IDS } from "../fabric/blocking";
import { YARN_CLASSES } from "../yarn/classes";
import { COUNTS, EASE, LENGTHS } from "./bounds";
import { besideSchema, swapSchema } from "./candidates";
import { extraSchema, JOIN_IDS, seamSchema } from "./finishing";
import { DYED, ballSchema, putUpSchema } from "./label";
import { handSchema } from "./hand";
import { logSchema } from "./log";
import { orderSchema } from "./orders";
import { newSection, sectionSchema, type ProjectSection } from "./sections";
import { sizesSchema } from "./sizes";
import { swatchSchema } from "./swatches";
import { count, measure, words } from "./boundedNumbers";

export const FORMAT = "brenok-project";
/** 2: a panel taken so many times repeats its repeat, and its edges stand once. 3: seams and extras are lists. 4: the log. */
export const VERSION = 4;

const yarn = z.strictObject({
  id: words(64),
  name: words(120),
  colour: z.string().check(z.regex(/^#[0-9a-f]{6}$/i)),
  /** Class that the ball band names; it wins over the one calculated from the put-up. */
  bandClass: z.nullable(z.enum(YARN_CLASSES)),
  /** Of yarns held together, a ball of the first as far as it goes, and what goes with it. */
  putUp: putUpSchema,
  /** What is held together; null where it is one strand. */
  held: z._default(
    z.nullable(z.strictObject({ strands: count(COUNTS.strands), putUp: ballSchema, beside: besideSchema })),
    null,
  ),
  /** As the label says it, and plies; both help to say how clearly cables will show. */
  fibres: z._default(words(200), ""),
  plies: z._default(z.nullable(count(COUNTS.plies)), null),
  dyed: z._default(z.enum(DYED), "solid"),
  /** Whether the put-up is read off a band, or what such a yarn usually holds. */
  putUpFrom: z._default(z.enum(["band", "usual"]), "band"),
});

/** Parts that can be left out of the work, to see what that saves. */
export const LEAVABLE = ["bobbles", "hems", "swatch", "seams", "extras"] as const;
export type Leavable = (typeof LEAVABLE)[number];

const piece = z.strictObject({
  id: words(64),
  name: words(120),
  yarnId: words(64),
  /** How often it is worked. */
  times: z._default(count(COUNTS.times), 1),
  /** Whether it is worked as in a mirror, crossings leaning the other way. */
  mirrored: z._default(z.boolean(), false),
  /** Whether it is worked in the round. */
  round: z._default(z.boolean(), false),
  /** Whether the knitter wants it left out of the answer. */
  leftOut: z._default(z.boolean(), false),
  /** How the piece will be finished: it decides how far its ribs pull in. */
  blocking: z._default(z.enum(BLOCKING_IDS), "wetBlocked"),
  tail: z._default(
    z.strictObject({
      school: z.enum(["wraps", "twenty", "widths"]),
      twentyMm: z.nullable(measure(LENGTHS.twenty)),
    }),
    { school: "wraps", twentyMm: null },
  ),
  /** What is worked, in order. */
  sections: z.array(sectionSchema).check(z.minLength(1), z.maxLength(80)),
});

const panel = z.strictObject({
  id: words(64),
  name: words(120),
  text: words(1_000_000),
  /** What the knitter changed, and why. */
  notes: words(4000),
  /** Where it came from; `text` is as it was then, empty where it began here. */
  origin: z._default(
    z.strictObject({
      from: words(200),
      version: words(60),
      date: words(60),
      text: words(1_000_000),
    }),
    { from: "", version: "", date: "", text: "" },
  ),
});

/** How many balls are advised by: the model and its chance, or plain fabric and an allowance on it. */
const school = z._default(
  z.strictObject({
    by: z.enum(["model", "allowance"]),
    percent: z.number().check(z.minimum(0), z.maximum(200)),
  }),
  { by: "model", percent: 25 },
);

const NO_SIZE = { acrossMm: null, easeMm: 0, alongMm: null, around: 1, up: 1, of: null };

export const projectSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  /** Which project it is, on whatever device; empty until its first row is worked. */
  id: z._default(words(64), ""),
  name: words(120),
  madeFor: words(120),
  notes: words(4000),
  /** True for the project that comes with Brenok, until somebody gives it a name of their own. */
  demo: z.boolean(),
  certainty: z.enum(["daring", "steady", "careful"]),
  /** Stitches and rows over 10 cm; null where they are to be assumed from the yarn. */
  gauge: z.strictObject({
    stitchesPer10Cm: z.nullable(z.number().check(z.minimum(0.5), z.maximum(80))),
    rowsPer10Cm: z.nullable(z.number().check(z.minimum(0.5), z.maximum(120))),
    source: z.enum(["measured", "band"]),
    /** Needle that it was counted on, where that is not the project's; and whether before the bath. */
    needleMm: z.optional(measure(LENGTHS.needle)),
    state: z.optional(z.enum(["finished", "asKnit"])),
    /** Counted on the cables: so many of their stitches lie so wide; not said where nobody did. */
    cables: z.optional(
      z.strictObject({
        stitches: z.nullable(count(COUNTS.measuredStitches)),
        widthMm: z.nullable(measure(LENGTHS.width)),
      }),
    ),
  }),
  needleMm: z.nullable(measure(LENGTHS.needle)),
  /** What the project is sized for: a measure with its ease, and a length; null where nobody said. */
  size: z._default(
    z.strictObject({
      acrossMm: z.nullable(measure(LENGTHS.width)),
      easeMm: measure(EASE),
      alongMm: z.nullable(measure(LENGTHS.piece)),
      /** How often the first piece goes round, and how often it stands on itself. */
      around: count(COUNTS.times),
      up: count(COUNTS.times),
      /** The section whose width it is; null for the fabric that makes up most of the first piece. */
      of: z._default(z.nullable(z.strictObject({ pieceId: words(64), sectionId: words(64) })), null),
    }),
    NO_SIZE,
  ),
  /** The sizes that it is looked at in, side by side. */
  sizes: sizesSchema,
  /** Side of a square swatch that the yarn is to hold too; null where it is unravelled or of other yarn. */
  swatchMm: z._default(z.nullable(measure(LENGTHS.swatch)), null),
  /** What is sewn, edge to edge. */
  seams: z._default(z.array(seamSchema).check(z.maxLength(60)), []),
  /** Pompons, fringe, cords, what is kept for mending. */
  extras: z._default(z.array(extraSchema).check(z.maxLength(40)), []),
  /** How one ball follows another. */
  join: z._default(z.enum(JOIN_IDS), "knot"),
  /** The knitter's own panels, as row text. */
  panels: z._default(z.array(panel).check(z.maxLength(500)), []),
  swatches: z._default(z.array(swatchSchema).check(z.maxLength(40)), []),
  /** Substitutes beside the first yarn. */
  swap: swapSchema,
  order: orderSchema,
  school,
  asks: asksSchema,
  /** What is left out of the work. */
  without: z._default(z.array(z.enum(LEAVABLE)).check(z.maxLength(LEAVABLE.length)), []),
  /** The first is what pieces are knitted with where nothing else is said. */
  yarns: z.array(yarn).check(z.minLength(1), z.maxLength(12)),
  /** In the order of knitting. */
  pieces: z.array(piece).check(z.minLength(1), z.maxLength(40)),
  /** By which day it is to be done, and days of the week on which the hands rest; Sunday is 0. */
  calendar: z._default(
    z.strictObject({
      by: z.nullable(z.string().check(z.regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/))),
      restDays: z.array(z.int().check(z.minimum(0), z.maximum(6))).check(z.maxLength(7)),
    }),
    { by: null, restDays: [] },
  ),
  /** What earlier projects have told of the knitter's hand; null where it is as most are. */
  hand: handSchema,
  /** What happened on the needles. */
  log: logSchema,
  /** What was typed into each field, to the letter, so that it stands there again. */
  typed: z.record(words(200), words(200)),
});

export type Project = z.infer<typeof projectSchema>;
export type ProjectPanel = z.infer<typeof panel>;
export type ProjectPiece = z.infer<typeof piece>;

/** A project with one section of it changed; the same section where there is none of that name. */
export const withSection = (
  project: Project,
  { pieceId, sectionId }: { readonly pieceId: string; readonly sectionId: string },
  to: (section: ProjectSection) => ProjectSection,
): Project => ({
  ...project,
  pieces: project.pieces.map((piece) =>
    piece.id === pieceId
      ? {
          ...piece,
          sections: piece.sections.map((section) => (section.id === sectionId ? to(section) : section)),
        }
      : piece,
  ),
});

/** A piece with nothing counted yet: one plain rope between a cast-on and a cast-off. */
export const emptyPiece = (id: string, name: string): ProjectPiece => ({
  id,
  name,
  yarnId: "yarn-1",
  times: 1,
  mirrored: false,
  round: false,
  leftOut: false,
  blocking: "wetBlocked",
  tail: { school: "wraps", twentyMm: null },
  sections: [
    newSection("castOn", `${id}/on`),
    newSection("fabric", `${id}/fabric`),
    newSection("castOff", `${id}/off`),
  ],
});

/** A project with nothing measured yet: one plain rope to start from. */
export function emptyProject(): Project {
  return {
    format: FORMAT,
    version: VERSION,
    id: "",
    name: "Untitled project",
    madeFor: "",
    notes: "",
    demo: false,
    certainty: "steady",
    asks: newAsks(),
    gauge: { stitchesPer10Cm: null, rowsPer10Cm: null, source: "measured" },
    needleMm: null,
    size: NO_SIZE,
    sizes: [],
    swatchMm: null,
    seams: [],
    extras: [],
    join: "knot",
    panels: [],
    swatches: [],
    swap: swapSchema.parse(undefined),
    order: orderSchema.parse(undefined),
    school: { by: "model", percent: 25 },
    without: [],
    yarns: [
      {
        id: "yarn-1",
        name: "My yarn",
        colour: "#8a7b5c",
        bandClass: null,
        putUp: null,
        held: null,
        fibres: "",
        plies: null,
        dyed: "solid",
        putUpFrom: "band",
      },
    ],
    pieces: [emptyPiece("piece-1", "My piece")],
    calendar: { by: null, restDays: [] },
    hand: null,
    log: [],
    typed: {},
  };
}
