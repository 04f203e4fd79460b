/** What of a drawn fabric the colours show, and how thick its yarn is drawn. */
import type { Millimetres } from "@/core/units/brands";

export type FabricMode = "dyed" | "yarn";

/** Yarn is pressed together in a fabric: it is drawn no thinner and no thicker than this, in stitch widths. */
const THINNEST = 0.34;
const THICKEST = 0.5;

/** Thickness of the yarn in stitch widths. Example: 2.8 mm of yarn in a stitch of 5 mm is drawn as 0.5. */
export const drawnThickness = (yarnMm: Millimetres | null, stitchMm: number) =>
  Math.min(THICKEST, Math.max(THINNEST, yarnMm === null ? THICKEST : (0.9 * yarnMm) / stitchMm));
