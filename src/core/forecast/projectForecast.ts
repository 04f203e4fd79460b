/** From a project to its forecast; or what is still missing for one. */
import type { PiecePlan } from "../estimate/piece";
import type { ProjectPiece, Project } from "../files/project";
import { plainStitch, type Gauge } from "../fabric/plainStitch";
import { cabledStitches, type CabledPanelPlan } from "../panels/cabledPanel";
import { ropeOf } from "../panels/ropes";
import { grams, metres, millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { assumedGauge, usualNeedle } from "../yarn/thickness";
import type { GaugeSources, Source } from "./doubt";
import { forecastPiece, type Forecast } from "./forecast";

/** Twenty cast-on stitches in a middling yarn, where nobody measured. */
const ASSUMED_TWENTY_MM = 400;

/** What a measured panel keeps of its plain width: outside this, something was mistyped. */
const LEAST_KEPT = 0.3;
const MOST_KEPT = 1.2;

export type MissingField = "putUp" | "rows";

/** Something typed that cannot be so; it is left out of the reckoning until it is mended. */
interface Finding {
  readonly field: "measuredWidth";
  readonly message: string;
}

interface Basis {
  readonly plan: PiecePlan;
  readonly sources: GaugeSources & { readonly needle: Source; readonly twenty: Source };
  readonly findings: readonly Finding[];
}

export interface KnownForecast extends Basis {
  readonly known: true;
  readonly forecast: Forecast;
}

export type ProjectForecast =
  KnownForecast | { readonly known: false; readonly missing: readonly MissingField[] };

function gaugeOf({ gauge }: Project, putUp: PutUp): { gauge: Gauge; sources: GaugeSources } {
  const assumed = assumedGauge(putUp);
  const stitchesPer10Cm = gauge.stitchesPer10Cm ?? assumed.stitchesPer10Cm;
  const usualRows = stitchesPer10Cm * (assumed.rowsPer10Cm / assumed.stitchesPer10Cm);
  return {
    gauge: { stitchesPer10Cm, rowsPer10Cm: gauge.rowsPer10Cm ?? usualRows },
    sources: {
      width: gauge.stitchesPer10Cm === null ? "assumed" : gauge.source,
      height: gauge.rowsPer10Cm === null ? "assumed" : gauge.source,
    },
  };
}

type Measure = { readonly measured: PiecePlan["measured"]; readonly findings: readonly Finding[] };

/** The measured width, if it can be so; without a count of stitches it spans the whole cabled part. */
function measureOf({ measured }: ProjectPiece, panel: CabledPanelPlan, gauge: Gauge): Measure {
  if (measured.widthMm === null) return { measured: null, findings: [] };
  const cabled = cabledStitches(panel);
  const stitches = measured.stitches ?? cabled;
  const kept = measured.widthMm / (stitches * plainStitch(gauge).widthMm);
  if (kept >= LEAST_KEPT && kept <= MOST_KEPT)
    return { measured: { widthMm: millimetres(measured.widthMm), stitches }, findings: [] };
  const message =
    kept < LEAST_KEPT
      ? `Only ${Math.round(kept * 100)} % of the plain width of ${stitches} stitches: no cable pulls in that far. Check the width, its unit, and the stitches it was measured across.`
      : `${Math.round(kept * 100)} % of the plain width of ${stitches} stitches: cables do not spread. Check the width, its unit, and the stitches it was measured across.`;
  return { measured: null, findings: [{ field: "measuredWidth", message }] };
}

/** Everything that the estimate stands on, each with its source; null while something is missing. */
function basisOf(project: Project): Basis | readonly MissingField[] {
  const [yarn] = project.yarns;
  const [piece] = project.pieces;
  const missing: MissingField[] = [];
  if (!yarn?.putUp) missing.push("putUp");
  if (!piece?.rows) missing.push("rows");
  if (!yarn?.putUp || !piece?.rows) return missing;

  const putUp: PutUp = { massG: grams(yarn.putUp.massG), lengthM: metres(yarn.putUp.lengthM) };
  const panel: CabledPanelPlan = { ...piece, rope: ropeOf(piece.ropeId) };
  const { gauge, sources } = gaugeOf(project, putUp);
  const { measured, findings } = measureOf(piece, panel, gauge);
  return {
    plan: {
      panel,
      rows: piece.rows,
      gauge,
      putUp,
      needleMm:
        project.needleMm === null ? usualNeedle(plainStitch(gauge).widthMm) : millimetres(project.needleMm),
      tail: { school: piece.tail.school, twentyMm: millimetres(piece.tail.twentyMm ?? ASSUMED_TWENTY_MM) },
      measured,
    },
    sources: {
      ...sources,
      needle: project.needleMm === null ? "assumed" : "measured",
      twenty: piece.tail.twentyMm === null ? "assumed" : "measured",
    },
    findings,
  };
}

/** The forecast of a project, or the fields that it still needs. */
export function forecastProject(project: Project): ProjectForecast {
  const basis = basisOf(project);
  if (!("plan" in basis)) return { known: false, missing: basis };
  return { known: true, forecast: forecastPiece(basis.plan, basis.sources, project.certainty), ...basis };
}
