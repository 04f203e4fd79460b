/** How thick a yarn is, and what that lets us guess before a swatch is knitted. */
import type { Gauge } from "../stitches/plainStitch";
import { millimetres, type Millimetres } from "../units/brands";
import { metresIn100G, texOf, type PutUp } from "./putUp";

/** Thickness d = 0.115 √tex mm (sd 0.12 in ln). Example: tex 606 is 2.83 mm thick. */
export const thicknessOf = (putUp: PutUp): Millimetres => millimetres(0.115 * Math.sqrt(texOf(putUp)));

/** Turns of the yarn side by side in an inch. Example: a yarn of 2.54 mm wraps 10 times. */
export const wrapsPerInch = (thickness: Millimetres) => 25.4 / thickness;

/** Row height over stitch width of plain fabric where nothing was measured. */
export const USUAL_ASPECT = 0.72;

/** How far in ln a yarn's thickness, and a needle's, can be off of the stitch that comes of it. */
const YARN_SD = 0.08;
const NEEDLE_SD = 0.1;
/** Of a yarn whose weight nobody knows, and so its thickness. */
const ANY_YARN_SD = 0.3;
/** Stitches over 10 cm of a yarn with so many metres in 100 g; a finer one has as many more as the power of its length. */
export const BY_YARN = { stitches: 19.4, metres: 200, power: 0.607 };
/** A needle is near so much of the width of its stitch. */
export const NEEDLE_SHARE = 0.92;

/**
 * Width of a plain stitch with no swatch, in mm: by the yarn 19.4 (m in 100 g / 200)^0.607 stitches over 10 cm, sd 0.08
 * in ln; by the needle D / 0.92, sd 0.10; where both are known their precision-weighted mean, so that a thicker yarn
 * or needle never gives a finer fabric. Example: 100 g = 165 m on no needle yet is 5.79 mm, on 4 mm 5.23.
 */
export function assumedStitch(putUp: PutUp, needleMm: number | null) {
  const byYarn = Math.log(100 / (BY_YARN.stitches * (metresIn100G(putUp) / BY_YARN.metres) ** BY_YARN.power));
  const yarnSd = putUp.noMass ? ANY_YARN_SD : YARN_SD;
  if (needleMm === null) return { widthMm: Math.exp(byYarn), sd: yarnSd, shareOfYarn: 1 };
  const [yarn, needle] = [yarnSd ** -2, NEEDLE_SD ** -2];
  const mean = (yarn * byYarn + needle * Math.log(needleMm / NEEDLE_SHARE)) / (yarn + needle);
  return { widthMm: Math.exp(mean), sd: 1 / Math.sqrt(yarn + needle), shareOfYarn: yarn / (yarn + needle) };
}

/**
 * Plain gauge of a yarn with no swatch, on a needle where one is known; rows by an aspect of 0.72, sd 0.05.
 * Example: 100 g = 165 m gives 17.26 stitches and 23.97 rows.
 */
export function assumedGauge(putUp: PutUp, needleMm: number | null = null): Gauge {
  const stitchesPer10Cm = 100 / assumedStitch(putUp, needleMm).widthMm;
  return { stitchesPer10Cm, rowsPer10Cm: stitchesPer10Cm / USUAL_ASPECT };
}

/** One needle size up or down changes the stitch by the ratio of diameters to this power. */
export const NEEDLE_POWER = 0.5;

/** Size of a stitch on one needle against that on another. Example: on 8 mm it is 1.41 times that on 4 mm. */
export const needleScale = (onMm: number, thanMm: number) => (onMm / thanMm) ** NEEDLE_POWER;

/** Needle sizes that are made, in mm. */
export const NEEDLES_MM = [
  1.5, 1.75, 2, 2.25, 2.5, 2.75, 3, 3.25, 3.5, 3.75, 4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8, 9, 10, 12, 15, 20, 25,
];

/** The needle nearest to a size that is made. Example: 5.2 mm is worked on 5 mm. */
export const nearestNeedle = (wantedMm: number): Millimetres =>
  millimetres(
    NEEDLES_MM.reduce((best, size) => (Math.abs(size - wantedMm) < Math.abs(best - wantedMm) ? size : best)),
  );

/** Thicker than this no needle is made: the hands are the needle. */
const BY_HAND_MM = 30;

/** The made needle nearest to 0.92 of the stitch width; by hand it is just that. Example: 5.56 mm wide stitches want 5 mm. */
export function usualNeedle(stitchWidth: Millimetres): Millimetres {
  const wanted = NEEDLE_SHARE * stitchWidth;
  return wanted > BY_HAND_MM ? millimetres(Math.round(wanted)) : nearestNeedle(wanted);
}

/** Whether a needle is no needle but the hands. */
export const isByHand = (needleMm: number) => needleMm > BY_HAND_MM;
