/** Buttonholes at even distances along a band. */
import { say } from "../words/message";
import { read, unread, type Reading } from "../typed/reading";
import { sharesOf } from "./spread";

export interface Buttonholes {
  /** Stitches or rows between neighbouring holes, from the first to the last. */
  readonly between: readonly number[];
  /** Where each hole begins, counted from 0. */
  readonly at: readonly number[];
  readonly text: string;
}

/**
 * `holes` holes of `wide` stitches (or rows) in a band of `band`, the first and the last `margin` from its ends.
 * Errors: holes that do not fit, with how many do.
 * Example: 5 holes of 2 in 80 with margins of 4 lie 15, 16, 15 and 16 apart.
 */
export function buttonholes(band: number, holes: number, wide: number, margin: number): Reading<Buttonholes> {
  const free = band - 2 * margin - holes * wide;
  // At least one stitch stays between two holes.
  if (free < holes - 1 || (holes === 1 && free < 0)) {
    const most = Math.max(0, Math.floor((band - 2 * margin + 1) / (wide + 1)));
    return unread(say("holesDoNotFit", { holes, wide, margin, among: band, most }));
  }
  if (holes === 1) {
    const before = margin + Math.floor(free / 2);
    return read({
      between: [],
      at: [before],
      text: `work ${before}, hole of ${wide}, work ${band - before - wide}`,
    });
  }
  const between = sharesOf(free, holes - 1);
  const parts = between.map((gap) => `work ${gap}, hole of ${wide}`);
  const at = between.reduce((starts, gap) => [...starts, (starts.at(-1) ?? margin) + wide + gap], [margin]);
  return read({
    between,
    at,
    text: [`work ${margin}, hole of ${wide}`, ...parts, `work ${margin}`].join(", "),
  });
}
