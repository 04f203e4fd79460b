import { useEffect, useState } from "react";
import { plainStitch } from "@/core/stitches/plainStitch";
import type { Gauge } from "@/core/stitches/plainStitch";
import { fabricBasis } from "@/core/garment/layout";
import { thicknessOf } from "@/core/yarn/thickness";
import type { Project } from "@/core/project/project";
import type { PutUp } from "@/core/yarn/putUp";
import { useProject } from "@/state/project/projectStore";
import { drawSection, useDrawingWishes } from "@/state/engine/drawing";
import { drawnThickness } from "@/ui/fabric/fabricLook";

/** One repeat of a section's own fabric, to be laid on and on. */
export interface PieceFabric {
  readonly address: string;
  readonly rows: number;
  readonly stitches: number;
}

/** As large as a piece is shown, or near to it: much larger pictures flicker when they are made smaller. */
const PIECE_PX = 520;

/** Drawn when typing rests: the answer comes first. */
const SETTLE_MS = 300;

interface Wanted {
  readonly pieceId: string;
  readonly sectionId: string;
  readonly gauge: Gauge;
  readonly putUp: PutUp;
  readonly colour: string;
}

/** What the fabrics of the open project's pieces are drawn for. */
export const SCHEMATIC = "schematic";

/** The fabric of a section of the open project. */
export const usePieceFabric = (wanted: Wanted): PieceFabric | null =>
  useDrawnFabric(SCHEMATIC, useProject(), wanted, PIECE_PX);

/**
 * The section's own fabric, relaxed and drawn in the worker at most so wide; null until it is there, or where it cannot
 * be drawn. `drawing` is what it is drawn for.
 */
export function useDrawnFabric(
  drawing: string,
  project: Project,
  { pieceId, sectionId, gauge, putUp, colour }: Wanted,
  mostPx: number,
): PieceFabric | null {
  const piece = project.pieces.find(({ id }) => id === pieceId);
  const section = piece?.sections.find(({ id }) => id === sectionId);
  const { widthMm, aspect } = plainStitch(gauge);
  const thickness = drawnThickness(thicknessOf(putUp), widthMm);
  const [fabric, setFabric] = useState<PieceFabric | null>(null);
  const basis = piece && section ? fabricBasis(project, piece, section, aspect) : "";
  const yarn = project.yarns.find(({ id }) => id === piece?.yarnId) ?? project.yarns[0];
  const label = [yarn?.fibres, yarn?.plies, yarn?.dyed].join(" ");
  const wishes = useDrawingWishes();
  const key = [drawing, pieceId, sectionId, basis, piece?.mirrored, colour, thickness, label, wishes].join(
    "\n",
  );
  useEffect(() => {
    let address = "";
    let drop = () => {};
    const timer = setTimeout(() => {
      drop = drawSection(drawing, { project, pieceId, sectionId, colour, thickness, mostPx }, (drawn) => {
        address = drawn ? URL.createObjectURL(drawn.picture) : "";
        setFabric(drawn && { address, rows: drawn.rows, stitches: drawn.stitches });
      });
    }, SETTLE_MS);
    return () => {
      clearTimeout(timer);
      drop();
      if (address) URL.revokeObjectURL(address);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all of the project that is drawn
  }, [key]);
  return fabric;
}
