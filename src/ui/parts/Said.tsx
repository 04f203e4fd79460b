"use client";
import type { Says } from "@/core/words/message";
import { tell } from "@/core/words/tell";
import { useSettings, useUnits } from "@/state/keeping/settings";

/** How what the core has to say is told: in the words and the units that the knitter has chosen. */
export function useSaid(): (says: Says) => string {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  return (says) => tell(says, { words, units });
}

/** One such sentence. */
export function Said({ children }: { readonly children: Says }) {
  return useSaid()(children);
}
