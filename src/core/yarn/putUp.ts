/** The put-up: how yarn is wound for sale, as mass and length of a ball. */
import {
  GRAMS_IN_OUNCE,
  METRES_IN_YARD,
  grams,
  metres,
  type Grams,
  type Metres,
  type UnitSystem,
} from "../units/brands";
import { formatMass, formatMassFine, formatYarn, plain } from "../units/format";
import { readQuantities } from "../units/quantities";
import { read, unread, type Reading } from "../units/reading";

export interface PutUp {
  readonly massG: Grams;
  readonly lengthM: Metres;
  /** Nobody said what a ball weighs: `massG` is only what a middling yarn would, and no weight is told by it. */
  readonly noMass?: true | undefined;
}

const ASK = "Type what the band says, as 100 g = 165 m or 3.5 oz = 180 yd.";

/**
 * Reads a put-up; mass and length in either order, each in its unit.
 * Errors: no length, one of the two doubled, no unit, a ball or a yarn that cannot be.
 * A length alone is a ball of which nobody knows the weight.
 * Example: `readPutUp("3.5 oz = 180 yd")` is 99.2 g and 164.6 m.
 */
export function readPutUp(text: string): Reading<PutUp> {
  const quantities = readQuantities(text);
  if (!quantities.ok) return quantities;
  let massG: number | undefined;
  let lengthMm: number | undefined;
  for (const { number, unit, at } of quantities.value) {
    if (!unit) return unread(`${number} has no unit here. ${ASK}`, at);
    if (unit.kind === "mass") {
      if (massG !== undefined) return unread(`Two weights stand here. ${ASK}`, at);
      massG = number * unit.factor;
    } else if (unit.kind === "length") {
      if (lengthMm !== undefined) return unread(`Two lengths stand here. ${ASK}`, at);
      lengthMm = number * unit.factor;
    } else {
      return unread(`A ball has no ${unit.kind}. ${ASK}`, at);
    }
  }
  if (massG === undefined && lengthMm !== undefined) return lengthAlone(lengthMm / 1000);
  if (massG === undefined) return unread(`The weight of the ball is missing. ${ASK}`);
  if (lengthMm === undefined) return unread(`The length in the ball is missing. ${ASK}`);
  return checkPutUp(massG, lengthMm / 1000);
}

/** Metres in 100 g that a yarn of unknown weight is taken to have. */
const MIDDLING = 200;

/** A ball of which only the length is said: metres and balls follow from it, no grams. */
function lengthAlone(lengthM: number): Reading<PutUp> {
  const massG = Math.min(2000, Math.max(5, (100 * lengthM) / MIDDLING));
  if (lengthM < 5 || lengthM > 60_000) return checkPutUp(massG, lengthM);
  return read({ massG: grams(massG), lengthM: metres(lengthM), noMass: true });
}

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

/** Whether a put-up is one that somebody could wind and spin. */
export const isPutUp = ({ massG, lengthM }: PutUp) => checkPutUp(massG, lengthM).ok;

/** Refuses balls that nobody winds and yarns that nobody spins. */
function checkPutUp(massG: number, lengthM: number): Reading<PutUp> {
  if (!(massG > 0) || !(lengthM > 0)) return unread("Weight and length must both be more than zero.");
  if (massG < 5 || massG > 2000) return unread("A ball weighs from 5 g to 2 kg: check the weight.");
  if (lengthM < 5) return unread("A ball holds at least 5 m: check the length.");
  if (lengthM > 60_000) return unread("A ball holds at most 60 km: check the length.");
  const per100G = (100 * lengthM) / massG;
  if (per100G < 2)
    return unread(`${per100G.toFixed(1)} m in 100 g is thicker than an arm: check weight and length.`);
  if (per100G > 3000)
    return unread(`${per100G.toFixed(0)} m in 100 g is finer than cobweb: check weight and length.`);
  return read({ massG: grams(massG), lengthM: metres(lengthM) });
}

/** Metres in 100 g. Example: a ball of 50 g and 85 m has 170. */
export const metresIn100G = ({ massG, lengthM }: PutUp) => (100 * lengthM) / massG;

/** Grams in 1000 m. Example: 100 g = 165 m is tex 606. */
export const texOf = ({ massG, lengthM }: PutUp) => (1000 * massG) / lengthM;

/** A ball by what it weighs, or by its length where nobody knows its weight. Example: "50 g". */
export const tellBall = ({ massG, lengthM, noMass }: PutUp, units: UnitSystem) =>
  noMass ? formatYarn(lengthM, units) : formatMass(massG, units);

/** A length of this yarn with its weight, where that is known. Example: "775 m, 474 g". */
export const tellLength = (length: Metres, putUp: PutUp, units: UnitSystem) =>
  putUp.noMass
    ? formatYarn(length, units)
    : `${formatYarn(length, units)}, ${tellMass(massOf(length, putUp), units)}`;

/** Under ten grams a whole gram says too little. */
const tellMass = (mass: Grams, units: UnitSystem) =>
  mass < 10 ? formatMassFine(grams(Math.round(mass * 10) / 10), units) : formatMass(mass, units);

/** Mass of a length of this yarn. */
export const massOf = (length: Metres, { massG, lengthM }: PutUp) => grams((length * massG) / lengthM);
