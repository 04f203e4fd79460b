"use client";
import { useEffect, useRef, useState } from "react";
import type { YarnPath } from "@/core/fabric/yarnPath";
import type { Painted, YarnLook } from "@/drawing/paintYarn";
import { nextJob } from "@/state/engine/job";
import { loom } from "@/state/engine/workers";
import { pathSvg, putPainted } from "./fabricPicture";
import { resting } from "./resting";

interface FabricCanvasProps {
  readonly path: YarnPath;
  /** Whether the path is all that it can be, or a better one is on its way. */
  readonly settled: boolean;
  readonly look: YarnLook;
  /** Size of a plain stitch width, in pixels of the page. */
  readonly scale: number;
  readonly label: string;
  /** Hears what is in sight at each pixel, each time that it is painted. */
  readonly onPainted: (painted: Painted) => void;
}

/** Sharper than this is not drawn: large fabrics would take more memory than they show. */
const MOST_PIXELS = 4096;

/** What is being moved is painted with no more pixels than this, and stretched: it follows twice as soon. */
const QUICK_PIXELS = 45_000;

/** The yarn painted on a canvas; as an SVG picture where there is none to paint on. */
export function FabricCanvas({ path, settled, look, scale, label, onPainted }: FabricCanvasProps) {
  const place = useRef<HTMLCanvasElement>(null);
  const [plain, setPlain] = useState(false);
  /** The path that is to be seen, and whether it was painted at once rather than well. */
  const [shown, setShown] = useState<{ readonly path: YarnPath; readonly quick: boolean } | null>(null);
  const [width, height] = [path.width * scale, path.height * scale];

  const told = useRef(onPainted);
  useEffect(() => {
    told.current = onPainted;
  }, [onPainted]);

  useEffect(() => {
    const job = nextJob();
    const sharp = Math.min(window.devicePixelRatio || 1, MOST_PIXELS / Math.max(width, height));
    const soon = Math.min(sharp, Math.sqrt(QUICK_PIXELS / (width * height)));
    const sizeAt = (times: number) => ({
      width: Math.ceil(width * times),
      height: Math.ceil(height * times),
    });
    let gone = false;
    const show = async () => {
      const pen = place.current?.getContext("2d");
      if (!pen) return setPlain(true);
      // What is being moved follows at once; when it rests it is painted well.
      for (const quick of [true, false]) {
        if (!quick) await resting();
        if (gone) return;
        const painted = await loom().paint(job, path, { ...look, quick }, sizeAt(quick ? soon : sharp));
        if (!painted) return;
        putPainted(pen, painted);
        setShown({ path, quick });
        told.current(painted);
      }
    };
    void show();
    return () => {
      gone = true;
      void loom().stopWeaving(job);
    };
  }, [path, look, width, height]);

  if (plain)
    return (
      <>
        {/* eslint-disable-next-line @next/next/no-img-element -- a picture made here, not one to be fetched */}
        <img
          alt={label}
          style={{ width, height }}
          src={`data:image/svg+xml,${encodeURIComponent(pathSvg(path, look, 5, label))}`}
        />
        <p role="note" className="absolute top-1 left-1 rounded bg-card px-1.5 text-xs">
          Drawn flat: this browser has no canvas to paint on.
        </p>
      </>
    );
  return (
    <canvas
      ref={place}
      role="img"
      aria-label={label}
      aria-busy={shown?.path !== path}
      data-settled={settled && shown?.path === path && !shown.quick}
      className="block"
      style={{ width, height }}
    />
  );
}
