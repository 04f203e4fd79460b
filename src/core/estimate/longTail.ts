/** The long-tail cast-on: how long a tail to leave, by three schools that knitters hold to. */
import { millimetres, type Millimetres } from "../units/brands";

const { exp, ceil } = Math;

export type TailRule = "wraps" | "twenty" | "widths";

/** An end long enough to weave in. */
export const END_MM = millimetres(150);

/** What the schools calculate from. Lengths in mm. */
export interface TailBasis {
  readonly stitches: number;
  readonly needleMm: Millimetres;
  readonly thicknessMm: Millimetres;
  /** Yarn that twenty stitches take, as the knitter measured or assumes it. */
  readonly twentyMm: Millimetres;
  readonly finishedWidthMm: Millimetres;
}

/** Each school's length for the stitches alone, with its words. One more school is one more row. */
export const TAIL_RULES: {
  readonly [Id in TailRule]: {
    readonly name: string;
    readonly why: string;
    readonly lengthMm: (basis: TailBasis) => number;
  };
} = {
  wraps: {
    name: "One wrap a stitch",
    why: "Yarn wound round this needle once for each stitch: it knows your needle and your yarn.",
    lengthMm: ({ stitches, needleMm, thicknessMm }) => stitches * Math.PI * (needleMm + 0.7 * thicknessMm),
  },
  twenty: {
    name: "By twenty stitches",
    why: "Cast on twenty, measure what they took, and multiply: as good as the measuring.",
    lengthMm: ({ stitches, twentyMm }) => (stitches / 20) * twentyMm,
  },
  widths: {
    name: "Three widths and a bit",
    why: "Three times the finished width, and a bit for the end: quick, but blind to needle and yarn.",
    lengthMm: ({ finishedWidthMm }) => 3 * finishedWidthMm,
  },
};

/** Tails are measured off by hand, and a short one costs the whole cast-on: up to the next 5 cm. */
export const MEASURED_OFF_MM = 50;

/**
 * Length of tail to leave, its end included, rounded up. `deviation` is in ln, on the stitches' part.
 * Example: 20 stitches on 5 mm needles in yarn 2.83 mm thick take 438.6 mm, so a tail of 600 mm.
 */
export const tailLength = (school: TailRule, basis: TailBasis, deviation = 0): Millimetres =>
  measuredOff(TAIL_RULES[school].lengthMm(basis) * exp(deviation));

/** Length of tail to leave whose stitches take so much. */
export const measuredOff = (stitchesMm: number): Millimetres =>
  millimetres(ceil((stitchesMm + END_MM) / MEASURED_OFF_MM - 1e-9) * MEASURED_OFF_MM);
