/** Measures as they are told: in metric or imperial, with no more figures than they deserve. */
import {
  BARE_SPAN_MM,
  GRAMS_IN_OUNCE,
  METRES_IN_YARD,
  millimetres,
  type Grams,
  type Metres,
  type Millimetres,
  type UnitSystem,
} from "./brands";

const NO_BREAK = "\u00a0";

/** A number with at most `places` decimals, trailing noughts dropped. Example: `plain(20.50, 1)` is "20.5". */
export const plain = (value: number, places: number) => String(Number(value.toFixed(places)));

const withUnit = (value: number, places: number, unit: string) =>
  `${value.toFixed(places)}${NO_BREAK}${unit}`;

/** Size of fabric: centimetres or inches, one decimal. Example: 452 mm is "45.2 cm" or "17.8 in". */
export function formatSize(size: Millimetres, system: UnitSystem): string {
  return system === "metric" ? withUnit(size / 10, 1, "cm") : withUnit(size / 25.4, 1, "in");
}

/** How far a size is off, with its sign where it is seen. Example: 3 mm short is "−0.3 cm", 0.2 mm is "0.0 cm". */
export function formatOff(off: Millimetres, system: UnitSystem): string {
  const size = formatSize(millimetres(Math.abs(off)), system);
  if (Number.parseFloat(size) === 0) return size;
  return `${off < 0 ? "−" : "+"}${size}`;
}

/** Size with two decimals where they say something, as it can be typed again. Example: 76 mm is "7.6 cm" or "2.99 in". */
export const tellSize = (size: Millimetres, system: UnitSystem) =>
  system === "metric" ? `${plain(size / 10, 2)}${NO_BREAK}cm` : `${plain(size / 25.4, 2)}${NO_BREAK}in`;

/** Yarn: metres or yards; one decimal below 10. Example: 106.2 m is "106 m" or "116 yd". */
export function formatYarn(length: Metres, system: UnitSystem): string {
  const value = system === "metric" ? length : length / METRES_IN_YARD;
  return withUnit(value, Math.abs(value) < 9.95 ? 1 : 0, system === "metric" ? "m" : "yd");
}

/** Mass: grams, or ounces with one decimal. Example: 100 g is "100 g" or "3.5 oz". */
export function formatMass(mass: Grams, system: UnitSystem): string {
  return system === "metric" ? withUnit(mass, 0, "g") : withUnit(mass / GRAMS_IN_OUNCE, 1, "oz");
}

/** Mass as a fine scale shows it. Example: 12.4 g is "12.4 g" or "0.437 oz". */
export const formatMassFine = (mass: Grams, system: UnitSystem) =>
  system === "metric" ? `${plain(mass, 2)}${NO_BREAK}g` : `${plain(mass / GRAMS_IN_OUNCE, 3)}${NO_BREAK}oz`;

/** Gauge over 10 cm or 4 in, as it can be typed again. Example: 20 per 100 mm is "20 st / 10 cm" or "20.3 st / 4 in". */
export function formatGauge(per100Mm: number, counted: "stitches" | "rows", system: UnitSystem): string {
  const count = plain((per100Mm * BARE_SPAN_MM[system]) / 100, 1);
  const span = system === "metric" ? withUnit(10, 0, "cm") : withUnit(4, 0, "in");
  return `${count}${NO_BREAK}${counted === "rows" ? "rows" : "st"} / ${span}`;
}

/** A share in per cent, never broken from its sign. Example: `formatPercent(0.274)` is "27 %". */
export const formatPercent = (share: number, digits = 0) => `${(100 * share).toFixed(digits)}${NO_BREAK}%`;

/** Small sizes such as a needle or a yarn's thickness, in mm in both systems, as needles are sold. */
export const formatFine = (size: Millimetres) => withUnit(size, 2, "mm").replace(/\.?0+(?=\s)/, "");

/** A put-up as it can be typed again. Example: "50 g = 82 m" or "1.76 oz = 89.7 yd". */
export const tellPutUp = (
  {
    massG,
    lengthM,
    noMass,
  }: { readonly massG: number; readonly lengthM: number; readonly noMass?: true | undefined },
  units: UnitSystem,
) =>
  noMass
    ? units === "metric"
      ? `${plain(lengthM, 1)} m`
      : `${plain(lengthM / METRES_IN_YARD, 1)} yd`
    : units === "metric"
      ? `${plain(massG, 1)} g = ${plain(lengthM, 1)} m`
      : `${plain(massG / GRAMS_IN_OUNCE, 2)} oz = ${plain(lengthM / METRES_IN_YARD, 1)} yd`;

/** The highest chance that is told before anything of the pattern has been weighed. */
const UNWEIGHED = 0.97;

/** A chance as it may be told: what was not weighed is never as good as sure. Example: 0.999 unweighed is 0.97. */
export const toldChance = (chance: number, weighed: boolean) =>
  weighed ? chance : Math.min(chance, UNWEIGHED);

/**
 * A chance in a hundred as people say it; certainty is never claimed, and "over 99" only where a swatch of the pattern,
 * or the knitting itself, was weighed. Example: 0.9534 is "95 in 100"; 0.999 is "97 or more in 100" where nothing was.
 */
export function formatChance(chance: number, weighed: boolean): string {
  if (!weighed && Math.round(chance * 100) > 100 * UNWEIGHED) return "97 or more in 100";
  if (chance > 0.995) return "over 99 in 100";
  if (chance < 0.005) return "under 1 in 100";
  return `${Math.round(chance * 100)} in 100`;
}
