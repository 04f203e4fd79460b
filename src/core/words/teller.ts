/** How quantities are said: in the units, the plurals and the vocabulary that the knitter has chosen. */
import { millimetres, type UnitSystem } from "../units/brands";
import { formatFine, formatPercent, formatSize, tellSize } from "../units/format";

export interface Voice {
  readonly words: "US" | "UK";
  readonly units: UnitSystem;
}

/** What knitters count, one and several of it. */
const THINGS = {
  ball: ["ball", "balls"],
  row: ["row", "rows"],
  stitch: ["stitch", "stitches"],
  turn: ["turn", "turns"],
  yarn: ["yarn", "yarns"],
} as const;

export type Thing = keyof typeof THINGS;

const plurals = new Intl.PluralRules("en");
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
  count: (count: number, thing: Thing) =>
    `${count} ${THINGS[thing][plurals.select(count) === "one" ? 0 : 1]}`,
  are: (count: number) => (plurals.select(count) === "one" ? "is" : "are"),
  list: (parts: readonly string[]) => lists.format(parts),
  castOff: words === "UK" ? "cast off" : "bind off",
  stockinette: words === "UK" ? "stocking stitch" : "stockinette",
});

export type Teller = ReturnType<typeof tellerOf>;
