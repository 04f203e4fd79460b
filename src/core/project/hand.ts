/** What earlier projects have told of a knitter's hand, as it stands in the file of a project that begins with it. */
import * as z from "zod/mini";
import { count } from "./boundedNumbers";

/** What a knitter takes from one project to the next, in the order of the vector; each in ln against what most do. */
export const HAND_IDS = [
  "width",
  "height",
  "driftWidth",
  "driftHeight",
  "loop",
  "drawWidth",
  "drawHeight",
  "give",
  "tail",
  "castOff",
] as const;
export type HandId = (typeof HAND_IDS)[number];

export const HAND_SIZE = HAND_IDS.length;

/** Place of a row's last figure in a lower triangle that stands row by row. */
export const diagonalOf = (row: number) => ((row + 1) * (row + 2)) / 2 - 1;

export const LEAST_SD = 1e-4;
/** A deviation in ln. */
export const deviation = z.number().check(z.minimum(-2), z.maximum(2));

/** Figures of a lower triangle, row by row, each of whose rows ends with more than nought. */
const triangle = z.array(deviation).check(
  z.length(diagonalOf(HAND_SIZE - 1) + 1),
  z.refine((root) => HAND_IDS.every((_, row) => (root[diagonalOf(row)] ?? 0) >= LEAST_SD), {
    error: "Each row of a root must end with a number above 0.",
  }),
);

/** The hand that a project begins with: a vector by `HAND_IDS`, and how sure it is. */
const hand = z.strictObject({
  /** Of so many finished projects. */
  projects: count({ least: 1, most: 500 }),
  /** How thick their yarn was, in the middle. */
  gramsPerM: z.number().check(z.minimum(0.001), z.maximum(100)),
  mean: z.array(deviation).check(z.length(HAND_SIZE)),
  /** The root L of its covariance, L Lᵀ: any such triangle is one. */
  root: triangle,
});

/** Null where nothing is known of the hand. */
export const handSchema = z._default(z.nullable(hand), null);
export type Hand = z.infer<typeof hand>;
