"use client";
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type Plugin,
} from "chart.js";
import { useCallback } from "react";
import type { SeenYarn } from "@/core/engine/seen";
import { METRES_IN_YARD, metres, toMetres, type UnitSystem } from "@/core/units/brands";
import { formatChance, formatYarn } from "@/core/units/format";
import { useUnits } from "@/state/keeping/settings";
import { axisOf, useChart, type ChartLook, type ChartPlan } from "@/ui/parts/useChart";

Chart.register(Filler, LinearScale, LineController, LineElement, PointElement, ScatterController, Tooltip);

const IN_YARDS = 1 / METRES_IN_YARD;

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Points of the chart, lengths in m or yd and chances in a hundred. */
function pointsOf({ percentilesMm, quantilesMm, chances, around, yarn }: SeenYarn, units: UnitSystem) {
  const scale = units === "metric" ? 1 : IN_YARDS;
  const all: readonly Point[] = percentilesMm.map((mm, percent) => ({ x: (scale * mm) / 1000, y: percent }));
  const [low, high] = [(scale * quantilesMm.p5) / 1000, (scale * quantilesMm.p95) / 1000];
  const counted = new Map([...around, ...chances].map((one) => [one.balls, one.chance]));
  const counts = [...counted.keys()].sort((a, b) => a - b);
  const balls: readonly Point[] = counts.map((count) => ({
    x: scale * count * yarn.putUp.lengthM,
    y: 100 * (counted.get(count) ?? 0),
  }));
  return { all, likely: all.filter(({ x }) => x >= low && x <= high), balls, counts };
}

/** The count of balls over each dot. */
const countsOverDots = (counts: readonly number[], colour: string): Plugin => ({
  id: "countsOverDots",
  afterDatasetsDraw: (chart) => {
    const { ctx } = chart;
    ctx.save();
    ctx.fillStyle = colour;
    ctx.textAlign = "center";
    ctx.font = `600 13px ${Chart.defaults.font.family ?? "sans-serif"}`;
    for (const [index, dot] of chart.getDatasetMeta(0).data.entries())
      ctx.fillText(String(counts[index] ?? ""), dot.x, dot.y - 12);
    ctx.restore();
  },
});

/** Axes begin and end at whole fifties. */
const roundedTo = (way: (value: number) => number, value: number) => 50 * way(value / 50);

/** The curve, the dots on it, and the band that is most likely. */
function planOf(yarn: SeenYarn, weighed: boolean, units: UnitSystem, look: ChartLook): ChartPlan {
  const { ink, woad, weld, madder } = look;
  const { all, likely, balls, counts } = pointsOf(yarn, units);
  return {
    type: "line",
    data: {
      datasets: [
        {
          label: "balls",
          type: "scatter",
          data: balls,
          borderColor: ink,
          backgroundColor: counts.map((count) => (count === yarn.advised.balls ? madder : ink)),
          pointRadius: counts.map((count) => (count === yarn.advised.balls ? 7 : 5)),
          clip: false,
        },
        { label: "yarn", data: all, borderColor: woad, borderWidth: 2.5, pointRadius: 0 },
        {
          label: "likely",
          data: likely,
          borderColor: "transparent",
          fill: "origin",
          backgroundColor: `${weld}44`,
          pointRadius: 0,
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      layout: { padding: { top: 24 } },
      interaction: { mode: "nearest", intersect: false },
      scales: {
        x: {
          ...axisOf(look, units === "metric" ? "metres in hand" : "yards in hand", 8),
          min: roundedTo(Math.floor, Math.min(...[...all, ...balls].map(({ x }) => x))),
          max: roundedTo(Math.ceil, Math.max(...[...all, ...balls].map(({ x }) => x)) + 1),
        },
        y: {
          ...axisOf(look, "enough, times in 100", 8),
          min: 0,
          max: 100,
          ticks: { color: ink, stepSize: 25 },
        },
      },
      plugins: {
        tooltip: {
          callbacks: {
            label: ({ datasetIndex, dataIndex, parsed }) =>
              datasetIndex === 0
                ? `${counts[dataIndex] ?? 0} balls: ${formatChance((parsed.y ?? 0) / 100, weighed)}`
                : `${formatYarn(metres((parsed.x ?? 0) * (units === "metric" ? 1 : METRES_IN_YARD)), units)}: ${formatChance((parsed.y ?? 0) / 100, weighed)}`,
          },
        },
      },
    },
    plugins: [countsOverDots(counts, ink)],
  } as ChartPlan;
}

/** The chance that so much yarn is enough, and where whole balls stand on that curve. */
export function ChanceChart({ yarn, weighed }: { readonly yarn: SeenYarn; readonly weighed: boolean }) {
  const units = useUnits();
  const canvas = useChart(useCallback((look) => planOf(yarn, weighed, units, look), [yarn, weighed, units]));
  const need = formatYarn(toMetres(yarn.totalMm), units);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={`Chance that so much yarn is enough; most likely ${need} are needed, and dots stand at whole balls`}
    />
  );
}
