/** The plain gauge that a project is calculated with. */
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import type { Project } from "../project/project";
import type { PutUp } from "../yarn/putUp";
import { millimetres, type Millimetres } from "../units/brands";
import { USUAL_ASPECT, assumedGauge, assumedStitch, needleScale, usualNeedle } from "../yarn/thickness";

/** Where a figure comes from: it decides how far it can be off. */
export type Source = "measured" | "band" | "assumed";

/** Stitches and rows may be known from different places. */
export interface GaugeSources {
  readonly width: Source;
  readonly height: Source;
  /** Standard deviation in ln of stitches that are only assumed; a needle that is known narrows it. */
  readonly assumedSd: number;
  /** What was counted on another needle, or before the bath, is so much less sure, in ln. */
  readonly awaySd: number;
}

export interface ProjectGauge {
  readonly gauge: Gauge;
  readonly sources: GaugeSources;
}

/** What is said of a gauge, and what is missing in it as a yarn usually knits; null without either. */
export function gaugeBy(
  said: { readonly stitchesPer10Cm: number | null; readonly rowsPer10Cm: number | null },
  putUp: PutUp | null,
  needleMm: number | null,
): Gauge | null {
  const stitchesPer10Cm =
    said.stitchesPer10Cm ?? (putUp ? assumedGauge(putUp, needleMm).stitchesPer10Cm : null);
  if (stitchesPer10Cm === null) return null;
  return { stitchesPer10Cm, rowsPer10Cm: said.rowsPer10Cm ?? stitchesPer10Cm / USUAL_ASPECT };
}

/** Another needle changes the stitch by the root of the diameters, give or take a quarter of that. */
export const OTHER_NEEDLE = 0.25;
/** Wool grows or gives a few per cent in its first bath, either way. */
export const BATH_SD = 0.04;

/** The gauge that was typed, on the project's needle; and how much less sure it is by where it was counted. */
function countedGauge({ gauge, needleMm, pieces }: Project) {
  const { stitchesPer10Cm, rowsPer10Cm, needleMm: on, state } = gauge;
  const scale = on === undefined || needleMm === null ? 1 : needleScale(needleMm, on);
  const times = (per: number | null) => per && per / scale;
  const washed = state === "asKnit" && (pieces[0]?.blocking ?? "wetBlocked") !== "asKnit";
  return {
    said: { stitchesPer10Cm: times(stitchesPer10Cm), rowsPer10Cm: times(rowsPer10Cm) },
    awaySd: Math.hypot(OTHER_NEEDLE * Math.log(scale), washed ? BATH_SD : 0),
  };
}

/**
 * The gauge as it was given, what is missing in it as the yarn and the needle usually knit; null without either.
 * Example: 18 stitches and no rows give 25 rows, assumed.
 */
export function projectGauge(project: Project): ProjectGauge | null {
  const { gauge, needleMm, yarns } = project;
  const putUp = (yarns[0]?.putUp ?? null) as PutUp | null;
  const { said, awaySd } = countedGauge(project);
  const given = gaugeBy(said, putUp, needleMm);
  if (given === null) return null;
  return {
    gauge: given,
    sources: {
      width: gauge.stitchesPer10Cm === null ? "assumed" : gauge.source,
      height: gauge.rowsPer10Cm === null ? "assumed" : gauge.source,
      assumedSd: putUp ? assumedStitch(putUp, needleMm).sd : 0,
      awaySd,
    },
  };
}

/** The needle of a project's plain fabric, given or usual for its gauge. */
export const needleAt = ({ needleMm }: Project, gauge: Gauge): Millimetres =>
  needleMm === null ? usualNeedle(plainStitch(gauge).widthMm) : millimetres(needleMm);

/** What tools calculate with where nothing is known of the yarn. */
const USUAL_GAUGE: Gauge = { stitchesPer10Cm: 20, rowsPer10Cm: 28 };

/** The gauge of a project, or the usual one. */
export const gaugeOrUsual = (project: Project): Gauge => projectGauge(project)?.gauge ?? USUAL_GAUGE;

/** Row height over stitch width of a project's plain fabric; the usual one where nothing is known. */
export function aspectOf(project: Project): number {
  const known = projectGauge(project);
  return known ? plainStitch(known.gauge).aspect : USUAL_ASPECT;
}
