/** From a project to its forecast; or what is still missing for one. */
import { ofProject } from "../belief/axes";
import { believe, isGaugeMeasured, isPatternWeighed, type Belief } from "../belief/believe";
import { marginal } from "../belief/prior";
import { putUpId } from "../belief/axes";
import { JOINS } from "../estimate/balls";
import { planExtras } from "../estimate/extras";
import type { PiecePlan } from "../estimate/piece";
import { planPiece, type PieceFinding, type PlannedPiece } from "../estimate/planPiece";
import { planSeams, type FinishingFinding } from "../estimate/seams";
import {
  estimateProject,
  type PlannedYarn,
  type ProjectEstimate,
  type ProjectPlan,
} from "../estimate/wholeProject";
import type { KnownFabrics } from "../fabric/relax";
import type { Project } from "../files/project";
import {
  fabricBasis,
  keyOfSection,
  layUnread as laySection,
  needsLaying,
  needsReading,
  type Laid,
  type LaidSections,
} from "../garment/lay";
import { aspectOf, needleAt, projectGauge, type GaugeSources, type Source } from "../garment/projectGauge";
import { piecesAndSwatches } from "../garment/swatchPiece";
import type { WorkedPiece } from "../garment/work/workPiece";
import { grams, metres, millimetres } from "../units/brands";
import type { Unknowns } from "../estimate/unknowns";
import { draw, forecastYarns, type YarnForecast } from "./forecast";

export type MissingField = "putUp" | "rows";

/** Something of a piece that cannot be so, lacks, or should be thought of. */
export interface Finding extends PieceFinding {
  readonly pieceId: string;
}

interface Basis {
  readonly plan: ProjectPlan;
  readonly belief: Belief;
  /** Whether a swatch of the pattern was weighed; a plain one where nothing is cabled. */
  readonly weighed: boolean;
  readonly sources: Pick<GaugeSources, "width" | "height"> & { readonly needle: Source };
  /** All pieces as they were worked, those without a row too. */
  readonly worked: ReadonlyMap<string, WorkedPiece>;
  readonly findings: readonly Finding[];
  /** Seams and extras that cannot be reckoned, or should be thought of. */
  readonly finishing: readonly FinishingFinding[];
}

export interface KnownForecast extends Basis {
  readonly known: true;
  readonly estimate: ProjectEstimate;
  /** Of each yarn that is used, the first yarn first. */
  readonly yarns: readonly [YarnForecast, ...YarnForecast[]];
}

/** Fields that an answer still needs, or what is wrong with the sections; neither while they are being read. */
interface UnknownForecast {
  readonly known: false;
  readonly missing: readonly MissingField[];
  readonly findings: readonly Finding[];
}

export type ProjectForecast = KnownForecast | UnknownForecast;

/** What was laid before, by what it hangs on: whoever lays a project again and again keeps one. */
export type KnownLaid = Map<string, Laid>;

/** More than this is not kept. */
const MOST_LAID = 300;

/** What lies across the sections of a project where that needs no reading. */
export function layUnread(project: Project, known?: KnownFabrics, kept: KnownLaid = new Map()): LaidSections {
  const aspect = aspectOf(project);
  if (kept.size > MOST_LAID) kept.clear();
  const all = new Map<string, Laid>();
  for (const piece of piecesAndSwatches(project))
    for (const section of piece.sections) {
      if (!needsLaying(section) || needsReading(section)) continue;
      const basis = fabricBasis(project, piece, section, aspect);
      const laid = kept.get(basis) ?? laySection(piece, section, aspect, known);
      if (!laid) continue;
      kept.set(basis, laid);
      all.set(keyOfSection(piece, section), laid);
    }
  return all;
}

const unknown = (missing: readonly MissingField[], findings: readonly Finding[] = []): UnknownForecast => ({
  known: false,
  missing,
  findings,
});

/** Standard deviation in ln of a ball's length: of one lot against its band; of what such a yarn usually holds. */
const PUT_UP_SD = { band: 0.02, usual: 0.12 } as const;

/** Yarns with their put-ups; one of which nothing is known is taken to be wound as the first. */
function yarnsOf(project: Project): readonly PlannedYarn[] | null {
  const first = project.yarns[0]?.putUp;
  if (!first) return null;
  return project.yarns.map(({ id, putUp, putUpFrom }) => {
    const { massG, lengthM, noMass } = putUp ?? first;
    return {
      id,
      putUp: { massG: grams(massG), lengthM: metres(lengthM), ...(noMass && { noMass }) },
      putUpSd: PUT_UP_SD[putUp ? putUpFrom : "usual"],
      joinMm: JOINS[project.join].mm,
    };
  });
}

const isReading = (project: Project, laid: LaidSections) =>
  piecesAndSwatches(project).some((piece) =>
    piece.sections.some((section) => needsLaying(section) && !laid.has(keyOfSection(piece, section))),
  );

