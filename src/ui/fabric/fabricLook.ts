/** What of a drawn fabric the colours show, and how thick its yarn is drawn. */
import { THICKEST } from "@/core/fabric/loopShape";
import type { Millimetres } from "@/core/units/brands";

export type FabricMode = "dyed" | "yarn";

/** Yarn is pressed together in a fabric, to such a share of its thickness: drawn no thinner than this, in widths. */
const PRESSED = 0.68;
const THINNEST = 0.28;

/** Thickness of the yarn in stitch widths. Example: 2.5 mm of yarn in a stitch of 5 mm is drawn as 0.34. */
export const drawnThickness = (yarnMm: Millimetres | null, stitchMm: number) =>
  Math.min(THICKEST, Math.max(THINNEST, yarnMm === null ? THICKEST : (PRESSED * yarnMm) / stitchMm));
