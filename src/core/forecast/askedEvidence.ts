/**
 * What a pattern asks for, as evidence beside its rows. Designer and knitter differ in their hands, so a requirement
 * tells little of the one by the other; but the rows are the same for both, and so is what the model is off of a loop
 * and of a crossing. That it sharpens.
 */
import { marginal } from "../belief/prior";
import type { Belief } from "../belief/belief";
import { deviationsOf, readerOf } from "../belief/unknowns";
import { update } from "../belief/update";
import { askedNeed, gaugeAsked, shareOfModel } from "../estimate/asked";
import { NOTHING_OFF } from "../estimate/unknowns";
import { yarnNeeds } from "../estimate/yarnNeed";
import type { ProjectPlan } from "../estimate/wholeProject";
import type { Project } from "../project/project";
import { hasAsked } from "../project/sectionKinds";
import { millimetres } from "../units/brands";

/** Further apart than so many deviations it is asked about, and not taken in. */
export const AMISS = 3;

const { hypot, log } = Math;

/**
 * A belief with what the pattern asks for taken in; the same belief where it asks for nothing, says it of several yarns,
 * or is too far off what the rows need. Never less sure than before.
 */
export function withAsked(project: Project, belief: Belief, plan: ProjectPlan): Belief {
  const need = hasAsked(project) ? null : askedNeed(project.asks);
  if (!need) return belief;
  // No designer counts a swatch in.
  const [yarnNeed, another] = [...yarnNeeds({ ...plan, swatchMm: millimetres(0) }).values()];
  if (!yarnNeed || another) return belief;
  const designed = gaugeAsked(project.asks, belief.basis.gauge);
  const width = log(plan.gauge.stitchesPer10Cm / designed.stitchesPer10Cm);
  const height = log(plan.gauge.rowsPer10Cm / designed.rowsPer10Cm);
  const { share, restSd } = shareOfModel(marginal(belief.prior, "loop").sd);
  const read = readerOf(belief.axes);
  const observation = {
    found: log(need.middleM * 1000),
    sd: hypot(need.sd, restSd),
    predict: (x: Float64Array) => {
      const { loop, give } = read(x);
      return log(yarnNeed.at({ ...NOTHING_OFF, width, height, loop: share * loop, give }));
    },
  };
  const { mean, covariance, residuals } = update(belief, [observation]);
  if (Math.abs(residuals[0]?.sds ?? Infinity) > AMISS) return belief;
  return { ...belief, mean, covariance, likely: deviationsOf(belief.axes, mean) };
}