/** Whether any section says over how many rows it goes. */
const hasRows = ({ pieces }: Project) =>
  pieces.some(
    ({ leftOut, sections }) =>
      !leftOut &&
      sections.some(
        (section) =>
          section.kind === "hem" ||
          (section.kind === "written" && section.text.trim() !== "") ||
          (section.kind === "fabric" &&
            (section.by === "repeats" || (section.by === "rows" ? section.rows : section.lengthMm) !== null)),
      ),
  );

/** The lengths that the lots are believed to hold, in place of what the bands say. */
const believedPutUps = (yarns: readonly PlannedYarn[], belief: Belief): readonly PlannedYarn[] =>
  yarns.map(({ id, putUp, ...rest }) => {
    const { mean } = marginal(belief, putUpId(id));
    return { ...rest, id, putUp: { ...putUp, lengthM: metres(putUp.lengthM * Math.exp(mean)) } };
  });

/** What is off of a project that is planned at the believed gauge and draw-in: neither of these. */
const likelyOf = ({ likely }: Belief): Unknowns => {
  const { loop, give, tail, castOff, extras } = ofProject(likely);
  return { width: 0, height: 0, drawWidth: 0, drawHeight: 0, loop, give, tail, castOff, extras };
};

/** Everything that the estimate stands on, each with its source; or why there is none. */
function basisOf(project: Project, laid: LaidSections): Basis | UnknownForecast {
  const yarns = yarnsOf(project);
  const gauged = projectGauge(project);
  const missing: readonly MissingField[] = [
    ...(yarns ? [] : ["putUp" as const]),
    ...(hasRows(project) ? [] : ["rows" as const]),
  ];
  if (missing.length > 0 || !yarns || !gauged) return unknown(missing);
  if (isReading(project, laid)) return unknown([]);
  const { sources } = gauged;
  const needleMm = needleAt(project, gauged.gauge);
  const { without } = project;
  const belief = believe(project, { gauged, yarns, needleMm, laid });
  const { gauge, likely } = belief;
  const pull = { width: Math.exp(likely.drawWidth), height: Math.exp(likely.drawHeight) };
  const drawInSd = marginal(belief, "drawWidth").sd;
  const each = project.pieces
    .filter(({ leftOut }) => !leftOut)
    .map((piece) => ({
      piece,
      planned: planPiece(project, piece, { gauge, needleMm, laid, without, pull, drawInSd }),
    }));
  const findings = each.flatMap(({ piece, planned }) =>
    planned.findings.map((finding) => ({ ...finding, pieceId: piece.id })),
  );
  const pieces = each.flatMap(({ planned }): readonly PiecePlan[] => (planned.plan ? [planned.plan] : []));
  if (pieces.length === 0) return unknown([], findings);
  const sewn = planSeams(project, { gauge, pieces });
  const added = planExtras(project, yarns);
  return {
    plan: {
      gauge,
      likely: likelyOf(belief),
      needleMm,
      yarns: believedPutUps(yarns, belief),
      swatchMm: millimetres(without.includes("swatch") ? 0 : (project.swatchMm ?? 0)),
      seams: without.includes("seams") ? [] : sewn.seams,
      extras: without.includes("extras") ? [] : added.extras,
      pieces,
    },
    belief,
    weighed: isPatternWeighed(belief),
    sources: {
      width: isGaugeMeasured(belief, "Width") ? "measured" : sources.width,
      height: isGaugeMeasured(belief, "Height") ? "measured" : sources.height,
      needle: project.needleMm === null ? "assumed" : "measured",
    },
    worked: new Map(
      each.map(({ piece, planned }: { piece: { id: string }; planned: PlannedPiece }) => [
        piece.id,
        planned.worked,
      ]),
    ),
    findings,
    finishing: [...sewn.findings, ...added.findings],
  };
}

/** What a project most likely takes, with no chances drawn; null without an answer. */
export function reckonProject(project: Project, laid: LaidSections) {
  const basis = basisOf(project, laid);
  return "plan" in basis ? { ...basis, estimate: estimateProject(basis.plan) } : null;
}

/**
 * The forecast of a project, or what it still needs. `laid` is what lies across its sections, as `layProject`
 * gives it. What cannot be worked is left out and told of, as long as there is something that can.
 */
export function forecastProject(project: Project, laid: LaidSections = layUnread(project)): ProjectForecast {
  const basis = basisOf(project, laid);
  if (!("plan" in basis)) return basis;
  const estimate = estimateProject(basis.plan);
  const drawn = draw(basis.belief);
  const [first, ...others] = forecastYarns(basis.plan, estimate, drawn, project);
  if (!first) return unknown([], basis.findings);
  return { known: true, estimate, yarns: [first, ...others], ...basis };
}
