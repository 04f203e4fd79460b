"use client";
import { useEffect, useRef, useState } from "react";
import type { DrawnFabric } from "@/core/fabric/drawnFabric";
import { FREE_MARGIN } from "@/core/fabric/yarnPath";
import { FabricCanvas } from "./FabricCanvas";
import { FabricRuler } from "./FabricRuler";
import type { YarnLook } from "@/drawing/yarnRenderer";

interface FabricStageProps {
  readonly woven: DrawnFabric;
  readonly look: YarnLook;
  readonly stitchMm: number;
  readonly name: string;
}

/** Size of a plain stitch on the page, in pixels: never too small to be told apart, nor larger than life. */
const SMALLEST = 7;
const LARGEST = 34;
const HIGHEST = 380;
const USUAL_WIDTH = 440;

/** The drawn fabric between two rulers, with the plain width that it is pulled in from dashed behind it. */
export function FabricStage({ woven, look, stitchMm, name }: FabricStageProps) {
  const place = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(USUAL_WIDTH);
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const sized = new ResizeObserver(() => setRoom(element.clientWidth));
    sized.observe(element);
    return () => sized.disconnect();
  }, []);
  const { path, times, figures } = woven;
  const plainWidth = figures.stitches * times;
  // By the plain size, so that the fabric moves on the page when it is blocked, and not the page around it.
  const plainHeight = path.height / figures.heightFactor;
  const fits = Math.min((room - 32) / (plainWidth + 2 * FREE_MARGIN), HIGHEST / plainHeight);
  const scale = Math.min(LARGEST, Math.max(SMALLEST, fits));
  const [plainPx, margin] = [plainWidth * scale, FREE_MARGIN * scale];
  const ruler = { lengthPx: plainPx, pxPerMm: scale / stitchMm };
  return (
    <div
      ref={place}
      role="region"
      aria-label={`Fabric of ${name}`}
      tabIndex={0}
      className="mt-2 max-h-[34rem] overflow-auto rounded-lg border border-line bg-paper p-2"
    >
      <div style={{ paddingLeft: margin }}>
        <FabricRuler unit="in" side="below" {...ruler} />
      </div>
      <div className="relative" style={{ width: plainPx + 2 * margin, height: path.height * scale }}>
        <div
          className="absolute rounded-sm border border-dashed border-woad"
          style={{ left: margin, top: margin, width: plainPx, bottom: margin }}
        />
        <div className="absolute top-0 left-0">
          <FabricCanvas
            path={path}
            look={look}
            scale={scale}
            label={`${plainWidth} stitches by ${figures.rows * times} rows, ${Math.round(100 * figures.widthFactor)} % of their plain width`}
          />
        </div>
      </div>
      <div style={{ paddingLeft: margin }}>
        <FabricRuler unit="cm" side="above" {...ruler} />
      </div>
      <p className="mt-1 text-xs text-faint">Dashed: as wide as plain stitches would be.</p>
    </div>
  );
}
