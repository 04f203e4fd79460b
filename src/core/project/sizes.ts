/** The sizes that a pattern is graded to, side by side. */
import * as z from "zod/mini";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure, words } from "./boundedNumbers";

/** More sizes than these no pattern prints. */
export const MOST_SIZES = 20;

const size = z.strictObject({
  id: words(64),
  name: words(60),
  /** As measured on the body, or wanted: the project's ease comes to it. Null where only the balls of it are known. */
  acrossMm: z.nullable(measure(LENGTHS.width)),
  alongMm: z.nullable(measure(LENGTHS.piece)),
  /** Balls that the pattern asks for in it; null where it does not say. */
  balls: z._default(z.nullable(count(COUNTS.balls)), null),
});

export const sizesSchema = z._default(z.array(size).check(z.maxLength(MOST_SIZES)), []);

export type GradedSize = z.infer<typeof size>;

/**
 * What is of each size as a pattern prints them, the smallest first. Example: `inBrackets([9, 10, 12])` is "9 (10, 12)".
 */
export const inBrackets = ([first, ...others]: readonly (string | number)[]): string =>
  others.length > 0 ? `${first} (${others.join(", ")})` : String(first ?? "");

/** Whether nothing is known of a size but the balls that its pattern asks for. */
export const isByBalls = ({ acrossMm, alongMm, balls }: Pick<GradedSize, "acrossMm" | "alongMm" | "balls">) =>
  acrossMm === null && alongMm === null && balls !== null;
