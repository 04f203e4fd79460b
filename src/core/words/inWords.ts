/** Sentences that quote what was typed are written out where it is read, in British words and metric units. */
import { GRAMS_IN_OUNCE, METRES_IN_YARD } from "../units/brands";
import type { Voice } from "./teller";

const number = (value: number, digits: number) => value.toFixed(digits);
const small = (value: number) => number(value, value < 9.95 ? 1 : 0);

/** What each metric unit is in the other system; a gauge is counted over 4 in. */
const UNITS: { readonly [unit: string]: (value: number) => string } = {
  cm: (value) => `${number(value / 2.54, 1)} in`,
  m: (value) => `${small(value / METRES_IN_YARD)} yd`,
  km: (value) => `${small(value / 1.609344)} mi`,
  g: (value) => `${number(value / GRAMS_IN_OUNCE, value < 28 ? 2 : 1)} oz`,
  kg: (value) => `${number(value / 0.45359237, 1)} lb`,
};

const inImperial = (text: string) =>
  text
    .replace(/\/ 10\scm\b/g, "/ 4 in")
    .replace(
      /(\d+(?:\.\d+)?)(\s)(cm|km|kg|m|g)\b(?![³²])/g,
      (_, value: string, gap: string, unit: string) => {
        return (UNITS[unit]?.(Number(value)) ?? `${value} ${unit}`).replace(" ", gap);
      },
    );

const inUsWords = (text: string) =>
  text
    .replace(/\b(c)ast(s|ing)?([ -])off\b/gi, (_, c: string, ending: string | undefined, gap: string) => {
      return `${c === "C" ? "B" : "b"}ind${ending ?? ""}${gap}off`;
    })
    .replace(/\bstocking stitch\b/g, "stockinette")
    .replace(/\bStocking stitch\b/g, "Stockinette");

/**
 * Such a sentence in the words and units that the knitter is used to; what stands between “ and ” was typed, and stays
 * as it is. Example: "5.0 cm to cast off" is "2.0 in to bind off" in US words and inches.
 */
export const inWordsOf = (text: string, { words, units }: Voice): string =>
  text
    .split(/(“[^”]*”)/)
    .map((part, index) => {
      if (index % 2 === 1) return part;
      const measured = units === "metric" ? part : inImperial(part);
      return words === "UK" ? measured : inUsWords(measured);
    })
    .join("");
