/** Stitches cast off, or left on hold, at the edges: armholes, shoulders, thumbs. */
import { say } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import {
  after,
  stitchesOn,
  workedOn,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "../work/workState";
import { edgesAt, narrowed, plainRow, works } from "./onNeedle";
import { within } from "./grading";
import type { SectionRecord } from "./kind";

/** Moves stitches of the edges onto a thread; nothing is worked. */
function holdAt(section: SectionOf<"castOffAt">, state: WorkState, scale: number): Worked {
  const { right, left } = edgesAt(section.at, state.side);
  const [atRight, atLeft] = [right ? section.stitches : 0, left ? section.stitches : 0];
  const have = stitchesOn(state.needle);
  const going = atRight + atLeft;
  if (going >= have) return { problem: say("holdTooMany", { going, have }) };
  const needle = narrowed(state.needle, atRight, atLeft, scale);
  return { state: { ...state, needle, held: state.held + going }, rows: [] };
}

/**
 * Casts stitches off at the beginning of a row, and at the beginning of the next where both edges are meant. A
 * row that begins at the other edge is worked plain before it.
 */
function work(section: SectionOf<"castOffAt">, state: WorkState, plan: WorkPlan): Worked {
  const { right, left } = edgesAt(section.at, state.side);
  const scale = plan.scaleOf(section);
  const have = stitchesOn(state.needle);
  if (section.goes === "hold") return holdAt(section, state, scale);
  const going = section.stitches * (Number(right) + Number(left));
  if (going >= have)
    return {
      problem: say("castOffTooMany", { going, have }),
    };
  const rows: WorkedRow[] = [];
  let { needle } = state;
  const height = scale * (needle.content?.heightFactor ?? 1);
  const take = (atRight: number, atLeft: number) => {
    needle = narrowed(needle, atRight, atLeft, scale);
    const rest = plainRow(needle);
    const row = [...works("castOff", atRight), ...rest, ...works("castOff", atLeft)];
    rows.push(workedOn(row, needle, height));
    needle = { ...needle, row: needle.row + 1 };
  };
  // Stitches are cast off where a row begins: at the right on the right side, at the left on the wrong side.
  const beginsLeft = !state.round && state.worked % 2 === 1;
  const takeRight = () => take(right ? section.stitches : 0, 0);
  const takeLeft = () => take(0, left ? section.stitches : 0);
  const order = beginsLeft ? [takeLeft, takeRight] : [takeRight, takeLeft];
  const last = right && left ? 2 : (right ? takeRight : takeLeft) === order[0] ? 1 : 2;
  for (const one of order.slice(0, last)) one();
  return { state: after(state, needle, rows.length), rows };
}

export const castOffAt: SectionRecord<"castOffAt"> = {
  work,
  tells: ({ stitches, at, goes }) =>
    say("castOffAtEdges", { stitches, at, goes: goes === "hold" ? "hold" : "castOff" }),
  grade: (section, { by }) => ({
    ...section,
    stitches: within(section.stitches * by.across, COUNTS.stitches),
  }),
};
