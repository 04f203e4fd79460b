/** The needle divided in two: the middle is cast off in one row, or left on hold. */
import { say } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import { facesOfRow, joined } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import { stitchesOn, widthOn, workedOn, type Side, type WorkState, type WorkedRow } from "../work/workState";
import { within } from "./grading";
import type { Halves, SectionRecord } from "./kind";

/** Cuts the needle in two; the middle is cast off in one row, or left on hold. */
function halves(divide: SectionOf<"divide">, state: WorkState, scale: number): Halves {
  const { columns, content, row, right, left } = state.needle;
  const count = Math.floor((columns.length - divide.centre) / 2);
  const firsts = columns.slice(0, columns.length - count - divide.centre);
  const seconds = columns.slice(columns.length - count);
  const castOff = divide.centre > 0 && divide.centreTo === "castOff";
  const all = content
    ? content.rowOn(row, columns)
    : [{ operation: operationOf("knit"), times: columns.length }];
  const works = (part: readonly number[]) =>
    content
      ? content.rowOn(row, part)
      : facesOfRow(all)
          .slice(0, part.length)
          .map((shows) => ({ operation: operationOf(shows), times: 1 }));
  const worked = joined([
    ...works(firsts),
    { operation: operationOf("castOff"), times: divide.centre },
    ...works(seconds),
  ]);
  const height = scale * (content?.heightFactor ?? 1);
  const rows: readonly WorkedRow[] = castOff
    ? [{ ...workedOn(worked, state.needle, height), stitches: firsts.length + seconds.length }]
    : [];
  // Rounds have no wrong side; where they are divided, the first row goes on the side that the fabric has it on.
  const turned = state.round && content?.sided && (state.worked + row) % 2 === 1 ? 1 : 0;
  const half = (part: readonly number[], side: Side, edges: { right: number; left: number }): WorkState => ({
    ...state,
    needle: { columns: part, content, row: row + rows.length, ...edges },
    round: false,
    side,
    held: state.held + (divide.centreTo === "hold" ? divide.centre : 0),
    worked: state.worked + rows.length + turned,
  });
  return {
    rows,
    first: half(firsts, "first", { right, left: right + widthOn(firsts, content, scale) }),
    second: half(seconds, "second", { right: left - widthOn(seconds, content, scale), left }),
  };
}

export const divide: SectionRecord<"divide"> = {
  divide: (section, state, plan) => {
    const have = stitchesOn(state.needle);
    return have - section.centre < 2
      ? {
          problem: say("nothingAtSides", { centre: section.centre, have }),
        }
      : halves(section, state, plan.scaleOf(section));
  },
  tells: ({ centre, centreTo }, { to }) => say("divideInTwo", { centre, goes: centreTo, each: to }),
  grade: (section, { by }) => ({ ...section, centre: within(section.centre * by.across, COUNTS.centre) }),
};
