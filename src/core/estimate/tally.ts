/** What is in rows, counted once: so that their yarn at any gauge is a few products. */
import type { PlainStitch } from "../fabric/plainStitch";
import type { PanelRow } from "../panels/panel";
import { crossingExtra, widthOf, type Crossing } from "../stitches/crossings";
import { NOTHING_OFF, type Unknowns } from "./unknowns";

/** Counts over one row or many. Loops and widths are those of a plain stitch. */
export interface Tally {
  /** Loops of the fabric, one for each stitch that was worked. */
  readonly stitches: number;
  /** What operations take beyond plain loops, in loops and in widths. */
  readonly textureLoops: number;
  readonly textureWidths: number;
  /** Loops of stitches cast on or picked up, and cast off, within rows. */
  readonly castOnLoops: number;
  readonly castOffLoops: number;
  readonly crossings: ReadonlyMap<Crossing, number>;
}

export interface RowYarn {
  /** One plain loop for each stitch. */
  readonly plainMm: number;
  /** What the operations take beyond plain loops. */
  readonly textureMm: number;
  /** What crossings pull out beyond plain loops. */
  readonly crossingMm: number;
  readonly castOnMm: number;
  readonly castOffMm: number;
}

const known = new WeakMap<PanelRow, Tally>();

/** Counts a row. Example: purl 2, cross 2/2, purl 2 is 8 stitches, 0.08 loops of texture and one crossing. */
export function tallyRow(row: PanelRow): Tally {
  const before = known.get(row);
  if (before) return before;
  let [stitches, textureLoops, textureWidths, castOnLoops, castOffLoops] = [0, 0, 0, 0, 0];
  const crossings = new Map<Crossing, number>();
  for (const work of row) {
    if ("crossing" in work) {
      stitches += widthOf(work.crossing);
      crossings.set(work.crossing, (crossings.get(work.crossing) ?? 0) + 1);
      continue;
    }
    const { operation, times } = work;
    const { loops, widths } = operation.yarn;
    if (operation.belongs === "castOff") castOffLoops += times * loops;
    else if (operation.belongs === "castOn") castOnLoops += times * loops;
    else if (operation.belongs === "rest") textureWidths += times * widths;
    else {
      stitches += times * operation.leaves;
      textureLoops += times * (loops - operation.leaves);
      textureWidths += times * widths;
    }
  }
  const tally = { stitches, textureLoops, textureWidths, castOnLoops, castOffLoops, crossings };
  known.set(row, tally);
  return tally;
}

/** Counts rows, each so many times. */
export function tallyRows(rows: ReadonlyMap<PanelRow, number>): Tally {
  let [stitches, textureLoops, textureWidths, castOnLoops, castOffLoops] = [0, 0, 0, 0, 0];
  const crossings = new Map<Crossing, number>();
  for (const [row, times] of rows) {
    const one = tallyRow(row);
    stitches += times * one.stitches;
    textureLoops += times * one.textureLoops;
    textureWidths += times * one.textureWidths;
    castOnLoops += times * one.castOnLoops;
    castOffLoops += times * one.castOffLoops;
    for (const [crossing, count] of one.crossings)
      crossings.set(crossing, (crossings.get(crossing) ?? 0) + times * count);
  }
  return { stitches, textureLoops, textureWidths, castOnLoops, castOffLoops, crossings };
}

/**
 * The yarn of what was counted, with what is off of crossings and cast-offs.
 * Example: purl 2, cross 2/2, purl 2 at 20 x 28 stitches takes 8 plain loops of 19.13 mm, 1.53 mm of
 * texture and 8.6 mm for the crossing.
 */
export function yarnOfTally(
  tally: Tally,
  { loopMm, widthMm, aspect }: PlainStitch,
  { give, castOff }: Pick<Unknowns, "give" | "castOff"> = NOTHING_OFF,
): RowYarn {
  let extra = 0;
  for (const [crossing, times] of tally.crossings) extra += times * crossingExtra(crossing, aspect);
  return {
    plainMm: tally.stitches * loopMm,
    textureMm: tally.textureLoops * loopMm + tally.textureWidths * widthMm,
    crossingMm: Math.exp(give) * extra * widthMm,
    castOnMm: tally.castOnLoops * loopMm,
    castOffMm: Math.exp(castOff) * tally.castOffLoops * loopMm,
  };
}

/** All the yarn of a row. */
export const rowTotal = ({ plainMm, textureMm, crossingMm, castOnMm, castOffMm }: RowYarn) =>
  plainMm + textureMm + crossingMm + castOnMm + castOffMm;
