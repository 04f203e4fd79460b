/** Acts on what the pattern asks for. */
import { inSizeOf, type AsksBy } from "@/core/project/asks";
import type { GradedSize } from "@/core/project/sizes";
import { change } from "./projectStore";

/** How the pattern says how much yarn it takes. */
export const asksBy = (by: AsksBy) =>
  change("asks by", (draft) => {
    draft.asks.by = by;
  });

/** The size that is knitted: what the pattern asks for in it, and its measures where they are known. */
export const asksInSize = (size: GradedSize) =>
  change("asks size", (draft) => {
    draft.asks = inSizeOf(draft.asks, size);
    for (const key of ["asksBalls", "asksAcross", "asksAlong"]) delete draft.typed[key];
  });
