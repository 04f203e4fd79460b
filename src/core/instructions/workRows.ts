/** Works rows that were parsed: from what they say to what is on the needle, one after the other. */
import { stitchesOf, stitchesUsedBy, type PanelRow } from "../panels/panel";
import { say } from "../words/message";
import type { Item } from "./ast";
import { countMends } from "./countMends";
import type { Budget } from "./budget";
import { expandRow, type RepeatColumns, type RowTask } from "./expand";
import type { UnplacedFinding } from "./findings";
import type { Definitions } from "./names";
import type { Numbered } from "./rowNumbers";

export interface Worked {
  readonly repeat: RepeatColumns | null;
  readonly rows: readonly (PanelRow | null)[];
  readonly findings: UnplacedFinding[];
}

export interface Manner {
  readonly sideOf: (row: number) => "RS" | "WS";
  readonly definitions: Definitions;
  /** Stitches to begin with; null where row 1 has to tell. */
  readonly start: number | null;
  readonly leastRepeats: 0 | 1;
  readonly budget: Budget;
  /** The text itself, for mends that keep its wording. */
  readonly text: string;
}

/** Works the first `upTo` rows; one that fails leaves the count of the row below it. */
export function workRows(
  numbered: readonly Numbered[],
  upTo: number,
  { sideOf, definitions, start, leastRepeats, budget, text }: Manner,
): Worked {
  const byNumber = new Map(numbered.map((one) => [one.row, one.written.items]));
  const itemsOfRow = (row: number): readonly Item[] | null => byNumber.get(row) ?? null;
  const findings: UnplacedFinding[] = [];
  const rows: (PanelRow | null)[] = [];
  let below = start;
  let repeat: RepeatColumns | null = null;
  let rowBelow: PanelRow | null = null;
  for (const { row, written } of numbered.slice(0, upTo)) {
    // It has been said at the row at which it was over.
    if (budget.isOver) {
      rows.push(null);
      continue;
    }
    const task: RowTask = {
      row,
      side: sideOf(row),
      items: written.items,
      below,
      leastRepeats,
      rowBelow,
      definitions,
      itemsOfRow,
      budget,
    };
    const { works, repeat: columns, findings: told } = expandRow(task);
    findings.push(...told);
    rows.push(works);
    repeat ??= columns;
    if (!works) continue;
    const used = stitchesUsedBy(works);
    if (below !== null && used !== below) {
      findings.push({
        severity: "error",
        row,
        from: written.heading.from,
        to: Math.max(written.heading.to, written.items.at(-1)?.to ?? 0),
        message: say("wrongCount", { row, used, below }),
        mends: countMends(task, text),
      });
    }
    below = stitchesOf(works);
    rowBelow = works;
  }
  return { rows, repeat, findings };
}
