import { useId } from "react";
import type { ChartRow } from "@/core/panels/chart";
import { ChartPatterns, type Cell } from "./ChartPatterns";
import { CrossingRibbons } from "./CrossingRibbons";
import { StitchMark } from "./StitchMark";

const CELL: Cell = { width: 18, height: 16 };

/** One sign of a chart by itself, as it is drawn there. */
export function ChartSign({ run }: { readonly run: ChartRow["runs"][number] }) {
  const ids = useId().replaceAll(":", "");
  const width = Math.max(1, run.width) * CELL.width;
  return (
    <svg
      aria-hidden
      width={width + 1}
      height={CELL.height + 1}
      viewBox={`0 0 ${width + 1} ${CELL.height + 1}`}
      className="inline-block shrink-0 align-[-3px]"
    >
      <ChartPatterns ids={ids} cell={CELL} left={0} />
      <rect width={width + 1} height={CELL.height + 1} fill={`url(#${ids}ground)`} />
      {run.type === "crossing" ? (
        <CrossingRibbons run={run} cell={CELL} />
      ) : (
        <StitchMark run={run} cell={CELL} ids={ids} />
      )}
      <rect width={width + 1} height={CELL.height + 1} fill="none" stroke="var(--edge)" />
    </svg>
  );
}
