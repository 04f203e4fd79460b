/** Rows of text worked once on what is on the needle: a crown, a gusset, a set-up row. Their count may change. */
import { stitchesUsedBy, type PanelRow } from "../panels/panel";
import { say, type Message } from "../words/message";
import { Budget } from "./budget";
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
  | { readonly ok: true; readonly rows: readonly PanelRow[]; readonly hint: Message | null }
  | { readonly ok: false; readonly message: Message };

const sideIf = (wrong: boolean) => (wrong ? "WS" : "RS");

/**
 * Works all rows of a text once, from the stitches that are there. Errors, in words: no row, rows that cannot be read,
 * a row that does not fit the one below it. Where the text says nothing of sides it follows those of the piece.
 * Example: "Rnd 1: *p2tog, k3tog; rep from * to last 4 sts, p2tog, k2tog." on 144 stitches leaves 58.
 */
export function workOnce(parsed: ParsedPattern, { stitches, round, wrongSide }: Needle): WorkedOnce {
  const { numbered, definitions, panels, saidFirst, text } = parsed;
  const fails = (message: Message): WorkedOnce => ({ ok: false, message });
  const [first] = numbered;
  const unreadable = placed(parsed.told, text).find(isWrong);
  if (unreadable) return fails(say("inLine", { line: unreadable.line, why: unreadable.message }));
  if (!first) return fails(say("noRowWritten"));
  if (parsed.round && !round) return fails(say("roundsWorkedFlat"));
  const behind = saidFirst === null ? wrongSide : saidFirst === "WS";
  const sideOf = (row: number) => (!round && ((row - first.row) % 2 === 1) !== behind ? "WS" : "RS");
  const { rows, findings } = workRows(numbered, numbered.length, {
    sideOf,
    definitions,
    panels,
    start: stitches,
    leastRepeats: 0,
    budget: new Budget(),
    text,
  });
  const wrong = placed(findings, text).find(isWrong);
  if (wrong) {
    const [only] = rows;
    // What row 1 does not fit is no row below, but what is on the needle.
    const takes = only && wrong.row === first.row ? stitchesUsedBy(only) : null;
    const why = takes === null ? wrong.message : say("firstRowTakes", { takes, have: stitches });
    return fails(say("inLine", { line: wrong.line, why }));
  }
  const turned = !round && saidFirst !== null && behind !== wrongSide;
  return {
    ok: true,
    rows: rows.flatMap((row) => (row ? [row] : [])),
    hint: turned ? say("otherSide", { written: sideIf(behind), falls: sideIf(wrongSide) }) : null,
  };
}
