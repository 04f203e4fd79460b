/** How quantities are said: in the units, the plurals and the vocabulary that the knitter has chosen. */
import { tellPutUp } from "../yarn/putUp";
import { countOf, isOne } from "./things";
import { grams, metres, millimetres, type UnitSystem } from "../units/brands";
import { formatFine, formatPercent, formatSize, tellSize } from "../units/format";

export interface Voice {
  readonly words: "US" | "UK";
  readonly units: UnitSystem;
}

const lists = new Intl.ListFormat("en", { type: "conjunction" });

/**
 * What a catalogue says its sentences with. Example: in inches and US words `tellerOf(voice).size(50)` is "2.0 in", and
 * its `castOff` is "bind off".
 */
export const tellerOf = ({ words, units }: Voice) => ({
  /** A length of fabric, given in mm. */
  size: (mm: number) => formatSize(millimetres(mm), units),
  /** A round length that somebody has chosen, given in mm. */
  round: (mm: number) => tellSize(millimetres(mm), units),
  /** Something small, given in mm: a row, a needle. */
  fine: (mm: number) => formatFine(millimetres(Math.round(mm * 10) / 10)),
  percent: formatPercent,
  count: countOf,
  are: (count: number) => (isOne(count) ? "is" : "are"),
  list: (parts: readonly string[]) => lists.format(parts),
  /** What a ball holds, as it is typed. */
  putUp: (massG: number, lengthM: number) =>
    tellPutUp({ massG: grams(massG), lengthM: metres(lengthM) }, units),
  castOff: words === "UK" ? "cast off" : "bind off",
  /** The same of what has been done. */
  hasCastOff: words === "UK" ? "cast off" : "bound off",
  stockinette: words === "UK" ? "stocking stitch" : "stockinette",
});

export type Teller = ReturnType<typeof tellerOf>;
