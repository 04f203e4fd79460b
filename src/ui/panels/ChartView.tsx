"use client";
import { useId, useState, type KeyboardEvent, type ReactNode, type UIEvent } from "react";
import type { Chart, ChartRow } from "@/core/panels/chart";
import type { Selection } from "@/core/panels/edit";
import { ChartPatterns, type Cell } from "./ChartPatterns";
import { CrossingRibbons } from "./CrossingRibbons";
import { StitchMark } from "./StitchMark";

/** Size of a stitch on the chart, in pixels: wider than high, as knitting is; narrow panels are drawn larger. */
const cellFor = (columns: number): Cell =>
  columns <= 18 ? { width: 26, height: 21 } : { width: 20, height: 16 };
/** Room for row numbers at both sides. */
const MARGIN = 34;
const FOOT = 32;
/** Rows drawn above and below what is in sight. */
const SPARE = 8;

interface ChartViewProps {
  readonly chart: Chart;
  readonly heightPx: number;
  readonly label: string;
  /** Columns that are selected, and what is told of them. */
  readonly selection?: Selection | null;
  readonly onKeyDown?: (event: KeyboardEvent) => void;
  /** A stitch is picked with the pointer; `extend` where the selection is to reach to it. */
  readonly onPick?: (row: number, column: number, extend: boolean) => void;
}

/** A chart that scrolls; only the rows in sight are drawn, so that its length costs nothing. */
export function ChartView({ chart, heightPx, label, selection, onKeyDown, onPick }: ChartViewProps) {
  const ids = useId().replaceAll(":", "");
  const [top, setTop] = useState(0);
  const rows = chart.rows.length;
  const cell = cellFor(chart.columns);
  const [width, height] = [2 * MARGIN + chart.columns * cell.width, rows * cell.height + FOOT];
  const first = Math.max(0, Math.floor(top / cell.height) - SPARE);
  const last = Math.min(rows, Math.ceil((top + heightPx) / cell.height) + SPARE);
  const inSight = chart.rows.toReversed().slice(first, last);
  const right = MARGIN + chart.columns * cell.width;
  return (
    <div
      role="region"
      aria-label={label}
      tabIndex={0}
      className="overflow-auto rounded-lg border border-line bg-paper"
      style={{ maxHeight: heightPx }}
      onKeyDown={onKeyDown}
      onScroll={(event: UIEvent<HTMLDivElement>) => setTop(event.currentTarget.scrollTop)}
    >
      <svg
        width={width}
        height={height}
        className="mx-auto block"
        role="img"
        aria-label={`${rows} rows`}
        onPointerDown={({ clientX, clientY, shiftKey, currentTarget }) => {
          const box = currentTarget.getBoundingClientRect();
          const column = Math.floor((right - (clientX - box.left)) / cell.width);
          const row = rows - Math.floor((clientY - box.top) / cell.height);
          if (row >= 1 && row <= rows && column >= 0 && column < chart.columns)
            onPick?.(row, column, shiftKey);
        }}
      >
        <ChartPatterns ids={ids} cell={cell} left={MARGIN} />
        {inSight.map((row) => (
          <RowPlace key={row.place} row={row} rows={rows} cell={cell}>
            <RowGround row={row} right={right} cell={cell} ids={ids} />
          </RowPlace>
        ))}
        {inSight.map((row) => (
          <RowPlace key={row.place} row={row} rows={rows} cell={cell}>
            <RowCrossings row={row} right={right} cell={cell} />
          </RowPlace>
        ))}
        <StitchNumbers columns={chart.columns} y={rows * cell.height} cell={cell} />
        {selection && (
          <rect
            x={right - selection.to * cell.width}
            y={(rows - selection.row) * cell.height}
            width={(selection.to - selection.from) * cell.width}
            height={cell.height}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={3}
          />
        )}
      </svg>
    </div>
  );
}

interface RowPlaceProps {
  readonly row: ChartRow;
  readonly rows: number;
  readonly cell: Cell;
  readonly children: ReactNode;
}

const RowPlace = ({ row, rows, cell, children }: RowPlaceProps) => (
  <g transform={`translate(0 ${(rows - row.place) * cell.height})`}>{children}</g>
);

interface RowProps {
  readonly row: ChartRow;
  /** Where the first column begins, at the right. */
  readonly right: number;
  readonly cell: Cell;
}

/** A row without its crossings; its number stands on the side from which it is read. */
function RowGround({ row, right, cell, ids }: RowProps & { readonly ids: string }) {
  const wide = row.stitches * cell.width;
  return (
    <>
      <rect x={right - wide} width={wide} height={cell.height} fill={`url(#${ids}ground)`} />
      {row.runs.map(
        (run) =>
          run.type === "run" && (
            <g
              key={`${run.column}${run.name}`}
              transform={`translate(${right - (run.column + run.width) * cell.width} 0)`}
            >
              <title>{`${run.name}: ${run.words}`}</title>
              <StitchMark run={run} cell={cell} ids={ids} />
            </g>
          ),
      )}
      <text
        x={row.wrongSide ? MARGIN - 6 : right + 6}
        y={cell.height / 2 + 4}
        textAnchor={row.wrongSide ? "end" : "start"}
        fontSize={11}
        fill="var(--faint)"
      >
        {row.number}
      </text>
    </>
  );
}

/** The crossings of a row, over the ground: their ribbons reach half a row up and down. */
const RowCrossings = ({ row, right, cell }: RowProps) =>
  row.runs.map(
    (run) =>
      run.type === "crossing" && (
        <g key={run.column} transform={`translate(${right - (run.column + run.width) * cell.width} 0)`}>
          <title>{`${run.name}: ${run.words}`}</title>
          <CrossingRibbons run={run} cell={cell} />
        </g>
      ),
  );

/** Stitch numbers along the foot, every fifth, from the right as the right side is read. */
function StitchNumbers({
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
      fontSize={11}
      fill="var(--faint)"
    >
      {stitch}
    </text>
  ));
}
