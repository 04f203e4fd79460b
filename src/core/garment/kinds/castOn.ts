/** Cast-on: so many stitches, or as many as what comes above takes. */
import { CAST_ONS } from "../../project/edgeKinds";
import { say } from "../../words/message";
import { isChange } from "../../project/sectionKinds";
import type { SectionOf } from "../../project/sections";
import { centred, columnsFrom, EMPTY, type Worked, type WorkState, type WorkPlan } from "../work/workState";
import { leftOn } from "./onNeedle";
import { countFor } from "./gradeFabric";
import type { SectionRecord } from "./kind";
import { belowPanels, panelsAhead } from "./ahead";

function work(section: SectionOf<"castOn">, state: WorkState, plan: WorkPlan): Worked {
  let stitches = section.stitches;
  if (stitches === null) {
    const panels = panelsAhead(section, plan);
    if (!panels) return { problem: say("sayHowManyToCastOn") };
    const changes = plan.after(section).find(isChange);
    const changesFirst = changes && plan.after(changes).includes(panels.section);
    stitches = changesFirst ? belowPanels(section, plan, panels) : panels.stitches;
  }
  const left = leftOn(state);
  const wrongFirst = section.firstRow === "wrong" && !plan.piece.round;
  const needle = centred(EMPTY, columnsFrom(0, stitches), null, plan.scaleOf(section));
  const edge = {
    kind: "castOn",
    method: section.method,
    stitches,
    width: needle.left - needle.right,
  } as const;
  return {
    state: {
      ...state,
      needle,
      round: plan.piece.round,
      side: "whole",
      strip: state.strip + 1,
      worked: wrongFirst ? 1 : 0,
    },
    rows: [],
    edges: [edge],
    ...(left && { hint: left }),
  };
}

export const castOn: SectionRecord<"castOn"> = {
  work,
  beginsStrip: true,
  tells: ({ method }, { to }) => say("castOnSo", { stitches: to, method: CAST_ONS[method].name }),
  grade: (section, context) =>
    section.stitches === null
      ? section
      : { ...section, stitches: countFor(section, section.stitches, context.piece.round, context) },
};
