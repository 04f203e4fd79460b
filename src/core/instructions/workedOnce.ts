/** Rows of text worked once on what is on the needle: a crown, a gusset, a set-up row. Their count may change. */
import { stitchesUsedBy, type PanelRow } from "../panels/panel";
import { isWrong, placed } from "./findings";
import type { ParsedPattern } from "./read";
import { workRows } from "./workRows";

interface Needle {
  readonly stitches: number;
  readonly round: boolean;
  /** Whether the next row is a wrong-side row. */
  readonly wrongSide: boolean;
}

export type WorkedOnce =
  | { readonly ok: true; readonly rows: readonly PanelRow[]; readonly hint: string | null }
  | { readonly ok: false; readonly message: string };

const FLAT_ROUNDS =
  "These are rounds, and this part is worked back and forth: write rows, or work the piece in the round.";

/**
 * Works all rows of a text once, from the stitches that are there. Errors, in words: no row, rows that cannot be read,
 * a row that does not fit the one below it. Where the text says nothing of sides it follows those of the piece.
 * Example: "Rnd 1: *p2tog, k3tog; rep from * to last 4 sts, p2tog, k2tog." on 144 stitches leaves 58.
 */
export function workOnce(parsed: ParsedPattern, { stitches, round, wrongSide }: Needle): WorkedOnce {
  const { numbered, definitions, saidFirst, text } = parsed;
  const fails = (message: string): WorkedOnce => ({ ok: false, message });
  const [first] = numbered;
  const unreadable = placed(parsed.told, text).find(isWrong);
  if (unreadable) return fails(`Line ${unreadable.line}: ${unreadable.message}`);
  if (!first) return fails("No row is written yet: write rows such as: Row 1: K2tog to end.");
  if (parsed.round && !round) return fails(FLAT_ROUNDS);
  const behind = saidFirst === null ? wrongSide : saidFirst === "WS";
  const sideOf = (row: number) => (!round && ((row - first.row) % 2 === 1) !== behind ? "WS" : "RS");
  const { rows, findings } = workRows(numbered, numbered.length, {
    sideOf,
    definitions,
    start: stitches,
    leastRepeats: 0,
    text,
  });
  const wrong = placed(findings, text).find(isWrong);
  if (wrong) {
    const [only] = rows;
    // What row 1 does not fit is no row below, but what is on the needle.
    const takes = only && wrong.row === first.row ? stitchesUsedBy(only) : null;
    return fails(
      takes === null
        ? `Line ${wrong.line}: ${wrong.message}`
        : `Line ${wrong.line}: it works ${takes} stitches, and ${stitches} are on the needle.`,
    );
  }
  const turned = !round && saidFirst !== null && behind !== wrongSide;
  return {
    ok: true,
    rows: rows.flatMap((row) => (row ? [row] : [])),
    hint: turned
      ? `Its first row is written for the ${behind ? "wrong" : "right"} side, but falls on the ${wrongSide ? "wrong" : "right"} side here: work one row more or fewer before it.`
      : null,
  };
}
