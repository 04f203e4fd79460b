/** Short rows: they turn before the end. */
import { say } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import {
  after,
  centred,
  stitchesOn,
  workedOn,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "../work/workState";
import { edgesAt, plainRow, works } from "./onNeedle";
import { within } from "./grading";
import type { SectionRecord } from "./kind";

/** Rows that turn before the end, each further from it; then two rows over all. */
function work(section: SectionOf<"shortRows">, state: WorkState, plan: WorkPlan): Worked {
  const { turns, step } = section;
  const at = edgesAt(section.at, state.side);
  const scale = plan.scaleOf(section);
  const have = stitchesOn(state.needle);
  const resting = turns * step * (Number(at.right) + Number(at.left));
  if (resting >= have)
    return {
      problem: say("turnsTooMany", { turns, step, resting, have }),
    };
  const height = scale * (state.needle.content?.heightFactor ?? 1);
  const rows: WorkedRow[] = [];
  let needle = centred(state.needle, state.needle.columns, state.needle.content, scale);
  const work = (right: number, left: number) => {
    const inner = { ...needle, columns: needle.columns.slice(right, have - left) };
    const rest = (count: number, turned: boolean) =>
      turned && count > 0 ? [works("rest", count - 1), works("turn", 1)] : [works("rest", count)];
    const row = [...rest(right, true).flat(), ...plainRow(inner), ...rest(left, true).reverse().flat()];
    const share = inner.columns.length / have;
    rows.push({ ...workedOn(row, needle, height * share), stitches: have });
    needle = { ...needle, row: needle.row + 1 };
  };
  for (let turn = 1; turn <= turns; turn += 1) {
    const [now, before] = [turn * step, (turn - 1) * step];
    if (at.right && at.left) {
      work(before, now);
      work(now, now);
    } else {
      work(at.right ? now : 0, at.left ? now : 0);
      work(at.right ? now : 0, at.left ? now : 0);
    }
  }
  work(0, 0);
  work(0, 0);
  return { state: after(state, needle, rows.length), rows };
}

export const shortRows: SectionRecord<"shortRows"> = {
  work,
  grade: (section, { by }) => ({ ...section, step: within(section.step * by.across, COUNTS.shaped) }),
};
