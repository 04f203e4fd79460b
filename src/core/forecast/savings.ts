/** What leaving a part out of the work would save: the project with it against the project without it. */
import { LEAVABLE, type Leavable, type Project } from "../project/project";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { Steps } from "../steps";
import { calculateProject } from "./projectForecast";

/**
 * Yarn in mm that each part takes, of all yarns; of a part that is left out, what that saves. Empty without an
 * answer. Example: a project whose one bobble takes 20 cm more than a knit stitch saves 20 cm without bobbles.
 */
export function* savingsOf(project: Project, laid: SectionLayouts): Steps<ReadonlyMap<Leavable, number>> {
  const own = calculateProject(project, laid);
  if (!own) return new Map();
  const needs = (without: readonly Leavable[]) =>
    calculateProject({ ...project, without: [...without] }, laid, own.reads)?.estimate.totalMm ?? null;
  const asItIs = own.estimate.totalMm;
  const savings = new Map<Leavable, number>();
  for (const [index, part] of LEAVABLE.entries()) {
    yield { share: index / LEAVABLE.length };
    const others = project.without.filter((one) => one !== part);
    const isOut = project.without.includes(part);
    const other = needs(isOut ? others : [...others, part]);
    const [withIt, withoutIt] = isOut ? [other, asItIs] : [asItIs, other];
    if (withIt !== null && withoutIt !== null) savings.set(part, withIt - withoutIt);
  }
  return savings;
}
