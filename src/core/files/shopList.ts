/** The price list of a shop, as a feed sends it: yarns, put-ups, prices, and how many balls of each dye lot there are. */
import { z } from "zod";
import { COUNTS } from "./bounds";
import { labelSchema } from "./label";
import { count } from "./within";

const words = (most: number) => z.string().max(most);
const money = z.number().min(0).max(100_000);

const soldYarn = z.strictObject({
  id: words(64),
  label: labelSchema,
  putUps: z
    .array(
      z.strictObject({
        massG: z.number().min(5).max(2000),
        lengthM: z.number().min(5).max(60_000),
        price: money,
        lots: z.array(z.strictObject({ lot: words(60), balls: count(COUNTS.balls) })).max(60),
      }),
    )
    .min(1)
    .max(12),
});

export const shopListSchema = z.strictObject({
  format: z.literal("brenok-shop"),
  version: z.literal(1),
  name: words(120),
  postage: money,
  freeFrom: money.nullable(),
  returnDays: z.number().int().min(0).max(3650).nullable(),
  /** When the stock was counted, as an ISO date and time. */
  at: words(40),
  yarns: z.array(soldYarn).max(5000),
});

export type ShopList = z.infer<typeof shopListSchema>;
