/** The sections of a piece as they stand in a file: what is worked, in order, from the cast-on to the cast-off. */
import * as z from "zod/mini";
import { CAST_OFF_IDS, CAST_ON_IDS } from "./edgeKinds";
import { GROUND_IDS } from "../panels/grounds";
import { ROPE_ID } from "../panels/ropes";
import { ALONG, COUNTS, LENGTHS } from "./bounds";
import { count, measure } from "./boundedNumbers";

/** A stripe goes by rows, an area by stitches. */
const band = z.strictObject({ yarnId: z.string().check(z.maxLength(64)), count: count(COUNTS.band) });

/** All of it in the piece's own yarn. */
export const ONE_YARN = { kind: "one" as const, bands: [], carried: true };

/**
 * In which yarns a section is worked: one, which is the piece's own where none is named; stripes by rows, or areas by
 * stitches from the right, both from the first again.
 */
const colours = z._default(
  z.strictObject({
    kind: z.enum(["one", "stripes", "areas"]),
    bands: z.array(band).check(z.maxLength(24)),
    /** Whether the yarns of stripes are carried up the side, or cut at each change. */
    carried: z.boolean(),
    /** How borders between areas move: so many stitches every so many rows; not said where they stand. */
    moves: z.optional(
      z.strictObject({
        stitches: count(COUNTS.shaped),
        every: count(COUNTS.every),
        lean: z.enum(["left", "right"]),
      }),
    ),
  }),
  ONE_YARN,
);

/** All sections have a name of their own and may have a needle of their own; null is the project's. */
const common = {
  id: z.string().check(z.maxLength(64)),
  needleMm: z._default(z.nullable(measure(LENGTHS.needle)), null),
  /** Whether the knitter wants it left out: then it is neither worked nor told of as missing. */
  leftOut: z._default(z.boolean(), false),
  colours,
};

const JOINED = ["repeat", "whole", "bare"] as const;
export type Joined = (typeof JOINED)[number];

/** A panel of the library or of this project, so many times across; a ground of the library over so many stitches. */
const acrossSchema = z.strictObject({
  panelId: z.string().check(z.maxLength(64)),
  times: count(COUNTS.across),
  /**
   * Whether its repeat comes again between its edges, or the whole panel with its edges, as it did in older files, or
   * the panel bare of the purls at its sides.
   */
  joined: z._default(z.enum(JOINED), "repeat"),
});

/** Over how many rows: as counted, as long as it takes, or in whole repeats and on to a named row. */
const extent = {
  by: z._default(z.enum(["rows", "length", "repeats"]), "rows"),
  rows: z._default(z.nullable(count(COUNTS.rows)), null),
  lengthMm: z._default(z.nullable(measure(LENGTHS.piece)), null),
  repeats: z._default(count(COUNTS.repeats), 1),
  /** Row of the repeat to end with; 0 for its last. */
  endRow: z._default(count(COUNTS.endRow), 0),
};

export const fabricSchema = z.strictObject({
  kind: z.literal("fabric"),
  ...common,
  /** Ropes of one kind, a row of panels, a ground that fills any count, or on in what was worked before. */
  content: z.enum(["ropes", "panels", "ground", "asBefore"]),
  /** "rope-3-3" is 3 over 3 at the usual rows, "rope-3-3-8" every 8. */
  ropeId: z._default(z.string().check(z.regex(ROPE_ID)), "rope-2-2"),
  lean: z._default(z.enum(["left", "right"]), "left"),
  ropes: z._default(count(COUNTS.ropes), 1),
  purls: z._default(count(COUNTS.purls), 2),
  /** Plain stitches at each edge of ropes and panels. */
  edge: z._default(count(COUNTS.edge), 2),
  /** Panels of the library or of this project, from the right. */
  across: z._default(z.array(acrossSchema).check(z.maxLength(40)), []),
  ground: z._default(z.enum(GROUND_IDS), "rib2"),
  ...extent,
  /** Buttonholes in the middle row: so many holes of so many stitches, the first and the last so far from the ends. */
  holes: z._default(
    z.nullable(
      z.strictObject({
        count: count(COUNTS.holes),
        stitches: count(COUNTS.holeStitches),
        margin: count(COUNTS.centre),
        /** Over the first so many stitches; null for the whole row. */
        over: z.nullable(count(COUNTS.stitches)),
      }),
    ),
    null,
  ),
  /** Width measured across so many stitches of the cabled part; both null where nobody measured. */
  measured: z._default(
    z.strictObject({
      widthMm: z.nullable(measure(LENGTHS.width)),
      stitches: z.nullable(count(COUNTS.measuredStitches)),
    }),
    { widthMm: null, stitches: null },
  ),
});

/** Where stitches are added or taken away. Outer and inner are right and left where nothing is divided. */
const AT = ["edges", "outer", "inner"] as const;

