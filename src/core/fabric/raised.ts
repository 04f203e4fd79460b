/**
 * What stands before the fabric as it is drawn: bobbles and nupps, each a little ball of rows before its stitch, and the
 * stitch of a mock cable that is lifted over its neighbours. Lengths in stitch widths.
 */
import { unitsOf, type Panel } from "../panels/panel";
import type { Operation } from "../stitches/operations";
import { uprightAt } from "./loopShape";
import { AXES } from "./near";

/** A raised stitch: its place, and the plain loops of yarn in it. */
export interface RaisedStitch {
  readonly row: number;
  readonly column: number;
  readonly loops: number;
}

const { cos, max, min, round, sin, sqrt, PI } = Math;

/** A ball grows with the root of its yarn: one of 14 loops is about as wide as a stitch and a half. */
const RADIUS = 0.19;
const RADII = [0.32, 0.85] as const;
/** How far before its stitch the middle of a ball lies, and how flat it is. */
const BEFORE = 0.3;
const FLAT = 0.85;
/** What is seen of a ball is bent so far round it, from side to side and from the bottom to the top, in half turns. */
const BENT = 0.86;
/** Straight pieces of yarn in a stitch of a ball, and in a stitch that is lifted. */
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
    const turn = (PI * step) / PIECES;
    const { aside, before, behind, steep } = LIFTED;
    return [aside * cos(turn), -steep * cos(turn) - steep / 2, behind + (before - behind) * sqrt(sin(turn))];
  });
  return Float64Array.from(points.flat());
}

/** A ball's stitches: how wide and high they are about, and their loops, small ones that lie round it. */
const STITCH = { wide: 0.75, high: 0.6 } as const;
const LOOP = { bulge: 0.2, tall: 0.4, deep: 0.13 } as const;

/**
 * Points of a ball of so many loops about its stitch: its rows of stitches that are seen, to and fro, from the bottom
 * to the top. Example: one of 14 loops has three rows of three stitches.
 */
export function ballPoints(loops: number): Float64Array {
  const radius = min(RADII[1], max(RADII[0], RADIUS * sqrt(loops)));
  const arc = BENT * PI * radius;
  const [stitches, rows] = [max(1, round(arc / STITCH.wide)), max(2, round(arc / STITCH.high))];
  const points: number[] = [];
  for (let row = 0; row < rows; row += 1)
    for (let step = 0; step <= stitches * PIECES; step += 1) {
      const turn = 2 * PI * (step / PIECES) - PI;
      const loop = uprightAt(turn, LOOP);
      const along = step / PIECES + loop.across;
      const way = row % 2 === 0 ? 1 : -1;
      const east = way * (along / stitches - 0.5) * BENT * PI;
      const north = ((row + 0.5 + loop.up) / rows - 0.5) * BENT * PI;
      const out = radius + loop.out;
      points.push(
        out * cos(north) * sin(east),
        out * sin(north),
        BEFORE + FLAT * out * cos(north) * cos(east),
      );
    }
  // Whatever is drawn several pieces at once has a multiple of four of them.
  while ((points.length / AXES - 1) % 4 !== 0) points.push(...points.slice(-AXES));
  return Float64Array.from(points);
}
