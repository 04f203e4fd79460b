/** What is done to the pieces when they are off the needles, as it stands in a file: seams, extras, joins of balls. */
import { z } from "zod";
import { COUNTS, EXTRA_G, LENGTHS } from "./bounds";
import { count, measure } from "./within";

const words = (most: number) => z.string().max(most);

/** Which yarn it is of; null for the first of the project. */
const yarnId = words(64).nullable().default(null);

/**
 * Edges of a piece: a side up to an armhole, a side from there on, the same with half of what the piece ends with (a
 * sleeve's cap), the cast-on, and what it ends with.
 */
export const EDGE_SIDES = ["side", "above", "cap", "start", "end"] as const;
export type EdgeSide = (typeof EDGE_SIDES)[number];

const edge = z.strictObject({ pieceId: words(64), side: z.enum(EDGE_SIDES).default("side") }).nullable();

export const seamSchema = z.strictObject({
  id: words(64),
  /** How often such a seam is sewn in all. */
  times: count(COUNTS.sewn).default(1),
  /** The two edges that meet; null where nobody said which. */
  of: edge.default(null),
  to: edge.default(null),
  /** What is left open of it. */
  openMm: measure(LENGTHS.open).nullable().default(null),
  /** Its length, where that is told and not taken from the edges. */
  lengthMm: measure(LENGTHS.piece).nullable().default(null),
  yarnId,
});

export type Seam = z.infer<typeof seamSchema>;

const item = { id: words(64), name: words(120).default(""), yarnId, times: count(COUNTS.extras).default(1) };
const massG = measure(EXTRA_G);
const size = measure(LENGTHS.span);

export const FULLNESSES = ["loose", "usual", "full"] as const;

export const extraSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    ...item,
    kind: z.literal("pompon"),
    by: z.enum(["size", "mass"]).default("size"),
    diameterMm: size.default(80),
    fullness: z.enum(FULLNESSES).default("usual"),
    massG: massG.default(15),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("fringe"),
    /** Knots along the edge, strands laid double in each, and how far they hang. */
    knots: count(COUNTS.knots).default(40),
    strands: count(COUNTS.bundle).default(4),
    lengthMm: size.default(100),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("tassel"),
    /** How often the yarn is wound about a card as high as the tassel is long. */
    winds: count(COUNTS.bundle).default(30),
    lengthMm: size.default(100),
  }),
  z.strictObject({ ...item, kind: z.literal("buttons"), lengthMm: measure(LENGTHS.tie).default(400) }),
  z.strictObject({
    ...item,
    kind: z.literal("twisted"),
    strands: count(COUNTS.bundle).default(2),
    lengthMm: measure(LENGTHS.cord).default(600),
    /** Each strand is cut so many times as long as the cord. */
    cut: count(COUNTS.cut).default(3),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("knitted"),
    stitches: count(COUNTS.cordStitches).default(4),
    rows: count(COUNTS.rows).default(120),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("kept"),
    by: z.enum(["length", "mass"]).default("length"),
    lengthM: z.number().min(0.1).max(5000).default(5),
    massG: massG.default(5),
  }),
]);

export type Extra = z.infer<typeof extraSchema>;
export type ExtraKind = Extra["kind"];
export const EXTRA_KINDS = extraSchema.options.map(({ shape }) => shape.kind.value);
export type ExtraOf<Kind extends ExtraKind> = Extract<Extra, { kind: Kind }>;

/** A new extra of a kind, with what is usual of it. */
export const newExtra = (kind: ExtraKind, id: string, given: object = {}): Extra =>
  extraSchema.parse({ kind, id, ...given });

export const newSeam = (id: string, given: Partial<Seam> = {}): Seam => seamSchema.parse({ id, ...given });

/** How one ball follows another. */
export const JOIN_IDS = ["knot", "splice", "overlap"] as const;
export type JoinId = (typeof JOIN_IDS)[number];
