/** A drawn fabric as a picture to keep. */
import type { YarnPath } from "@/core/fabric/yarnPath";
import { fabricSvg } from "@/core/files/fabricSvg";
import { fileStem } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import { yarnRenderer, type YarnLook } from "@/drawing/yarnRenderer";

/** Longer side of a kept picture, in pixels. */
const LONGER_SIDE = 2400;

const nameOf = (name: string, ending: string) => `${fileStem(name) || "fabric"}.${ending}`;

export function keepAsSvg(path: YarnPath, look: YarnLook, stitchMm: number, name: string) {
  const picture = fabricSvg(path, { ...look, stitchMm, title: name });
  download(nameOf(name, "svg"), new Blob([picture], { type: "image/svg+xml" }));
}

/** Gives false where the browser cannot draw it. */
export async function keepAsPng(path: YarnPath, look: YarnLook, name: string): Promise<boolean> {
  const canvas = document.createElement("canvas");
  const scale = LONGER_SIDE / Math.max(path.width, path.height);
  [canvas.width, canvas.height] = [Math.round(path.width * scale), Math.round(path.height * scale)];
  const renderer = yarnRenderer(canvas);
  if (!renderer) return false;
  renderer.draw(path, look);
  const picture = await new Promise<Blob | null>((resolve) => {
    canvas.toBlob(resolve, "image/png");
  });
  renderer.dispose();
  if (picture) download(nameOf(name, "png"), picture);
  return picture !== null;
}
