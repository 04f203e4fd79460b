/** Which rows are written where: headings to row numbers, rows named twice or missing. */
import type { Heading, WrittenRow } from "./ast";
import { say } from "../words/message";
import { remark, type UnplacedFinding } from "./findings";

/** A panel has no more rows than this. */
export const MOST_ROWS = 2000;

/** A row and what is written for it. */
export interface Numbered {
  readonly row: number;
  readonly written: WrittenRow;
}

/**
 * Rows of a heading, in order. "All WS rows" go to the last row of the pattern; "all other rows" are those of
 * the other side than the rows it names, or even ones where it names none.
 * Example: "Row 2 and all WS rows" in a pattern of 6 rows names 2, 4 and 6.
 */
function rowsNamedBy({ rows, allOf }: Heading, last: number, round: boolean): readonly number[] {
  const named = rows.filter((row) => row >= 1 && row <= last);
  if (allOf === null) return named;
  const odd = allOf === "odd" || (allOf === "RS" && !round);
  const from = rows[0] ?? (odd ? 1 : 2);
  const parity = rows.length > 0 ? from % 2 : odd ? 1 : 0;
  const all = Array.from({ length: last }, (_, index) => index + 1).filter(
    (row) => row % 2 === parity && row >= from,
  );
  return [...new Set([...named, ...all])].sort((a, b) => a - b);
}

/**
 * Pairs each row number with what is written for it, in order; twice named or missing rows are told. Rows that are
 * worked once may begin at any number.
 */
export function numberRows(
  written: readonly WrittenRow[],
  unread: ReadonlySet<number>,
  { round, from }: { readonly round: boolean; readonly from: "first" | "any" },
  told: UnplacedFinding[],
): readonly Numbered[] {
  const last = Math.min(MOST_ROWS, lastRow(written, round));
  const byRow = new Map<number, WrittenRow>();
  const namedTwice = new Set<number>();
  for (const one of written) {
    const { heading } = one;
    const named = new Set(heading.rows);
    for (const row of rowsNamedBy(heading, last, round)) {
      const explicit = named.has(row);
      if (byRow.has(row) && explicit && namedTwice.has(row))
        told.push(remark("error", heading.from, heading.to, say("rowNamedTwice", { row }), row));
      else if (!byRow.has(row) || explicit) byRow.set(row, one);
      if (explicit) namedTwice.add(row);
    }
    const beyond = heading.rows.find((row) => row > MOST_ROWS);
    if (beyond !== undefined)
      told.push(remark("error", heading.from, heading.to, say("rowNumberTooLarge", { most: MOST_ROWS })));
  }
  const rows = [...byRow].sort(([a], [b]) => a - b);
  rows.forEach(([row, { heading }], index) => {
    let before = rows[index - 1]?.[0] ?? (from === "any" ? row - 1 : 0);
    while (unread.has(before + 1)) before += 1;
    if (row - before > 1) {
      told.push(
        remark("error", heading.from, heading.to, say("rowsMissing", { from: before + 1, to: row - 1 }), row),
      );
    }
  });
  return rows.map(([row, one]) => ({ row, written: one }));
}

/** The last row that is named; where all wrong-side rows are, the repeat ends on one. */
function lastRow(written: readonly WrittenRow[], round: boolean): number {
  let last = 0;
  for (const { heading } of written)
    for (const row of heading.rows) if (row <= MOST_ROWS) last = Math.max(last, row);
  const closes = written.some(({ heading }) => heading.allOf !== null);
  return closes && !round && last % 2 === 1 ? last + 1 : last;
}

/** The side of row 1, where it is said or follows from another row's; null where nothing says so. */
export function saidFirst(written: readonly WrittenRow[]): "RS" | "WS" | null {
  const sided = written.find(({ heading }) => heading.side !== null && heading.rows.length > 0);
  if (!sided) return null;
  return (sided.heading.side === "WS") === ((sided.heading.rows[0] ?? 1) % 2 === 1) ? "WS" : "RS";
}
