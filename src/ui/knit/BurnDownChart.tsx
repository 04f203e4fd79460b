"use client";
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, Tooltip } from "chart.js";
import { useCallback } from "react";
import type { BurnDown } from "@/core/forecast/burnDown";
import { grams, type UnitSystem } from "@/core/units/brands";
import { formatMass } from "@/core/units/format";
import { useUnits } from "@/state/keeping/settings";
import { axisOf, useChart, type ChartLook, type ChartPlan } from "@/ui/parts/useChart";

Chart.register(Filler, LinearScale, LineController, LineElement, PointElement, Tooltip);

/** The band that was planned, what is expected now, and each ball that was weighed; a line of the grid is a whole ball. */
function planOf(burn: BurnDown, rows: number, units: UnitSystem, look: ChartLook): ChartPlan {
  const inBalls = 1 / burn.ballG;
  const line = (
    label: string,
    points: readonly { readonly x: number; readonly y: number }[],
    more: object,
  ) => ({
    label,
    data: points.map(({ x, y }) => ({ x, y: y * inBalls })),
    pointRadius: 0,
    borderWidth: 2,
    ...more,
  });
  const at = (points: BurnDown["planned"], of: "p10" | "p50" | "p90") =>
    points.map((point) => ({ x: point.rows, y: point[of] }));
  const last = burn.now.at(-1);
  const still = { borderColor: "transparent", borderWidth: 0 };
  return {
    type: "line",
    data: {
      datasets: [
        line("planned, at least", at(burn.planned, "p10"), still),
        line("planned, at most", at(burn.planned, "p90"), {
          ...still,
          fill: "-1",
          backgroundColor: `${look.weld}44`,
        }),
        line("now", at(burn.now, "p50"), { borderColor: look.woad }),
        line(
          "here",
          [
            { x: rows, y: 0 },
            { x: rows, y: last?.p90 ?? 0 },
          ],
          { borderColor: look.ink, borderWidth: 1 },
        ),
        ...burn.weighed.map(({ from, to, beganG, endedG, taken }) =>
          line(
            `rows ${from + 1} to ${to}`,
            [
              { x: from, y: beganG },
              { x: to, y: endedG },
            ],
            {
              borderColor: look.madder,
              backgroundColor: look.madder,
              borderDash: taken ? [] : [3, 3],
              pointRadius: 4,
              borderWidth: 2.5,
            },
          ),
        ),
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: { ...axisOf(look, "rows", 6), min: 0, max: last?.rows ?? 1 },
        y: { ...axisOf(look, "balls used", 8), min: 0, ticks: { color: look.ink, stepSize: 1 } },
      },
      plugins: {
        tooltip: {
          callbacks: {
            title: () => "",
            label: ({ dataset, parsed }: { dataset: { label?: string }; parsed: { y: number | null } }) =>
              `${dataset.label ?? ""}: ${formatMass(grams((parsed.y ?? 0) * burn.ballG), units)}`,
          },
        },
      },
    },
  } as unknown as ChartPlan;
}

/** Yarn of a piece against its rows. */
export function BurnDownChart({ burn, rows }: { readonly burn: BurnDown; readonly rows: number }) {
  const units = useUnits();
  const canvas = useChart(useCallback((look) => planOf(burn, rows, units, look), [burn, rows, units]));
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="Yarn used against rows: the band that was planned, what is expected now, what was weighed, and where whole balls end"
    />
  );
}
