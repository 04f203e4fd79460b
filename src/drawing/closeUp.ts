/** A part of a path by itself: what a lens shows. */
import { NUMBERS_EACH, type YarnPath } from "../core/fabric/yarnPath";

/** A part of a drawing, in plain stitch widths from its lower left corner. */
export interface Part {
  readonly left: number;
  readonly bottom: number;
  readonly width: number;
  readonly height: number;
}

/** Yarn reaches no further than this from its middle, in stitch widths. */
const REACH = 0.4;

/** The yarn that is seen in a part of a path. Example: all of a path is seen in a part as large as it. */
export function closeUp(path: YarnPath, { left, bottom, width, height }: Part): YarnPath {
  const within = (x: number, y: number) =>
    x > left - REACH && x < left + width + REACH && y > bottom - REACH && y < bottom + height + REACH;
  const kept: number[] = [];
  for (let at = 0; at < path.pieces.length; at += NUMBERS_EACH) {
    const [x0, y0, , x1, y1] = path.pieces.subarray(at, at + 5);
    if (within(x0 ?? 0, y0 ?? 0) || within(x1 ?? 0, y1 ?? 0)) kept.push(at);
  }
  const pieces = new Float32Array(kept.length * NUMBERS_EACH);
  const stitches = new Uint32Array(kept.length);
  kept.forEach((at, index) => {
    const to = index * NUMBERS_EACH;
    pieces.set(path.pieces.subarray(at, at + NUMBERS_EACH), to);
    for (const [axis, from] of [
      [0, left],
      [1, bottom],
      [3, left],
      [4, bottom],
    ] as const)
      pieces[to + axis] = (pieces[to + axis] ?? 0) - from;
    stitches[index] = path.stitches[at / NUMBERS_EACH] ?? 0;
  });
  return { pieces, stitches, width, height };
}

/** The middle of the yarn of a stitch where it is drawn first, in the unit of the path; null where it is not. */
export function middleOf({ pieces, stitches }: YarnPath, stitch: number) {
  const first = stitches.indexOf(stitch);
  if (first < 0) return null;
  let [x, y, count] = [0, 0, 0];
  for (let piece = first; stitches[piece] === stitch; piece += 1) {
    x += pieces[piece * NUMBERS_EACH] ?? 0;
    y += pieces[piece * NUMBERS_EACH + 1] ?? 0;
    count += 1;
  }
  return { x: x / count, y: y / count };
}
