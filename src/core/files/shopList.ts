/** The price list of a shop, as a feed sends it: yarns, put-ups, prices, and how many balls of each dye lot there are. */
import { z } from "zod";
import type { Offer, Seller } from "../order/offers";
import { COUNTS } from "./bounds";
import { fullName, isSameYarn, labelSchema } from "./label";
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

const SHOP_ID = "shop";

export const sellerOf = ({ name, postage, freeFrom, returnDays }: ShopList): Seller => ({
  id: SHOP_ID,
  name,
  postage,
  freeFrom,
  returnDays,
});

/** What the shop has of a yarn, by its full name. */
export const offersIn = ({ yarns }: ShopList, name: string): readonly Offer[] =>
  yarns
    .filter(({ label }) => isSameYarn(fullName(label), name))
    .flatMap(({ id, putUps }) =>
      putUps.flatMap(({ massG, lengthM, price, lots }) =>
        lots.map(({ lot, balls }) => ({
          id: `${id} ${massG} ${lot}`,
          sellerId: SHOP_ID,
          lot,
          massG,
          lengthM,
          price,
          balls,
        })),
      ),
    );

/**
 * The list as the stand-in shop has it at a time: some lots sell and come in again, by the minute of the day, the same
 * for everybody. Example: within the same minutes the same stock.
 */
export function stockAt(list: ShopList, time: Date): ShopList {
  const spell = Math.abs(Math.floor(time.getTime() / SPELL_MS));
  return {
    ...list,
    at: time.toISOString(),
    yarns: list.yarns.map((yarn, yarnIndex) => ({
      ...yarn,
      putUps: yarn.putUps.map((putUp, putUpIndex) => ({
        ...putUp,
        lots: putUp.lots.map(({ lot, balls }, lotIndex) => {
          // At most a quarter is sold at once, so that a plan does not fall apart while somebody reads it.
          const most = Math.floor(balls / 4);
          const sold = (spell + 7 * yarnIndex + 3 * putUpIndex + lotIndex) % (most + 1);
          return { lot, balls: balls - sold };
        }),
      })),
    })),
  };
}

/** The stand-in's stock stands still for so long. */
const SPELL_MS = 10 * 60_000;
