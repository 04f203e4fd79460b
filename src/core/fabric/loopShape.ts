/**
 * The shape of one loop: the parametric plain-knit curve of K. Crane, "A Simple Parametric Model of Plain-Knit Yarns"
 * (2023): along its row t + a sin 2t, across it h cos t, in depth d cos 2t. Here it leans, as a loop of plied yarn does.
 *
 * Its numbers were searched for: of loops at most 8 in 100 longer than their yarn, at the usual aspect of 0.72, this one
 * comes no nearer to its neighbours than four fifths of the thickest yarn that is drawn, and leans least. Upright loops,
 * which are their own mirror images, came as near as 0.25 of a stitch at best.
 */

const { cos, sin } = Math;

/** The thickest that yarn is drawn, in plain stitch widths: it is pressed together in a fabric. */
export const THICKEST = 0.35;

/** How far a loop bulges, reaches and stands out. */
interface Shape {
  /** To the side, in widths of its stitch. */
  readonly bulge: number;
  /** Up and down, in heights of its row: beyond its row, where it meets the loops there. */
  readonly tall: number;
  /** Its legs before its head and feet. */
  readonly deep: number;
}

const PLAIN: Shape = { bulge: 0.245, tall: 0.854, deep: 0.202 };
/** How far it leans: in widths of its stitch, in heights of its row, and in depth. */
const LEANS = { across: 0.066, up: 0.109, deep: 0.0485 } as const;

/** A point of a loop: beyond its even way across its stitch, in widths; up, in rows; towards the eye, in plain widths. */
interface UprightPoint {
  readonly across: number;
  readonly up: number;
  readonly out: number;
}

/**
 * An upright knit loop at a turn from -pi, its one foot, over 0, its head, to pi.
 * Example: the head of one that is 0.4 rows tall and 0.13 deep stands 0.4 rows up and 0.13 back.
 */
export const uprightAt = (turn: number, { bulge, tall, deep }: Shape): UprightPoint => ({
  across: bulge * sin(2 * turn),
  up: tall * cos(turn),
  out: -deep * cos(2 * turn),
});

export interface LoopPoint extends UprightPoint {
  /** How much further up its lean takes it. */
  readonly leansUp: number;
}

/**
 * A plain loop at a turn; `front` is 1 for a knit stitch and -1 for a purl, `leans` is 1 for one that leans and 0 for one
 * that stands upright.
 * Example: the head of a knit loop, at 0, stands 0.854 rows up and 0.202 back.
 */
export function loopAt(turn: number, front: 1 | -1, leans = 1): LoopPoint {
  const { across, up, out } = uprightAt(turn, PLAIN);
  return {
    across: across + leans * front * LEANS.across * cos(2 * turn),
    up,
    leansUp: leans * front * LEANS.up * sin(turn),
    out: leans * LEANS.deep * sin(2 * turn) + front * out,
  };
}
