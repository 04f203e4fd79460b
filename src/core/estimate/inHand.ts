/** What is left of a ball, against what the next rows and the cast-off will take. */
import type { PlainStitch } from "../stitches/plainStitch";
import { millimetres, type Metres, type Millimetres } from "../units/brands";
import { END_MM } from "./longTail";
import { castOffCounts } from "./edges";
import { lengthOf, measuresOf } from "./measures";

export interface InHand {
  /** Yarn of one plain row, and of the cast-off with its end. */
  readonly rowMm: Millimetres;
  readonly castOffMm: Millimetres;
  /** Whole rows that can still be worked, and those of them that leave enough to cast off. */
  readonly rows: number;
  readonly rowsBeforeCastOff: number;
  /** The rule of thumb: three widths a row, and for a cast-off. */
  readonly byWidthsMm: Millimetres;
  readonly rowsByWidths: number;
}

/** A row beyond the plain ones that it is calculated with: purls and crossings take a little more. */
const ROOM = 1.05;

/**
 * How far `left` goes over rows of `stitches` stitches that lie `widthMm` wide.
 * Example: 10 m over 96 stitches of 20.9 mm a loop: a row takes 2.1 m, so four rows, or three and the cast-off.
 */
export function inHand(left: Metres, stitches: number, plain: PlainStitch, widthMm: Millimetres): InHand {
  const leftMm = left * 1000;
  const rowMm = millimetres(stitches * plain.loopMm * ROOM);
  const castOffMm = millimetres(
    lengthOf(
      castOffCounts("plain", { stitches, scale: 1, width: widthMm / plain.widthMm }),
      measuresOf(plain),
    ) + END_MM,
  );
  const byWidthsMm = millimetres(3 * widthMm);
  return {
    rowMm,
    castOffMm,
    rows: Math.floor(leftMm / rowMm),
    rowsBeforeCastOff: Math.max(0, Math.floor((leftMm - castOffMm) / rowMm)),
    byWidthsMm,
    rowsByWidths: Math.floor(leftMm / byWidthsMm),
  };
}
