/** One row to another count of stitches. */
import { say } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import { changeRow } from "../changeCount";
import {
  after,
  columnsFrom,
  stitchesOn,
  workedOn,
  type Worked,
  type WorkState,
  type WorkPlan,
} from "../work/workState";
import { within } from "./grading";
import type { SectionRecord } from "./kind";
import { panelsAhead } from "./ahead";

/** A row to another count; worked plain, since a rib has no place for it. */
function work(section: SectionOf<"change">, state: WorkState, plan: WorkPlan): Worked {
  const to = section.to ?? panelsAhead(section, plan)?.stitches ?? null;
  if (to === null) return { problem: say("sayToHowMany") };
  const row = changeRow(stitchesOn(state.needle), to);
  if (!row.ok) return { problem: row.message };
  const scale = plan.scaleOf(section);
  const { content } = state.needle;
  // A ground goes on over any count; panels would have to be begun anew.
  const goesOn = content?.stitches === null ? content : null;
  // One row between two fabrics lies as wide as the one below it.
  const needle = { ...state.needle, columns: columnsFrom(0, to), content: goesOn, row: state.needle.row + 1 };
  return { state: after(state, needle, 1), rows: [workedOn(row.value, needle, scale)] };
}

export const change: SectionRecord<"change"> = {
  work,
  tells: (_, counts) => say("changeCountTo", counts),
  grade: (section, { by }) =>
    section.to === null ? section : { ...section, to: within(section.to * by.across, COUNTS.stitches) },
};
