"use client";
import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import { rowGaugeOff } from "@/core/estimate/rowGaugeOff";
import type { Gauge } from "@/core/fabric/plainStitch";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import type { SweepPoint } from "@/core/forecast/gaugeSweep";
import { useProject } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { reckoner } from "@/state/workers";
import { millimetres, toMetres } from "@/core/units/brands";
import { formatSize, formatYarn } from "@/core/units/format";
import { Card } from "@/ui/parts/Card";

const WhatIfChart = dynamic(() => import("./WhatIfChart").then(({ WhatIfChart: chart }) => chart), {
  ssr: false,
});

/** The chart follows when the typing rests, so that the answer itself is never kept waiting. */
const SETTLE_MS = 200;

interface WhatIfCardProps {
  readonly piece: EstimatedPiece | null;
  readonly gauge: Gauge;
}

/** How the answer would change with the gauge, for the same stitches and rows. */
export function WhatIfCard({ piece, gauge }: WhatIfCardProps) {
  const project = useProject();
  const [points, setPoints] = useState<readonly SweepPoint[]>([]);
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const swept = await reckoner().sweepGauge(project);
      if (current) setPoints(swept);
    };
    const timer = setTimeout(() => void ask(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [project]);
  return (
    <Card title="If your gauge changes" aside="same stitches, same rows">
      <div className="mt-2 h-56">{points.length > 0 && <WhatIfChart points={points} />}</div>
      <p className="text-sm text-faint">{told(points)}</p>
      {piece && <RowGauge piece={piece} gauge={gauge} />}
    </Card>
  );
}

/** One row in 10 cm is easily miscounted, and it sets the length. */
function RowGauge({ piece, gauge }: { readonly piece: EstimatedPiece; readonly gauge: Gauge }) {
  const units = useUnits();
  const { estimate } = piece;
  return (
    <ul className="mt-2 grid gap-1 border-t border-line pt-2 text-sm">
      {[1, -1].map((off) => {
        const { heightMm, rows, totalMm } = rowGaugeOff(piece, gauge, off);
        const change = toMetres(millimetres(Math.abs(totalMm - estimate.totalMm)));
        return (
          <li key={off}>
            One row {off > 0 ? "more" : "fewer"} in 10 cm: {formatSize(heightMm, units)} high;{" "}
            <strong>{rows} rows</strong> keep {formatSize(estimate.heightMm, units)},{" "}
            {formatYarn(change, units)} {totalMm > estimate.totalMm ? "more" : "less"}.
          </li>
        );
      })}
    </ul>
  );
}

/** The chart in words. */
function told(points: readonly SweepPoint[]): string {
  const [loosest, middle, tightest] = [points[0], points[Math.floor(points.length / 2)], points.at(-1)];
  if (!loosest || !middle || !tightest) return "Reckoning …";
  return `A tenth looser wants ${loosest.balls} balls, a tenth tighter ${tightest.balls}; as it is, ${middle.balls}.`;
}
