/** Swatches for tests: read off for a knitter whose deviations are known. Only tests use it. */
import { cabledBack, calculated } from "./anyProject";
import type { Project } from "@/core/project/project";
import { newSection } from "@/core/project/sections";
import { newSwatch, type MeasureId, type Swatch } from "@/core/project/swatches";
import { deviationsOf } from "@/core/belief/unknowns";
import type { Belief } from "@/core/belief/belief";
import { MEASUREMENT_KINDS, noiseOf } from "@/core/belief/measurementKinds";

/** A back of one fabric worked to a length, in a yarn of which only the band is known. */
export const unswatched = (): Project =>
  cabledBack(
    { by: "length", lengthMm: 590, measured: { widthMm: null, stitches: null } },
    { gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "band" } },
  );

export const plainSwatch = (given: Partial<Swatch> = {}): Swatch =>
  newSwatch("plain", { stitches: 26, rows: 34, scaleStepG: 0.1, ...given });

export const patternSwatch = (given: Partial<Swatch> = {}): Swatch =>
  newSwatch("pattern", {
    fabric: newSection("fabric", "pattern/fabric", {
      content: "ropes",
      ropeId: "rope-3-3",
      ropes: 2,
      purls: 2,
      edge: 4,
    }),
    stitches: null,
    rows: 36,
    scaleStepG: 0.1,
    ...given,
  });

export const withSwatches = (...swatches: readonly Swatch[]): Project => ({
  ...unswatched(),
  swatches: [...swatches],
});

export const beliefOf = (project: Project): Belief => calculated(project).belief;

const ALL: readonly MeasureId[] = ["finishedWidth", "finishedHeight", "mass"];

/**
 * The swatch as a knitter reads it off whose deviations are `truth`; `noise` are standard normal, one a reading.
 * The scale shows whole steps.
 */
export function readOff(
  swatch: Swatch,
  truth: Float64Array | null = null,
  noise: readonly number[] = [],
): Swatch {
  const belief = beliefOf(withSwatches(swatch));
  const [of] = belief.swatches;
  const unknowns = deviationsOf(belief.axes, truth ?? belief.mean);
  const read = ALL.map((id, index) => {
    const predict = of && MEASUREMENT_KINDS[id].predict(of);
    if (!of || !predict) throw new Error(`no ${id}`);
    const exact = predict(unknowns);
    return exact * Math.exp((noise[index] ?? 0) * noiseOf(MEASUREMENT_KINDS[id], of, exact));
  });
  const [widthMm = 0, heightMm = 0, massG = 0] = read;
  const inSteps = Math.round(massG / swatch.scaleStepG) * swatch.scaleStepG;
  return {
    ...swatch,
    finished: { widthMm, stitches: null, heightMm, rows: null },
    massG: inSteps,
  };
}
