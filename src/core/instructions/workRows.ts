/** Works rows that were parsed: from what they say to what is on the needle, one after the other. */
import { stitchesOf, stitchesUsedBy, type PanelRow } from "../panels/panel";
import { say, type Message } from "../words/message";
import { spanOfRow, type Item } from "./ast";
import { countMends } from "./countMends";
import type { Budget } from "./budget";
import { expandRow, type Expanded, type RepeatColumns, type RepeatUnit, type RowTask } from "./expand";
import type { UnplacedFinding } from "./findings";
import type { NamedPanels } from "./namedPanels";
import type { Definitions } from "./names";
import type { Numbered } from "./rowNumbers";

export interface Worked {
  readonly repeat: RepeatColumns | null;
  readonly rows: readonly (PanelRow | null)[];
  /** What repeats to the end in each row. */
  readonly units: readonly (RepeatUnit | null)[];
  readonly findings: UnplacedFinding[];
}

export interface Manner {
  readonly sideOf: (row: number) => "RS" | "WS";
  readonly definitions: Definitions;
  readonly panels: NamedPanels;
  /** Stitches to begin with; null where row 1 has to tell. */
  readonly start: number | null;
  readonly leastRepeats: 0 | 1;
  readonly budget: Budget;
  /** The text itself, for mends that keep its wording. */
  readonly text: string;
}

/** What is wrong with a row, by its code. */
const whyOf = ({ message: { code, given } }: UnplacedFinding): string => {
  const { why } = (given ?? {}) as { readonly why?: Message };
  return why?.code ?? code;
};

/** What is known of the stitches on the needle before a row. */
interface Needle {
  /** As the row below leaves them, or as it would had it been right; null where nothing is known. */
  readonly counts: readonly number[];
  /** Whether a row before could not be worked: then any count is taken. */
  readonly unsure: boolean;
}

/**
 * Works the first `upTo` rows. One that fails is told; those that are built on it are not: they may fit what it should
 * have left as well as what it leaves.
 */
export function workRows(
  numbered: readonly Numbered[],
  upTo: number,
  { sideOf, definitions, panels, start, leastRepeats, budget, text }: Manner,
): Worked {
  const byNumber = new Map(numbered.map((one) => [one.row, one.written.items]));
  const itemsOfRow = (row: number): readonly Item[] | null => byNumber.get(row) ?? null;
  const findings: UnplacedFinding[] = [];
  const rows: (PanelRow | null)[] = [];
  const units: (RepeatUnit | null)[] = [];
  let needle: Needle = { counts: start === null ? [] : [start], unsure: start === null };
  let repeat: RepeatColumns | null = null;
  let rowBelow: PanelRow | null = null;
  let before = (numbered[0]?.row ?? 1) - 1;
  for (const { row, written } of numbered.slice(0, upTo)) {
    // It has been said at the row at which it was over.
    if (budget.isOver) {
      rows.push(null);
      units.push(null);
      continue;
    }
    // A row that is missing may have left any count.
    const unsure: boolean = needle.unsure || row !== before + 1;
    before = row;
    const taskOf = (below: number | null): RowTask => ({
      row,
      side: sideOf(row),
      items: written.items,
      among: written.heading.rows,
      below,
      leastRepeats,
      rowBelow,
      definitions,
      itemsOfRow,
      panels,
      budget,
    });
    const [expected = null, ...others] = needle.counts;
    const fits = ({ works }: Expanded, below: number | null) =>
      works !== null && (below === null || stitchesUsedBy(works) === below);
    let below = expected;
    let expanded = expandRow(taskOf(expected));
    for (const other of others) {
      if (fits(expanded, below)) break;
      const tried = expandRow(taskOf(other));
      if (fits(tried, other)) [expanded, below] = [tried, other];
    }
    const { works, repeat: columns, findings: told } = expanded;
    rows.push(works);
    units.push(expanded.unit);
    repeat ??= columns;
    if (!works) {
      // A count that is not known is said at the first row that needs it.
      const again =
        told[0] && whyOf(told[0]) === "countUnknown" && findings.some((one) => whyOf(one) === "countUnknown");
      if (!again) findings.push(...told);
      needle = { counts: needle.counts, unsure: true };
      continue;
    }
    const [used, left] = [stitchesUsedBy(works), stitchesOf(works)];
    const wrong = below !== null && used !== below && !unsure;
    if (wrong)
      findings.push({
        severity: "error",
        row,
        ...spanOfRow(written),
        message: say("wrongCount", { row, used, below: below ?? 0 }),
        mends: countMends(taskOf(below), text),
      });
    const said = written.leaves;
    if (said !== null && said !== left && !wrong)
      findings.push({
        severity: "error",
        row,
        ...spanOfRow(written),
        message: say("leavesOtherwise", { row, left, said }),
        mends: [],
      });
    needle = { counts: wrong ? [(below ?? 0) + left - used, left] : [left], unsure: false };
    rowBelow = works;
  }
  return { rows, units, repeat, findings };
}
