"use client";
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, Tooltip } from "chart.js";
import { useEffect, useRef } from "react";
import type { SweepPoint } from "@/core/forecast/gaugeSweep";
import { useUnits } from "@/state/settings";
import { useTheme } from "@/ui/frame/useTheme";

Chart.register(Filler, LinearScale, LineController, LineElement, PointElement, Tooltip);

const IN_YARDS = 1 / 0.9144;

/** Yarn against gauge: the median and the band from the tenth to the ninetieth percentile. */
export function WhatIfChart({ points }: { readonly points: readonly SweepPoint[] }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const units = useUnits();
  const theme = useTheme();
  useEffect(() => {
    if (!canvas.current) return;
    const style = getComputedStyle(document.documentElement);
    const [ink, woad, line] = ["--ink", "--woad", "--line"].map((name) =>
      style.getPropertyValue(name).trim(),
    );
    const scale = units === "metric" ? 1 : IN_YARDS;
    const span = units === "metric" ? 1 : 1.016;
    const curve = (of: "p10M" | "p50M" | "p90M") =>
      points.map((point) => ({ x: point.stitchesPer10Cm * span, y: point[of] * scale }));
    const axis = (text: string) => ({
      type: "linear" as const,
      title: { display: true, text, color: ink },
      ticks: { color: ink, maxTicksLimit: 7 },
      grid: { color: line },
    });
    Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
    const chart = new Chart(canvas.current, {
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
            ...axis(units === "metric" ? "stitches in 10 cm" : "stitches in 4 in"),
            min: curve("p50M")[0]?.x,
            max: curve("p50M").at(-1)?.x,
          },
          y: axis(units === "metric" ? "metres" : "yards"),
        },
      },
    } as ConstructorParameters<typeof Chart>[1]);
    return () => chart.destroy();
  }, [points, units, theme]);
  return <canvas ref={canvas} role="img" aria-label="Yarn needed against stitches in 10 cm" />;
}
