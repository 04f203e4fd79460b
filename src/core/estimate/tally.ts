/** What is in rows, counted once: so that their yarn at any gauge is a few products. */
import type { PanelRow } from "../panels/panel";
import { spansOf, widthOf, type Crossing } from "../stitches/crossings";
import type { Counts } from "./measures";

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

/** The parts of rows, each counted in its measures. */
export interface RowCounts {
  readonly plain: Counts;
  readonly texture: Counts;
  readonly crossings: Counts;
  readonly castOn: Counts;
  readonly castOff: Counts;
}

const legsOf = new WeakMap<Tally, ReadonlyMap<number, number>>();

/** Legs of crossings by how many columns they travel, two to a loop. */
function countLegs(tally: Tally): ReadonlyMap<number, number> {
  const before = legsOf.get(tally);
  if (before) return before;
  const legs = new Map<number, number>();
  for (const [crossing, times] of tally.crossings)
    for (const span of spansOf(crossing)) legs.set(span, (legs.get(span) ?? 0) + 2 * times);
  legsOf.set(tally, legs);
  return legs;
}

/** What was counted, by its parts. Example: a crossing of 2/2 is eight legs that travel two columns. */
export const countsOf = (tally: Tally): RowCounts => ({
  plain: { loops: tally.stitches },
  texture: { loops: tally.textureLoops, widths: tally.textureWidths },
  crossings: { legs: countLegs(tally) },
  castOn: { loops: tally.castOnLoops },
  castOff: { castOffLoops: tally.castOffLoops },
});

/** Everything that was counted, together. */
export const allCounts = (tally: Tally): Counts => ({
  loops: tally.stitches + tally.textureLoops + tally.castOnLoops,
  castOffLoops: tally.castOffLoops,
  widths: tally.textureWidths,
  legs: countLegs(tally),
});
