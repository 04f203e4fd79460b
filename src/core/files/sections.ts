/** The sections of a piece as they stand in a file: what is worked, in order, from the cast-on to the cast-off. */
import { z } from "zod";
import { CAST_OFF_IDS, CAST_ON_IDS } from "../estimate/edges";
import { GROUND_IDS } from "../panels/grounds";
import { ROPE_ID } from "../panels/ropes";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure } from "./within";

/** A stripe goes by rows, an area by stitches. */
const band = z.strictObject({ yarnId: z.string().max(64), count: count(COUNTS.band) });

/** All of it in the piece's own yarn. */
export const ONE_YARN = { kind: "one" as const, bands: [], carried: true };

/**
 * In which yarns a section is worked: one, which is the piece's own where none is named; stripes by rows, or areas by
 * stitches from the right, both from the first again.
 */
const colours = z
  .strictObject({
    kind: z.enum(["one", "stripes", "areas"]),
    bands: z.array(band).max(24),
    /** Whether the yarns of stripes are carried up the side, or cut at each change. */
    carried: z.boolean(),
    /** How borders between areas move: so many stitches every so many rows; not said where they stand. */
    moves: z
      .strictObject({
        stitches: count(COUNTS.shaped),
        every: count(COUNTS.every),
        lean: z.enum(["left", "right"]),
      })
      .optional(),
  })
  .default(ONE_YARN);

/** All sections have a name of their own and may have a needle of their own; null is the project's. */
const common = {
  id: z.string().max(64),
  needleMm: measure(LENGTHS.needle).nullable().default(null),
  /** Whether the knitter wants it left out: then it is neither worked nor told of as missing. */
  leftOut: z.boolean().default(false),
  colours,
};

const JOINED = ["repeat", "whole", "bare"] as const;
export type Joined = (typeof JOINED)[number];

/** A panel of the library or of this project, so many times across; a ground of the library over so many stitches. */
const acrossSchema = z.strictObject({
  panelId: z.string().max(64),
  times: count(COUNTS.across),
  /**
   * Whether its repeat comes again between its edges, or the whole panel with its edges, as it did in older files, or
   * the panel bare of the purls at its sides.
   */
  joined: z.enum(JOINED).default("repeat"),
});

/** Over how many rows: as counted, as long as it takes, or in whole repeats and on to a named row. */
const extent = {
  by: z.enum(["rows", "length", "repeats"]).default("rows"),
  rows: count(COUNTS.rows).nullable().default(null),
  lengthMm: measure(LENGTHS.piece).nullable().default(null),
  repeats: count(COUNTS.repeats).default(1),
  /** Row of the repeat to end with; 0 for its last. */
  endRow: count(COUNTS.endRow).default(0),
};

export const fabricSchema = z.strictObject({
  kind: z.literal("fabric"),
  ...common,
  /** Ropes of one kind, a row of panels, a ground that fills any count, or on in what was worked before. */
  content: z.enum(["ropes", "panels", "ground", "asBefore"]),
  /** "rope-3-3" is 3 over 3 at the usual rows, "rope-3-3-8" every 8. */
  ropeId: z.string().regex(ROPE_ID).default("rope-2-2"),
  lean: z.enum(["left", "right"]).default("left"),
  ropes: count(COUNTS.ropes).default(1),
  purls: count(COUNTS.purls).default(2),
  /** Plain stitches at each edge of ropes and panels. */
  edge: count(COUNTS.edge).default(2),
  /** Panels of the library or of this project, from the right. */
  across: z.array(acrossSchema).max(40).default([]),
  ground: z.enum(GROUND_IDS).default("rib2"),
  ...extent,
  /** Buttonholes in the middle row: so many holes of so many stitches, the first and the last so far from the ends. */
  holes: z
    .strictObject({
      count: count(COUNTS.holes),
      stitches: count(COUNTS.holeStitches),
      margin: count(COUNTS.centre),
      /** Over the first so many stitches; null for the whole row. */
      over: count(COUNTS.stitches).nullable(),
    })
    .nullable()
    .default(null),
  /** Width measured across so many stitches of the cabled part; both null where nobody measured. */
  measured: z
    .strictObject({
      widthMm: measure(LENGTHS.width).nullable(),
      stitches: count(COUNTS.measuredStitches).nullable(),
    })
    .default({ widthMm: null, stitches: null }),
});

/** Where stitches are added or taken away. Outer and inner are right and left where nothing is divided. */
const AT = ["edges", "outer", "inner"] as const;

