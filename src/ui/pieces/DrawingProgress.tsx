"use client";
import { drawAfterAll, stopDrawing, useDrawnShare, useNotDrawn } from "@/state/engine/drawing";
import { WeavingProgress } from "@/ui/fabric/WeavingProgress";
import { Button } from "@/ui/parts/Button";

/** Over the lower edge of a drawing: how far its fabrics are, a way to stop them, and one to draw them after all. */
export function DrawingProgress({ drawing }: { readonly drawing: string }) {
  const share = useDrawnShare(drawing);
  const stopped = useNotDrawn(drawing, "stopped");
  const tooLarge = useNotDrawn(drawing, "tooLarge");
  return (
    <div className="absolute inset-x-2 bottom-1 rounded bg-card/90 px-2 pb-1 empty:hidden">
      <WeavingProgress progress={share} onStop={() => stopDrawing(drawing)} label="Drawing the fabric" />
      {stopped && share === null && (
        <p role="status" className="mt-1 flex items-center gap-3 text-sm">
          <span className="flex-1">Its fabric is not drawn: you stopped it.</span>
          <Button onClick={drawAfterAll} size="small">
            Draw it
          </Button>
        </p>
      )}
      {tooLarge && share === null && (
        <p role="status" className="mt-1 text-sm">
          A fabric whose repeat has over 20,000 stitches is shown in its colour only.
        </p>
      )}
    </div>
  );
}
