/** The project as it is kept and as it stands in a file. Measures are numbers in the unit that the key names. */
import { z } from "zod";
import { CAST_OFF_IDS, CAST_ON_IDS } from "../estimate/edges";
import { BLOCKING_IDS } from "../fabric/blocking";
import { ROPES } from "../panels/ropes";
import { YARN_CLASSES } from "../yarn/classes";
import { COUNTS, LENGTHS } from "./bounds";

export const FORMAT = "brenok-project";
export const VERSION = 1;

const words = (most: number) => z.string().max(most);
const count = ({ least, most }: { least: number; most: number }) => z.number().int().min(least).max(most);
const length = ({ least, most }: { least: number; most: number }) => z.number().min(least).max(most);

const yarn = z.strictObject({
  id: words(64),
  name: words(120),
  colour: z.string().regex(/^#[0-9a-f]{6}$/i),
  /** Class that the ball band names; it wins over the one reckoned from the put-up. */
  bandClass: z.enum(YARN_CLASSES).nullable(),
  putUp: z
    .strictObject({ massG: z.number().min(5).max(2000), lengthM: z.number().min(5).max(60_000) })
    .nullable(),
});

const piece = z.strictObject({
  id: words(64),
  name: words(120),
  yarnId: words(64),
  /** How often it is worked. */
  times: count(COUNTS.times).default(1),
  /** Whether its row of panels is worked as in a mirror, crossings leaning the other way. */
  mirrored: z.boolean().default(false),
  ropeId: z.enum(ROPES.map(({ id }) => id)),
  lean: z.enum(["left", "right"]),
  ropes: count(COUNTS.ropes),
  purls: count(COUNTS.purls),
  edge: count(COUNTS.edge),
  /** Panels of the library or of this project, from the right; they stand in place of the ropes. */
  across: z
    .array(z.strictObject({ panelId: words(64), times: count(COUNTS.times) }))
    .max(40)
    .default([]),
  rows: count(COUNTS.rows).nullable(),
  /** How the piece will be finished: it decides how far its ribs pull in. */
  blocking: z.enum(BLOCKING_IDS).default("wetBlocked"),
  /** Width measured across so many stitches of the cabled part; both null where nobody measured. */
  measured: z.strictObject({
    widthMm: length(LENGTHS.width).nullable(),
    stitches: count(COUNTS.measuredStitches).nullable(),
  }),
  castOn: z.enum(CAST_ON_IDS).default("longTail"),
  castOff: z.enum(CAST_OFF_IDS).default("plain"),
  /** Seams along its whole height; a seam between two pieces counts at one of them. */
  seams: count(COUNTS.seams).default(0),
  tail: z.strictObject({
    school: z.enum(["wraps", "twenty", "widths"]),
    twentyMm: length(LENGTHS.twenty).nullable(),
  }),
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
    stitchesPer10Cm: z.number().min(2).max(80).nullable(),
    rowsPer10Cm: z.number().min(2).max(120).nullable(),
    source: z.enum(["measured", "band"]),
  }),
  needleMm: length(LENGTHS.needle).nullable(),
  /** Side of a square swatch that the yarn is to hold too; null where it is unravelled or of other yarn. */
  swatchMm: length(LENGTHS.swatch).nullable().default(null),
  /** Yarn for fringe, pompon, buttons and mending. */
  extrasM: z.number().min(0.1).max(5000).nullable().default(null),
  /** The knitter's own panels, as row text. */
  panels: z.array(panel).max(500).default([]),
  yarns: z.array(yarn).length(1),
  /** In the order of knitting. */
  pieces: z.array(piece).min(1).max(40),
  /** What was typed into each field, to the letter, so that it stands there again. */
  typed: z.record(words(140), words(200)),
});

export type Project = z.infer<typeof projectSchema>;
export type ProjectPanel = z.infer<typeof panel>;
export type ProjectPiece = z.infer<typeof piece>;

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
    swatchMm: null,
    extrasM: null,
    panels: [],
    yarns: [{ id: "yarn-1", name: "My yarn", colour: "#8a7b5c", bandClass: null, putUp: null }],
    pieces: [
      {
        id: "piece-1",
        name: "My piece",
        yarnId: "yarn-1",
        times: 1,
        mirrored: false,
        ropeId: "rope-2-2",
        lean: "left",
        ropes: 1,
        purls: 2,
        edge: 2,
        across: [],
        rows: null,
        blocking: "wetBlocked",
        measured: { widthMm: null, stitches: null },
        castOn: "longTail",
        castOff: "plain",
        seams: 0,
        tail: { school: "wraps", twentyMm: null },
      },
    ],
    typed: {},
  };
}
