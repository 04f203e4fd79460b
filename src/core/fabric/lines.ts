/**
 * An approximate inverse of the curvature, which keeps the solver's steps few whatever the size: rows are
 * solved exactly, one by one and in groups of 2, 4, 8 … neighbouring rows that move as one, and the answers
 * are added (an additive multilevel preconditioner with line solves).
 */
import type { Curvature } from "./energy";
import type { Mesh } from "./mesh";

/** Keeps the group of all rows from having no stiffness against moving sideways as a whole. */
const ANCHOR = 1e-3;
/** Keeps a column that nothing holds, such as a yarn over alone in its row, from dividing by nothing. */
const LEAST_PIVOT = 1e-9;

/** Groups of rows, each a chain of columns: its tridiagonal matrix, then the factors of it. */
interface Level {
  readonly groups: number;
  /** Stiffness to other groups, by column; after factoring, the inverse pivots. */
  readonly own: Float64Array;
  /** Stiffness between a column and the next; after factoring, the multipliers. */
  readonly next: Float64Array;
  /** Forces on the groups, then their answers. */
  readonly sums: Float64Array;
}

/** The finest level first: its groups are the rows. */
export type Lines = readonly Level[];

export function linesFor({ rows, columns }: Mesh): Lines {
  const levels: Level[] = [];
  for (let groups = rows; ; groups = Math.ceil(groups / 2)) {
    const chains = () => new Float64Array(groups * columns);
    levels.push({ groups, own: chains(), next: chains(), sums: chains() });
    if (groups === 1) return levels;
  }
}

/** Within a group, an upright spring over several columns is as stiff as a chain of so much stiffer ones. */
function addAlong(next: Float64Array, from: number, to: number, stiff: number) {
  const low = from < to ? from : to;
  const span = from < to ? to - from : from - to;
  for (let at = low; at < low + span; at += 1) next[at]! += stiff * span;
}

/** Writes the stiffness of one level, whose groups are `2 ** halvings` rows each. */
function assemble(level: Level, halvings: number, mesh: Mesh, { beside, upright }: Curvature) {
  const { own, next, groups } = level;
  const { rows, columns, parentA, parentB } = mesh;
  own.fill(groups === 1 ? ANCHOR : 0);
  next.fill(0);
  for (let row = 0; row < rows; row += 1) {
    const rowBelow = (row + rows - 1) % rows;
    const here = row * columns;
    const group = (row >> halvings) * columns;
    const groupBelow = (rowBelow >> halvings) * columns;
    // From the place of a stitch to the place of its group.
    const lower = groupBelow - rowBelow * columns;
    for (let column = 0; column < columns; column += 1) {
      const at = group + column;
      next[at]! += beside[here + column]!;
      const half = upright[here + column]! / 2;
      if (half === 0) continue;
      const [a, b] = [lower + parentA[here + column]!, lower + parentB[here + column]!];
      if (group === groupBelow) {
        addAlong(next, at, a, half);
        addAlong(next, at, b, half);
      } else {
        own[at]! += 2 * half;
        own[a]! += half;
        own[b]! += half;
      }
    }
  }
}

/** Factors the chains of one level in place. */
function factorChains({ own, next, groups }: Level, columns: number) {
  for (let group = 0; group < groups; group += 1) {
    const end = (group + 1) * columns;
    let [inverse, link] = [0, 0];
    for (let at = group * columns; at < end; at += 1) {
      const spring = at + 1 < end ? next[at]! : 0;
      inverse = 1 / (own[at]! + link + spring - link * link * inverse + LEAST_PIVOT);
      own[at] = inverse;
      next[at] = spring * inverse;
      link = spring;
    }
  }
}

/** Sets up all levels for a curvature, and factors them. */
export function factor(lines: Lines, mesh: Mesh, curvature: Curvature) {
  for (let halvings = 0; halvings < lines.length; halvings += 1) {
    const level = lines[halvings]!;
    assemble(level, halvings, mesh, curvature);
    factorChains(level, mesh.columns);
  }
}

/** Forces of the groups of one level: each the sum of two of the finer level. */
function gather({ sums: coarse, groups }: Level, { sums: fine, groups: finer }: Level, columns: number) {
  for (let group = 0; group < groups; group += 1) {
    const [to, from] = [group * columns, 2 * group * columns];
    const paired = 2 * group + 1 < finer;
    for (let at = 0; at < columns; at += 1)
      coarse[to + at] = fine[from + at]! + (paired ? fine[from + columns + at]! : 0);
  }
}

/** Replaces the forces of one level by the moves that its chains make under them. */
function solveChains({ own, next, sums, groups }: Level, columns: number) {
  for (let group = 0; group < groups; group += 1) {
    const start = group * columns;
    const end = start + columns;
    let pushed = 0;
    for (let at = start; at < end; at += 1) {
      pushed = sums[at]! + (at > start ? next[at - 1]! * pushed : 0);
      sums[at] = pushed;
    }
    let behind = 0;
    for (let at = end - 1; at >= start; at -= 1) {
      behind = sums[at]! * own[at]! + next[at]! * behind;
      sums[at] = behind;
    }
  }
}

/** Adds the moves of the coarser groups to those of the finer ones that they hold. */
function spread({ sums: coarse }: Level, { sums: fine, groups }: Level, columns: number) {
  for (let group = 0; group < groups; group += 1) {
    const [to, from] = [group * columns, (group >> 1) * columns];
    for (let at = 0; at < columns; at += 1) fine[to + at]! += coarse[from + at]!;
  }
}

/** Writes the approximate inverse of the curvature times `force` into `step`. */
export function applyLines(
  lines: Lines,
  { rows, columns }: Mesh,
  { height }: Curvature,
  force: Float64Array,
  step: Float64Array,
) {
  const stitches = rows * columns;
  const finest = lines[0]!.sums;
  for (let at = 0; at < stitches; at += 1) finest[at] = force[at]!;
  for (let level = 1; level < lines.length; level += 1) gather(lines[level]!, lines[level - 1]!, columns);
  for (let level = 0; level < lines.length; level += 1) solveChains(lines[level]!, columns);
  for (let level = lines.length - 1; level > 0; level -= 1) spread(lines[level]!, lines[level - 1]!, columns);
  for (let at = 0; at < stitches; at += 1) step[at] = finest[at]!;
  for (let row = 0; row < rows; row += 1) step[stitches + row] = force[stitches + row]! / height[row]!;
}
