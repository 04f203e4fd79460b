/** Substitutes that are put beside the pattern's yarn, as they stand in a file. */
import { z } from "zod";
import { COUNTS } from "./bounds";
import { fullName, labelSchema } from "./label";
import { NO_SHOP, ownShopSchema } from "./orders";
import { count } from "./within";

export const KEEPS = ["size", "stitches"] as const;
/** What is kept when the yarn is another: the finished size, or the stitches and rows. */
export type Keep = (typeof KEEPS)[number];

/** Another yarn that is held with it, such as a lace. */
export const besideSchema = z
  .strictObject({ label: labelSchema, strands: count(COUNTS.strands) })
  .nullable()
  .default(null);

export const candidateSchema = z.strictObject({
  /** Swatches name it as their yarn. */
  id: z.string().max(64),
  label: labelSchema,
  strands: count(COUNTS.strands).default(1),
  beside: besideSchema,
  from: z.enum(["shelf", "shop", "typed"]).default("typed"),
  /** Of one ball in a shop that Brenok does not know, and that shop. */
  price: z.number().min(0).max(100_000).nullable().default(null),
  seller: ownShopSchema.default(NO_SHOP),
});

export type Candidate = z.infer<typeof candidateSchema>;

/** More columns than this cannot be compared. */
export const MOST_CANDIDATES = 8;

export const swapSchema = z
  .strictObject({ keep: z.enum(KEEPS), candidates: z.array(candidateSchema).max(MOST_CANDIDATES) })
  .default({ keep: "size", candidates: [] });

const STRAND_WORDS = ["", "", "held double", "held triple", "four strands"];

/** A candidate as it is told. Example: "Fennel Fingering, plum, held triple". */
export const candidateName = ({ label, strands, beside }: Pick<Candidate, "label" | "strands" | "beside">) =>
  [
    fullName(label) || "A yarn",
    STRAND_WORDS[strands] ?? "",
    beside && `with ${fullName(beside.label) || "a yarn"}`,
    beside && beside.strands > 1 && (STRAND_WORDS[beside.strands] ?? ""),
  ]
    .filter(Boolean)
    .join(", ");
