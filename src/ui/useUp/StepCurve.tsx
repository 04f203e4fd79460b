"use client";
import { useId, useState } from "react";
import type { UsedUp } from "@/core/order/useUp";
import { millimetres } from "@/core/units/brands";
import { formatChance, formatSize } from "@/core/units/format";
import { countOf } from "@/core/words/things";
import { useUnits } from "@/state/keeping/settings";

type Step = UsedUp["curve"][number];

interface StepCurveProps {
  readonly used: UsedUp;
  /** Whether a swatch of it was weighed: else no chance is told as sure. */
  readonly weighed: boolean;
}

const BOX = { width: 300, height: 84 };

/** Chances step by step, as a curve that can be gone along: how long against how sure. */
export function StepCurve({ used: { curve, found, by }, weighed }: StepCurveProps) {
  const id = useId();
  const units = useUnits();
  const [at, setAt] = useState<number | null>(null);
  const wanted = found?.count ?? curve[0]?.count ?? 0;
  const start = Math.max(
    0,
    curve.findIndex(({ count }) => count === wanted),
  );
  const index = Math.min(at ?? start, curve.length - 1);
  const step = curve[index];
  if (!step || curve.length < 3) return null;
  const x = (place: number) => (BOX.width * place) / (curve.length - 1);
  const y = (chance: number) => BOX.height - 6 - chance * (BOX.height - 12);
  const line = curve.map((one, place) => `${x(place).toFixed(1)} ${y(one.chance).toFixed(1)}`).join("L");
  const told = (one: Step) => `${lengthOf(one, by, units)}: ${formatChance(one.chance, weighed)}`;
  return (
    <div className="mt-2">
      <label htmlFor={id} className="text-sm">
        {by === "size" || by === "sizes" ? "Larger" : "Longer"} or surer: <strong>{told(step)}</strong>
      </label>
      <svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        preserveAspectRatio="none"
        aria-hidden
        className="mt-1 h-20 w-full overflow-visible"
      >
        <path d={`M0 ${BOX.height}L${line}L${BOX.width} ${BOX.height}Z`} className="fill-woad/15" />
        <path
          d={`M${line}`}
          fill="none"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
          className="stroke-woad"
        />
        <path
          d={`M${x(index)} 0V${BOX.height}`}
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
          className="stroke-madder"
        />
      </svg>
      <input
        id={id}
        type="range"
        min={0}
        max={curve.length - 1}
        value={index}
        aria-valuetext={told(step)}
        onChange={({ target }) => setAt(Number(target.value))}
        className="w-full accent-madder"
      />
    </div>
  );
}

/** How long something is at a step, or how often it is worked. */
function lengthOf({ count, alongMm, name }: Step, by: UsedUp["by"], units: "metric" | "imperial"): string {
  if (name !== null) return `size ${name}`;
  if (by === "times") return countOf(count, "time");
  if (alongMm === null) return countOf(count, "repeat");
  const long = `${formatSize(millimetres(alongMm), units)} long`;
  return by === "length" ? `${long}, ${countOf(count, "repeat")}` : long;
}
