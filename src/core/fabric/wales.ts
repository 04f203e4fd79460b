/**
 * How the wales of a relaxed panel run from row to row, for drawing: yarn is stiff, and so a wale that goes over to
 * other columns in a crossing sweeps there over several rows, lifted over what it crosses or pressed under it. Widths
 * and yarn stand as the mesh has them. Lengths in plain stitch widths.
 */
import type { Panel } from "../panels/panel";
import type { Crossing } from "../stitches/crossings";
import type { Mesh } from "./mesh";

/** Depths by which the strand in front of a crossing is lifted, and the one behind it pressed down. */
const LIFTED = 0.58;
const PRESSED = -0.5;
/** Rows to either side of a crossing over which that fades. */
const REACH = 1.7;

/** How far each stitch of a crossing is lifted, from the right: front strands up, the ones behind down. */
function liftsOf({ front, centre, back, lean }: Crossing): readonly number[] {
  const run = (count: number, lift: number) => Array.from({ length: count }, () => lift);
  const strands = [...run(back, PRESSED), ...run(centre, 0), ...run(front, LIFTED)];
  return lean === "left" ? strands : strands.reverse();
}

/** The lift of every stitch, row by row. */
const liftsOfPanel = ({ rows }: Panel): Float64Array =>
  Float64Array.from(
    rows.flatMap((row) =>
      row.flatMap((work) =>
        "crossing" in work
          ? liftsOf(work.crossing)
          : Array.from({ length: work.operation.leaves * work.times }, () => 0),
      ),
    ),
  );

/** Shares of its sideways way that a crossing hands on to the rows next to it. */
const LEANING = [0.16, 0.05] as const;

/** Stitches next to a crossing lean with it. */
function leaning({ parentA, legRest }: Mesh, x: Float64Array, child: Int32Array): Float64Array {
  const eased = x.slice();
  legRest.forEach((rest, at) => {
    if (rest === 0) return;
    let [above, below] = [at, parentA[at] ?? -1];
    const aside = (x[at] ?? 0) - (x[below] ?? 0);
    for (const way of LEANING) {
      if (above >= 0) eased[above] = (eased[above] ?? 0) - way * aside;
      if (below >= 0) eased[below] = (eased[below] ?? 0) + way * aside;
      above = above >= 0 ? (child[above] ?? -1) : -1;
      below = below >= 0 ? (parentA[below] ?? -1) : -1;
    }
  });
  return eased;
}

/** The course of every wale, asked for a stitch and a height of so many rows above its middle, from -0.5 to 0.5. */
export interface Wales {
  /** Place across; the courses of a stitch and of the one that stands on it meet smoothly. */
  readonly placeAt: (stitch: number, height: number) => number;
  readonly liftAt: (stitch: number, height: number) => number;
}

/** Example: the wales of stockinette are straight lines, and are lifted nowhere. */
export function walesOf(panel: Panel, mesh: Mesh, solved: Float64Array): Wales {
  const { parentA, parentB } = mesh;
  const size = solved.length;
  const child = new Int32Array(size).fill(-1);
  const children = new Float64Array(size);
  const [below, above] = [new Float64Array(size), new Float64Array(size)];
  parentA.forEach((parent, at) => {
    if (parent >= 0) child[parent] = at;
  });
  const x = leaning(mesh, solved, child);
  for (let at = 0; at < size; at += 1) {
    const [a, b] = [parentA[at] ?? -1, parentB[at] ?? -1];
    below[at] = a < 0 ? (x[at] ?? 0) : ((x[a] ?? 0) + (x[b] ?? 0)) / 2;
    for (const parent of a === b ? [a] : [a, b]) {
      if (parent < 0) continue;
      above[parent] = (above[parent] ?? 0) + (x[at] ?? 0);
      children[parent] = (children[parent] ?? 0) + 1;
    }
  }
  for (let at = 0; at < size; at += 1)
    above[at] = children[at] ? (above[at] ?? 0) / (children[at] ?? 1) : (x[at] ?? 0);
  const lifts = liftsOfPanel(panel);
  const liftOf = (at: number) => (at < 0 ? 0 : (lifts[at] ?? 0));
  const faded = (lift: number, rows: number) =>
    lift === 0 || Math.abs(rows) >= REACH ? 0 : lift * Math.cos(((rows / REACH) * Math.PI) / 2);
  return {
    // A quadratic B-spline through the stitches of the wale.
    placeAt: (at, height) => {
      const [under, over] = [0.5 - height, 0.5 + height];
      const middle = 0.75 - height * height;
      return (
        0.5 * under * under * (below[at] ?? 0) + middle * (x[at] ?? 0) + 0.5 * over * over * (above[at] ?? 0)
      );
    },
    // A crossing lies half a row below the stitches that came over in it.
    liftAt: (at, height) => {
      const next = child[at] ?? -1;
      const after = next < 0 ? -1 : (child[next] ?? -1);
      return (
        faded(liftOf(parentA[at] ?? -1), height + 1.5) +
        faded(liftOf(at), height + 0.5) +
        faded(liftOf(next), height - 0.5) +
        faded(liftOf(after), height - 1.5)
      );
    },
  };
}
