"use client";
import { useState } from "react";
import type { Chart } from "@/core/panels/chart";
import { millimetres } from "@/core/units/brands";
import { formatSize } from "@/core/units/format";
import { fileStem } from "@/core/files/projectFile";
import type { Wording } from "@/core/stitches/wording";
import { reader } from "@/state/engine/workers";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { download } from "@/ui/parts/download";
import { toast } from "@/ui/parts/toast";
import { PRINTED_MM, printedMm } from "./ChartFrame";

type Size = keyof typeof PRINTED_MM;

const OPTIONS = [
  { value: "small", label: "small", name: "Stitches small on paper" },
  { value: "usual", label: "usual", name: "Stitches of the usual size on paper" },
  { value: "large", label: "large", name: "Stitches large on paper" },
] as const;

/** A sheet of paper without its margins, in mm. */
const PAGE = { width: 190, height: 277 } as const;

/** Keeps a chart as a picture; what draws it comes with the first one. */
async function keep(as: "svg" | "png", chart: Chart, name: string, stitchMm: number) {
  try {
    const { keepChartPng, keepChartSvg } = await import("./exportChart");
    if (as === "svg") keepChartSvg(chart, name, stitchMm);
    else await keepChartPng(chart, name, stitchMm);
  } catch {
    toast.error("This browser cannot draw the chart as a picture.");
  }
}

/** Keeps a chart in letters and signs, with its key. */
async function keepSigns(text: string, name: string, style: Wording) {
  const signs = await reader().inSigns(text, style);
  if (signs === null) toast.error("Not all rows of this panel are read: mend them first.");
  else
    download(
      `${fileStem(name) || "chart"}-chart.txt`,
      new Blob([`${name}\n\n${signs}\n`], { type: "text/plain" }),
    );
}

interface ChartSaveProps {
  readonly chart: Chart;
  readonly name: string;
  /** The rows that are drawn. */
  readonly text: string;
}

/** The chart as a picture to print: how large its stitches are, and how large that makes it. */
export function ChartSave({ chart, name, text }: ChartSaveProps) {
  const [size, setSize] = useState<Size>("usual");
  const units = useUnits();
  const { naming, words } = useSettings();
  const stitchMm = PRINTED_MM[size];
  const { width, height } = printedMm(chart, stitchMm);
  const told = `${formatSize(millimetres(width), units)} × ${formatSize(millimetres(height), units)}`;
  const pages = Math.ceil(width / PAGE.width) * Math.ceil(height / PAGE.height);
  return (
    <div className="flex flex-wrap items-center gap-2 text-sm">
      <Button size="small" onClick={() => void keep("png", chart, name, stitchMm)}>
        Save as PNG
      </Button>
      <Button size="small" onClick={() => void keep("svg", chart, name, stitchMm)}>
        Save as SVG
      </Button>
      <Button size="small" onClick={() => void keepSigns(text, name, { naming, words })}>
        Save as text
      </Button>
      <Choice label="Size on paper" options={OPTIONS} value={size} onChange={setSize} />
      <span className="text-faint">
        {told} on paper{pages > 1 && `: larger than one sheet, about ${pages}`}
      </span>
    </div>
  );
}
