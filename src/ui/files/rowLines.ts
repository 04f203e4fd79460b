/** Rows of a piece as they are written down: each once, and what comes again told by the rows that it is like. */
import type { KnitRow } from "@/core/knitting/knitRows";

export interface RowLine {
  /** Example: "7", or "9–80". */
  readonly rows: string;
  readonly text: string;
  /** On the needle behind the last of them. */
  readonly stitches: number;
}

const textOf = ({ stretches }: KnitRow) => stretches.map(({ text }) => text).join(" | ");
const sideOf = ({ wrongSide }: KnitRow) => (wrongSide === null ? "" : wrongSide ? " (WS)" : " (RS)");

const isLike = (one: KnitRow | undefined, other: KnitRow | undefined) =>
  one !== undefined &&
  other !== undefined &&
  one.sectionId === other.sectionId &&
  one.side === other.side &&
  one.wrongSide === other.wrongSide &&
  one.stitches === other.stitches &&
  one.before.length === 0 &&
  one.yarnIds.join() === other.yarnIds.join() &&
  textOf(one) === textOf(other);

/** How far rows from `at` on are each as the one `repeat` rows before: where that ends. */
function endOfLikes(rows: readonly KnitRow[], at: number, repeat: number): number {
  let end = at;
  while (end - repeat >= 0 && isLike(rows[end], rows[end - repeat])) end += 1;
  return end;
}

/**
 * The rows as lines. Example: rows 1 to 4 and then twice the same are four lines, and a fifth, "5–12: as rows 1–4, in
 * turn"; every row that differs in anything from the one that it would repeat is written out.
 */
export function rowLines(rows: readonly KnitRow[]): readonly RowLine[] {
  const lines: RowLine[] = [];
  for (let at = 0; at < rows.length;) {
    const row = rows[at] as KnitRow;
    const repeat = row.ofRepeat?.rows ?? 2;
    const end = endOfLikes(rows, at, repeat);
    const last = rows[end - 1];
    if (last && end - at >= 2) {
      const [from, to] = [rows[at - repeat], rows[at - 1]];
      lines.push({
        rows: `${row.row}–${last.row}`,
        text: `as rows ${from?.row}–${to?.row}, in turn`,
        stitches: last.stitches,
      });
      at = end;
    } else {
      lines.push({
        rows: `${row.row}${sideOf(row)}`,
        text: textOf(row),
        stitches: row.stitches,
      });
      at += 1;
    }
  }
  return lines;
}
