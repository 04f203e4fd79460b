/** What the core has to say, as a sentence in metric units and UK words, with plain spaces. */
import type { Says } from "@/core/words/message";
import { plainly } from "@/core/words/plainly";

export const sentence = (says: Says | null | undefined): string =>
  says ? plainly(says).replaceAll("\u00a0", " ") : "";
