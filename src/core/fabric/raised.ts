/**
 * What stands before the fabric as it is drawn: bobbles and nupps, each a little ball of rows before its stitch, and the
 * stitch of a mock cable that is lifted over its neighbours. Lengths in stitch widths.
 */
import { unitsOf, type Panel } from "../panels/panel";
import type { Operation } from "../stitches/operations";
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

/** The stitches of a panel whose operation is such a one: their places, `middle` columns after their first. */
const placesOf = (
  { rows }: Panel,
  which: (operation: Operation) => { readonly middle: number; readonly loops: number } | null,
): readonly RaisedStitch[] =>
  rows.flatMap((works, row) => {
    let column = 0;
    return unitsOf(works).flatMap(({ work, leaves }) => {
      const first = column;
      column += leaves;
      const place = "operation" in work ? which(work.operation) : null;
      return place ? [{ row, column: first + place.middle, loops: place.loops }] : [];
    });
  });

/** The raised stitches of a panel, row by row. Example: a panel without bobbles has none. */
export const raisedOf = (panel: Panel): readonly RaisedStitch[] =>
  placesOf(panel, ({ raised, yarn }) => (raised ? { middle: 0, loops: yarn.loops } : null));

/** How far a lifted stitch reaches to either side of the middle one, before it and behind it, and how steep it lies. */
const LIFTED = { aside: 1.3, before: 0.42, behind: -0.2, steep: 0.34 } as const;

/**
 * The stitches of a panel that are lifted over those beside them: several are worked as one, and as many are left. The
 * place of the middle one, and the loops of one. Example: mock cable over three stitches has one, at the second.
 */
export const liftedOf = (panel: Panel): readonly RaisedStitch[] =>
  placesOf(panel, ({ uses, leaves, yarn }) =>
    uses > 1 && uses === leaves ? { middle: Math.floor(leaves / 2), loops: yarn.loops / leaves } : null,
  );

/** Points of a stitch that is lifted over its neighbours: from behind at one side, over them, to behind at the other. */
export function liftedPoints(): Float64Array {
  const points = Array.from({ length: PIECES + 1 }, (_, step) => {
    const turn = (Math.PI * step) / PIECES;
    const { aside, before, behind, steep } = LIFTED;
    return [
      aside * Math.cos(turn),
      -steep * Math.cos(turn) - steep / 2,
      behind + (before - behind) * sqrt(Math.sin(turn)),
    ];
  });
  return Float64Array.from(points.flat());
}

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
