"use client";
import { useEffect, useRef } from "react";
import type { Chart } from "@/core/panels/chart";
import { NUMBERS_EACH, type YarnPath } from "@/core/fabric/yarnPath";
import { formatFine } from "@/core/units/format";
import { millimetres } from "@/core/units/brands";
import { closeUp, middleOf } from "@/drawing/closeUp";
import type { YarnLook } from "@/drawing/paintYarn";
import { nextJob } from "@/state/engine/job";
import { loom } from "@/state/engine/workers";
import { putPainted } from "./fabricPicture";

interface FabricLensProps {
  readonly path: YarnPath;
  readonly look: YarnLook;
  /** Stitches and rows of one repeat, and of the drawing how many stitches lie across. */
  readonly repeat: { readonly stitches: number; readonly rows: number; readonly across: number };
  readonly chart: Chart;
  /** Yarn in a plain loop, in mm. */
  readonly loopMm: number;
  /** The stitch of the drawing that is looked at. */
  readonly stitch: number;
}

/** Stitch widths that are seen in the lens, and its size on the page. */
const SEEN = { width: 5, height: 3.6 } as const;
const SIZE = { width: 190, height: 137 } as const;
/** What is not looked at is this light. */
const DIMMED = 0.45;

/** Yarn of a stitch against a plain one, to the figure that is told. */
const muchOf = (loops: number) =>
  Math.abs(loops - 1) < 0.005 ? "as a plain stitch" : `${loops.toFixed(2)} times a plain stitch`;

/** What stands in the chart at a stitch of the drawing. */
function workAt(chart: Chart, { stitches, rows, across }: FabricLensProps["repeat"], stitch: number) {
  const row = chart.rows[Math.floor(stitch / across) % rows];
  const column = (stitch % across) % stitches;
  const run = row?.runs.find((one) => one.column <= column && column < one.column + one.width);
  return row && run ? { row, run, column } : null;
}

/** A stitch of the fabric close up: what it is, where it stands, how much yarn it takes. */
export function FabricLens({ path, look, repeat, chart, loopMm, stitch }: FabricLensProps) {
  const place = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const job = nextJob();
    const middle = middleOf(path, stitch);
    if (!middle) return;
    const [left, bottom] = [middle.x - SEEN.width / 2, middle.y - SEEN.height / 2];
    const part = closeUp(path, { left, bottom, ...SEEN });
    const show = async () => {
      const sharp = Math.min(2, window.devicePixelRatio || 1);
      const size = { width: Math.round(SIZE.width * sharp), height: Math.round(SIZE.height * sharp) };
      const painted = await loom().paint(job, part, look, size);
      const pen = place.current?.getContext("2d");
      if (!painted || !pen) return;
      const { pixels, pieces } = painted;
      pieces.forEach((piece, at) => {
        if (piece > 0 && part.stitches[piece - 1] === stitch) return;
        for (let channel = 0; channel < 3; channel += 1)
          pixels[4 * at + channel] = DIMMED * (pixels[4 * at + channel] ?? 0);
      });
      putPainted(pen, painted);
    };
    void show();
    return () => void loom().stopWeaving(job);
  }, [path, look, stitch]);

  const work = workAt(chart, repeat, stitch);
  const loops = path.pieces[path.stitches.indexOf(stitch) * NUMBERS_EACH + 7] ?? 1;
  if (!work) return null;
  const { row, run, column } = work;
  return (
    <div className="pointer-events-none rounded-lg border border-line bg-card p-2 text-xs shadow-lg">
      <canvas ref={place} aria-hidden className="block rounded" style={SIZE} />
      <p role="status" className="mt-1 max-w-[190px]">
        <strong>
          Row {row.number}, stitch {column + 1}: {run.name}
        </strong>
        <br />
        {run.words}
        <br />
        {formatFine(millimetres(Math.round(10 * loops * loopMm) / 10))} of yarn, {muchOf(loops)}
      </p>
    </div>
  );
}
