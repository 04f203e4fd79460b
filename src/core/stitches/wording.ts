/** The words that a knitter is used to: how crossings are named, and whose abbreviations are written. */
import type { Crossing } from "./crossings";
import { crossingName, type CrossingNaming } from "./crossingNames";
import type { UnitSystem } from "../units/brands";
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

/**
 * A sentence of Brenok's own in the words and units that the knitter is used to. They are written in British words and
 * in cm. Example: "5.0 cm to cast off" is "2.0 in to bind off" in US words and inches.
 */
export function inWordsOf(
  text: string,
  { words, units }: Pick<Wording, "words"> & { readonly units: UnitSystem },
): string {
  const measured =
    units === "metric"
      ? text
      : text.replace(/(\d+(?:\.\d+)?)(\s)cm\b(?!³)/g, (_, cm: string, space: string) => {
          return `${(Number(cm) / 2.54).toFixed(1)}${space}in`;
        });
  if (words === "UK") return measured;
  return measured.replace(
    /\b(c)ast(s|ing)?([ -])off\b/gi,
    (_, c: string, ending: string | undefined, gap: string) => {
      return `${c === "C" ? "B" : "b"}ind${ending ?? ""}${gap}off`;
    },
  );
}
