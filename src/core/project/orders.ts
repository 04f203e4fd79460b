/** What is to be bought for a project, as it stands in a file: wishes, balls that were typed in, kits of a group. */
import * as z from "zod/mini";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure, words, money } from "./boundedNumbers";

/** A shop that was typed in. */
export const ownShopSchema = z.strictObject({
  name: words(120),
  postage: money,
  freeFrom: z.nullable(money),
});
export type OwnShop = z.infer<typeof ownShopSchema>;
export const NO_SHOP: OwnShop = { name: "", postage: 0, freeFrom: null };

/** Balls of the project's yarn that a shop has which Brenok does not know. */
const typedOffer = z.strictObject({
  id: words(64),
  yarnId: words(64),
  lot: words(60),
  massG: z.number().check(z.minimum(5), z.maximum(2000)),
  lengthM: z.number().check(z.minimum(5), z.maximum(60_000)),
  /** Of one ball; null while nobody said: then it is not planned with. */
  price: z.nullable(money),
  balls: count(COUNTS.balls),
});
export type TypedOffer = z.infer<typeof typedOffer>;

/** Kits of one size for a group; a measure of its own, or the project's where null. */
const kit = z.strictObject({
  id: words(64),
  name: words(120),
  count: count(COUNTS.kits),
  acrossMm: z.nullable(measure(LENGTHS.width)),
  alongMm: z.nullable(measure(LENGTHS.piece)),
});
export type Kit = z.infer<typeof kit>;

/** More are not kept of a project. */
export const MOST_OFFERS = 60;

export const orderSchema = z._default(
  z.strictObject({
    /** As few dye lots as can be, or whatever is cheapest. */
    lots: z.enum(["few", "any"]),
    /** Where balls are taken from. */
    shelf: z.boolean(),
    shop: z.boolean(),
    /** The shop that was typed in. */
    own: ownShopSchema,
    offers: z.array(typedOffer).check(z.maxLength(MOST_OFFERS)),
    kits: z.array(kit).check(z.maxLength(20)),
  }),
  {
    lots: "few",
    shelf: true,
    shop: true,
    own: NO_SHOP,
    offers: [],
    kits: [],
  },
);
