/** Acts on what the pattern asks for. */
import type { AsksBy } from "@/core/project/asks";
import { change } from "./projectStore";

/** How the pattern says how much yarn it takes. */
export const asksBy = (by: AsksBy) =>
  change("asks by", (draft) => {
    draft.asks.by = by;
  });
