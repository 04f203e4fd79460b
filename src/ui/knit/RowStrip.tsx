import { useEffect, useId, useRef } from "react";
import type { CrossingRun } from "@/core/panels/chart";
import { crossingMeant } from "@/core/stitches/crossingNames";
import { openGlossary } from "@/state/chosen/glossary";
import { explain } from "@/state/chosen/how";
import type { KnitRow } from "@/core/knitting/knitRows";
import { ChartPatterns, type Cell } from "@/ui/panels/ChartPatterns";
import { RowCrossings, RowGround } from "@/ui/panels/ChartRows";

const CELL: Cell = { width: 20, height: 20 };
/** The ribbons of crossings reach over their row. */
const OVER = CELL.height / 2 + 3;

/** A tap on a crossing says how it is worked; the same stands under the strip as a link. */
function explainCrossing({ name, column, width }: CrossingRun) {
  const crossing = crossingMeant(name);
  if (crossing) explain({ crossing, columns: { from: column + 1, to: column + width } });
}

/** The row as it is seen while it is worked: its first stitch at the right, from behind on the wrong side. */
export function RowStrip({ row: { row, chart } }: { readonly row: KnitRow }) {
  const ids = useId().replaceAll(":", "");
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (place.current) place.current.scrollLeft = place.current.scrollWidth;
  }, [row]);
  const right = chart.stitches * CELL.width;
  const shown = { right, cell: CELL, from: 0, to: chart.stitches };
  return (
    <div
      ref={place}
      role="region"
      aria-label={`Chart of row ${row}, worked from the right`}
      tabIndex={0}
      className="mt-2 overflow-x-auto rounded-lg border border-line bg-paper"
    >
      <svg
        width={right + 4}
        height={CELL.height + 2 * OVER}
        role="img"
        aria-label={`${chart.stitches} stitches`}
        className="ml-auto block"
      >
        <ChartPatterns ids={ids} cell={CELL} left={0} />
        <g transform={`translate(2 ${OVER})`}>
          <RowGround row={chart} {...shown} ids={ids} onRun={({ name }) => openGlossary(name)} />
          <RowCrossings row={chart} {...shown} onCrossing={explainCrossing} />
        </g>
      </svg>
    </div>
  );
}
