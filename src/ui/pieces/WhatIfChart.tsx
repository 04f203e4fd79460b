"use client";
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, Tooltip } from "chart.js";
import { useCallback } from "react";
import type { SweepPoint } from "@/core/forecast/gaugeSweep";
import { METRES_IN_YARD, type UnitSystem } from "@/core/units/brands";
import { useUnits } from "@/state/keeping/settings";
import { axisOf, useChart, type ChartLook, type ChartPlan } from "@/ui/parts/useChart";

Chart.register(Filler, LinearScale, LineController, LineElement, PointElement, Tooltip);

const IN_YARDS = 1 / METRES_IN_YARD;

function planOf(points: readonly SweepPoint[], units: UnitSystem, look: ChartLook): ChartPlan {
  const { woad } = look;
  const scale = units === "metric" ? 1 : IN_YARDS;
  const span = units === "metric" ? 1 : 1.016;
  const curve = (of: "p10M" | "p50M" | "p90M") =>
    points.map((point) => ({ x: point.stitchesPer10Cm * span, y: point[of] * scale }));
  return {
    type: "line",
    data: {
      datasets: [
        { label: "most likely", data: curve("p50M"), borderColor: woad, borderWidth: 2.5 },
        { label: "1 in 10 need less", data: curve("p10M"), borderColor: "transparent" },
        {
          label: "1 in 10 need more",
          data: curve("p90M"),
          borderColor: "transparent",
          fill: "-1",
          backgroundColor: `${woad}33`,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      interaction: { mode: "index", intersect: false },
      elements: { point: { radius: 0, hitRadius: 8 } },
      scales: {
        x: {
          ...axisOf(look, units === "metric" ? "stitches in 10 cm" : "stitches in 4 in", 7),
          min: curve("p50M")[0]?.x,
          max: curve("p50M").at(-1)?.x,
        },
        y: axisOf(look, units === "metric" ? "metres" : "yards", 7),
      },
    },
  } as ChartPlan;
}

/** Yarn against gauge: the median and the band from the tenth to the ninetieth percentile. */
export function WhatIfChart({ points }: { readonly points: readonly SweepPoint[] }) {
  const units = useUnits();
  const canvas = useChart(useCallback((look) => planOf(points, units, look), [points, units]));
  return <canvas ref={canvas} role="img" aria-label="Yarn needed against the stitch gauge" />;
}
