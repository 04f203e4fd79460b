/** Cast-ons, cast-offs and seams: what each takes of the yarn. One more kind is one more row of a table. */
import { CAST_OFFS, CAST_ONS_ALONE, type CastOff, type CastOn } from "../project/edgeKinds";
import { END_MM } from "./longTail";
import type { Counts } from "./measures";

/** An edge on so many stitches, `scale` times as large as those of the gauge; its width in widths of a plain stitch. */
interface EdgeSize {
  readonly stitches: number;
  readonly scale: number;
  readonly width: number;
}

/** What a cast-on takes, its end too; of a long-tail one the needle side alone: its tail is measured off by itself. */
export const castOnCounts = (kind: CastOn, { stitches, scale }: Omit<EdgeSize, "width">): Counts =>
  kind === "longTail"
    ? { loops: scale * stitches }
    : { loops: CAST_ONS_ALONE[kind].takes.loops * scale * stitches, mm: END_MM };

/** What a cast-off takes, without its end. */
export function castOffCounts(kind: CastOff, { stitches, scale, width }: EdgeSize): Counts {
  const { takes } = CAST_OFFS[kind];
  return { castOffLoops: takes.loops * scale * stitches, castOffWidths: takes.widths * width };
}

/** A mattress seam takes one and a half times its length, and two ends. */
export const SEAM_TIMES = 1.5;

/** What `times` seams take, each so many rows, stitch widths and mm long. Example: two of 59 cm take 2.37 m. */
export const seamCounts = (
  times: number,
  { heights = 0, widths = 0, mm = 0 }: Pick<Counts, "heights" | "widths" | "mm">,
): Counts => ({
  heights: times * SEAM_TIMES * heights,
  widths: times * SEAM_TIMES * widths,
  mm: times * (SEAM_TIMES * mm + 2 * END_MM),
});

/** What the edges of a swatch take, in rows of it: a cast-on by loops, a plain cast-off. */
export const SWATCH_EDGES = CAST_ONS_ALONE.knittedOn.takes.loops + CAST_OFFS.plain.takes.loops;

/** Yarn of a square plain swatch, its edges and two ends counted in. */
export function swatchYarn(sideMm: number, widthMm: number, heightMm: number, loopMm: number): number {
  const [stitches, rows] = [Math.round(sideMm / widthMm), Math.round(sideMm / heightMm)];
  return stitches * (rows + SWATCH_EDGES) * loopMm + 2 * END_MM;
}
