/** The plain gauge that a project is reckoned with. */
import { plainStitch, type Gauge } from "../fabric/plainStitch";
import type { Project } from "../files/project";
import type { PutUp } from "../yarn/putUp";
import { millimetres, type Millimetres } from "../units/brands";
import { USUAL_ASPECT, assumedGauge, usualNeedle } from "../yarn/thickness";

/** Where a figure comes from: it decides how far it can be off. */
export type Source = "measured" | "band" | "assumed";

/** Stitches and rows may be known from different places. */
export interface GaugeSources {
  readonly width: Source;
  readonly height: Source;
}

export interface ProjectGauge {
  readonly gauge: Gauge;
  readonly sources: GaugeSources;
}

/** What is said of a gauge, and what is missing in it as a yarn usually knits; null without either. */
export function gaugeBy(
  said: { readonly stitchesPer10Cm: number | null; readonly rowsPer10Cm: number | null },
  putUp: PutUp | null,
): Gauge | null {
  const stitchesPer10Cm = said.stitchesPer10Cm ?? (putUp ? assumedGauge(putUp).stitchesPer10Cm : null);
  if (stitchesPer10Cm === null) return null;
  return { stitchesPer10Cm, rowsPer10Cm: said.rowsPer10Cm ?? stitchesPer10Cm / USUAL_ASPECT };
}

/**
 * The gauge as it was given, what is missing in it as the yarn usually knits; null without either.
 * Example: 18 stitches and no rows give 25 rows, assumed.
 */
export function projectGauge({ gauge, yarns }: Project): ProjectGauge | null {
  const putUp = yarns[0]?.putUp as PutUp | null | undefined;
  const given = gaugeBy(gauge, putUp ?? null);
  if (given === null) return null;
  return {
    gauge: given,
    sources: {
      width: gauge.stitchesPer10Cm === null ? "assumed" : gauge.source,
      height: gauge.rowsPer10Cm === null ? "assumed" : gauge.source,
    },
  };
}

/** The needle of a project's plain fabric, given or usual for its gauge. */
export const needleAt = ({ needleMm }: Project, gauge: Gauge): Millimetres =>
  needleMm === null ? usualNeedle(plainStitch(gauge).widthMm) : millimetres(needleMm);

/** What tools reckon with where nothing is known of the yarn. */
const USUAL_GAUGE: Gauge = { stitchesPer10Cm: 20, rowsPer10Cm: 28 };

/** The gauge of a project, or the usual one. */
export const gaugeOrUsual = (project: Project): Gauge => projectGauge(project)?.gauge ?? USUAL_GAUGE;

/** Row height over stitch width of a project's plain fabric; the usual one where nothing is known. */
export function aspectOf(project: Project): number {
  const known = projectGauge(project);
  return known ? plainStitch(known.gauge).aspect : USUAL_ASPECT;
}
