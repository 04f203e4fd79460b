/** The two sides of a divided piece joined again, stitches cast on between them. */
import { say } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import { joined } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import {
  columnsFrom,
  widthOn,
  workedOn,
  type Needle,
  type WorkState,
  type WorkPlan,
} from "../work/workState";
import { within } from "./grading";
import type { SectionRecord, TwoSides } from "./kind";

/** Columns of two sides with so many between them, as near to the panels' own as there is room for. */
function between(right: readonly number[], left: readonly number[], count: number): readonly number[] {
  const [last, next] = [right.at(-1) ?? -1, left[0] ?? (right.at(-1) ?? -1) + count + 1];
  const room = Math.max(0, next - last - 1);
  const inside = columnsFrom(
    last + 1 + Math.floor((room - Math.min(room, count)) / 2),
    Math.min(room, count),
  );
  const more = count - inside.length;
  const end = (left.at(-1) ?? inside.at(-1) ?? last) + 1;
  return [...right, ...inside, ...left, ...columnsFrom(end, more)];
}

/** One row over the first side, stitches cast on between, and the second side. */
function joinSides(join: SectionOf<"join">, { first, second, whole }: TwoSides, plan: WorkPlan) {
  const scale = plan.scaleOf(join);
  // What goes on is what the first side is worked in; where that has nothing, the second's.
  const lead = first.needle.content ? first : second;
  const { content, row: at } = lead.needle;
  const [right, left] = [first.needle.columns, second.needle.columns];
  const count = right.length + join.castOn + left.length;
  const width = widthOn(right, content, scale) + join.castOn * scale + widthOn(left, content, scale);
  const middle = (whole.needle.right + whole.needle.left) / 2;
  // Sides that began panels of their own stand in columns of the same numbers: together they are counted anew.
  const apart = (right.at(-1) ?? -Infinity) < (left[0] ?? Infinity);
  const columns =
    content?.stitches === null || !apart ? columnsFrom(0, count) : between(right, left, join.castOn);
  const reserved = new Map(
    columns.slice(right.length, right.length + join.castOn).map((column) => [column, operationOf("castOn")]),
  );
  const needle: Needle = {
    columns,
    content,
    row: at + 1,
    right: middle - width / 2,
    left: middle + width / 2,
  };
  const height = scale * (content?.heightFactor ?? 1);
  const row = content
    ? content.rowOn(at, columns, reserved)
    : joined([
        { operation: operationOf("knit"), times: right.length },
        { operation: operationOf("castOn"), times: join.castOn },
        { operation: operationOf("knit"), times: left.length },
      ]);
  const state: WorkState = {
    needle,
    held: second.held,
    round: plan.piece.round,
    side: "whole",
    strip: whole.strip,
    worked: lead.worked + 1,
  };
  return { state, rows: count > 0 ? [workedOn(row, needle, height)] : [] };
}

export const join: SectionRecord<"join"> = {
  join: joinSides,
  tells: ({ castOn }) => say("joinTwoSides", { stitches: castOn }),
  grade: (section, { by }) => ({ ...section, castOn: within(section.castOn * by.across, COUNTS.centre) }),
};
