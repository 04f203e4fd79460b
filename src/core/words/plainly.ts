/** Messages as programs are told them: in English, metric units and UK words, whatever a knitter has chosen. */
import { english } from "./english";
import type { Says } from "./message";
import { tell } from "./tell";
import type { Voice } from "./teller";

const PLAIN_VOICE: Voice = { words: "UK", units: "metric" };

/** Example: `plainly(say("nothingTyped"))` is "Nothing is typed here yet." */
export const plainly = (says: Says): string => tell(says, PLAIN_VOICE, english);
