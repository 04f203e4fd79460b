/** The put-up: how yarn is wound for sale, as mass and length of a ball. */
import { grams, metres, type Grams, type Metres, type UnitSystem } from "../units/brands";
import { formatMass, formatMassFine, formatYarn } from "../units/format";
import { say } from "../words/message";
import { readQuantities } from "../typed/quantities";
import { read, unread, type Reading } from "../typed/reading";

export interface PutUp {
  readonly massG: Grams;
  readonly lengthM: Metres;
  /** Nobody said what a ball weighs: `massG` is only what a middling yarn would, and no weight is told by it. */
  readonly noMass?: true | undefined;
}

/** What a ball that somebody winds weighs, in g, and holds, in m. */
const BALL_G = { least: 5, most: 2000 } as const;
const BALL_M = { least: 5, most: 60_000 } as const;

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
    if (!unit) return unread(say("putUpWithoutUnit", { number }), at);
    if (unit.kind === "mass") {
      if (massG !== undefined) return unread(say("putUpTwoMasses"), at);
      massG = number * unit.factor;
    } else if (unit.kind === "length") {
      if (lengthMm !== undefined) return unread(say("putUpTwoLengths"), at);
      lengthMm = number * unit.factor;
    } else {
      return unread(say("putUpOfOther", { kind: unit.kind }), at);
    }
  }
  if (massG === undefined && lengthMm !== undefined) return lengthAlone(lengthMm / 1000);
  if (massG === undefined) return unread(say("putUpLacksMass"));
  if (lengthMm === undefined) return unread(say("putUpLacksLength"));
  return checkPutUp(massG, lengthMm / 1000);
}

/** Metres in 100 g that a yarn of unknown weight is taken to have. */
const MIDDLING = 200;

/** A ball of which only the length is said: metres and balls follow from it, no grams. */
function lengthAlone(lengthM: number): Reading<PutUp> {
  const massG = Math.min(BALL_G.most, Math.max(BALL_G.least, (100 * lengthM) / MIDDLING));
  if (lengthM < BALL_M.least || lengthM > BALL_M.most) return checkPutUp(massG, lengthM);
  return read({ massG: grams(massG), lengthM: metres(lengthM), noMass: true });
}

/** Whether a put-up is one that somebody could wind and spin. */
export const isPutUp = ({ massG, lengthM }: PutUp) => checkPutUp(massG, lengthM).ok;

/** Refuses balls that nobody winds and yarns that nobody spins. */
function checkPutUp(massG: number, lengthM: number): Reading<PutUp> {
  if (!(massG > 0) || !(lengthM > 0)) return unread(say("putUpNotOverZero"));
  if (massG < BALL_G.least || massG > BALL_G.most) return unread(say("ballMass", BALL_G));
  if (lengthM < BALL_M.least) return unread(say("ballTooShort", BALL_M));
  if (lengthM > BALL_M.most) return unread(say("ballTooLong", BALL_M));
  const metresIn100G = (100 * lengthM) / massG;
  if (metresIn100G < 2) return unread(say("thickAsAnArm", { metresIn100G }));
  if (metresIn100G > 3000) return unread(say("fineAsCobweb", { metresIn100G }));
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
