/** What comes above a section: cast-ons and changes of count fit it. */
import { isFabric } from "../../project/sectionKinds";
import type { FabricSection, ProjectSection } from "../../project/sections";
import { groundBalance } from "../../panels/grounds";
import { type WorkPlan } from "../work/workState";

const isGround = (section: ProjectSection): section is FabricSection =>
  isFabric(section) && section.content === "ground";

/** The next panels above, which know how many stitches they take; null where there are none. */
export function panelsAhead(section: ProjectSection, plan: WorkPlan) {
  for (const one of plan.after(section)) {
    const content = plan.contentOf(one);
    if (!("message" in content) && content.stitches !== null)
      return { section: one, stitches: content.stitches, kept: content.kept.all };
  }
  return null;
}

/** Stitches of a rib that lies as wide as the panels above it, in whole repeats of the rib. */
export function belowPanels(
  section: ProjectSection,
  plan: WorkPlan,
  panels: NonNullable<ReturnType<typeof panelsAhead>>,
): number {
  const before = plan.after(section);
  const rib = before.find(isGround);
  const scale = plan.scaleOf(panels.section) / plan.scaleOf(rib ?? section);
  const wanted = Math.min(panels.stitches, panels.stitches * panels.kept * scale);
  if (!rib) return Math.max(1, Math.round(wanted));
  const content = plan.contentOf(rib);
  const multiple = "message" in content ? 1 : content.multiple;
  const balance = plan.piece.round ? 0 : groundBalance(rib.ground);
  return Math.max(1, Math.round((wanted - balance) / multiple)) * multiple + balance;
}
