/** The stand-in shop's stock: it sells and comes in again, the same for everybody at the same time. */
import type { ShopList } from "@/core/files/shopList";

/** Its stock stands still for so long. */
const SPELL_MS = 10 * 60_000;

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
