/** Ease: what is added to a measure of the body, or taken off where the fabric is to stretch. */
import { say } from "../words/message";
import { EASE } from "./bounds";
import { millimetres, type Millimetres, type UnitSystem } from "../units/brands";
import { tellSize } from "../units/format";
import { BARE_LENGTH, readLength } from "../typed/length";
import { read, unread, type Bounds, type Reading } from "../typed/reading";

const BOUNDS: Bounds = {
  least: 1,
  most: EASE.most,
  tooSmall: "easeTooSmall",
  tooLarge: "easeTooLarge",
};

/**
 * Reads an ease in mm; a minus before it takes off. Errors: no length, more than a metre.
 * Example: `readEase("-4 cm", "metric")` is -40, and "0" is none.
 */
export function readEase(text: string, units: UnitSystem): Reading<Millimetres> {
  const [, sign = "", rest = ""] = /^\s*([-−–]?)\s*(.*)$/.exec(text) ?? [];
  if (rest === "") return unread(say("sayEase"));
  if (/^0+(?:[.,]0+)?\s*(?:cm|mm|in)?$/.test(rest)) return read(millimetres(0));
  const length = readLength(rest, BARE_LENGTH[units], BOUNDS);
  return length.ok && sign ? read(millimetres(-length.value)) : length;
}

/** Ease as it can be typed again. Example: -40 is "−4 cm". */
export const tellEase = (ease: number, units: UnitSystem) =>
  ease === 0 ? "0" : `${ease < 0 ? "−" : ""}${tellSize(millimetres(Math.abs(ease)), units)}`;
