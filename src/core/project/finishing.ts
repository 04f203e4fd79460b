/** What is done to the pieces when they are off the needles, as it stands in a file: seams, extras, joins of balls. */
import * as z from "zod/mini";
import { COUNTS, EXTRA_G, LENGTHS } from "./bounds";
import { count, measure, words } from "./boundedNumbers";

/** Which yarn it is of; null for the first of the project. */
const yarnId = z._default(z.nullable(words(64)), null);

/**
 * Edges of a piece: a side up to an armhole, a side from there on, the same with half of what the piece ends with (a
 * sleeve's cap), the cast-on, and what it ends with.
 */
export const EDGE_SIDES = ["side", "above", "cap", "start", "end"] as const;
export type EdgeSide = (typeof EDGE_SIDES)[number];

const edge = z.nullable(z.strictObject({ pieceId: words(64), side: z._default(z.enum(EDGE_SIDES), "side") }));

export const seamSchema = z.strictObject({
  id: words(64),
  /** How often such a seam is sewn in all. */
  times: z._default(count(COUNTS.sewn), 1),
  /** The two edges that meet; null where nobody said which. */
  of: z._default(edge, null),
  to: z._default(edge, null),
  /** What is left open of it. */
  openMm: z._default(z.nullable(measure(LENGTHS.open)), null),
  /** Its length, where that is told and not taken from the edges. */
  lengthMm: z._default(z.nullable(measure(LENGTHS.piece)), null),
  yarnId,
});

export type Seam = z.infer<typeof seamSchema>;

const item = {
  id: words(64),
  name: z._default(words(120), ""),
  yarnId,
  times: z._default(count(COUNTS.extras), 1),
};
const massG = measure(EXTRA_G);
const size = measure(LENGTHS.span);

export const FULLNESSES = ["loose", "usual", "full"] as const;

export const extraSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    ...item,
    kind: z.literal("pompon"),
    by: z._default(z.enum(["size", "mass"]), "size"),
    diameterMm: z._default(size, 80),
    fullness: z._default(z.enum(FULLNESSES), "usual"),
    massG: z._default(massG, 15),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("fringe"),
    /** Knots along the edge, strands laid double in each, and how far they hang. */
    knots: z._default(count(COUNTS.knots), 40),
    strands: z._default(count(COUNTS.bundle), 4),
    lengthMm: z._default(size, 100),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("tassel"),
    /** How often the yarn is wound about a card as high as the tassel is long. */
    winds: z._default(count(COUNTS.bundle), 30),
    lengthMm: z._default(size, 100),
  }),
  z.strictObject({ ...item, kind: z.literal("buttons"), lengthMm: z._default(measure(LENGTHS.tie), 400) }),
  z.strictObject({
    ...item,
    kind: z.literal("twisted"),
    strands: z._default(count(COUNTS.bundle), 2),
    lengthMm: z._default(measure(LENGTHS.cord), 600),
    /** Each strand is cut so many times as long as the cord. */
    cut: z._default(count(COUNTS.cut), 3),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("knitted"),
    stitches: z._default(count(COUNTS.cordStitches), 4),
    rows: z._default(count(COUNTS.rows), 120),
  }),
  z.strictObject({
    ...item,
    kind: z.literal("kept"),
    by: z._default(z.enum(["length", "mass"]), "length"),
    lengthM: z._default(z.number().check(z.minimum(0.1), z.maximum(5000)), 5),
    massG: z._default(massG, 5),
  }),
]);

export type Extra = z.infer<typeof extraSchema>;
export type ExtraKind = Extra["kind"];
export const EXTRA_KINDS = extraSchema.def.options.flatMap(({ def }) => def.shape.kind.def.values);
export type ExtraOf<Kind extends ExtraKind> = Extract<Extra, { kind: Kind }>;

/** A new extra of a kind, with what is usual of it. */
export const newExtra = (kind: ExtraKind, id: string, given: object = {}): Extra =>
  extraSchema.parse({ kind, id, ...given });

export const newSeam = (id: string, given: Partial<Seam> = {}): Seam => seamSchema.parse({ id, ...given });

/** How one ball follows another. */
export const JOIN_IDS = ["knot", "splice", "overlap"] as const;
export type JoinId = (typeof JOIN_IDS)[number];
