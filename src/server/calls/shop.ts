/**
 * GET /api/shop: the stand-in shop's price list as its stock is now. `weather=slow` answers after some seconds,
 * `weather=down` not at all (503), so that anybody can see how the page bears it.
 */
import { z } from "zod";
import { priceList } from "@/demo/priceList";
import { stockAt } from "@/demo/standIn";
import { answered, diagnosticsOf, notNow, unanswerable, type Answered } from "../answered";

const query = z.strictObject({ weather: z.enum(["fair", "slow", "down"]).default("fair") });

const SLOW_MS = 4000;

const after = (ms: number) =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, ms);
  });

export async function shop(asked: URLSearchParams): Promise<Answered> {
  const found = query.safeParse(Object.fromEntries(asked));
  if (!found.success) return unanswerable("The question cannot be understood.", diagnosticsOf(found.error));
  const { weather } = found.data;
  if (weather === "down") return notNow(503, "The shop is closed for a moment.");
  if (weather === "slow") await after(SLOW_MS);
  return answered(stockAt(priceList, new Date()));
}
