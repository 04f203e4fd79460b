/** From a project to its forecast; or what is still missing for one. */
import type { PiecePlan } from "../estimate/piece";
import type { ProjectPiece, Project } from "../files/project";
import { plainStitch, type Gauge } from "../fabric/plainStitch";
import type { KnownFabrics } from "../fabric/relax";
import { layRopes, type Laid } from "../garment/lay";
import { cabledStitches, type Across } from "../panels/across";
import { grams, metres, millimetres } from "../units/brands";
import { usualNeedle } from "../yarn/thickness";
import type { GaugeSources, Source } from "./doubt";
import { forecastPiece, type Forecast } from "./forecast";
import { aspectOf, projectGauge } from "./projectGauge";

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

/** Fields that an answer still needs, or what is wrong with the panels; neither while they are being laid. */
interface UnknownForecast {
  readonly known: false;
  readonly missing: readonly MissingField[];
  readonly problem: string | null;
}

export type ProjectForecast = KnownForecast | UnknownForecast;

type Measure = { readonly measured: PiecePlan["measured"]; readonly findings: readonly Finding[] };

/** The measured width, if it can be so; without a count of stitches it spans the whole cabled part. */
function measureOf({ measured }: ProjectPiece, across: Across, gauge: Gauge): Measure {
  if (measured.widthMm === null) return { measured: null, findings: [] };
  const cabled = cabledStitches(across);
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

/** The fields that an answer still needs. */
function missingFields({ yarns, pieces }: Project): readonly MissingField[] {
  return [...(yarns[0]?.putUp ? [] : ["putUp" as const]), ...(pieces[0]?.rows ? [] : ["rows" as const])];
}

/** Everything that the estimate stands on, each with its source; null while something is missing. */
function basisOf(project: Project, { across, fabric }: Extract<Laid, { ok: true }>): Basis | null {
  const [yarn] = project.yarns;
  const [piece] = project.pieces;
  const gauged = projectGauge(project);
  if (!yarn?.putUp || !piece?.rows || !gauged) return null;
  const { gauge, sources } = gauged;
  const { measured, findings } = measureOf(piece, across, gauge);
  return {
    plan: {
      across,
      fabric,
      rows: piece.rows,
      gauge,
      putUp: { massG: grams(yarn.putUp.massG), lengthM: metres(yarn.putUp.lengthM) },
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

/** What lies across the piece where that needs no reading; null where it does. */
export const layUnread = (project: Project, known?: KnownFabrics): Laid | null => {
  const [piece] = project.pieces;
  return piece ? layRopes(piece, aspectOf(project), known) : null;
};

/**
 * The forecast of a project, or what it still needs. `laid` is what lies across its piece, as `layPiece`
 * gives it; null while that is being read.
 */
export function forecastProject(project: Project, laid: Laid | null = layUnread(project)): ProjectForecast {
  const missing = missingFields(project);
  const basis = laid?.ok ? basisOf(project, laid) : null;
  if (!basis || missing.length > 0)
    return { known: false, missing, problem: laid && !laid.ok ? laid.message : null };
  return { known: true, forecast: forecastPiece(basis.plan, basis.sources, project.certainty), ...basis };
}
