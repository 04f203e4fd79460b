/** What the label of a yarn says, and what one sees of it: the same for the shelf, a shop and a substitute. */
import { z } from "zod";
import { YARN_CLASSES, type YarnClass } from "../yarn/classes";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure } from "./within";

/** How a colour lies on the yarn. */
export const DYED = ["solid", "heathered", "variegated"] as const;
type Dyed = (typeof DYED)[number];

/** Each as it is told. */
export const DYED_WORDS: readonly (readonly [Dyed, string])[] = [
  ["solid", "one colour"],
  ["heathered", "heathered or tweedy"],
  ["variegated", "several colours"],
];

export const putUpSchema = z
  .strictObject({
    massG: z.number().min(5).max(2000),
    lengthM: z.number().min(5).max(60_000),
    /** True where nobody said what a ball weighs: then its mass is only supposed, and no weight is told. */
    noMass: z.literal(true).optional(),
  })
  .nullable();

export const labelSchema = z.strictObject({
  name: z.string().max(120),
  colourName: z.string().max(120).default(""),
  colour: z.string().regex(/^#[0-9a-f]{6}$/i),
  dyed: z.enum(DYED).default("solid"),
  /** As the label says it: "80 % wool, 20 % alpaca". */
  fibres: z.string().max(200).default(""),
  /** Plies that it is spun of; null where nobody looked. */
  plies: count(COUNTS.plies).nullable().default(null),
  bandClass: z
    .enum(YARN_CLASSES as [YarnClass, ...YarnClass[]])
    .nullable()
    .default(null),
  putUp: putUpSchema,
  /** Plain gauge and needle of the band, over 10 cm and in mm. */
  stitchesPer10Cm: z.number().min(0.5).max(80).nullable().default(null),
  rowsPer10Cm: z.number().min(0.5).max(120).nullable().default(null),
  needleMm: measure(LENGTHS.needle).nullable().default(null),
});

export type YarnLabel = z.infer<typeof labelSchema>;

/** A yarn with its colour. Example: "Tarnock Aran, lichen". */
export const fullName = ({ name, colourName }: Pick<YarnLabel, "name" | "colourName">) =>
  [name, colourName].filter((part) => part !== "").join(", ");

/** Whether two names are of one yarn in one colour, however they are written. */
export const isSameYarn = (one: string, other: string) => yarnKey(one) === yarnKey(other);

/** A name without what people write differently. Example: "Tarnock Aran (lichen)" is "tarnock aran lichen". */
export const yarnKey = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

const keys = new WeakMap<object, string>();

/** The key of a label's full name, made once for each label: a shelf of thousands is asked at each keystroke. */
export function labelKey(label: YarnLabel): string {
  const known = keys.get(label) ?? yarnKey(fullName(label));
  keys.set(label, known);
  return known;
}

/** Whether a label is that of a yarn by its full name. */
export const isLabelOf = (label: YarnLabel, name: string) => labelKey(label) === yarnKey(name);

/** Whether every word of what is looked for stands in a text that is plain already. Example: "t398 oak". */
export const hasWords = (plain: string, wanted: string) =>
  yarnKey(wanted)
    .split(" ")
    .every((word) => plain.includes(word));
