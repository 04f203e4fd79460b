/** The words that a knitter is used to: how crossings are named, and whose abbreviations are written. */
import type { Crossing } from "./crossings";
import { crossingName, type CrossingNaming } from "./crossingNames";
import type { Operation } from "./operations";

export interface Wording {
  readonly naming: CrossingNaming;
  readonly words: "US" | "UK";
}

/** Example: skp is "skpo" in UK words. */
export const abbreviationOf = ({ abbreviation, ukAbbreviation }: Operation, { words }: Wording) =>
  words === "UK" ? (ukAbbreviation ?? abbreviation) : abbreviation;

/** Example: a yarn over is a "yarn round needle" in UK words. */
export const wordsOf = ({ us, uk }: Operation, { words }: Wording) => (words === "UK" ? (uk ?? us) : us);

export const nameOf = (crossing: Crossing, { naming }: Wording) => crossingName(crossing, naming);
