"use client";
import { useEffect, useRef, useState } from "react";
import type { YarnPath } from "@/core/fabric/yarnPath";
import { fabricSvg } from "@/core/files/fabricSvg";
import { yarnRenderer, type YarnLook, type YarnRenderer } from "@/drawing/yarnRenderer";

interface FabricCanvasProps {
  readonly path: YarnPath;
  readonly look: YarnLook;
  /** Size of a plain stitch width, in pixels of the page. */
  readonly scale: number;
  readonly label: string;
}

/** Sharper than this is not drawn: large fabrics would take more memory than they show. */
const MOST_PIXELS = 4096;

/** The yarn drawn on a canvas; as an SVG picture where there is no WebGL2. */
export function FabricCanvas({ path, look, scale, label }: FabricCanvasProps) {
  const place = useRef<HTMLCanvasElement>(null);
  const renderer = useRef<YarnRenderer | null>(null);
  const [plain, setPlain] = useState(false);
  const [width, height] = [path.width * scale, path.height * scale];

  useEffect(() => {
    const canvas = place.current;
    if (!canvas) return;
    const made = yarnRenderer(canvas);
    renderer.current = made;
    setPlain(made === null);
    // A context that the system takes away is not fought for: the SVG shows the same.
    const lost = () => setPlain(true);
    canvas.addEventListener("webglcontextlost", lost);
    return () => {
      canvas.removeEventListener("webglcontextlost", lost);
      made?.dispose();
    };
  }, []);

  useEffect(() => {
    const canvas = place.current;
    if (!canvas || !renderer.current) return;
    const sharp = Math.min(window.devicePixelRatio || 1, MOST_PIXELS / Math.max(width, height));
    [canvas.width, canvas.height] = [Math.ceil(width * sharp), Math.ceil(height * sharp)];
    renderer.current.draw(path, look);
  }, [path, look, width, height]);

  if (plain)
    return (
      <>
        {/* eslint-disable-next-line @next/next/no-img-element -- a picture made here, not one to be fetched */}
        <img
          alt={label}
          style={{ width, height }}
          src={`data:image/svg+xml,${encodeURIComponent(fabricSvg(path, { ...look, stitchMm: 5, title: label }))}`}
        />
        <p role="note" className="absolute top-1 left-1 rounded bg-card px-1.5 text-xs">
          Drawn flat: this browser has no WebGL.
        </p>
      </>
    );
  return <canvas ref={place} role="img" aria-label={label} className="block" style={{ width, height }} />;
}
