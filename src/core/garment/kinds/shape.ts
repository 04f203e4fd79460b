/** Shaping over rows: by rule or to a count, at the edges or evenly, in the pattern. */
import { say, type Message } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import { type SectionOf } from "../../project/sections";
import { NONE_RESERVED } from "../cutRow";
import { sharesOf } from "../spread";
import {
  after,
  centred,
  stitchesOn,
  workedOn,
  type Needle,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "../work/workState";
import { tooManyRows } from "./onNeedle";
import { lengthOf, rowsLike, within } from "./grading";
import type { SectionRecord } from "./kind";
import { changed, changeAt, goingIn, moved, possible } from "./shaping";

/** How many stitches change in each row, without their sign; or why that cannot be. */
function amountsOf(
  section: SectionOf<"shape">,
  state: WorkState,
  rowMm: number,
): readonly number[] | Message {
  const { by, stitches, every, times, to } = section;
  if (by === "rule" && every * times > COUNTS.rows.most) return tooManyRows(every * times);
  if (by === "rule")
    return Array.from({ length: every * times }, (_, row) => (row % every === 0 ? stitches : 0));
  const have = stitchesOn(state.needle);
  if (to === null) return say("sayToCount");
  const total = section.way === "decrease" ? have - to : to - have;
  if (total <= 0) return say("thereAlready", { have, way: section.way });
  const rows =
    section.over === "rows" ? section.rows : section.lengthMm && Math.round(section.lengthMm / rowMm);
  if (rows === null) return say(section.over === "rows" ? "sayOverHowManyRows" : "sayOverHowLong");
  if (rows > COUNTS.rows.most) return tooManyRows(rows);
  if (rows < 1) return say("shapingUnderOneRow", { rowMm });
  const per = section.at === "edges" ? 2 : 1;
  if (section.at === "evenly")
    return section.way === "decrease" ? towards(to, total, rows) : onRightSides(total, rows);
  // Shaping goes on right-side rows as long as there are enough of them.
  const pairs = Math.ceil(total / per);
  const shares = pairs <= Math.ceil(rows / 2) ? onRightSides(pairs, rows) : sharesOf(pairs, rows);
  let left = total;
  return shares.map((share) => {
    const now = Math.min(left, share * per);
    left -= now;
    return now;
  });
}

/** Shares spread over every other row, beginning with the first. */
const onRightSides = (total: number, rows: number) => {
  const shares = sharesOf(total, Math.ceil(rows / 2));
  return Array.from({ length: rows }, (_, row) => (row % 2 === 0 ? (shares[row / 2] ?? 0) : 0));
};

/**
 * Decreases over the rows as evenly as stitches allow: each takes one and leaves one, so that no row can take
 * more than half. Every other row where that is enough, else every row.
 */
function towards(to: number, total: number, rows: number): readonly number[] {
  for (const step of [2, 1]) {
    const amounts = new Array<number>(rows).fill(0);
    let [left, stitches] = [total, to];
    const last = rows - 1 - ((rows - 1) % step);
    for (let row = last; row >= 0 && left > 0; row -= step) {
      const now = Math.min(stitches, Math.ceil((left * step) / (row + step)));
      amounts[row] = now;
      stitches += now;
      left -= now;
    }
    if (left === 0) return amounts;
  }
  return onRightSides(total, rows);
}

/** Three together take two stitches at a time, and no more: what the rule asks for beyond that is told, not worked. */
const reached = (needle: Needle, lacking: number) =>
  say("shapedShort", { have: stitchesOn(needle), lacking });

function work(section: SectionOf<"shape">, state: WorkState, plan: WorkPlan): Worked {
  const { content } = state.needle;
  const scale = plan.scaleOf(section);
  if (!content) return { problem: say("nothingToShape") };
  const height = scale * content.heightFactor;
  const amounts = amountsOf(section, state, plan.rowMm * height);
  if ("code" in amounts) return { problem: amounts };
  const sign = section.way === "decrease" ? -1 : 1;
  const rows: WorkedRow[] = [];
  let needle = centred(state.needle, state.needle.columns, content, scale);
  let lacking = 0;
  for (const amount of amounts) {
    const asked = changeAt(sign * amount, section, state);
    const change = possible(asked, stitchesOn(needle));
    lacking += goingIn(asked) - goingIn(change);
    const changes = amount > 0 && (sign > 0 || goingIn(change) > 0);
    const next = changes
      ? changed(needle, content, change)
      : { columns: needle.columns, reserved: NONE_RESERVED };
    const row = content.rowOn(needle.row, next.columns, next.reserved);
    needle = changes ? moved(needle, next.columns, content, change, scale) : needle;
    rows.push(workedOn(row, needle, height));
    needle = { ...needle, row: needle.row + 1 };
  }
  return {
    state: after(state, needle, rows.length),
    rows,
    ...(lacking > 0 && { partly: reached(needle, lacking) }),
  };
}

export const shape: SectionRecord<"shape"> = {
  work,
  tells: ({ way, at }) => say("shapeAt", { way, at }),
  grade: (section, { piece, by }) => ({
    ...section,
    times:
      section.every % 2 === 0
        ? within(section.times * by.across, COUNTS.shapings)
        : within(rowsLike(section.times, by.across, COUNTS.rows, piece.round), COUNTS.shapings),
    to: section.to === null ? null : within(section.to * by.across, COUNTS.stitches),
    rows: section.rows === null ? null : rowsLike(section.rows, by.rows, COUNTS.rows, piece.round),
    lengthMm: lengthOf(section.lengthMm, section.at === "evenly" ? by.across : by.along),
  }),
  toLength: ({ by, over }) => by === "count" && over === "length",
};
