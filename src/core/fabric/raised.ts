/** Bobbles and nupps as they are drawn: a little ball of rows that stands before its stitch. Lengths in stitch widths. */
import type { Panel } from "../panels/panel";
import { widthOf } from "../stitches/crossings";
import { AXES } from "./contact";

/** A raised stitch: its place, and the plain loops of yarn in it. */
export interface RaisedStitch {
  readonly row: number;
  readonly column: number;
  readonly loops: number;
}

const { max, min, round, sqrt } = Math;

/** A ball grows with the root of its yarn: one of 14 loops is about as wide as a stitch and a half. */
const RADIUS = 0.19;
const RADII = [0.32, 0.85] as const;
/** How far before its stitch the middle of a ball lies, and how flat it is. */
const BEFORE = 0.3;
const FLAT = 0.75;
/** Between two rows of a ball, and straight pieces of yarn in one of them. */
const ROW = 0.34;
const PIECES = 12;

/** The raised stitches of a panel, row by row. Example: a panel without bobbles has none. */
export const raisedOf = ({ rows }: Panel): readonly RaisedStitch[] =>
  rows.flatMap((works, row) => {
    const raised: RaisedStitch[] = [];
    let column = 0;
    for (const work of works) {
      if ("crossing" in work) column += widthOf(work.crossing);
      else {
        const { leaves, yarn } = work.operation;
        if (work.operation.raised)
          for (let time = 0; time < work.times; time += 1)
            raised.push({ row, column: column + time * leaves, loops: yarn.loops });
        column += leaves * work.times;
      }
    }
    return raised;
  });

/**
 * Points of a ball of so many loops about its stitch: its rows, to and fro, from the bottom to the top.
 * Example: one of 14 loops has five rows of thirteen points.
 */
export function ballPoints(loops: number): Float64Array {
  const radius = min(RADII[1], max(RADII[0], RADIUS * sqrt(loops)));
  const rows = max(3, round((2 * radius) / ROW) + 1);
  const points: number[] = [];
  for (let row = 0; row < rows; row += 1) {
    const y = radius * (-0.88 + (1.76 * row) / (rows - 1));
    const half = sqrt(radius * radius - y * y);
    for (let step = 0; step <= PIECES; step += 1) {
      const across = half * (1 - (2 * step) / PIECES) * (row % 2 === 0 ? 1 : -1);
      points.push(across, y, BEFORE + FLAT * sqrt(max(0, half * half - across * across)));
    }
  }
  // Whatever is drawn several pieces at once has a multiple of four of them.
  while ((points.length / AXES - 1) % 4 !== 0) points.push(...points.slice(-AXES));
  return Float64Array.from(points);
}
