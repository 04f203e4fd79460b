/**
 * GET /api/shop: the stand-in shop's price list as its stock is now. `weather=slow` answers after some seconds,
 * `weather=down` not at all (503), so that anybody can see how the page bears it.
 */
import { z } from "zod";
import { priceList } from "@/demo/priceList";
import { stockAt } from "@/demo/standIn";
import { diagnosticsOf, unanswerable } from "../respond";

export const dynamic = "force-dynamic";

const query = z.strictObject({ weather: z.enum(["fair", "slow", "down"]).default("fair") });

const SLOW_MS = 4000;
const RETRY_S = 2;

const after = (ms: number) =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, ms);
  });

export async function GET(request: Request) {
  const asked = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) return unanswerable("The question cannot be understood.", diagnosticsOf(asked.error));
  if (asked.data.weather === "down")
    return Response.json(
      { error: "The shop is closed for a moment.", diagnostics: [] },
      { status: 503, headers: { "retry-after": String(RETRY_S) } },
    );
  if (asked.data.weather === "slow") await after(SLOW_MS);
  return Response.json(stockAt(priceList, new Date()), { headers: { "cache-control": "no-store" } });
}
