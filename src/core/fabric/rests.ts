/** Rest lengths of the mesh: how wide and how high stitches would be that had only their neighbours to heed. */

/** Which stitches show knit: row by row, columns from the right, the last row joined to the first. */
export interface Faces {
  readonly rows: number;
  readonly columns: number;
  readonly faces: Uint8Array;
}

/** Share of its width that a step from knit to purl loses, by the shorter of the runs that meet there. */
const LOSS = [0, 0.3, 0.7, 0.8] as const;
const LONGEST_RUN = 3;
/** Steps that are not repeated above and below, as in seed stitch, push the fabric wider. */
const WIDER = 0.05;
/** Share of its height that a row loses where all its steps to the row below agree, and where none does. */
const FLATTER_TOGETHER = 0.3;
const FLATTER_ALONE = 0.12;

/** Length of the run of like faces that each stitch belongs to; a run at the panel's edge counts as the longest. */
function runsOf({ columns, faces }: Faces, row: number): Uint8Array {
  const runs = new Uint8Array(columns);
  const at = row * columns;
  for (let start = 0; start < columns;) {
    let end = start + 1;
    while (end < columns && faces[at + end] === faces[at + start]) end += 1;
    const touches = start === 0 || end === columns;
    runs.fill(touches ? LONGEST_RUN : Math.min(LONGEST_RUN, end - start), start, end);
    start = end;
  }
  return runs;
}

/**
 * Rest width from each stitch to the next one in its row, in plain widths; the last of a row holds 1.
 * Example: in 2x2 rib, as knit, 0.3 where knit meets purl in the middle of the fabric.
 */
export function restWidths(shape: Faces, ribPull: number): Float64Array {
  const { rows, columns, faces } = shape;
  const rests = new Float64Array(rows * columns).fill(1);
  for (let row = 0; row < rows; row += 1) {
    const runs = runsOf(shape, row);
    const [here, above, below] = [row, (row + 1) % rows, (row + rows - 1) % rows].map(
      (one) => one * columns,
    ) as [number, number, number];
    const step = (start: number, column: number) =>
      (faces[start + column + 1] ?? 0) - (faces[start + column] ?? 0);
    for (let column = 0; column + 1 < columns; column += 1) {
      const own = step(here, column);
      if (own === 0) continue;
      const agreed = (Number(step(above, column) === own) + Number(step(below, column) === own)) / 2;
      const loss = LOSS[Math.min(runs[column] ?? 0, runs[column + 1] ?? 0)] ?? 0;
      rests[here + column] = 1 - agreed * loss * ribPull + (1 - agreed) * WIDER;
    }
  }
  return rests;
}

/**
 * Rest height of each row above the one below it, in plain widths: the mean over its stitches.
 * Example: garter, where every stitch differs from the one below, rests at 0.7 of the plain height.
 */
export function restHeights({ rows, columns, faces }: Faces, aspect: number): Float64Array {
  const heights = new Float64Array(rows);
  for (let row = 0; row < rows; row += 1) {
    const [here, below] = [row * columns, ((row + rows - 1) % rows) * columns];
    const step = (column: number) => (faces[here + column] ?? 0) - (faces[below + column] ?? 0);
    let sum = 0;
    for (let column = 0; column < columns; column += 1) {
      const own = step(column);
      if (own === 0) {
        sum += 1;
        continue;
      }
      const neighbours = [column - 1, column + 1].filter((one) => one >= 0 && one < columns);
      const alike = neighbours.filter((one) => step(one) === own).length;
      const agreed = neighbours.length > 0 ? alike / neighbours.length : 0;
      sum += 1 - FLATTER_TOGETHER * agreed - FLATTER_ALONE * (1 - agreed);
    }
    heights[row] = (aspect * sum) / columns;
  }
  return heights;
}
