/** Cuts a pattern into statements, each read by itself, so that one bad row does not hide the others. */
import type { IToken } from "chevrotain";
import {
  BobbleName,
  CrossingName,
  Equals,
  NewLine,
  NuppName,
  Rep,
  RowWord,
  Side,
  Stop,
  W,
  Whole,
  Word,
} from "./tokens";

type StatementKind = "row" | "repeat" | "define" | "multiple" | "manner" | "remark" | "pageNumber";

export interface Statement {
  readonly kind: StatementKind;
  readonly tokens: readonly IToken[];
}

const NAMES = new Set([Word, CrossingName, BobbleName, NuppName]);

/** What a statement that starts with these tokens is; null where none starts here. */
function kindAt(tokens: readonly IToken[], at: number): StatementKind | null {
  const [first, second, third] = tokens.slice(at, at + 3).map(({ tokenType }) => tokenType);
  if (!first) return null;
  if (first === Rep && second === RowWord) return "repeat";
  if (first === RowWord && (second === Whole || second === Word || isRoman(tokens[at + 1]))) return "row";
  if (first === W.All && (second === RowWord || ((second === Side || second === Word) && third === RowWord)))
    return "row";
  if (first === Side && second === RowWord) return "row";
  if (second === Equals && NAMES.has(first)) return "define";
  if (first === W.Multiple && second === W.Of) return "multiple";
  if (first === W.Worked) return "manner";
  return null;
}

/** Row I, Row IV: letters that the lexer may have taken for something else. */
const isRoman = (token: IToken | undefined) => token !== undefined && /^[ivxlc]+$/i.test(token.image);

/** A number by itself on a line: a page number that was pasted along. */
const isPageNumber = (tokens: readonly IToken[], at: number) =>
  tokens[at]?.tokenType === Whole && (tokens[at + 1]?.tokenType ?? NewLine) === NewLine;

/**
 * The statements of a text, in order. A row goes on over line breaks until the next statement starts;
 * what stands before the first one, or belongs to none, is a remark.
 */
export function statementsOf(tokens: readonly IToken[]): readonly Statement[] {
  const statements: { kind: StatementKind; tokens: IToken[] }[] = [];
  let fresh = true;
  for (let at = 0; at < tokens.length; at += 1) {
    const token = tokens[at] as IToken;
    if (token.tokenType === NewLine) {
      fresh = true;
      // Only a row goes on over the end of its line.
      const current = statements.at(-1);
      if (current && current.kind !== "row" && current.kind !== "pageNumber")
        statements.push({ kind: "remark", tokens: [] });
      continue;
    }
    const kind = fresh ? kindAt(tokens, at) : null;
    if (kind) statements.push({ kind, tokens: [] });
    else if (fresh && isPageNumber(tokens, at)) statements.push({ kind: "pageNumber", tokens: [] });
    else if (statements.length === 0 || statements.at(-1)?.kind === "pageNumber")
      statements.push({ kind: fresh && resumes(statements) ? "row" : "remark", tokens: [] });
    statements.at(-1)?.tokens.push(token);
    fresh = token.tokenType === Stop;
  }
  return mended(statements);
}

/** A page number may stand in the middle of a row: what follows it goes on with the row. */
const resumes = (statements: readonly { kind: StatementKind }[]) =>
  statements.length >= 2 && statements.at(-2)?.kind === "row";

/** Joins a row that a page number cut in two, and drops what holds nothing. */
function mended(statements: readonly { kind: StatementKind; tokens: IToken[] }[]): readonly Statement[] {
  const result: { kind: StatementKind; tokens: IToken[] }[] = [];
  for (const statement of statements) {
    if (statement.tokens.length === 0) continue;
    const [cut, row] = [result.at(-1), result.at(-2)];
    const goesOn = statement.kind === "row" && !startsRow(statement.tokens);
    if (goesOn && cut?.kind === "pageNumber" && row?.kind === "row") row.tokens.push(...statement.tokens);
    else result.push(statement);
  }
  return result;
}

const startsRow = (tokens: readonly IToken[]) => kindAt(tokens, 0) === "row";

/** Where a statement stands in the text. */
export const spanOfStatement = ({ tokens }: Statement) => ({
  from: tokens[0]?.startOffset ?? 0,
  to: (tokens.at(-1)?.endOffset ?? 0) + 1,
});
