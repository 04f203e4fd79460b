"use client";
import type { Says } from "@/core/words/message";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { toldFrom, useCatalogue } from "./catalogue";

/** How what the core has to say is told: in the words and the units that the knitter has chosen. */
export function useSaid(): (says: Says) => string {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  const catalogue = useCatalogue(({ told }) => told);
  return (says) => toldFrom(catalogue, says, { words, units });
}

/** One such sentence. */
export function Said({ children }: { readonly children: Says }) {
  return useSaid()(children);
}

/** The same where nothing is drawn yet, as for a toast: it is told as soon as its language is there. */
export const asSaid = (says: Says) => <Said>{says}</Said>;
