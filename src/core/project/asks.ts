/** What a pattern asks for in its own yarn, at its own gauge and in one of its sizes. */
import * as z from "zod/mini";
import { COUNTS, LENGTHS } from "./bounds";
import { count, measure } from "./boundedNumbers";
import { putUpSchema } from "./label";
import type { GradedSize } from "./sizes";

/** How a pattern says how much yarn: balls to buy, "nearly three balls", or a length. */
const ASKS_BY = ["balls", "nearly", "length"] as const;
export type AsksBy = (typeof ASKS_BY)[number];

/** Each as it is told. */
export const ASKS_BY_WORDS: readonly (readonly [AsksBy, string])[] = [
  ["balls", "so many balls"],
  ["nearly", "nearly so many"],
  ["length", "a length"],
];

const NO_ASKS = {
  by: "balls" as const,
  balls: null,
  ball: null,
  lengthM: null,
  stitchesPer10Cm: null,
  rowsPer10Cm: null,
  acrossMm: null,
  alongMm: null,
};

const asks = z.strictObject({
  by: z._default(z.enum(ASKS_BY), "balls"),
  balls: z.nullable(count(COUNTS.balls)),
  /** What one of them holds. */
  ball: putUpSchema,
  /** Where it says a length in place of balls. */
  lengthM: z._default(
    z.nullable(
      z.number().check(z.minimum(LENGTHS.extras.least / 1000), z.maximum(LENGTHS.extras.most / 1000)),
    ),
    null,
  ),
  /** The gauge that it is written for; null where that is the project's. */
  stitchesPer10Cm: z._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(80))), null),
  rowsPer10Cm: z._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(120))), null),
  /** Measures of the size that it is asked for in; null where nobody said. */
  acrossMm: z._default(z.nullable(measure(LENGTHS.width)), null),
  alongMm: z._default(z.nullable(measure(LENGTHS.piece)), null),
});

/** What a pattern asks for; nothing where nobody said. */
export const asksSchema = z._default(asks, NO_ASKS);

export type Asks = z.infer<typeof asks>;

/** What a pattern asks for, as far as it is given. Example: `newAsks({ balls: 9, ball })` says nothing of its gauge. */
export const newAsks = (given: Partial<Asks> = {}): Asks => ({ ...NO_ASKS, ...given });

type SizeAsked = Pick<GradedSize, "balls" | "acrossMm" | "alongMm">;

/** What a pattern asks for in another of its sizes, with the measures of that; the same balls where it says none. */
export const inSizeOf = (asks: Asks, { balls, acrossMm, alongMm }: SizeAsked): Asks => ({
  ...asks,
  ...(balls !== null && { balls, by: asks.by === "length" ? "balls" : asks.by }),
  acrossMm,
  alongMm,
});

/** Whether it is this size of the pattern that it asks for. */
export const isInSize = (asks: Asks, size: SizeAsked): boolean =>
  asks.balls === size.balls && asks.acrossMm === size.acrossMm && asks.alongMm === size.alongMm;
