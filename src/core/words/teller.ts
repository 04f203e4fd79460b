/** How quantities are said: in the units, the plurals and the vocabulary that the knitter has chosen. */
import { formatMoney } from "../units/money";
import { countOf, fewOf, isOne, several } from "./things";
import {
  BARE_SPAN_MM,
  GRAMS_IN_OUNCE,
  grams,
  metres,
  METRES_IN_YARD,
  millimetres,
  type UnitSystem,
} from "../units/brands";
import {
  formatChance,
  formatFine,
  formatGauge,
  formatMassFine,
  formatYarn,
  formatPercent,
  formatSize,
  plain,
  tellPutUp,
  tellSize,
} from "../units/format";

export interface Voice {
  readonly words: "US" | "UK";
  readonly units: UnitSystem;
}

/** A message within another one: what is wrong with a row, say, and in which row it is. */
export interface Nested {
  readonly code: string;
  readonly given: unknown;
}

const lists = new Intl.ListFormat("en", { type: "conjunction" });
const choices = new Intl.ListFormat("en", { type: "disjunction" });

const NO_BREAK = "\u00a0";
const roundly = (value: number) => plain(value, value < 10 ? 2 : value < 100 ? 1 : 0);

/** Units from small to large, each with how much it is and from how much on it is used. */
type Units = readonly (readonly [unit: string, size: number, from: number])[];

const SPANS: { readonly [System in UnitSystem]: Units } = {
  metric: [
    ["mm", 1, 0],
    ["cm", 10, 10],
    ["m", 1000, 1000],
    ["km", 1_000_000, 1_000_000],
  ],
  imperial: [
    ["in", 25.4, 0],
    ["yd", 1000 * METRES_IN_YARD, 914],
    ["mi", 1_609_344, 1_609_344],
  ],
};
const MASSES: { readonly [System in UnitSystem]: Units } = {
  metric: [
    ["g", 1, 0],
    ["kg", 1000, 1000],
  ],
  imperial: [
    ["oz", GRAMS_IN_OUNCE, 0],
    ["lb", 16 * GRAMS_IN_OUNCE, 900],
  ],
};

function inUnit(value: number, all: Units): string {
  const [unit, size] = all.findLast(([, , from]) => value >= from) ?? ["", 1];
  return `${roundly(value / size)}${NO_BREAK}${unit}`;
}

/**
 * What a catalogue says its sentences with. Example: in inches and US words `tellerOf(voice).size(50)` is "2.0 in", and
 * its `castOff` is "bind off".
 */
export const tellerOf = ({ words, units }: Voice, tell: (says: Nested) => string) => ({
  tell,
  /** A length of fabric, given in mm. */
  size: (mm: number) => formatSize(millimetres(mm), units),
  /** A round length that somebody has chosen, given in mm. */
  round: (mm: number) => tellSize(millimetres(mm), units),
  /** Something small, given in mm: a row, a needle. */
  fine: (mm: number) => formatFine(millimetres(Math.round(mm * 10) / 10)),
  /** A limit, given in mm, in the unit in which people think of so much. */
  span: (mm: number) => inUnit(mm, SPANS[units]),
  /** A round mass, given in g. */
  mass: (g: number) => inUnit(g, MASSES[units]),
  /** How fine a yarn is. */
  fineness: (metresIn100G: number) =>
    units === "metric"
      ? `${roundly(metresIn100G)}${NO_BREAK}m in 100${NO_BREAK}g`
      : `${roundly((metresIn100G * 0.99223) / METRES_IN_YARD)}${NO_BREAK}yd in 3.5${NO_BREAK}oz`,
  gaugeSpan: units === "metric" ? `10${NO_BREAK}cm` : `4${NO_BREAK}in`,
  /** How many there are over that, of so many over 100 mm. */
  perSpan: (per100Mm: number) => Math.round((per100Mm * BARE_SPAN_MM[units]) / 100),
  gauge: (per10Cm: number, counted: "stitches" | "rows") => formatGauge(per10Cm, counted, units),
  /** A length of yarn, given in m. */
  yarn: (m: number) => formatYarn(metres(m), units),
  /** A mass as a fine scale shows it, given in g. */
  weight: (g: number) => formatMassFine(grams(g), units),
  percent: formatPercent,
  /** A chance, of something that was weighed. */
  chance: (chance: number) => formatChance(chance, true),
  money: formatMoney,
  count: countOf,
  several,
  few: fewOf,
  are: (count: number) => (isOne(count) ? "is" : "are"),
  list: (parts: readonly string[]) => lists.format(parts),
  either: (parts: readonly string[]) => choices.format(parts),
  /** What a ball holds, as it is typed. */
  putUp: (massG: number, lengthM: number) =>
    tellPutUp({ massG: grams(massG), lengthM: metres(lengthM) }, units),
  CastOff: words === "UK" ? "Cast off" : "Bind off",
  castOff: words === "UK" ? "cast off" : "bind off",
  castOffEdge: words === "UK" ? "cast-off" : "bind-off",
  /** The same of what has been done. */
  hasCastOff: words === "UK" ? "cast off" : "bound off",
  units,
  stockinette: words === "UK" ? "stocking stitch" : "stockinette",
});

export type Teller = ReturnType<typeof tellerOf>;
