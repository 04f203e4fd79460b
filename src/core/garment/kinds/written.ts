/** Rows as they are written, worked once: the count may change from row to row. */
import { say, type Says } from "../../words/message";
import { type Colours, type SectionOf } from "../../project/sections";
import { stitchesOf } from "../../panels/panel";
import type { ParsedPattern } from "../../instructions/read";
import { workOnce } from "../../instructions/workedOnce";
import {
  after,
  columnsFrom,
  stitchesOn,
  widthOn,
  workedOn,
  type Needle,
  type Worked,
  type WorkState,
  type WorkedRow,
  type WorkPlan,
} from "../work/workState";
import type { SectionRecord } from "./kind";

/** What can go on behind the rows: a ground over any count; panels only over the columns that they had. */
function goesOn({ content, columns, row }: Needle, count: number, rows: number) {
  if (content === null || content.stitches === null)
    return { content, columns: columnsFrom(0, count), row: row + rows };
  if (count === columns.length) return { content, columns, row: row + rows };
  return { content: null, columns: columnsFrom(0, count), row: 0 };
}

const LETTERS = "ABCDEFGHIJ";

/** Colours that the rows name, as stripes one after the other; nothing where they name none. */
function namedColours(
  named: ParsedPattern["colours"],
  { piece, yarnIds }: WorkPlan,
): { readonly colours?: Colours; readonly partly?: Says } {
  if (named.every((colour) => colour === null)) return {};
  const bands: { yarnId: string; count: number }[] = [];
  let partly: Says | undefined;
  for (const [index, colour] of named.entries()) {
    const known = typeof colour === "number" ? yarnIds[colour] : undefined;
    if (colour === "several") partly ??= say("rowOfTwoColours", { row: index + 1 });
    else if (colour !== null && known === undefined)
      partly ??= say("colourNotThere", {
        row: index + 1,
        colour: LETTERS[colour] ?? null,
        yarns: yarnIds.length,
      });
    const yarnId = known ?? piece.yarnId;
    const last = bands.at(-1);
    if (last?.yarnId === yarnId) last.count += 1;
    else bands.push({ yarnId, count: 1 });
  }
  return { colours: { kind: "stripes", bands, carried: true }, ...(partly !== undefined && { partly }) };
}

function work(section: SectionOf<"written">, state: WorkState, plan: WorkPlan): Worked {
  const parsed = plan.writtenOf(section);
  if ("message" in parsed) return { problem: parsed.message };
  const { needle, round, worked } = state;
  const have = stitchesOn(needle);
  const once = workOnce(parsed, { stitches: have, round, wrongSide: !round && worked % 2 === 1 });
  if (!once.ok) return { problem: once.message };
  const scale = plan.scaleOf(section);
  // A stitch keeps the share of its width and height that those below it keep: nobody relaxes rows that change.
  const stitch = (scale * widthOn(needle.columns, needle.content, 1)) / have;
  const height = scale * (needle.content?.heightFactor ?? 1);
  const middle = (needle.right + needle.left) / 2;
  const rows = once.rows.map((row): WorkedRow => {
    const count = stitchesOf(row);
    const half = (count * stitch) / 2;
    const lies = { ...needle, columns: columnsFrom(0, count), right: middle - half, left: middle + half };
    return workedOn(row, lies, height);
  });
  const last = rows.at(-1);
  const next: Needle = {
    ...goesOn(needle, last?.stitches ?? have, rows.length),
    right: last?.right ?? needle.right,
    left: last?.left ?? needle.left,
  };
  return {
    state: after(state, next, rows.length),
    rows,
    ...(once.hint !== null && { hint: once.hint }),
    ...namedColours(parsed.colours, plan),
  };
}

export const written: SectionRecord<"written"> = {
  work,
  liesIn: ({ text }) => ({ by: "text", text }),
  hasRows: ({ text }) => text.trim() !== "",
};
