"use client";
import { useId, useMemo, type KeyboardEvent } from "react";
import type { Chart } from "@/core/panels/chart";
import type { Selection } from "@/core/panels/edit";
import { ChartPatterns, type Cell } from "./ChartPatterns";
import { MARGIN, RowCrossings, RowGround, RowPlace } from "./ChartRows";
import { useCellInSight, useVisibleCells } from "./useVisibleCells";

/** Size of a stitch on the chart, in pixels: wider than high, as knitting is; narrow panels are drawn larger. */
const LARGE: Cell = { width: 26, height: 21 };
const USUAL: Cell = { width: 20, height: 16 };
const FOOT = 32;

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
  const rows = chart.rows.length;
  const cell = chart.columns <= 18 ? LARGE : USUAL;
  const right = MARGIN + chart.columns * cell.width;
  const [width, height] = [right + MARGIN, rows * cell.height + FOOT];
  const { place, sight } = useVisibleCells(cell, right);
  useCellInSight(place, {
    left: right - (selection?.to ?? 1) * cell.width,
    top: (rows - (selection?.row ?? 1)) * cell.height,
    cell,
  });
  const inSight = useMemo(
    () => chart.rows.toReversed().slice(Math.max(0, sight.row), sight.row + sight.rows),
    [chart, sight],
  );
  const shown = { right, cell, from: sight.column, to: sight.column + sight.columns };
  return (
    <div
      ref={place}
      role="region"
      aria-label={label}
      tabIndex={0}
      className="overflow-auto rounded-lg border border-line bg-paper"
      style={{ maxHeight: heightPx }}
      onKeyDown={onKeyDown}
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
            <RowGround row={row} {...shown} ids={ids} />
          </RowPlace>
        ))}
        {inSight.map((row) => (
          <RowPlace key={row.place} row={row} rows={rows} cell={cell}>
            <RowCrossings row={row} {...shown} />
          </RowPlace>
        ))}
        <StitchNumbers columns={chart.columns} y={rows * cell.height} cell={cell} />
        {chart.repeat && (
          <rect
            x={right - chart.repeat.to * cell.width}
            y={1}
            width={(chart.repeat.to - chart.repeat.from) * cell.width}
            height={rows * cell.height - 1}
            fill="none"
            stroke="var(--walnut)"
            strokeWidth={2.5}
            strokeDasharray="7 4"
          >
            <title>One repeat</title>
          </rect>
        )}
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
