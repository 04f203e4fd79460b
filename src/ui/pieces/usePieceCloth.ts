import { useEffect, useState } from "react";
import { plainStitch } from "@/core/fabric/plainStitch";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import { fabricBasis } from "@/core/garment/lay";
import { thicknessOf } from "@/core/yarn/thickness";
import { useProject } from "@/state/projectStore";
import { loom } from "@/state/workers";
import { drawnThickness } from "@/ui/fabric/fabricLook";

/** One repeat of the piece's own fabric, to be laid on and on upwards. */
interface Cloth {
  readonly address: string;
  readonly rows: number;
}

/** Little: at this size the ropes are seen by their shade. */
const DEEP_LIGHT = 0.08;

/** Drawn when typing rests: the answer comes first. */
const SETTLE_MS = 300;

/** The piece's own fabric, relaxed and drawn in the worker; null until it is there, or where it cannot be drawn. */
export function usePieceCloth({ id, plan }: EstimatedPiece): Cloth | null {
  const project = useProject();
  const piece = project.pieces.find((one) => one.id === id);
  const colour = project.yarns[0]?.colour ?? "#888888";
  const { widthMm, aspect } = plainStitch(plan.gauge);
  const thickness = drawnThickness(thicknessOf(plan.putUp), widthMm);
  const [cloth, setCloth] = useState<Cloth | null>(null);
  const basis = piece ? fabricBasis(project, piece, aspect) : "";
  const key = [id, basis, colour, thickness].join("\n");
  useEffect(() => {
    let current = true;
    let address = "";
    const draw = async () => {
      const drawn = await loom().drawPiece(project, id, colour, { thickness, deepLight: DEEP_LIGHT });
      if (!current) return;
      address = drawn ? URL.createObjectURL(drawn.picture) : "";
      setCloth(drawn && { address, rows: drawn.rows });
    };
    const timer = setTimeout(() => void draw(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
      if (address) URL.revokeObjectURL(address);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all of the project that is drawn
  }, [key]);
  return cloth;
}
