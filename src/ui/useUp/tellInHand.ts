import type { ShelfEntry } from "@/core/project/shelf";
import { grams, type UnitSystem } from "@/core/units/brands";
import { formatMassFine } from "@/core/units/format";

/** What the shelf holds of a yarn, as it would be typed; empty where it holds none. Example: "5, 31 g". */
export function tellInHand(entries: readonly ShelfEntry[], units: UnitSystem): string {
  const balls = entries.reduce((sum, entry) => sum + entry.balls, 0);
  const parts = entries.flatMap(({ partsG }) => partsG.map((part) => formatMassFine(grams(part), units)));
  return [...(balls > 0 ? [String(balls)] : []), ...parts].join(", ");
}
