"use client";
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from "chart.js";
import { useCallback } from "react";
import type { Outcome } from "@/core/swap/outcome";
import type { UnitSystem } from "@/core/units/brands";
import { useUnits } from "@/state/keeping/settings";
import { axisOf, useChart, type ChartLook, type ChartPlan } from "@/ui/parts/useChart";

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

interface Measure {
  readonly title: string;
  readonly of: (outcome: Outcome, units: UnitSystem) => number | null;
  readonly axis: (units: UnitSystem) => string;
}

const MEASURES: readonly Measure[] = [
  { title: "Balls", of: ({ balls }) => balls, axis: () => "balls to buy" },
  { title: "Cost", of: ({ cost }) => cost, axis: () => "with postage" },
  {
    title: "Size off",
    of: ({ offAcrossMm }, units) => offAcrossMm / (units === "metric" ? 10 : 25.4),
    axis: (units) => (units === "metric" ? "cm wider or narrower" : "in wider or narrower"),
  },
];

/** A name that has room beside a bar. Example: "Vessin Fingering, plum, held triple" is "Vessin Fingering, triple". */
const shortName = (name: string) => {
  const [yarn = name] = name.split(",");
  const held = /held (double|triple)|(four) strands/.exec(name);
  return held ? [yarn, held[1] ?? held[2] ?? ""] : [yarn];
};

function planOf(
  outcomes: readonly Outcome[],
  { of, axis }: Measure,
  units: UnitSystem,
  look: ChartLook,
): ChartPlan {
  return {
    type: "bar",
    data: {
      labels: outcomes.map(({ name }) => shortName(name)),
      datasets: [
        {
          data: outcomes.map((outcome) => of(outcome, units)),
          backgroundColor: outcomes.map(({ colour }) => colour),
          borderColor: look.ink,
          borderWidth: 1,
          maxBarThickness: 22,
        },
      ],
    },
    options: {
      indexAxis: "y",
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: { ...axisOf(look, axis(units), 6), beginAtZero: true },
        y: { ticks: { color: look.ink, autoSkip: false }, grid: { display: false } },
      },
      plugins: { tooltip: { enabled: true } },
    },
  } as ChartPlan;
}

/** Balls, cost and size error of all yarns, as bars in their colours. */
export function SwapCharts({ outcomes }: { readonly outcomes: readonly Outcome[] }) {
  return (
    <div className="mt-3 grid gap-3 md:grid-cols-3">
      {MEASURES.map((measure) => (
        <MeasureChart key={measure.title} measure={measure} outcomes={outcomes} />
      ))}
    </div>
  );
}

function MeasureChart({
  measure,
  outcomes,
}: {
  readonly measure: Measure;
  readonly outcomes: readonly Outcome[];
}) {
  const units = useUnits();
  const canvas = useChart(
    useCallback((look) => planOf(outcomes, measure, units, look), [outcomes, measure, units]),
  );
  const told = outcomes.map((outcome) => {
    const value = measure.of(outcome, units);
    return `${outcome.name} ${value === null ? "not known" : value.toFixed(1)}`;
  });
  return (
    <figure className="min-w-0 rounded-lg border border-line p-2">
      <figcaption className="font-display text-lg font-semibold">{measure.title}</figcaption>
      <div style={{ height: 56 + 34 * outcomes.length }}>
        <canvas ref={canvas} role="img" aria-label={`${measure.title}: ${told.join(", ")}`} />
      </div>
    </figure>
  );
}
