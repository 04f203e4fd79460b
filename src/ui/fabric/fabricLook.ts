/** Which colour each stitch of a drawn fabric has, and how thick its yarn is drawn. */
import type { Millimetres } from "@/core/units/brands";
import { mixed } from "@/core/yarn/colour";

export type FabricMode = "dyed" | "yarn";

const NEUTRAL = "#d8cbb0";
const DEARER = "#a3372b";
const CHEAPER = "#4f6a2c";

/** The scale by yarn: a plain stitch is undyed, dearer ones go to madder, cheaper ones to moss. */
export function yarnScale(least: number, most: number) {
  const reach = Math.max(most - 1, 1 - least, 0.02);
  return (loops: number) =>
    mixed(NEUTRAL, loops > 1 ? DEARER : CHEAPER, Math.min(1, Math.abs(loops - 1) / reach));
}

/** Yarn is pressed together in a fabric: it is drawn no thinner and no thicker than this, in stitch widths. */
const THINNEST = 0.34;
const THICKEST = 0.5;

/** Thickness of the yarn in stitch widths. Example: 2.8 mm of yarn in a stitch of 5 mm is drawn as 0.5. */
export const drawnThickness = (yarnMm: Millimetres | null, stitchMm: number) =>
  Math.min(THICKEST, Math.max(THINNEST, yarnMm === null ? THICKEST : (0.9 * yarnMm) / stitchMm));
