/** Substitutes that are put beside the pattern's yarn, as they stand in a file. */
import * as z from "zod/mini";
import { COUNTS } from "./bounds";
import { fullName, labelSchema } from "./label";
import { NO_SHOP, ownShopSchema } from "./orders";
import { count, money } from "./boundedNumbers";

export const KEEPS = ["size", "stitches"] as const;
/** What is kept when the yarn is another: the finished size, or the stitches and rows. */
export type Keep = (typeof KEEPS)[number];

/** Another yarn that is held with it, such as a lace. */
export const besideSchema = z._default(
  z.nullable(z.strictObject({ label: labelSchema, strands: count(COUNTS.strands) })),
  null,
);

export const candidateSchema = z.strictObject({
  /** Swatches name it as their yarn. */
  id: z.string().check(z.maxLength(64)),
  label: labelSchema,
  strands: z._default(count(COUNTS.strands), 1),
  beside: besideSchema,
  from: z._default(z.enum(["shelf", "shop", "typed"]), "typed"),
  /** Of one ball in a shop that Brenok does not know, and that shop. */
  price: z._default(z.nullable(money), null),
  seller: z._default(ownShopSchema, NO_SHOP),
});

export type Candidate = z.infer<typeof candidateSchema>;

/** More columns than this cannot be compared. */
export const MOST_CANDIDATES = 8;

export const swapSchema = z._default(
  z.strictObject({
    keep: z.enum(KEEPS),
    candidates: z.array(candidateSchema).check(z.maxLength(MOST_CANDIDATES)),
  }),
  { keep: "size", candidates: [] },
);

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
