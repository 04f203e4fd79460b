"use client";
import { useId, useMemo, type KeyboardEvent } from "react";
import type { Chart } from "@/core/panels/chart";
import type { Selection } from "@/core/panels/edit";
import { chartBox, RepeatFrame, StitchNumbers } from "./ChartFrame";
import { ChartPatterns } from "./ChartPatterns";
import { MARGIN, RowCrossings, RowGround, RowPlace } from "./ChartRows";
import { useCellInSight, useVisibleCells } from "./useVisibleCells";

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
  const { cell, right, width, height } = chartBox(chart);
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
        {chart.repeat && <RepeatFrame repeat={chart.repeat} {...{ right, rows, cell }} />}
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
