/** The rows of a worked section as a knitter reads them: as text, and as a chart. */
import type { WorkedSection } from "./work/workPiece";
import type { Side } from "./work/workState";
import { chartOf, type Chart } from "../panels/chart";
import { keyOfRow, type Panel, type PanelRow } from "../panels/panel";
import type { Wording } from "../stitches/wording";
import { printPattern } from "../instructions/print";

export interface SectionRows {
  readonly side: Side;
  readonly rows: number;
  readonly text: string;
  /** Of the first rows, as many as a chart can show. */
  readonly chart: Chart;
}

/** So many rows are written out; only more of them are told as a repeat. */
const MOST_WRITTEN = 40;

/** Rows until all of them come again, whole rows of both sides; all of them where none do at least twice. */
function periodOf(rows: readonly PanelRow[], flat: boolean): number {
  if (rows.length <= MOST_WRITTEN) return rows.length;
  const keys = rows.map(keyOfRow);
  for (let period = flat ? 2 : 1; 2 * period <= rows.length; period += flat ? 2 : 1)
    if (keys.every((key, row) => row < period || key === keys[row - period])) return period;
  return rows.length;
}

/** The rows as text: those that come again are written once, and told how often. */
function textOf({ rows }: Panel, wrongSide: readonly boolean[], round: boolean, style: Wording): string {
  const period = periodOf(rows, !round);
  const once = printPattern({ panel: { rows: rows.slice(0, period) }, wrongSide, round }, style);
  if (period === rows.length) return once;
  const word = round ? "rounds" : "rows";
  const [times, rest] = [Math.floor(rows.length / period), rows.length % period];
  const last = rest > 0 ? `, then ${rest === 1 ? `${word.slice(0, -1)} 1` : `${word} 1-${rest}`}` : "";
  const all = period === 1 ? `${word.slice(0, -1)} 1` : `${word} 1-${period}`;
  return `${once}\nRepeat ${all}: ${times} times in all${last}, ${rows.length} ${word} together.`;
}

/** More rows than this are not charted. */
export const MOST_CHARTED = 120;

/** What is written of a section. Example: a hem of two plain rows is "Row 1 (RS): k20." and its wrong-side row. */
export function sectionRows({ rows, side, firstWrong }: WorkedSection, style: Wording): SectionRows {
  const wrongSide = rows.map((_, index) => firstWrong !== null && (index % 2 === 1) !== firstWrong);
  const panel = { rows: rows.map(({ row }) => row) };
  const charted = { rows: panel.rows.slice(0, MOST_CHARTED) };
  const numbers = charted.rows.map((_, index) => index + 1);
  const firsts = rows.slice(0, MOST_CHARTED).map(({ firstColumn }) => firstColumn);
  const rightmost = firsts.reduce((least, first) => Math.min(least, first), Infinity);
  const shifts = firsts.map((first) => first - rightmost);
  return {
    side,
    rows: rows.length,
    text: textOf(panel, wrongSide, firstWrong === null, style),
    chart: chartOf(charted, { wrongSide, numbers, repeat: null, shifts }, style),
  };
}
