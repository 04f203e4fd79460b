/** The rows of a worked section as a knitter reads them: as text, and as a chart. */
import type { WorkedSection } from "../garment/work/workPiece";
import type { Side } from "../garment/work/needle";
import { chartOf, type Chart } from "../panels/chart";
import type { Wording } from "../stitches/wording";
import { printPattern } from "./print";

export interface SectionRows {
  readonly side: Side;
  readonly rows: number;
  readonly text: string;
  /** Of the first rows, as many as a chart can show. */
  readonly chart: Chart;
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
    text: printPattern({ panel, wrongSide, round: firstWrong === null }, style),
    chart: chartOf(charted, { wrongSide, numbers, repeat: null, shifts }, style),
  };
}
