/** What the reader has to say of a text: where, what is, what should be, and how it can be mended. */
import { say, type Message, type Says } from "../words/message";
import type { Span } from "./ast";

export interface Mend {
  /** What it makes of what; or the word that it puts there. */
  readonly label: Says;
  /** Replace this part of the text with `text`. */
  readonly edit: Span & { readonly text: string };
}

export interface Finding extends Span {
  /** Errors and questions want to be mended; warnings to be thought about; remarks are text that is no row. */
  readonly severity: "error" | "question" | "warning" | "remark";
  readonly row: number | null;
  readonly line: number;
  readonly column: number;
  readonly message: Message;
  readonly mends: readonly Mend[];
}

/** Whether something has to be mended before the rows can be relied on. */
export const isWrong = ({ severity }: Pick<Finding, "severity">) =>
  severity === "error" || severity === "question";

/** Says before everything else how all rows are worked. */
export const IN_THE_ROUND: Mend = {
  label: say("asInTheRound"),
  edit: { from: 0, to: 0, text: "Worked in the round.\n" },
};
export const FLAT: Mend = { label: say("asFlat"), edit: { from: 0, to: 0, text: "Worked flat.\n" } };

export type UnplacedFinding = Omit<Finding, "line" | "column">;

/** A finding that has no mend. */
export const remark = (
  severity: UnplacedFinding["severity"],
  from: number,
  to: number,
  message: Message,
  row: number | null = null,
): UnplacedFinding => ({
  severity,
  row,
  from,
  to,
  message,
  mends: [],
});

/** Gives each finding its line and column, both counted from 1, and keeps its place inside the text. */
export function placed(told: readonly UnplacedFinding[], text: string): readonly Finding[] {
  const starts = [0];
  for (let at = text.indexOf("\n"); at >= 0; at = text.indexOf("\n", at + 1)) starts.push(at + 1);
  return told
    .map((finding) => {
      const from = Math.min(Math.max(0, finding.from), text.length);
      let low = 0;
      for (let high = starts.length; high - low > 1;) {
        const middle = (low + high) >> 1;
        if ((starts[middle] ?? 0) <= from) low = middle;
        else high = middle;
      }
      const to = Math.min(Math.max(from, finding.to), text.length);
      return { ...finding, from, to, line: low + 1, column: from - (starts[low] ?? 0) + 1 };
    })
    .sort((a, b) => a.from - b.from);
}
