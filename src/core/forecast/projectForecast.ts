/** From a project to its forecast; or what is still missing for one. */
import { ofProject } from "../belief/unknowns";
import type { Belief } from "../belief/belief";
import { believe, isGaugeMeasured, isPatternWeighed } from "../belief/believe";
import type { KnitRead } from "../belief/knitModel";
import { marginal } from "../belief/prior";
import { putUpId } from "../belief/unknowns";
import { JOINS } from "../estimate/balls";
import type { PieceFinding } from "../estimate/pieceFindings";
import type { FinishingFinding } from "../estimate/seams";
import {
  estimateProject,
  type PlannedYarn,
  type ProjectEstimate,
  type ProjectPlan,
} from "../estimate/wholeProject";
import type { Project } from "../project/project";
import { keyOfSection, type SectionLayouts } from "../garment/sectionLayout";
import { needsLaying } from "../garment/layout";
import { layProject } from "../garment/panelLayout";
import { needleAt, projectGauge, type GaugeSources, type Source } from "../garment/projectGauge";
import { piecesAndSwatches } from "../garment/swatchPiece";
import type { WorkedPiece } from "../garment/work/workPiece";
import { grams, metres } from "../units/brands";
import type { Unknowns } from "../estimate/unknowns";
import { toEnd, type Steps } from "../steps";
import { withAsked } from "./askedEvidence";
import { besideOf, planned, plansOf, readOff } from "./planning";
import { draw, forecastYarns, type YarnForecast } from "./forecast";
import { recordOf } from "../garment/kinds/kinds";

export type MissingField = "putUp" | "rows";

/** Something of a piece that cannot be so, lacks, or should be thought of. */
export interface Finding extends PieceFinding {
  readonly pieceId: string;
}

interface ForecastBasis {
  readonly plan: ProjectPlan;
  readonly belief: Belief;
  /** What was read off while knitting, of the pieces as they are: evidence for other ways to work them too. */
  readonly reads: readonly KnitRead[];
  /** Whether yarn of the pattern was weighed: worked up, or as a swatch; a plain one where nothing is cabled. */
  readonly weighed: boolean;
  readonly sources: Pick<GaugeSources, "width" | "height"> & { readonly needle: Source };
  /** All pieces as they were worked, those without a row too. */
  readonly worked: ReadonlyMap<string, WorkedPiece>;
  readonly findings: readonly Finding[];
  /** Seams and extras that cannot be calculated, or should be thought of. */
  readonly finishing: readonly FinishingFinding[];
}

