/** Swatches as they stand in a file: what was worked, and what was counted, measured and weighed of it. */
import { z } from "zod";
import { CAST_OFF_IDS, CAST_ON_IDS } from "../estimate/edges";
import { COUNTS, LENGTHS, STEP_G, SWATCH_G } from "./bounds";
import { fabricSchema, newSection } from "./sections";
import { count, measure } from "./within";

/** What can be read off a swatch. */
export const MEASURE_IDS = [
  "asKnitWidth",
  "asKnitHeight",
  "finishedWidth",
  "finishedHeight",
  "mass",
  "unravelled",
] as const;
export type MeasureId = (typeof MEASURE_IDS)[number];

/** A width over so many stitches and a height over so many rows; without a count it is that of all of it. */
const state = z.strictObject({
  widthMm: measure(LENGTHS.span).nullable(),
  stitches: count(COUNTS.stitches).nullable(),
  heightMm: measure(LENGTHS.span).nullable(),
  rows: count(COUNTS.rows).nullable(),
});
const UNMEASURED = { widthMm: null, stitches: null, heightMm: null, rows: null };

export const swatchSchema = z.strictObject({
  id: z.string().max(64),
  name: z.string().max(120),
  yarnId: z.string().max(64),
  /** Null: the project's needle. */
  needleMm: measure(LENGTHS.needle).nullable().default(null),
  /** What it is worked in, with its edge stitches; its length is `rows` below. */
  fabric: fabricSchema,
  /** Stitches cast on for a ground; panels say their own. */
  stitches: count(COUNTS.stitches).nullable().default(null),
  rows: count(COUNTS.rows).nullable().default(null),
  /** Garter rows below it, and as many above it. */
  borderRows: count(COUNTS.borderRows).default(0),
  castOn: z.enum(CAST_ON_IDS).default("longTail"),
  castOff: z.enum(CAST_OFF_IDS).default("plain"),
  by: z.string().max(120).default(""),
  date: z.string().max(60).default(""),
  /** How it was finished, for what was measured behind that. */
  finish: z.enum(["steamed", "wetBlocked"]).default("wetBlocked"),
  asKnit: state.default(UNMEASURED),
  finished: state.default(UNMEASURED),
  massG: measure(SWATCH_G).nullable().default(null),
  /** Step of the scale that it was weighed on. */
  scaleStepG: measure(STEP_G).default(1),
  unravelled: z
    .strictObject({
      stitches: count(COUNTS.stitches).nullable(),
      lengthMm: measure(LENGTHS.unravelled).nullable(),
    })
    .default({ stitches: null, lengthMm: null }),
  /** Surprising measurements that the knitter has seen and stands by. */
  seen: z.array(z.enum(MEASURE_IDS)).max(MEASURE_IDS.length).default([]),
});

export type Swatch = z.infer<typeof swatchSchema>;
export type SwatchState = Swatch["asKnit"];

/** A swatch that nobody measured yet: plain, of 24 stitches and 32 rows. */
export const newSwatch = (id: string, given: Partial<Swatch> = {}): Swatch =>
  swatchSchema.parse({
    id,
    name: "Plain swatch",
    yarnId: "yarn-1",
    stitches: 24,
    rows: 32,
    fabric: newSection("fabric", `${id}/fabric`, { content: "ground", ground: "stockinette" }),
    ...given,
  });
