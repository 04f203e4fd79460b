"use client";
import { countOf } from "@/core/words/things";
import { lazily } from "@/ui/parts/lazily";
import { useMemo } from "react";
import type { SeenPiece } from "@/core/engine/seen";
import type { SweepPoint } from "@/core/forecast/gaugeSweep";
import { useAsked } from "@/state/engine/asked";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { metres, millimetres, toMetres } from "@/core/units/brands";
import { formatGauge, formatSize, formatYarn } from "@/core/units/format";
import { ChartTable } from "@/ui/parts/ChartTable";
import { Drawer } from "@/ui/parts/Drawer";

const WhatIfChart = lazily("Chart", () => import("./WhatIfChart").then((file) => file.WhatIfChart));

const NONE: readonly SweepPoint[] = [];

interface WhatIfCardProps {
  readonly piece: SeenPiece | null;
}

/** How the answer would change with the gauge, for the same stitches and rows. */
export function WhatIfCard({ piece }: WhatIfCardProps) {
  const points = useAsked("sweep", null).told ?? NONE;
  return (
    <Drawer title="If your gauge changes" answer={inShort(points)} atFirst="shut">
      {(open) => open && <WhatIf points={points} piece={piece} />}
    </Drawer>
  );
}

/** What it comes to. Example: "9 to 11 balls". */
function inShort(points: readonly SweepPoint[]) {
  const balls = points.map((point) => point.balls);
  const [least, most] = [Math.min(...balls), Math.max(...balls)];
  if (balls.length === 0) return "";
  return least === most ? `${countOf(least, "ball")} either way` : `${least} to ${countOf(most, "ball")}`;
}

interface WhatIfProps extends WhatIfCardProps {
  readonly points: readonly SweepPoint[];
}

function WhatIf({ points, piece }: WhatIfProps) {
  const units = useUnits();
  const whole = useOmissions().length === 0;
  return (
    <>
      <p className="text-sm text-faint">For the same stitches and the same rows.</p>
      <div className="mt-2 h-56">{points.length > 0 && <WhatIfChart points={points} />}</div>
      {points.length > 0 && (
        <ChartTable
          caption="Yarn needed against the stitch gauge"
          columns={[
            {
              id: "gauge",
              head: "Gauge",
              names: true,
              cell: ({ stitchesPer10Cm }) => formatGauge(stitchesPer10Cm, "stitches", units),
            },
            { id: "less", head: "1 in 10 less than", cell: ({ p10M }) => formatYarn(metres(p10M), units) },
            { id: "likely", head: "most likely", cell: ({ p50M }) => formatYarn(metres(p50M), units) },
            { id: "more", head: "1 in 10 more than", cell: ({ p90M }) => formatYarn(metres(p90M), units) },
            { id: "balls", head: "balls", cell: ({ balls }) => balls },
          ]}
          rows={points}
          keyOf={({ stitchesPer10Cm }) => stitchesPer10Cm}
        />
      )}
      <p className="text-sm text-faint">
        {told(points)}
        {!whole && " That is without what is left out."}
      </p>
      {piece && <RowGauge piece={piece} />}
    </>
  );
}

/** One row in 10 cm is easily miscounted, and it sets the length. */
function RowGauge({ piece: { id } }: { readonly piece: SeenPiece }) {
  const units = useUnits();
  const { told } = useAsked(
    "rowGauge",
    useMemo(() => ({ pieceId: id, units }), [id, units]),
  );
  // What was told of another piece says nothing of this one.
  const mine = told?.pieceId === id ? told : null;
  return (
    <ul className="mt-2 grid min-h-16 gap-1 border-t border-line pt-2 text-sm">
      {mine?.off.map(({ off, heightMm, rows, totalMm }) => {
        const change = toMetres(millimetres(Math.abs(totalMm - mine.now.totalMm)));
        return (
          <li key={off}>
            One row {off > 0 ? "more" : "fewer"} in {units === "metric" ? "10 cm" : "4 in"}:{" "}
            {formatSize(heightMm, units)} high; <strong>{rows} rows</strong> keep{" "}
            {formatSize(mine.now.heightMm, units)}, {formatYarn(change, units)}{" "}
            {totalMm > mine.now.totalMm ? "more" : "less"}.
          </li>
        );
      })}
    </ul>
  );
}

/** The chart in words. */
function told(points: readonly SweepPoint[]): string {
  const [loosest, middle, tightest] = [points[0], points[Math.floor(points.length / 2)], points.at(-1)];
  if (!loosest || !middle || !tightest) return "Calculating …";
  return `10 % looser needs ${loosest.balls} balls, 10 % tighter ${tightest.balls}; as it is, ${middle.balls}.`;
}
