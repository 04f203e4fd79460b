"use client";
import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import type { SweepPoint } from "@/core/forecast/gaugeSweep";
import { useProject } from "@/state/projectStore";
import { reckoner } from "@/state/workers";
import { Card } from "@/ui/parts/Card";

const WhatIfChart = dynamic(() => import("./WhatIfChart").then(({ WhatIfChart: chart }) => chart), {
  ssr: false,
});

/** The chart follows when the typing rests, so that the answer itself is never kept waiting. */
const SETTLE_MS = 200;

/** How the answer would change with the gauge, for the same stitches and rows. */
export function WhatIfCard() {
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
    </Card>
  );
}

/** The chart in words. */
function told(points: readonly SweepPoint[]): string {
  const [loosest, middle, tightest] = [points[0], points[Math.floor(points.length / 2)], points.at(-1)];
  if (!loosest || !middle || !tightest) return "Reckoning …";
  return `A tenth looser wants ${loosest.balls} balls, a tenth tighter ${tightest.balls}; as it is, ${middle.balls}.`;
}
