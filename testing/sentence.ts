/** What the core has to say, as a sentence in metric units and UK words, with plain spaces. */
import type { Says } from "@/core/words/message";
import { PLAIN_VOICE, tell } from "@/core/words/tell";

export const sentence = (says: Says | null | undefined): string =>
  says ? tell(says, PLAIN_VOICE).replaceAll("\u00a0", " ") : "";
