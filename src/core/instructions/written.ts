/** Parses the rows of a pattern, each by itself, and tells what could not be parsed. */
import type { WrittenRow } from "./ast";
import { say } from "../words/message";
import { remark, type UnplacedFinding } from "./findings";
import { parseRow } from "./grammar";
import { spanOfStatement, type Statement } from "./statements";
import { nearestWords } from "./suggest";
import { Misspelt, Word } from "./tokens";

interface Written {
  readonly rows: readonly WrittenRow[];
  /** Rows that are there, but could not be parsed. */
  readonly unread: ReadonlySet<number>;
}

/** Parses each row by itself; one that cannot be parsed is told and left out. */
export function writtenRows(statements: readonly Statement[], told: UnplacedFinding[]): Written {
  const rows: WrittenRow[] = [];
  const unread = new Set<number>();
  for (const statement of statements) {
    const { from, to } = spanOfStatement(statement);
    if (statement.kind === "remark" || statement.kind === "repeat") {
      if (statement.kind === "remark") told.push(remark("remark", from, to, say("notARow")));
      continue;
    }
    if (statement.kind === "pageNumber") told.push(remark("remark", from, to, say("pageNumber")));
    if (statement.kind !== "row") continue;
    const parsed = parseRow(statement.tokens);
    if (parsed.ok) rows.push(parsed.value);
    else {
      const problem = unreadable(parsed, statement);
      told.push(problem);
      if (problem.row !== null) unread.add(problem.row);
    }
  }
  return { rows, unread };
}

function unreadable(
  { token, why }: Extract<ReturnType<typeof parseRow>, { ok: false }>,
  statement: Statement,
): UnplacedFinding {
  const row = Number(statement.tokens.find(({ image }) => /^\d+$/.test(image))?.image ?? NaN);
  const { from, to } = spanOfStatement(statement);
  const said = Number.isNaN(row) ? null : row;
  if (!token) return { ...remark("error", from, to, say("rowBreaksOff", { row: said })), row: row || null };
  const at = { from: token.startOffset, to: (token.endOffset ?? token.startOffset) + 1 };
  if (why === "tooDeep")
    return { ...remark("error", at.from, at.to, say("rowNestedTooDeep", { row: said })), row: row || null };
  const near = token.tokenType === Word || token.tokenType === Misspelt ? nearestWords(token.image) : [];
  return {
    severity: "error",
    row: row || null,
    ...at,
    message: say("wordNotUnderstood", { row: said, name: token.image, near }),
    mends: near.map((word) => ({ label: word, edit: { ...at, text: word } })),
  };
}
