/** The sizes that a pattern is graded to, side by side. */
import * as z from "zod/mini";
import { LENGTHS } from "./bounds";
import { measure, words } from "./boundedNumbers";

/** More sizes than these no pattern prints. */
export const MOST_SIZES = 20;

const size = z.strictObject({
  id: words(64),
  name: words(60),
  /** As measured on the body, or wanted: the project's ease comes to it. */
  acrossMm: measure(LENGTHS.width),
  alongMm: measure(LENGTHS.piece),
});

export const sizesSchema = z._default(z.array(size).check(z.maxLength(MOST_SIZES)), []);

export type GradedSize = z.infer<typeof size>;
