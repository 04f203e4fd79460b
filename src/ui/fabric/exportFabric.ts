/** A drawn fabric as a picture to keep. */
import type { YarnPath } from "@/core/fabric/yarnPath";
import { fabricSvg } from "@/core/files/fabricSvg";
import { fileStem } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import { yarnRenderer, type YarnLook } from "./yarnRenderer";

/** Longer side of a kept picture, in pixels. */
const LONGER_SIDE = 2400;

const nameOf = (name: string, ending: string) => `${fileStem(name) || "fabric"}.${ending}`;

export function keepAsSvg(path: YarnPath, look: YarnLook, stitchMm: number, name: string) {
  const picture = fabricSvg(path, { ...look, stitchMm, title: name });
  download(nameOf(name, "svg"), new Blob([picture], { type: "image/svg+xml" }));
}

/** A path drawn on a canvas of its own, its longer side so many pixels; null where there is no WebGL2. */
export function drawnOnCanvas(path: YarnPath, look: YarnLook, longerSide: number): HTMLCanvasElement | null {
  const canvas = document.createElement("canvas");
  const scale = longerSide / Math.max(path.width, path.height);
  [canvas.width, canvas.height] = [Math.round(path.width * scale), Math.round(path.height * scale)];
  const renderer = yarnRenderer(canvas);
  renderer?.draw(path, look);
  return renderer && canvas;
}

/** Gives false where the browser cannot draw it. */
export async function keepAsPng(path: YarnPath, look: YarnLook, name: string): Promise<boolean> {
  const canvas = drawnOnCanvas(path, look, LONGER_SIDE);
  const picture = await new Promise<Blob | null>((resolve) => {
    if (canvas) canvas.toBlob(resolve, "image/png");
    else resolve(null);
  });
  if (picture) download(nameOf(name, "png"), picture);
  return picture !== null;
}
