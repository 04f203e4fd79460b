/** What stands about the rows of a chart: its size, its numbers, the frame of its repeat. */
import type { Chart } from "@/core/panels/chart";
import type { Cell } from "./ChartPatterns";
import { MARGIN } from "./ChartRows";

/** Size of a stitch on the chart, in pixels: wider than high, as knitting is; narrow panels are drawn larger. */
const LARGE: Cell = { width: 26, height: 21 };
const USUAL: Cell = { width: 20, height: 16 };
const FOOT = 32;

/** How large a chart is drawn, and where its first column begins, at the right. */
export function chartBox({ columns, rows }: Chart) {
  const cell = columns <= 18 ? LARGE : USUAL;
  const right = MARGIN + columns * cell.width;
  return { cell, right, width: right + MARGIN, height: rows.length * cell.height + FOOT };
}

/** How wide a stitch of a chart is on paper, in mm. */
export const PRINTED_MM = { small: 3.5, usual: 5, large: 8 } as const;

/** How large a chart is on paper whose stitches are so wide, in mm. */
export function printedMm(chart: Chart, stitchMm: number) {
  const { cell, width, height } = chartBox(chart);
  const mm = stitchMm / cell.width;
  return { width: width * mm, height: height * mm };
}

interface RepeatFrameProps {
  readonly repeat: NonNullable<Chart["repeat"]>;
  readonly right: number;
  readonly rows: number;
  readonly cell: Cell;
}

export const RepeatFrame = ({ repeat, right, rows, cell }: RepeatFrameProps) => (
  <rect
    x={right - repeat.to * cell.width}
    y={1}
    width={(repeat.to - repeat.from) * cell.width}
    height={rows * cell.height - 1}
    fill="none"
    stroke="var(--walnut)"
    strokeWidth={2.5}
    strokeDasharray="7 4"
  >
    <title>One repeat</title>
  </rect>
);

/** Stitch numbers along the foot, every fifth, from the right as the right side is read. */
export function StitchNumbers({
  columns,
  y,
  cell,
}: {
  readonly columns: number;
  readonly y: number;
  readonly cell: Cell;
}) {
  const right = MARGIN + columns * cell.width;
  const marked = Array.from({ length: Math.floor(columns / 5) }, (_, index) => (index + 1) * 5);
  return marked.map((stitch) => (
    <text
      key={stitch}
      x={right - (stitch - 0.5) * cell.width}
      y={y + 26}
      textAnchor="middle"
      fontSize={12}
      fill="var(--faint)"
    >
      {stitch}
    </text>
  ));
}
