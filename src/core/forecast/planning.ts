/** The pieces of a project planned by a belief, with what is sewn and added; and what the log tells of them. */
import type { Belief } from "../belief/belief";
import { knitReads } from "../belief/knitted";
import type { KnitRead } from "../belief/knitModel";
import { marginal } from "../belief/prior";
import { JOINS } from "../estimate/balls";
import { planExtras } from "../estimate/extras";
import type { PiecePlan } from "../estimate/plan";
import { planOnce, type PlanBasis, type PlannedPiece } from "../estimate/planPiece";
import { planSeams, type FinishingFinding } from "../estimate/seams";
import type { PlannedYarn, ProjectPlan } from "../estimate/wholeProject";
import type { Beside } from "../estimate/yarnNeed";
import type { Pull } from "../garment/stitchContent";
import { readingsOf } from "../progress/places";
import type { Project, ProjectPiece } from "../project/project";
import type { Steps } from "../steps";
import { millimetres } from "../units/brands";

/** How far fabrics pull in, as it is believed. */
const pullOf = ({ likely }: Belief): Pull => ({
  width: Math.exp(likely.drawWidth),
  height: Math.exp(likely.drawHeight),
});

type EachPlanned = readonly { readonly piece: ProjectPiece; readonly planned: PlannedPiece }[];

export const plansOf = (each: EachPlanned): readonly PiecePlan[] =>
  each.flatMap(({ planned }) => (planned.plan ? [planned.plan] : []));

/** All pieces that are worked, planned by a belief: half of the work. */
export function* planned(
  project: Project,
  belief: Belief,
  { needleMm, laid }: Pick<PlanBasis, "needleMm" | "laid">,
): Steps<EachPlanned> {
  const { without } = project;
  const drawInSd = marginal(belief, "drawWidth").sd;
  const basis = { gauge: belief.gauge, needleMm, laid, without, pull: pullOf(belief), drawInSd };
  const worked = project.pieces.filter(({ leftOut }) => !leftOut);
  const each: EachPlanned[number][] = [];
  for (const [index, piece] of worked.entries()) {
    yield { share: (0.5 * index) / worked.length };
    each.push({ piece, planned: planOnce(project, piece, basis) });
  }
  return each;
}

/** What is sewn, added and swatched beside the pieces, as far as it is not left out. */
export function besideOf(
  project: Project,
  { gauge, pieces, yarns }: Pick<ProjectPlan, "gauge" | "pieces" | "yarns">,
): { readonly beside: Beside; readonly findings: readonly FinishingFinding[] } {
  const { without } = project;
  const sewn = planSeams(project, { gauge, pieces });
  const added = planExtras(project, yarns);
  return {
    beside: {
      swatchMm: millimetres(without.includes("swatch") ? 0 : (project.swatchMm ?? 0)),
      seams: without.includes("seams") ? [] : sewn.seams,
      extras: without.includes("extras") ? [] : added.extras,
    },
    findings: [...sewn.findings, ...added.findings],
  };
}

/** What was read off while knitting, of the pieces as they are planned by all else. */
export function* readOff(
  project: Project,
  swatched: Belief,
  basis: Pick<PlanBasis, "needleMm" | "laid">,
  yarns: readonly PlannedYarn[],
): Steps<readonly KnitRead[]> {
  if (readingsOf(project.log).length === 0) return [];
  const plans = plansOf(yield* planned(project, swatched, basis));
  const { beside } = besideOf(project, { gauge: swatched.gauge, pieces: plans, yarns });
  return knitReads(project, { plans, pull: pullOf(swatched), beside, joinMm: JOINS[project.join].mm });
}
