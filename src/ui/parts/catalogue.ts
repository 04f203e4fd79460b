/** The catalogue that messages are told from. It is no part of the first page’s script: a language is loaded when it is wanted. */
import { create } from "zustand";
import type { Catalogue, Says } from "@/core/words/message";
import { tell } from "@/core/words/tell";
import type { Voice } from "@/core/words/teller";

export const useCatalogue = create<{ readonly told: Catalogue | null }>()(() => ({ told: null }));

if (typeof window !== "undefined")
  void import("@/core/words/english").then(({ english }) => useCatalogue.setState({ told: english }));

/** A message as a sentence; nothing as long as its language is on its way. */
export const toldFrom = (catalogue: Catalogue | null, says: Says, voice: Voice): string =>
  typeof says === "string" ? says : catalogue ? tell(says, voice, catalogue) : "";
