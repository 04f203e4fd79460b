/** What a swatch says of the needle: which one would give the gauge that was asked for, and what it would give. */
import { needleScale, NEEDLES_MM } from "../yarn/thickness";

export interface NeedleAdvice {
  /** Stitches over 10 cm that the swatch has, and that were asked for. */
  readonly has: number;
  readonly asked: number;
  readonly needleMm: number;
  /** Stitches over 10 cm that this needle should give. */
  readonly gives: number;
}

/** A gauge nearer than this to what was asked for needs no other needle. */
const NEAR = 0.02;

/**
 * The needle to try, one size of needle changing the stitch by the root of the diameters; null where the gauge
 * is near enough, or no needle that is made comes nearer.
 * Example: 20 stitches on 5 mm where 18 were asked for want 6 mm, which should give 18.3.
 */
export function needleAdvice(has: number, asked: number, needleMm: number): NeedleAdvice | null {
  if (Math.abs(Math.log(has / asked)) <= NEAR) return null;
  const givenBy = (size: number) => has / needleScale(size, needleMm);
  const away = (size: number) => Math.abs(Math.log(givenBy(size) / asked));
  const best = NEEDLES_MM.reduce((nearest, size) => (away(size) < away(nearest) ? size : nearest), needleMm);
  return best === needleMm ? null : { has, asked, needleMm: best, gives: givenBy(best) };
}
