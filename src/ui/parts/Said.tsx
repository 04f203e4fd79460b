"use client";
import { inWordsOf } from "@/core/stitches/wording";
import { useSettings, useUnits } from "@/state/keeping/settings";

/** How sentences of the core are told: in the words and the units that the knitter has chosen. */
export function useSaid(): (text: string) => string {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  return (text) => inWordsOf(text, { words, units });
}

/** One such sentence. */
export function Said({ children }: { readonly children: string }) {
  return useSaid()(children);
}
