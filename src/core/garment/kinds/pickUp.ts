/** Stitches picked up along an edge, and what is on hold taken up with them. */
import { say } from "../../words/message";
import { type SectionOf } from "../../project/sections";
import {
  centred,
  columnsFrom,
  EMPTY,
  workedOn,
  type Worked,
  type WorkState,
  type WorkPlan,
} from "../work/workState";
import { leftOn, works } from "./onNeedle";
import { lengthOf } from "./grading";
import { countFor } from "./gradeFabric";
import type { SectionRecord } from "./kind";

function work(section: SectionOf<"pickUp">, state: WorkState, plan: WorkPlan): Worked {
  const scale = plan.scaleOf(section);
  const along = section.alongMm === null ? 0 : Math.round(section.alongMm / (plan.stitchMm * scale));
  const picked = section.stitches ?? along;
  const stitches = picked + (section.held ? state.held : 0);
  if (stitches === 0)
    return {
      problem: section.held ? say("nothingHeldOrPickedUp") : say("nothingPickedUp"),
    };
  const needle = centred(EMPTY, columnsFrom(0, stitches), null, scale);
  const row = [...works("pickUp", picked), ...works("knit", stitches - picked)];
  const left = leftOn(state);
  return {
    state: {
      needle,
      held: section.held ? 0 : state.held,
      round: section.round,
      side: "whole",
      strip: state.strip + 1,
      worked: 1,
    },
    rows: [workedOn(row, needle, scale)],
    edges: [{ kind: "end" }],
    ...(left && { hint: left }),
  };
}

export const pickUp: SectionRecord<"pickUp"> = {
  work,
  beginsStrip: true,
  tells: ({ held }, { to }) => say(held ? "takeFromHold" : "pickUpSo", { stitches: to }),
  grade: (section, context) => ({
    ...section,
    stitches: section.stitches === null ? null : countFor(section, section.stitches, section.round, context),
    alongMm: lengthOf(section.alongMm, context.by.across),
  }),
};
