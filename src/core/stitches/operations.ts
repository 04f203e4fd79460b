/** What a needle does to a stitch, and the yarn it takes. A new operation is one more row of the table. */
import type { PlainStitch } from "../fabric/plainStitch";

/** Face that a stitch shows on the right side of the fabric. */
export type Face = "knit" | "purl";

export interface Operation {
  readonly id: string;
  /** Stitches of the row below that it uses, and stitches that it leaves on the needle. */
  readonly uses: number;
  readonly leaves: number;
  readonly face: Face;
  /** Yarn, in mm, for one, in a fabric whose plain stitch is given. */
  readonly yarnMm: (plain: PlainStitch) => number;
}

const loops =
  (count: number) =>
  ({ loopMm }: PlainStitch) =>
    count * loopMm;

const table = <Id extends string>(rows: { readonly [Key in Id]: Omit<Operation, "id"> }) =>
  Object.fromEntries(
    Object.entries<Omit<Operation, "id">>(rows).map(([id, row]) => [id, { id, ...row }]),
  ) as {
    readonly [Key in Id]: Operation;
  };

/**
 * Operations as they show on the right side. A plain loop is measured on plain fabric, worked flat or
 * round, so a stitch that shows knit costs exactly one loop; one that shows purl costs 2 % more.
 */
export const OPERATIONS = table({
  knit: { uses: 1, leaves: 1, face: "knit", yarnMm: loops(1) },
  purl: { uses: 1, leaves: 1, face: "purl", yarnMm: loops(1.02) },
});

/** Loops that a cast-off stitch takes. */
export const CAST_OFF_LOOPS = 1.2;
