/** A painted fabric on a canvas, and the same path as an SVG. */
import type { YarnPath } from "@/core/fabric/yarnPath";
import { fabricSvg } from "@/core/files/fabricSvg";
import { dyeBy } from "@/drawing/dye";
import type { Painted, YarnLook } from "@/drawing/paintYarn";

/** Shows what was painted on a canvas, which becomes as large. */
export function putPainted(
  pen: CanvasRenderingContext2D,
  { pixels, width, height }: Omit<Painted, "pieces">,
) {
  [pen.canvas.width, pen.canvas.height] = [width, height];
  pen.putImageData(new ImageData(pixels, width, height), 0, 0);
}

/** The path as SVG text, to scale, in the colours of its look. */
export const pathSvg = (path: YarnPath, look: YarnLook, stitchMm: number, title: string): string =>
  fabricSvg(path, { thickness: look.thickness, colourOf: dyeBy(look.dye), stitchMm, title });
