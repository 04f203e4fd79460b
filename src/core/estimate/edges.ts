/** Cast-ons, cast-offs and seams: what each takes of the yarn. One more kind is one more row of a table. */
import type { PlainStitch } from "../fabric/plainStitch";
import { millimetres, type Millimetres } from "../units/brands";
import { END_MM, needleSide, tailLength, type TailBasis, type TailSchool } from "./castOn";

/** What an edge is reckoned from. */
export interface EdgeBasis {
  readonly stitches: number;
  readonly plain: PlainStitch;
  /** Finished width of the edge. */
  readonly widthMm: Millimetres;
}

interface Edge {
  readonly name: string;
  readonly why: string;
  /** Yarn of the edge without its end: so many loops a stitch, so many times the width. */
  readonly takes: { readonly loops: number; readonly widths: number };
}

const loops = (each: number) => ({ loops: each, widths: 0 });
const widths = (times: number) => ({ loops: 0, widths: times });

const yarnOfEdge = ({ takes }: Edge, { stitches, plain, widthMm }: EdgeBasis) =>
  takes.loops * stitches * plain.loopMm + takes.widths * widthMm;

/** Cast-ons without a tail, each with an end to weave in; the long-tail one stands by itself. */
const CAST_ONS_ALONE = {
  knittedOn: {
    name: "Knitted on",
    why: "Two loops a stitch, from the ball: no tail to measure.",
    takes: loops(2),
  },
  cable: { name: "Cable cast-on", why: "Two loops a stitch, from the ball; firm.", takes: loops(2) },
  tubular: { name: "Tubular", why: "2.2 loops a stitch; stretches with a rib.", takes: loops(2.2) },
} as const satisfies Record<string, Edge>;

export const CAST_ONS = {
  longTail: { name: "Long-tail", why: "One loop a stitch on the needle, and a tail to measure off." },
  ...CAST_ONS_ALONE,
} as const;
export type CastOn = keyof typeof CAST_ONS;

export const CAST_OFFS = {
  plain: { name: "Plain", why: "1.2 loops a stitch, drawn over one another.", takes: loops(1.2) },
  threeNeedle: {
    name: "Three-needle",
    why: "1.25 loops a stitch, and it closes a seam.",
    takes: loops(1.25),
  },
  sewn: { name: "Sewn", why: "3.5 times the width; stretches.", takes: widths(3.5) },
  tubular: { name: "Tubular", why: "3.5 times the width; stretches with a rib.", takes: widths(3.5) },
  grafted: {
    name: "Grafted",
    why: "1.1 loops a stitch, sewn to the other piece’s live stitches.",
    takes: loops(1.1),
  },
  gathered: {
    name: "Drawn together",
    why: "The yarn drawn twice through what is left, as at a crown.",
    takes: widths(2),
  },
  threeWidths: {
    name: "As long as three widths",
    why: "Three times the width kept in hand, however it is worked: a rule of thumb.",
    takes: widths(3),
  },
} as const satisfies Record<string, Edge>;
export type CastOff = keyof typeof CAST_OFFS;

export const CAST_ON_IDS = Object.keys(CAST_ONS) as readonly CastOn[];
export const CAST_OFF_IDS = Object.keys(CAST_OFFS) as readonly CastOff[];

export interface TailPlan {
  readonly school: TailSchool;
  /** Its basis, and a deviation of its wraps in ln. */
  readonly basis: TailBasis;
  readonly deviation: number;
}

/**
 * Yarn of a cast-on, its end or its tail included.
 * Example: 20 stitches knitted on at 20 x 28 take 40 loops of 19.13 mm and an end: 915 mm.
 */
export function castOnYarn(kind: CastOn, basis: EdgeBasis, { school, basis: tail, deviation }: TailPlan) {
  return kind === "longTail"
    ? millimetres(needleSide(basis.stitches, basis.plain) + tailLength(school, tail, deviation))
    : millimetres(yarnOfEdge(CAST_ONS_ALONE[kind], basis) + END_MM);
}

/** Loops a stitch of a cast-on without a tail. Example: a cable cast-on takes 2. */
export const castOnCount = (kind: Exclude<CastOn, "longTail">) => CAST_ONS_ALONE[kind].takes.loops;

/** Yarn of a cast-off without its end. `deviation` is in ln. Example: 20 stitches plain take 459 mm. */
export const castOffYarn = (kind: CastOff, basis: EdgeBasis, deviation = 0) =>
  millimetres(yarnOfEdge(CAST_OFFS[kind], basis) * Math.exp(deviation));

/** A mattress seam takes one and a half times its length, and two ends. */
export const SEAM_TIMES = 1.5;

/** Yarn of `count` seams, each `lengthMm` long. Example: two seams of 59 cm take 2.37 m. */
export const seamYarn = (count: number, lengthMm: Millimetres) =>
  millimetres(count * (SEAM_TIMES * lengthMm + 2 * END_MM));

/** Yarn of a square plain swatch, its edges counted in: a cast-on by loops, a plain cast-off, two ends. */
export function swatchYarn(sideMm: Millimetres, plain: PlainStitch): Millimetres {
  const [stitches, rows] = [Math.round(sideMm / plain.widthMm), Math.round(sideMm / plain.heightMm)];
  const edges = { stitches, plain, widthMm: sideMm };
  return millimetres(
    stitches * rows * plain.loopMm +
      yarnOfEdge(CAST_ONS_ALONE.knittedOn, edges) +
      yarnOfEdge(CAST_OFFS.plain, edges) +
      2 * END_MM,
  );
}