export interface KnownForecast extends ForecastBasis {
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

const isReading = (project: Project, laid: SectionLayouts) =>
  piecesAndSwatches(project).some((piece) =>
    piece.sections.some((section) => needsLaying(section) && !laid.has(keyOfSection(piece, section))),
  );

/** Whether any section says over how many rows it goes. */
const hasRows = ({ pieces }: Project) =>
  pieces.some(
    ({ leftOut, sections }) => !leftOut && sections.some((section) => recordOf(section).hasRows?.(section)),
  );

/** The lengths that the lots are believed to hold, in place of what the bands say. */
const believedPutUps = (yarns: readonly PlannedYarn[], belief: Belief): readonly PlannedYarn[] =>
  yarns.map(({ id, putUp, ...rest }) => {
    const { mean } = marginal(belief, putUpId(id));
    return { ...rest, id, putUp: { ...putUp, lengthM: metres(putUp.lengthM * Math.exp(mean)) } };
  });

/** What is off of a project that is planned at the believed gauge and draw-in: neither of these. */
const likelyOf = ({ likely }: Belief): Unknowns => {
  const { loop, give, tail, castOff, extras, amount } = ofProject(likely);
  return { width: 0, height: 0, drawWidth: 0, drawHeight: 0, loop, give, tail, castOff, extras, amount };
};

/** Everything that the estimate stands on, each with its source, in steps; or why there is none. */
function* basisOf(
  project: Project,
  laid: SectionLayouts,
  given: readonly KnitRead[] | undefined,
): Steps<ForecastBasis | UnknownForecast> {
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
  const believing = { gauged, yarns, needleMm, laid };
  const swatched = believe(project, believing);
  const reads = given ?? (yield* readOff(project, swatched, { needleMm, laid }, yarns));
  const belief = reads.length > 0 ? believe(project, { ...believing, reads }) : swatched;
  const each = yield* planned(project, belief, { needleMm, laid });
  const { gauge } = belief;
  const findings = each.flatMap(({ piece, planned }) =>
    planned.findings.map((finding) => ({ ...finding, pieceId: piece.id })),
  );
  const pieces = plansOf(each);
  if (pieces.length === 0) return unknown([], findings);
  const { beside, findings: finishing } = besideOf(project, { gauge, pieces, yarns });
  const plan = {
    gauge,
    likely: likelyOf(belief),
    needleMm,
    yarns: believedPutUps(yarns, belief),
    ...beside,
    pieces,
  };
  const told = withAsked(project, belief, plan);
  return {
    plan: { ...plan, likely: likelyOf(told) },
    belief: told,
    reads,
    weighed: isPatternWeighed(belief),
    sources: {
      width: isGaugeMeasured(belief, "Width") ? "measured" : sources.width,
      height: isGaugeMeasured(belief, "Height") ? "measured" : sources.height,
      needle: project.needleMm === null ? "assumed" : "measured",
    },
    worked: new Map(each.map(({ piece, planned }) => [piece.id, planned.worked])),
    findings,
    finishing,
  };
}

/** What has been calculated of a project, on what lies across it. */
interface Known {
  readonly laid: SectionLayouts;
  basis?: ForecastBasis | UnknownForecast;
  estimate?: ProjectEstimate;
  answer?: ProjectForecast;
}

/**
 * A project is never changed in place: a change makes another one. So all that is asked about one is answered from
 * what was calculated of it first, and forgotten with it.
 */
const knownOf = new WeakMap<Project, Known>();

function known(project: Project, laid: SectionLayouts): Known {
  const before = knownOf.get(project);
  if (before?.laid === laid) return before;
  const fresh: Known = { laid };
  knownOf.set(project, fresh);
  return fresh;
}

/** A project whose figures are those of another one takes over what is known of that. */
export function takeOver(project: Project, from: Project) {
  const before = knownOf.get(from);
  if (before) knownOf.set(project, before);
}

function* estimating(project: Project, laid: SectionLayouts, reads: readonly KnitRead[] | undefined) {
  const kept = known(project, laid);
  const basis = (kept.basis ??= yield* basisOf(project, laid, reads));
  if (!("plan" in basis)) return basis;
  kept.estimate ??= estimateProject(basis.plan);
  return { ...basis, estimate: kept.estimate };
}

/**
 * What a project most likely takes, with no chances drawn; null without an answer. Another way to work one that is
 * on the needles is told what was read off of that: `reads` of its answer.
 */
export function calculateProject(project: Project, laid: SectionLayouts, reads?: readonly KnitRead[]) {
  const calculated = toEnd(estimating(project, laid, reads));
  return "plan" in calculated ? calculated : null;
}

/**
 * The forecast of a project, or what it still needs. `laid` is what lies across its sections, as `layProject`
 * gives it, `reads` as of `calculateProject`. What cannot be worked is left out and told of, as long as there is
 * something that can.
 */
export const forecastProject = (
  project: Project,
  laid: SectionLayouts = layProject(project),
  reads?: readonly KnitRead[],
): ProjectForecast => toEnd(forecasting(project, laid, reads));

/** The same in steps. Asked again with the same project and the same `laid`, it answers at once. */
export function* forecasting(
  project: Project,
  laid: SectionLayouts,
  reads?: readonly KnitRead[],
): Steps<ProjectForecast> {
  const kept = known(project, laid);
  if (kept.answer) return kept.answer;
  const calculated = yield* estimating(project, laid, reads);
  if (!("plan" in calculated)) return calculated;
  const { plan, belief, estimate } = calculated;
  yield { share: 0.6 };
  const drawn = draw(belief);
  yield { share: 0.7 };
  const [first, ...others] = forecastYarns(plan, estimate, drawn, project);
  kept.answer = first
    ? { known: true, yarns: [first, ...others], ...calculated }
    : unknown([], calculated.findings);
  return kept.answer;
}
