/** From a project to its forecast; or what is still missing for one. */
import type { PiecePlan } from "../estimate/piece";
import type { PlannedPiece, ProjectPlan } from "../estimate/wholeProject";
import type { ProjectPiece, Project } from "../files/project";
import { plainStitch, type Gauge } from "../fabric/plainStitch";
import type { KnownFabrics } from "../fabric/relax";
import { layRopes, type Laid } from "../garment/lay";
import { cabledStitches, type Across } from "../panels/across";
import { grams, metres, millimetres } from "../units/brands";
import { usualNeedle } from "../yarn/thickness";
import type { GaugeSources, Source } from "./doubt";
import { forecastPlan, type Forecast } from "./forecast";
import { aspectOf, projectGauge } from "./projectGauge";

/** Twenty cast-on stitches in a middling yarn, where nobody measured. */
const ASSUMED_TWENTY_MM = 400;

/** What a measured panel keeps of its plain width: outside this, something was mistyped. */
const LEAST_KEPT = 0.3;
const MOST_KEPT = 1.2;

export type MissingField = "putUp" | "rows";

/** Something of a piece that cannot be so, or lacks; it is left out of the reckoning until it is mended. */
export interface Finding {
  readonly pieceId: string;
  readonly field: "measuredWidth" | "rows" | "across";
  readonly message: string;
}

interface Basis {
  readonly plan: ProjectPlan;
  readonly sources: GaugeSources & { readonly needle: Source };
  readonly findings: readonly Finding[];
}

export interface KnownForecast extends Basis {
  readonly known: true;
  readonly forecast: Forecast;
}

/** Fields that an answer still needs, or what is wrong with the panels; neither while they are being read. */
interface UnknownForecast {
  readonly known: false;
  readonly missing: readonly MissingField[];
  readonly findings: readonly Finding[];
}

export type ProjectForecast = KnownForecast | UnknownForecast;

type Measure = { readonly measured: PiecePlan["measured"]; readonly findings: readonly Finding[] };

/** The measured width, if it can be so; without a count of stitches it spans the whole cabled part. */
function measureOf({ id, measured }: ProjectPiece, across: Across, gauge: Gauge): Measure {
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
  return { measured: null, findings: [{ pieceId: id, field: "measuredWidth", message }] };
}

interface PlannedOne {
  readonly planned: PlannedPiece | null;
  readonly findings: readonly Finding[];
}

/** One piece as it is to be reckoned; or what keeps it out of the reckoning. */
function planPiece(piece: ProjectPiece, laid: Laid, shared: Omit<ProjectPlan, "pieces">): PlannedOne {
  const { id, name, rows, times, tail, castOn, castOff, seams } = piece;
  const leftOut = (field: Finding["field"], message: string): PlannedOne => ({
    planned: null,
    findings: [{ pieceId: id, field, message }],
  });
  if (!laid.ok) return leftOut("across", laid.message);
  if (rows === null) return leftOut("rows", `${name || "A piece"} has no rows yet: it is not in the answer.`);
  const { measured, findings } = measureOf(piece, laid.across, shared.gauge);
  const twentyMm = millimetres(tail.twentyMm ?? ASSUMED_TWENTY_MM);
  const { across, fabric } = laid;
  const edges = { castOn, castOff, seams, tail: { school: tail.school, twentyMm } };
  const plan = { ...shared, across, fabric, rows, measured, ...edges };
  return { planned: { id, times, plan }, findings };
}

/** What lies across each piece, in the order of the pieces; null for one that is still being read. */
export type LaidPieces = readonly (Laid | null)[];

/** What lies across the pieces where that needs no reading; null where it does. */
export const layUnread = (project: Project, known?: KnownFabrics): LaidPieces =>
  project.pieces.map((piece) => layRopes(piece, aspectOf(project), known));

const unknown = (missing: readonly MissingField[], findings: readonly Finding[] = []): UnknownForecast => ({
  known: false,
  missing,
  findings,
});

/** Everything that the estimate stands on, each with its source; or why there is none. */
function basisOf(project: Project, laid: LaidPieces): Basis | UnknownForecast {
  const { yarns, pieces } = project;
  const putUp = yarns[0]?.putUp;
  const gauged = projectGauge(project);
  const missing: readonly MissingField[] = [
    ...(putUp ? [] : ["putUp" as const]),
    ...(pieces.some(({ rows }) => rows !== null) ? [] : ["rows" as const]),
  ];
  if (missing.length > 0 || !putUp || !gauged) return unknown(missing);
  if (pieces.some((_, index) => !laid[index])) return unknown([]);
  const { gauge, sources } = gauged;
  const shared = {
    gauge,
    putUp: { massG: grams(putUp.massG), lengthM: metres(putUp.lengthM) },
    swatchMm: millimetres(project.swatchMm ?? 0),
    extrasMm: millimetres((project.extrasM ?? 0) * 1000),
    needleMm:
      project.needleMm === null ? usualNeedle(plainStitch(gauge).widthMm) : millimetres(project.needleMm),
  };
  const each = pieces.flatMap((piece, index) => {
    const lying = laid[index];
    return lying ? [planPiece(piece, lying, shared)] : [];
  });
  const findings = each.flatMap((one) => one.findings);
  const planned = each.flatMap((one) => one.planned ?? []);
  if (planned.length === 0) return unknown([], findings);
  return {
    plan: { ...shared, pieces: planned },
    sources: { ...sources, needle: project.needleMm === null ? "assumed" : "measured" },
    findings,
  };
}

/**
 * The forecast of a project, or what it still needs. `laid` is what lies across its pieces, as `layProject`
 * gives it. A piece that lacks something is left out and told of, as long as another has all it needs.
 */
export function forecastProject(project: Project, laid: LaidPieces = layUnread(project)): ProjectForecast {
  const basis = basisOf(project, laid);
  if (!("plan" in basis)) return basis;
  return { known: true, forecast: forecastPlan(basis.plan, basis.sources, project.certainty), ...basis };
}
