/** Messages as sentences. */
import type { Catalogue, Message, Says } from "./message";
import { tellerOf, type Nested, type Teller, type Voice } from "./teller";

/** What a catalogue says its sentences with, messages within messages too. */
export const tellerIn = (voice: Voice, catalogue: Catalogue): Teller =>
  tellerOf(voice, (nested: Nested) => tell(nested as Message, voice, catalogue));

/** A message in the chosen units and words. Example: a length of 50 mm is told as "2.0 in" in inches. */
export function tell(says: Says, voice: Voice, catalogue: Catalogue): string {
  if (typeof says === "string") return says;
  const sentence = catalogue[says.code] as (given: unknown, teller: Teller) => string;
  return sentence(says.given, tellerIn(voice, catalogue));
}
