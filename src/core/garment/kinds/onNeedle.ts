/** What several kinds of sections do with the needle: begin on it, work a plain row, take stitches from its edges. */
import { say, type Message } from "../../words/message";
import { COUNTS } from "../../project/bounds";
import type { SectionOf } from "../../project/sections";
import type { PanelRow, Work } from "../../panels/panel";
import { operationOf } from "../../stitches/operations";
import type { StitchContent } from "../stitchContent";
import {
  centred,
  columnsFrom,
  EMPTY,
  stitchesOn,
  widthOn,
  workedOn,
  type Needle,
  type Side,
  type WorkState,
  type WorkedRow,
} from "../work/workState";

/** One operation so many times; nothing where it is none. */
export const works = (id: string, times: number): Work[] =>
  times > 0 ? [{ operation: operationOf(id), times }] : [];

/** Told where a strip is begun while another is on the needle. */
export const leftOn = ({ needle }: WorkState) =>
  stitchesOn(needle) > 0 ? say("strandedBefore", { have: stitchesOn(needle) }) : null;

/** Drops so many stitches from each edge and moves the edges in. */
export function narrowed(needle: Needle, right: number, left: number, scale: number): Needle {
  const { columns, content } = needle;
  const kept = columns.slice(right, columns.length - left);
  return {
    ...needle,
    columns: kept,
    right: needle.right + widthOn(columns.slice(0, right), content, scale),
    left: needle.left - widthOn(columns.slice(columns.length - left), content, scale),
  };
}

/** The next row in the pattern; plain where nothing was begun. */
export const plainRow = ({ content, columns, row }: Needle): PanelRow =>
  content ? content.rowOn(row, columns) : works("knit", columns.length);

/** The state with nothing on its needle, in the middle of where that was. */
export const emptied = (state: WorkState): WorkState => ({
  ...state,
  needle: { ...EMPTY, ...middleOf(state.needle) },
});

const middleOf = ({ right, left }: Needle) => ({ right: (right + left) / 2, left: (right + left) / 2 });

/** Which edges are meant. Outer is the right edge of the first side and of what is not divided. */
export function edgesAt(
  at: Exclude<SectionOf<"shape">["at"], "evenly">,
  side: Side,
): { right: boolean; left: boolean } {
  if (at === "edges") return { right: true, left: true };
  const right = (at === "outer") === (side !== "second");
  return { right, left: !right };
}

/** What `count` rows come to: themselves, or a word where nobody knits so many. */
export const knittable = (count: number): number | Message =>
  count > COUNTS.rows.most ? tooManyRows(count) : count;

/** Told of more rows than are worked in one section. */
export const tooManyRows = (rows: number) => say("tooManyRows", { rows, most: COUNTS.rows.most });

/** The needle with a content begun on it; or why it does not fit. */
export function begin(needle: Needle, content: StitchContent, scale: number, row = 0): Needle | Message {
  const [have, need] = [stitchesOn(needle), content.stitches];
  if (need !== null && have < need) return say("panelsTooWide", { need, have });
  const beside = need === null ? 0 : Math.floor((have - need) / 2);
  return { ...centred(needle, columnsFrom(-beside, have), content, scale), row };
}

/** Rows of a needle in its content. */
export function rowsOn(
  needle: Needle,
  content: StitchContent,
  count: number,
  scale: number,
): readonly WorkedRow[] {
  const height = scale * content.heightFactor;
  return Array.from({ length: count }, (_, index) =>
    workedOn(content.rowOn(needle.row + index, needle.columns), needle, height),
  );
}
