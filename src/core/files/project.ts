/** The project as it is kept and as it stands in a file. Measures are numbers in the unit that the key names. */
import { z } from "zod";
import { BLOCKING_IDS } from "../fabric/blocking";
import { YARN_CLASSES } from "../yarn/classes";
import { COUNTS, EASE, LENGTHS } from "./bounds";
import { besideSchema, swapSchema } from "./candidates";
import { extraSchema, JOIN_IDS, seamSchema } from "./finishing";
import { DYED, putUpSchema } from "./label";
import { orderSchema } from "./orders";
import { newSection, sectionSchema, type ProjectSection } from "./sections";
import { swatchSchema } from "./swatches";
import { count, measure } from "./within";

export const FORMAT = "brenok-project";
/** 2: a panel taken so many times repeats its repeat, and its edges stand once. 3: seams and extras are lists. */
export const VERSION = 3;

const words = (most: number) => z.string().max(most);

const yarn = z.strictObject({
  id: words(64),
  name: words(120),
  colour: z.string().regex(/^#[0-9a-f]{6}$/i),
  /** Class that the ball band names; it wins over the one reckoned from the put-up. */
  bandClass: z.enum(YARN_CLASSES).nullable(),
  /** Of yarns held together, a ball of the first as far as it goes, and what goes with it. */
  putUp: putUpSchema,
  /** What is held together; null where it is one strand. */
  held: z
    .strictObject({ strands: count(COUNTS.strands), putUp: putUpSchema.unwrap(), beside: besideSchema })
    .nullable()
    .default(null),
  /** As the label says it, and plies; both help to say how clearly cables will show. */
  fibres: words(200).default(""),
  plies: count(COUNTS.plies).nullable().default(null),
  dyed: z.enum(DYED).default("solid"),
  /** Whether the put-up is read off a band, or what such a yarn usually holds. */
  putUpFrom: z.enum(["band", "usual"]).default("band"),
});

/** Parts that can be left out of the work, to see what that saves. */
export const LEAVABLE = ["bobbles", "hems", "swatch", "seams", "extras"] as const;
export type Leavable = (typeof LEAVABLE)[number];

const piece = z.strictObject({
  id: words(64),
  name: words(120),
  yarnId: words(64),
  /** How often it is worked. */
  times: count(COUNTS.times).default(1),
  /** Whether it is worked as in a mirror, crossings leaning the other way. */
  mirrored: z.boolean().default(false),
  /** Whether it is worked in the round. */
  round: z.boolean().default(false),
  /** Whether the knitter wants it left out of the answer. */
  leftOut: z.boolean().default(false),
  /** How the piece will be finished: it decides how far its ribs pull in. */
  blocking: z.enum(BLOCKING_IDS).default("wetBlocked"),
  tail: z
    .strictObject({
      school: z.enum(["wraps", "twenty", "widths"]),
      twentyMm: measure(LENGTHS.twenty).nullable(),
    })
    .default({ school: "wraps", twentyMm: null }),
  /** What is worked, in order. */
  sections: z.array(sectionSchema).min(1).max(80),
});

const panel = z.strictObject({
  id: words(64),
  name: words(120),
  text: words(1_000_000),
  /** What the knitter changed, and why. */
  notes: words(4000),
  /** Where it came from; `text` is as it was then, empty where it began here. */
  origin: z
    .strictObject({
      from: words(200),
      version: words(60),
      date: words(60),
      text: words(1_000_000),
    })
    .default({ from: "", version: "", date: "", text: "" }),
});

/** How many balls are advised by: the model and its chance, or plain fabric and an allowance on it. */
const school = z
  .strictObject({ by: z.enum(["model", "allowance"]), percent: z.number().min(0).max(200) })
  .default({ by: "model", percent: 25 });

const NO_SIZE = { acrossMm: null, easeMm: 0, alongMm: null, around: 1, up: 1, of: null };

export const projectSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  name: words(120),
  madeFor: words(120),
  notes: words(4000),
  /** True for the project that comes with Brenok, until somebody gives it a name of their own. */
  demo: z.boolean(),
  certainty: z.enum(["daring", "steady", "careful"]),
  /** Stitches and rows over 10 cm; null where they are to be assumed from the yarn. */
  gauge: z.strictObject({
    stitchesPer10Cm: z.number().min(0.5).max(80).nullable(),
    rowsPer10Cm: z.number().min(0.5).max(120).nullable(),
    source: z.enum(["measured", "band"]),
    /** Needle that it was counted on, where that is not the project's; and whether before the bath. */
    needleMm: measure(LENGTHS.needle).optional(),
    state: z.enum(["finished", "asKnit"]).optional(),
    /** Counted on the cables: so many of their stitches lie so wide; not said where nobody did. */
    cables: z
      .strictObject({
        stitches: count(COUNTS.measuredStitches).nullable(),
        widthMm: measure(LENGTHS.width).nullable(),
      })
      .optional(),
  }),
  needleMm: measure(LENGTHS.needle).nullable(),
  /** What the project is sized for: a measure with its ease, and a length; null where nobody said. */
  size: z
    .strictObject({
      acrossMm: measure(LENGTHS.width).nullable(),
      easeMm: measure(EASE),
      alongMm: measure(LENGTHS.piece).nullable(),
      /** How often the first piece goes round, and how often it stands on itself. */
      around: count(COUNTS.times),
      up: count(COUNTS.times),
      /** The section whose width it is; null for the fabric that makes up most of the first piece. */
      of: z
        .strictObject({ pieceId: words(64), sectionId: words(64) })
        .nullable()
        .default(null),
    })
    .default(NO_SIZE),
  /** Side of a square swatch that the yarn is to hold too; null where it is unravelled or of other yarn. */
  swatchMm: measure(LENGTHS.swatch).nullable().default(null),
  /** What is sewn, edge to edge. */
  seams: z.array(seamSchema).max(60).default([]),
  /** Pompons, fringe, cords, what is kept for mending. */
  extras: z.array(extraSchema).max(40).default([]),
  /** How one ball follows another. */
  join: z.enum(JOIN_IDS).default("knot"),
  /** The knitter's own panels, as row text. */
  panels: z.array(panel).max(500).default([]),
  swatches: z.array(swatchSchema).max(40).default([]),
  /** Substitutes beside the first yarn. */
  swap: swapSchema,
  order: orderSchema,
  school,
  /** What is left out of the work. */
  without: z.array(z.enum(LEAVABLE)).max(LEAVABLE.length).default([]),
  /** The first is what pieces are knitted with where nothing else is said. */
  yarns: z.array(yarn).min(1).max(12),
  /** In the order of knitting. */
  pieces: z.array(piece).min(1).max(40),
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
    name: "Untitled project",
    madeFor: "",
    notes: "",
    demo: false,
    certainty: "steady",
    gauge: { stitchesPer10Cm: null, rowsPer10Cm: null, source: "measured" },
    needleMm: null,
    size: NO_SIZE,
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
    typed: {},
  };
}