export const sectionSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("castOn"),
    ...common,
    method: z.enum(CAST_ON_IDS).default("longTail"),
    /** Null: as many as what comes above needs. */
    stitches: count(COUNTS.stitches).nullable().default(null),
    /** On which side the first row behind it is worked; a long tail already shows a row. */
    firstRow: z.enum(["right", "wrong"]).default("right"),
  }),
  fabricSchema,
  z.strictObject({
    kind: z.literal("change"),
    ...common,
    /** Null: to as many as the panels above need. */
    to: count(COUNTS.stitches).nullable().default(null),
  }),
  z.strictObject({
    kind: z.literal("shape"),
    ...common,
    way: z.enum(["decrease", "increase"]).default("decrease"),
    at: z.enum([...AT, "evenly"]).default("edges"),
    by: z.enum(["rule", "count"]).default("rule"),
    /** By rule: so many stitches in all, every so many rows, so often. */
    stitches: count(COUNTS.shaped).default(2),
    every: count(COUNTS.every).default(2),
    times: count(COUNTS.shapings).default(5),
    /** By count: to so many stitches, over a length or so many rows. */
    to: count(COUNTS.stitches).nullable().default(null),
    over: z.enum(["rows", "length"]).default("length"),
    rows: count(COUNTS.rows).nullable().default(null),
    lengthMm: measure(LENGTHS.piece).nullable().default(null),
  }),
  z.strictObject({
    kind: z.literal("written"),
    ...common,
    /** Rows as a pattern writes them, worked once from the first to the last; their count may change. */
    text: z.string().max(20_000).default(""),
  }),
  z.strictObject({
    kind: z.literal("castOffAt"),
    ...common,
    at: z.enum(AT).default("edges"),
    /** At each edge. */
    stitches: count(COUNTS.stitches).default(4),
    /** Off the needle, or on a thread until something takes them up, as a thumb does. */
    goes: z.enum(["off", "hold"]).default("off"),
  }),
  z.strictObject({
    kind: z.literal("shortRows"),
    ...common,
    at: z.enum(AT).default("edges"),
    turns: count(COUNTS.turns).default(3),
    /** Stitches more that each turn leaves unworked. */
    step: count(COUNTS.shaped).default(5),
  }),
  z.strictObject({
    kind: z.literal("divide"),
    ...common,
    /** Stitches in the middle that belong to neither side, cast off or left on hold. */
    centre: z.number().int().min(0).max(COUNTS.stitches.most).default(0),
    centreTo: z.enum(["castOff", "hold"]).default("hold"),
  }),
  z.strictObject({
    kind: z.literal("join"),
    ...common,
    /** Stitches cast on between the two sides. */
    castOn: z.number().int().min(0).max(COUNTS.stitches.most).default(0),
  }),
  z.strictObject({ kind: z.literal("hold"), ...common }),
  z.strictObject({
    kind: z.literal("pickUp"),
    ...common,
    /** So many, or evenly along so long an edge. */
    stitches: count(COUNTS.stitches).nullable().default(null),
    alongMm: measure(LENGTHS.piece).nullable().default(null),
    /** Takes up what is on hold too. */
    held: z.boolean().default(false),
    round: z.boolean().default(false),
  }),
  z.strictObject({
    kind: z.literal("hem"),
    ...common,
    ground: z.enum(GROUND_IDS).default("stockinette"),
    /** Rows from the turning ridge to the seam. */
    rows: count(COUNTS.hem).default(8),
    folded: z.boolean().default(true),
  }),
  z.strictObject({
    kind: z.literal("castOff"),
    ...common,
    method: z.enum(CAST_OFF_IDS).default("plain"),
  }),
]);

export type ProjectSection = z.infer<typeof sectionSchema>;
export type SectionKind = ProjectSection["kind"];
export type Colours = ProjectSection["colours"];
export type SectionOf<Kind extends SectionKind> = Extract<ProjectSection, { kind: Kind }>;
export type FabricSection = SectionOf<"fabric">;

/** Whether a section is worked in ropes or panels of its own. */
export const isCabled = (section: ProjectSection): section is FabricSection =>
  section.kind === "fabric" && (section.content === "ropes" || section.content === "panels");

/** Whether anything of a project is worked in ropes or panels: of what is not, nothing is said of cables. */
export const hasCables = ({
  pieces,
}: {
  readonly pieces: readonly { readonly sections: readonly ProjectSection[] }[];
}) => pieces.some(({ sections }) => sections.some(isCabled));

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
