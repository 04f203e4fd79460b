"use client";
import { Chart } from "chart.js";
import { useEffect, useRef } from "react";
import { useTheme } from "@/ui/frame/useTheme";

/** The colours of the page, for a chart that is drawn on a canvas. */
export interface ChartLook {
  readonly ink: string;
  readonly line: string;
  readonly woad: string;
  readonly weld: string;
  readonly madder: string;
}

export type ChartPlan = ConstructorParameters<typeof Chart>[1];

function lookNow(): ChartLook {
  const style = getComputedStyle(document.documentElement);
  const colour = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    ink: colour("ink"),
    line: colour("line"),
    woad: colour("woad"),
    weld: colour("weld"),
    madder: colour("madder"),
  };
}

/** A straight axis with its name, in the page's colours. */
export const axisOf = ({ ink, line }: ChartLook, text: string, maxTicksLimit: number) => ({
  type: "linear" as const,
  title: { display: true, text, color: ink },
  ticks: { color: ink, maxTicksLimit },
  grid: { color: line },
});

/** Draws a chart on the canvas that gets the result; `plan` must be the same as long as it draws the same. */
export function useChart(plan: (look: ChartLook) => ChartPlan) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const theme = useTheme();
  useEffect(() => {
    if (!canvas.current) return;
    Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
    const chart = new Chart(canvas.current, plan(lookNow()));
    return () => chart.destroy();
  }, [plan, theme]);
  return canvas;
}
