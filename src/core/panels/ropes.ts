/** The ropes that a cabled piece can be built of: one crossing of the whole width, every so many rows. */
import type { Crossing } from "../stitches/crossings";

export type Lean = Crossing["lean"];

export interface Rope {
  readonly id: string;
  readonly name: string;
  /** Stitches on each side of the crossing. */
  readonly half: number;
  /** Rows from one crossing to the next. */
  readonly everyRows: number;
}

/** Rows from one crossing to the next that are usual for so many stitches over as many. */
const USUAL_EVERY: Readonly<Record<number, number>> = { 1: 2, 2: 4, 3: 6, 4: 10, 5: 12, 6: 14 };
const usualEvery = (half: number) => USUAL_EVERY[half] ?? 2 * half + 2;

/** The widest rope and the longest way between its crossings. */
export const ROPE_BOUNDS = {
  half: { least: 1, most: 20, thing: "stitch" },
  every: { least: 2, most: 80, thing: "row" },
} as const;

/** How a rope is named in a file: "rope-3-3" crosses at the usual rows, "rope-3-3-8" every 8. */
export const ROPE_ID = /^rope-([1-9]|1\d|20)-\1(?:-([2-9]|[1-7]\d|80))?$/;
export type RopeId = string;

/** The name of a rope of so many over as many, every so many rows. Example: 3 and 6 are "rope-3-3". */
export const ropeId = (half: number, every: number): RopeId =>
  every === usualEvery(half) ? `rope-${half}-${half}` : `rope-${half}-${half}-${every}`;

/** The rope of a name. Throws on what is no name of one: that is a bug, not an input. */
export function ropeOf(id: RopeId): Rope {
  const [, half, every] = ROPE_ID.exec(id) ?? [];
  if (!half) throw new Error(`No rope ${id}`);
  const everyRows = every ? Number(every) : usualEvery(Number(half));
  return { id, name: `Rope, ${half} over ${half}, every ${everyRows} rows`, half: Number(half), everyRows };
}

/** Those that are offered by name; any other is told by its numbers. */
export const ROPES: readonly Rope[] = Object.keys(USUAL_EVERY).map((half) => ropeOf(`rope-${half}-${half}`));

export const crossingOf = ({ half }: Rope, lean: Lean): Crossing => ({
  front: half,
  centre: 0,
  back: half,
  lean,
  kind: "knit",
});
