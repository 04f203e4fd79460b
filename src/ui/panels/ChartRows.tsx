/** The rows of a chart: ground and marks first, crossings over them. */
import { memo, type ReactNode } from "react";
import type { ChartRow, CrossingRun, PlainRun } from "@/core/panels/chart";
import type { Cell } from "./ChartPatterns";
import { CrossingRibbons } from "./CrossingRibbons";
import { StitchMark } from "./StitchMark";

/** Room for row numbers at both sides. */
export const MARGIN = 34;

interface RowPlaceProps {
  readonly row: ChartRow;
  readonly rows: number;
  readonly cell: Cell;
  readonly children: ReactNode;
}

export const RowPlace = ({ row, rows, cell, children }: RowPlaceProps) => (
  <g transform={`translate(0 ${(rows - row.place) * cell.height})`}>{children}</g>
);

interface RowProps {
  readonly row: ChartRow;
  /** Where the first column begins, at the right. */
  readonly right: number;
  readonly cell: Cell;
  /** Columns in sight; the others are not drawn. */
  readonly from: number;
  readonly to: number;
}

const isIn = ({ column, width }: ChartRow["runs"][number], from: number, to: number) =>
  column < to && column + Math.max(1, width) > from;

/** A row without its crossings; its number stands on the side from which it is read. */
export const RowGround = memo(function RowGround({
  row,
  right,
  cell,
  from,
  to,
  ids,
  onRun,
}: RowProps & {
  readonly ids: string;
  /** Stitches were pressed. */
  readonly onRun?: (run: PlainRun) => void;
}) {
  const wide = row.stitches * cell.width;
  const edge = right - row.shift * cell.width;
  return (
    <>
      <rect x={edge - wide} width={wide} height={cell.height} fill={`url(#${ids}ground)`} />
      {row.runs.map(
        (run) =>
          run.type === "run" &&
          isIn(run, from - row.shift, to - row.shift) && (
            <g
              key={`${run.column}${run.name}`}
              transform={`translate(${edge - (run.column + run.width) * cell.width} 0)`}
              onClick={onRun && (() => onRun(run))}
              className={onRun && "cursor-pointer"}
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
        fontSize={12}
        fill="var(--faint)"
      >
        {row.number}
      </text>
    </>
  );
});

/** The crossings of a row, over the ground. */
export const RowCrossings = memo(function RowCrossings({
  row,
  right,
  cell,
  from,
  to,
  onCrossing,
}: RowProps & {
  /** A crossing was pressed. */
  readonly onCrossing?: (run: CrossingRun) => void;
}) {
  const edge = right - row.shift * cell.width;
  return row.runs.map(
    (run) =>
      run.type === "crossing" &&
      isIn(run, from - row.shift, to - row.shift) && (
        <g
          key={run.column}
          transform={`translate(${edge - (run.column + run.width) * cell.width} 0)`}
          onClick={onCrossing && (() => onCrossing(run))}
          className={onCrossing && "cursor-pointer"}
        >
          <title>{`${run.name}: ${run.words}`}</title>
          <CrossingRibbons run={run} cell={cell} />
        </g>
      ),
  );
});
