"use client";
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { DrawnFabric } from "@/core/fabric/drawnFabric";
import { FREE_MARGIN } from "@/core/fabric/yarnPath";
import type { Chart } from "@/core/panels/chart";
import type { Painted, YarnLook } from "@/drawing/paintYarn";
import { FabricCanvas } from "./FabricCanvas";
import { FabricLens } from "./FabricLens";
import { FabricRuler } from "./FabricRuler";

interface FabricStageProps {
  readonly woven: DrawnFabric;
  readonly look: YarnLook;
  readonly chart: Chart;
  readonly stitchMm: number;
  readonly loopMm: number;
  readonly name: string;
}

/** Size of a plain stitch on the page, in pixels: never too small to be told apart, nor larger than life. */
const SMALLEST = 7;
const LARGEST = 34;
const HIGHEST = 380;
const USUAL_WIDTH = 440;

/** Where the keys move the lens: columns count from the right, rows from the bottom. */
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The drawn fabric between two rulers, with the plain width that it is pulled in from dashed behind it. */
export function FabricStage({ woven, look, chart, stitchMm, loopMm, name }: FabricStageProps) {
  const place = useRef<HTMLDivElement>(null);
  const painted = useRef<Painted>(null);
  const [room, setRoom] = useState(USUAL_WIDTH);
  /** The stitch under the lens. */
  const [looked, setLooked] = useState<number | null>(null);
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
  const repeat = { stitches: figures.stitches, rows: figures.rows, across: plainWidth };

  /** The lens goes to the stitch under the pointer; beside the yarn it stays where it was. */
  const pointAt = ({ clientX, clientY, currentTarget }: PointerEvent) => {
    const seen = painted.current;
    if (!seen) return;
    const box = currentTarget.getBoundingClientRect();
    const column = Math.floor(((clientX - box.left) / box.width) * seen.width);
    const row = Math.floor(((clientY - box.top) / box.height) * seen.height);
    const piece = seen.pieces[row * seen.width + column] ?? 0;
    if (piece > 0) setLooked(path.stitches[piece - 1] ?? null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (event.key === "Enter") setLooked((at) => at ?? 0);
    else if (event.key === "Escape") setLooked(null);
    else if (step && looked !== null) {
      const [column, row] = [(looked % plainWidth) + step[0], Math.floor(looked / plainWidth) + step[1]];
      if (column >= 0 && column < plainWidth && row >= 0 && row < figures.rows)
        setLooked(row * plainWidth + column);
    } else return;
    event.preventDefault();
  };

  return (
    <div className="relative">
      <div
        ref={place}
        role="region"
        aria-label={`Fabric of ${name}`}
        tabIndex={0}
        onKeyDown={onKeyDown}
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
          <div
            className="absolute top-0 left-0"
            onPointerMove={pointAt}
            onPointerDown={pointAt}
            onPointerLeave={({ pointerType }) => pointerType === "mouse" && setLooked(null)}
          >
            <FabricCanvas
              path={path}
              settled={woven.settled}
              look={look}
              scale={scale}
              label={`${plainWidth} stitches by ${figures.rows * times} rows, ${Math.round(100 * figures.widthFactor)} % of their plain width`}
              onPainted={(seen) => {
                painted.current = seen;
              }}
            />
          </div>
        </div>
        <div style={{ paddingLeft: margin }}>
          <FabricRuler unit="cm" side="above" {...ruler} />
        </div>
        <p className="mt-1 text-xs text-faint">
          Dashed: as wide as plain stitches would be. Point at a stitch, or press Enter and the arrows, to
          look at it closely.
        </p>
      </div>
      {looked !== null && looked < plainWidth * figures.rows && (
        <div
          className={`absolute top-8 z-10 ${(looked % plainWidth) * 2 < plainWidth ? "left-2" : "right-2"}`}
        >
          <FabricLens {...{ path, look, repeat, chart, loopMm }} stitch={looked} />
        </div>
      )}
    </div>
  );
}
