/** A drawn fabric as a picture to keep. */
import type { YarnPath } from "@/core/fabric/yarnPath";
import { fileStem } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import type { YarnLook } from "@/drawing/paintYarn";
import { nextJob } from "@/state/engine/job";
import { loom } from "@/state/engine/workers";
import { pathSvg, putPainted } from "./fabricPicture";

/** Longer side of a kept picture, in pixels. */
const LONGER_SIDE = 2400;

const nameOf = (name: string, ending: string) => `${fileStem(name) || "fabric"}.${ending}`;

export function keepAsSvg(path: YarnPath, look: YarnLook, stitchMm: number, name: string) {
  download(nameOf(name, "svg"), new Blob([pathSvg(path, look, stitchMm, name)], { type: "image/svg+xml" }));
}

/** Gives false where the browser cannot draw it. */
export async function keepAsPng(path: YarnPath, look: YarnLook, name: string): Promise<boolean> {
  const canvas = document.createElement("canvas");
  const pen = canvas.getContext("2d");
  const scale = LONGER_SIDE / Math.max(path.width, path.height);
  const size = { width: Math.round(path.width * scale), height: Math.round(path.height * scale) };
  const painted = pen && (await loom().paint(nextJob(), path, look, size));
  if (!painted) return false;
  putPainted(pen, painted);
  const picture = await new Promise<Blob | null>((resolve) => {
    canvas.toBlob(resolve, "image/png");
  });
  if (picture) download(nameOf(name, "png"), picture);
  return picture !== null;
}
