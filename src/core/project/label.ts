/** What the label of a yarn says, and what one sees of it: the same for the shelf, a shop and a substitute. */
import * as z from "zod/mini";
import { YARN_CLASSES, type YarnClass } from "../yarn/classes";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure } from "./boundedNumbers";

/** How a colour lies on the yarn. */
export const DYED = ["solid", "heathered", "variegated"] as const;
type Dyed = (typeof DYED)[number];

/** Each as it is told. */
export const DYED_WORDS: readonly (readonly [Dyed, string])[] = [
  ["solid", "one colour"],
  ["heathered", "heathered or tweedy"],
  ["variegated", "several colours"],
];

/** What a ball holds. */
export const ballSchema = z.strictObject({
  massG: z.number().check(z.minimum(5), z.maximum(2000)),
  lengthM: z.number().check(z.minimum(5), z.maximum(60_000)),
  /** True where nobody said what a ball weighs: then its mass is only supposed, and no weight is told. */
  noMass: z.optional(z.literal(true)),
});

export const putUpSchema = z.nullable(ballSchema);

export const labelSchema = z.strictObject({
  name: z.string().check(z.maxLength(120)),
  colourName: z._default(z.string().check(z.maxLength(120)), ""),
  colour: z.string().check(z.regex(/^#[0-9a-f]{6}$/i)),
  dyed: z._default(z.enum(DYED), "solid"),
  /** As the label says it: "80 % wool, 20 % alpaca". */
  fibres: z._default(z.string().check(z.maxLength(200)), ""),
  /** Plies that it is spun of; null where nobody looked. */
  plies: z._default(z.nullable(count(COUNTS.plies)), null),
  bandClass: z._default(z.nullable(z.enum(YARN_CLASSES as [YarnClass, ...YarnClass[]])), null),
  putUp: putUpSchema,
  /** Plain gauge and needle of the band, over 10 cm and in mm. */
  stitchesPer10Cm: z._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(80))), null),
  rowsPer10Cm: z._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(120))), null),
  needleMm: z._default(z.nullable(measure(LENGTHS.needle)), null),
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
