/** Swatches as they stand in a file: what was worked, and what was counted, measured and weighed of it. */
import * as z from "zod/mini";
import { CAST_OFF_IDS, CAST_ON_IDS } from "./edgeKinds";
import { COUNTS, LENGTHS, STEP_G, SWATCH_G } from "./bounds";
import { fabricSchema, newSection } from "./sections";
import { count, measure } from "./boundedNumbers";

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
  widthMm: z.nullable(measure(LENGTHS.span)),
  stitches: z.nullable(count(COUNTS.stitches)),
  heightMm: z.nullable(measure(LENGTHS.span)),
  rows: z.nullable(count(COUNTS.rows)),
});
const UNMEASURED = { widthMm: null, stitches: null, heightMm: null, rows: null };

export const swatchSchema = z.strictObject({
  id: z.string().check(z.maxLength(64)),
  name: z.string().check(z.maxLength(120)),
  yarnId: z.string().check(z.maxLength(64)),
  /** Null: the project's needle. */
  needleMm: z._default(z.nullable(measure(LENGTHS.needle)), null),
  /** What it is worked in, with its edge stitches; its length is `rows` below. */
  fabric: fabricSchema,
  /** Stitches cast on for a ground; panels say their own. */
  stitches: z._default(z.nullable(count(COUNTS.stitches)), null),
  rows: z._default(z.nullable(count(COUNTS.rows)), null),
  /** Garter rows below it, and as many above it. */
  borderRows: z._default(count(COUNTS.borderRows), 0),
  castOn: z._default(z.enum(CAST_ON_IDS), "longTail"),
  castOff: z._default(z.enum(CAST_OFF_IDS), "plain"),
  by: z._default(z.string().check(z.maxLength(120)), ""),
  date: z._default(z.string().check(z.maxLength(60)), ""),
  /** How it was finished, for what was measured behind that. */
  finish: z._default(z.enum(["steamed", "wetBlocked"]), "wetBlocked"),
  asKnit: z._default(state, UNMEASURED),
  finished: z._default(state, UNMEASURED),
  massG: z._default(z.nullable(measure(SWATCH_G)), null),
  /** Step of the scale that it was weighed on. */
  scaleStepG: z._default(measure(STEP_G), 1),
  unravelled: z._default(
    z.strictObject({
      stitches: z.nullable(count(COUNTS.stitches)),
      lengthMm: z.nullable(measure(LENGTHS.unravelled)),
    }),
    { stitches: null, lengthMm: null },
  ),
  /** Surprising measurements that the knitter has seen and stands by. */
  seen: z._default(z.array(z.enum(MEASURE_IDS)).check(z.maxLength(MEASURE_IDS.length)), []),
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
