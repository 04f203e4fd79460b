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

export const ROPES = [
  { id: "rope-2-2", name: "Rope, 2 over 2, every 4 rows", half: 2, everyRows: 4 },
  { id: "rope-3-3", name: "Rope, 3 over 3, every 6 rows", half: 3, everyRows: 6 },
  { id: "rope-4-4", name: "Rope, 4 over 4, every 10 rows", half: 4, everyRows: 10 },
] as const satisfies readonly Rope[];

export type RopeId = (typeof ROPES)[number]["id"];

/** The rope with this name in the table. Throws on an id that is not in it: that is a bug, not an input. */
export function ropeOf(id: RopeId): Rope {
  const rope = ROPES.find((candidate) => candidate.id === id);
  if (!rope) throw new Error(`No rope ${id}`);
  return rope;
}

export const crossingOf = ({ half }: Rope, lean: Lean): Crossing => ({
  front: half,
  centre: 0,
  back: half,
  lean,
  kind: "knit",
});
