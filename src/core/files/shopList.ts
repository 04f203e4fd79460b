/** The price list of a shop, as a feed sends it: yarns, put-ups, prices, and how many balls of each dye lot there are. */
import * as z from "zod/mini";
import { COUNTS } from "../project/bounds";
import { labelSchema } from "../project/label";
import { count, words, money } from "../project/boundedNumbers";

const soldYarn = z.strictObject({
  id: words(64),
  label: labelSchema,
  putUps: z
    .array(
      z.strictObject({
        massG: z.number().check(z.minimum(5), z.maximum(2000)),
        lengthM: z.number().check(z.minimum(5), z.maximum(60_000)),
        price: money,
        lots: z.array(z.strictObject({ lot: words(60), balls: count(COUNTS.balls) })).check(z.maxLength(60)),
      }),
    )
    .check(z.minLength(1), z.maxLength(12)),
});

export const shopListSchema = z.strictObject({
  format: z.literal("brenok-shop"),
  version: z.literal(1),
  name: words(120),
  postage: money,
  freeFrom: z.nullable(money),
  returnDays: z.nullable(z.int().check(z.minimum(0), z.maximum(3650))),
  /** When the stock was counted, as an ISO date and time. */
  at: words(40),
  yarns: z.array(soldYarn).check(z.maxLength(5000)),
});

export type ShopList = z.infer<typeof shopListSchema>;
