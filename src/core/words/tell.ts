/** Messages as sentences. */
import { inWordsOf } from "./inWords";
import { english } from "./english";
import type { Catalogue, Says } from "./message";
import { tellerOf, type Teller, type Voice } from "./teller";

/** As programs are told: in metric units and UK words, whatever a knitter has chosen. */
export const PLAIN_VOICE: Voice = { words: "UK", units: "metric" };

/** A message in the chosen units and words. Example: a length of 50 mm is told as "2.0 in" in inches. */
export function tell(says: Says, voice: Voice, catalogue: Catalogue = english): string {
  if (typeof says === "string") return inWordsOf(says, voice);
  const sentence = catalogue[says.code] as (given: unknown, teller: Teller) => string;
  return sentence(says.given, tellerOf(voice));
}