export const sectionSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("castOn"),
    ...common,
    method: z._default(z.enum(CAST_ON_IDS), "longTail"),
    /** Null: as many as what comes above needs. */
    stitches: z._default(z.nullable(count(COUNTS.stitches)), null),
    /** On which side the first row behind it is worked; a long tail already shows a row. */
    firstRow: z._default(z.enum(["right", "wrong"]), "right"),
  }),
  fabricSchema,
  z.strictObject({
    kind: z.literal("change"),
    ...common,
    /** Null: to as many as the panels above need. */
    to: z._default(z.nullable(count(COUNTS.stitches)), null),
  }),
  z.strictObject({
    kind: z.literal("shape"),
    ...common,
    way: z._default(z.enum(["decrease", "increase"]), "decrease"),
    at: z._default(z.enum([...AT, "evenly"]), "edges"),
    by: z._default(z.enum(["rule", "count"]), "rule"),
    /** By rule: so many stitches in all, every so many rows, so often. */
    stitches: z._default(count(COUNTS.shaped), 2),
    every: z._default(count(COUNTS.every), 2),
    times: z._default(count(COUNTS.shapings), 5),
    /** By count: to so many stitches, over a length or so many rows. */
    to: z._default(z.nullable(count(COUNTS.stitches)), null),
    over: z._default(z.enum(["rows", "length"]), "length"),
    rows: z._default(z.nullable(count(COUNTS.rows)), null),
    lengthMm: z._default(z.nullable(measure(LENGTHS.piece)), null),
  }),
  z.strictObject({
    kind: z.literal("written"),
    ...common,
    /** Rows as a pattern writes them, worked once from the first to the last; their count may change. */
    text: z._default(z.string().check(z.maxLength(20_000)), ""),
  }),
  z.strictObject({
    kind: z.literal("asked"),
    ...common,
    /** All that a pattern asks yarn for, with nothing told of its rows: so much of it is cabled, in per cent. */
    cabledPercent: z._default(measure({ least: 0, most: 100 }), 0),
    /** So many times as wide and as long as the size that the pattern asks for it in. */
    across: z._default(measure(ALONG), 1),
    along: z._default(measure(ALONG), 1),
  }),
  z.strictObject({
    kind: z.literal("castOffAt"),
    ...common,
    at: z._default(z.enum(AT), "edges"),
    /** At each edge. */
    stitches: z._default(count(COUNTS.stitches), 4),
    /** Off the needle, or on a thread until something takes them up, as a thumb does. */
    goes: z._default(z.enum(["off", "hold"]), "off"),
  }),
  z.strictObject({
    kind: z.literal("shortRows"),
    ...common,
    at: z._default(z.enum(AT), "edges"),
    turns: z._default(count(COUNTS.turns), 3),
    /** Stitches more that each turn leaves unworked. */
    step: z._default(count(COUNTS.shaped), 5),
  }),
  z.strictObject({
    kind: z.literal("divide"),
    ...common,
    /** Stitches in the middle that belong to neither side, cast off or left on hold. */
    centre: z._default(z.int().check(z.minimum(0), z.maximum(COUNTS.stitches.most)), 0),
    centreTo: z._default(z.enum(["castOff", "hold"]), "hold"),
  }),
  z.strictObject({
    kind: z.literal("join"),
    ...common,
    /** Stitches cast on between the two sides. */
    castOn: z._default(z.int().check(z.minimum(0), z.maximum(COUNTS.stitches.most)), 0),
  }),
  z.strictObject({ kind: z.literal("hold"), ...common }),
  z.strictObject({
    kind: z.literal("pickUp"),
    ...common,
    /** So many, or evenly along so long an edge. */
    stitches: z._default(z.nullable(count(COUNTS.stitches)), null),
    alongMm: z._default(z.nullable(measure(LENGTHS.piece)), null),
    /** Takes up what is on hold too. */
    held: z._default(z.boolean(), false),
    round: z._default(z.boolean(), false),
  }),
  z.strictObject({
    kind: z.literal("hem"),
    ...common,
    ground: z._default(z.enum(GROUND_IDS), "stockinette"),
    /** Rows from the turning ridge to the seam. */
    rows: z._default(count(COUNTS.hem), 8),
    folded: z._default(z.boolean(), true),
  }),
  z.strictObject({
    kind: z.literal("castOff"),
    ...common,
    method: z._default(z.enum(CAST_OFF_IDS), "plain"),
  }),
]);

export type ProjectSection = z.infer<typeof sectionSchema>;
export type SectionKind = ProjectSection["kind"];
export type Colours = ProjectSection["colours"];
export type SectionOf<Kind extends SectionKind> = Extract<ProjectSection, { kind: Kind }>;
export type FabricSection = SectionOf<"fabric">;

/** A section with its usual figures. Example: `newSection("hem", "s1")` is a folded hem of 8 rows. */
export const newSection = <Kind extends SectionKind>(
  kind: Kind,
  id: string,
  given: Partial<SectionOf<Kind>> = {},
): SectionOf<Kind> =>
  sectionSchema.parse({
    kind,
    id,
    ...(kind === "fabric" ? { content: "ropes" } : {}),
    ...given,
  }) as SectionOf<Kind>;
