/** The two sides of a divided piece: cutting the needle in two, and bringing the sides together again. */
import type { ProjectSection, SectionKind, SectionOf } from "../../project/sections";
import { facesOfRow, joined } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import {
  columnsFrom,
  widthOn,
  workedOn,
  type Needle,
  type Side,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "./workState";

/** Sections that may begin with nothing on the needle; they begin a strip. */
export const FROM_NOTHING: readonly SectionKind[] = ["castOn", "pickUp"];

/** How many sections each side has, and the join behind them; another strip ends the sides too. */
export function endOfSides(rest: readonly ProjectSection[]): {
  sides: number;
  join: SectionOf<"join"> | null;
} {
  const end = rest.findIndex(({ kind }) => kind === "join" || FROM_NOTHING.includes(kind));
  const found = rest[end];
  return { sides: end < 0 ? rest.length : end, join: found?.kind === "join" ? found : null };
}

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

/** Cuts the needle in two; the middle is cast off in one row, or left on hold. */
export function halves(divide: SectionOf<"divide">, state: WorkState, scale: number) {
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

interface Sides {
  readonly first: WorkState;
  readonly second: WorkState;
  /** As it was before it was divided. */
  readonly whole: WorkState;
}

/** One row over the first side, stitches cast on between, and the second side. */
export function joinSides(join: SectionOf<"join">, { first, second, whole }: Sides, plan: WorkPlan) {
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
