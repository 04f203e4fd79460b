import { useEffect, useState } from "react";
import { FREE_MARGIN, PATH_MARGIN } from "@/core/fabric/yarnPath";
import { plainStitch } from "@/core/fabric/plainStitch";
import type { KnownForecast } from "@/core/forecast/projectForecast";
import { thicknessOf } from "@/core/yarn/thickness";
import { useProject } from "@/state/projectStore";
import { reckoner } from "@/state/reckoner";
import { drawnOnCanvas } from "@/ui/fabric/exportFabric";
import { drawnThickness } from "@/ui/fabric/fabricLook";
import type { PieceCloth } from "@/workers/weaver";

/** A picture of one repeat of the piece, as wide as the piece, to be laid on and on upwards. */
export interface ClothPicture {
  readonly address: string;
  readonly rows: number;
}

/** Fine enough for a piece that is drawn some hundreds of pixels wide, on a sharp screen too. */
const PICTURE_PX = 1400;

/** Little: at this size the ropes are seen by their shade. */
const DEEP_LIGHT = 0.08;

/** The middle repeat, cut out of the drawing of three. */
function cutOut({ path, heightOfRepeat }: PieceCloth, drawn: HTMLCanvasElement): string | null {
  const scale = drawn.width / path.width;
  const cut = document.createElement("canvas");
  cut.width = Math.round((path.width - 2 * FREE_MARGIN) * scale);
  cut.height = Math.max(1, Math.round(heightOfRepeat * scale));
  const pen = cut.getContext("2d");
  if (!pen) return null;
  const top = (PATH_MARGIN + heightOfRepeat) * scale;
  pen.drawImage(
    drawn,
    FREE_MARGIN * scale,
    top,
    cut.width,
    heightOfRepeat * scale,
    0,
    0,
    cut.width,
    cut.height,
  );
  return cut.toDataURL();
}

/** The piece's own fabric, relaxed and drawn in the worker's and the screen's free time; null until it is there. */
export function usePieceCloth({ plan }: KnownForecast): ClothPicture | null {
  const project = useProject();
  const [piece] = project.pieces;
  const colour = project.yarns[0]?.colour ?? "#888888";
  const { widthMm, aspect } = plainStitch(plan.gauge);
  const thickness = drawnThickness(thicknessOf(plan.putUp), widthMm);
  const [picture, setPicture] = useState<ClothPicture | null>(null);
  const lies = piece && [piece.ropeId, piece.lean, piece.ropes, piece.purls, piece.edge, piece.blocking];
  const own = piece?.across.map(({ panelId }) => project.panels.find(({ id }) => id === panelId)?.text);
  const key = JSON.stringify([lies, piece?.across, own, aspect, colour, thickness]);
  useEffect(() => {
    let current = true;
    const draw = async () => {
      const cloth = await reckoner().weavePiece(project);
      if (!current) return;
      if (!cloth) return setPicture(null);
      const longer = PICTURE_PX * Math.max(1, cloth.path.height / cloth.path.width);
      const drawn = drawnOnCanvas(
        cloth.path,
        { thickness, deepLight: DEEP_LIGHT, colourOf: () => colour },
        Math.min(4096, longer),
      );
      const address = drawn && cutOut(cloth, drawn);
      setPicture(address ? { address, rows: cloth.rows } : null);
    };
    void draw();
    return () => {
      current = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all of the project that is drawn
  }, [key]);
  return picture;
}
