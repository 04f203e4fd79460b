/** How a panel comes again across: the columns that are repeated, and what stands before and after them once. */
import { joined, stitchesOf, stitchesUsedBy, type Panel, type PanelRow, type Work } from "./panel";

/** "Multiple of 8 + 4" as columns from the right: 2 before, 8 again and again, 2 after. */
export interface PanelRepeat {
  readonly before: number;
  readonly of: number;
  readonly after: number;
}

/** Stitches of a panel taken so many times. Example: 8 + 4 taken four times is 36. */
export const stitchesTaken = ({ before, of, after }: PanelRepeat, times: number) =>
  before + of * times + after;

/** A row cut between columns; null where something that is worked as one lies across the cut. */
function cutRowAt(row: PanelRow, cuts: readonly number[]): readonly PanelRow[] | null {
  const parts: Work[][] = [[]];
  let [column, next] = [0, 0];
  const put = (work: Work, width: number) => {
    parts.at(-1)?.push(work);
    column += width;
  };
  for (const work of row) {
    if ("crossing" in work || work.operation.leaves !== 1 || work.operation.uses !== 1) {
      const width = stitchesOf([work]);
      const before = column;
      while (next < cuts.length && (cuts[next] ?? 0) <= before) {
        parts.push([]);
        next += 1;
      }
      if (next < cuts.length && (cuts[next] ?? 0) < before + width) return null;
      put(work, width);
      continue;
    }
    let left = work.times;
    while (left > 0) {
      while (next < cuts.length && (cuts[next] ?? 0) <= column) {
        parts.push([]);
        next += 1;
      }
      const room = next < cuts.length ? (cuts[next] ?? 0) - column : left;
      const now = Math.min(left, room);
      put({ operation: work.operation, times: now }, now);
      left -= now;
    }
  }
  while (parts.length <= cuts.length) parts.push([]);
  return parts.map(joined);
}

/**
 * A panel cut between columns, from the right, so that each part can lie by itself; parts of no stitches are left out.
 * Null where a crossing lies across a cut, or a part does not keep its count from row to row.
 * Example: "P2, 2/2 LC, P2" cut at 6 is "P2, 2/2 LC" and "P2".
 */
export function cutPanel(panel: Panel, cuts: readonly number[]): readonly Panel[] | null {
  const rows = panel.rows.map((row) => cutRowAt(row, cuts));
  if (rows.some((row) => row === null)) return null;
  const parts = Array.from({ length: cuts.length + 1 }, (_, part) => ({
    ...panel,
    rows: rows.map((row) => row?.[part] ?? []),
  }));
  const keeps = parts.every(({ rows: own }) => {
    const width = own[0] ? stitchesOf(own[0]) : 0;
    return own.every((row) => stitchesOf(row) === width && stitchesUsedBy(row) === width);
  });
  return keeps ? parts.filter(({ rows: [first] }) => first && stitchesOf(first) > 0) : null;
}

const parts = ({ before, of }: PanelRepeat, times: number) =>
  [
    ...(before > 0 ? [before] : []),
    ...Array.from({ length: times }, (_, time) => before + of * (time + 1)),
  ] as const;

/**
 * A panel of fixed columns taken so many times: its repeat columns again and again, what stands beside them once.
 * Null where it cannot be cut there. Example: "P2, 2/2 LC, P2" as 6 + 2, three times, is 20 stitches.
 */
export function takenByColumns(panel: Panel, repeat: PanelRepeat, times: number): readonly Panel[] | null {
  const { before, of, after } = repeat;
  const cut = cutPanel(
    panel,
    [before, before + of].filter((at) => at > 0 && at < before + of + after),
  );
  if (!cut) return null;
  const [first, second, third] = before > 0 ? cut : [null, ...cut];
  if (!second) return null;
  return [
    ...(first ? [first] : []),
    ...Array.from({ length: times }, () => second),
    ...(third ? [third] : []),
  ];
}

const sameRows = (one: Panel, other: Panel) => JSON.stringify(one.rows) === JSON.stringify(other.rows);

/**
 * A panel that was worked over all its repeats, cut into them where nothing lies across their borders, so that each is
 * relaxed once; else the panel whole. `repeat` says where one repeat lies.
 */
export function cutIntoRepeats(panel: Panel, repeat: PanelRepeat, times: number): readonly Panel[] {
  const all = stitchesTaken(repeat, times);
  const cut = cutPanel(
    panel,
    parts(repeat, times).filter((at) => at < all),
  );
  if (!cut) return [panel];
  const first = repeat.before > 0 ? 1 : 0;
  const [one] = cut.slice(first);
  if (!one || !cut.slice(first, first + times).every((other) => sameRows(one, other))) return [panel];
  return cut.map((part, index) => (index >= first && index < first + times ? one : part));
}

/** Purl columns at the right edge of a row. */
function purlsAt(row: PanelRow): number {
  let count = 0;
  for (const work of row) {
    if ("crossing" in work || work.operation.face !== "purl" || work.operation.leaves !== 1) return count;
    count += work.times;
  }
  return count;
}

/**
 * A panel without the columns at its sides that are purled in every row, and how many they are.
 * Example: "P2, 3/3 LC, P2" is the rope alone and 4; a panel that is all purl stays as it is.
 */
export function withoutPurls(panel: Panel): { readonly panel: Panel; readonly purls: number } {
  const [first] = panel.rows;
  const stitches = first ? stitchesOf(first) : 0;
  const right = Math.min(...panel.rows.map(purlsAt));
  const left = Math.min(...panel.rows.map((row) => purlsAt(row.toReversed())));
  const whole = { panel, purls: 0 };
  if (right + left === 0 || right + left >= stitches) return whole;
  const cut = cutPanel(
    panel,
    [right, stitches - left].filter((at) => at > 0 && at < stitches),
  );
  const bare = cut?.[right > 0 ? 1 : 0];
  return bare ? { panel: bare, purls: right + left } : whole;
}
