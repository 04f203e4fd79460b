/** A drawn fabric as an SVG picture: the yarn in layers from the back to the front. */
import { NUMBERS_EACH, type YarnPath } from "../fabric/yarnPath";
import { shaded } from "../yarn/colour";

interface SvgOptions {
  /** `#rrggbb` of a piece of yarn that holds so many plain loops. */
  readonly colourOf: (loops: number) => string;
  /** Thickness of the yarn in plain stitch widths. */
  readonly thickness: number;
  /** Size of a plain stitch width on the picture, in mm. */
  readonly stitchMm: number;
  readonly title: string;
}

const LAYERS = 24;

const escaped = (text: string) =>
  text.replace(
    /[&<>"]/g,
    (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[sign] ?? sign,
  );

interface Layer {
  /** Straight pieces as path data, by colour. */
  readonly byColour: Map<string, string[]>;
}

/** The pieces of yarn sorted by depth into layers, the one at the back first. */
function layersOf({ pieces, height }: YarnPath, colourOf: SvgOptions["colourOf"]): readonly Layer[] {
  const depthAt = (at: number) => ((pieces[at + 2] ?? 0) + (pieces[at + 5] ?? 0)) / 2;
  let [least, most] = [Infinity, -Infinity];
  for (let at = 0; at < pieces.length; at += NUMBERS_EACH) {
    least = Math.min(least, depthAt(at));
    most = Math.max(most, depthAt(at));
  }
  const layers = Array.from({ length: LAYERS }, (): Layer => ({ byColour: new Map() }));
  for (let at = 0; at < pieces.length; at += NUMBERS_EACH) {
    const share = (depthAt(at) - least) / Math.max(1e-9, most - least);
    const layer = layers[Math.min(LAYERS - 1, Math.floor(share * LAYERS))];
    const [x0, y0, x1, y1] = [0, 1, 3, 4].map((step) => pieces[at + step] ?? 0) as [
      number,
      number,
      number,
      number,
    ];
    const line = `M${x0.toFixed(2)} ${(height - y0).toFixed(2)}L${x1.toFixed(2)} ${(height - y1).toFixed(2)}`;
    const colour = colourOf(pieces[at + 7] ?? 1);
    const lines = layer?.byColour.get(colour);
    if (lines) lines.push(line);
    else layer?.byColour.set(colour, [line]);
  }
  return layers;
}

/**
 * The picture as SVG text, to scale: its width and height are in mm.
 * Example: a panel of 8 stitches that are 5 mm wide, drawn twice, is under 8 cm wide.
 */
export function fabricSvg(path: YarnPath, { colourOf, thickness, stitchMm, title }: SvgOptions): string {
  const strokes = layersOf(path, colourOf).flatMap(({ byColour }, depth) => {
    const light = 0.62 + (0.38 * depth) / (LAYERS - 1);
    const stroke = (lines: readonly string[], colour: string, wide: number) =>
      `<path d="${lines.join("")}" stroke="${colour}" stroke-width="${wide.toFixed(3)}"/>`;
    const each = [...byColour];
    return [
      ...each.map(([colour, lines]) => stroke(lines, shaded(colour, 0.42 * light), 1.14 * thickness)),
      ...each.map(([colour, lines]) => stroke(lines, shaded(colour, light), 0.86 * thickness)),
      ...each.map(([colour, lines]) => stroke(lines, shaded(colour, 1.14 * light), 0.34 * thickness)),
    ];
  });
  const { width, height } = path;
  const size = `width="${(width * stitchMm).toFixed(1)}mm" height="${(height * stitchMm).toFixed(1)}mm"`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} viewBox="0 0 ${width.toFixed(3)} ${height.toFixed(3)}">`,
    `<title>${escaped(title)}</title>`,
    `<g fill="none" stroke-linecap="round">`,
    ...strokes,
    "</g></svg>",
  ].join("\n");
}
