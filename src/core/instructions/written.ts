/** Parses the rows of a pattern, each by itself, and tells what could not be parsed. */
import type { IToken } from "chevrotain";
import type { Span, WrittenRow } from "./ast";
import { say } from "../words/message";
import { remark, type UnplacedFinding } from "./findings";
import { parseRow } from "./grammar";
import { numberIn } from "./numerals";
import { readSentence, speaksOfWork, type Said } from "./sentences";
import { spanOfStatement, type Statement } from "./statements";
import { nearestWords } from "./suggest";
import { tidyRow } from "./tidyRow";
import {
  BobbleName,
  Counted,
  CrossingName,
  DefinedCrossing,
  DefinedOperation,
  Knit,
  Misspelt,
  NuppName,
  Operation,
  Ordinal,
  Purl,
  RowWord,
  Stop,
  Whole,
  Word,
} from "./tokens";

interface Written {
  readonly rows: readonly WrittenRow[];
  /** Rows that are there, but could not be parsed. */
  readonly unread: ReadonlySet<number>;
  /** Where they stand. */
  readonly unreadAt: readonly Span[];
  readonly said: readonly Said[];
}

/** Parses each row by itself; one that cannot be parsed is told and left out. */
export function writtenRows(
  text: string,
  statements: readonly Statement[],
  told: UnplacedFinding[],
): Written {
  const rows: WrittenRow[] = [];
  const unread = new Set<number>();
  const unreadAt: Span[] = [];
  const said: Said[] = [];
  let begun = false;
  for (const statement of statements) {
    const { from, to } = spanOfStatement(statement);
    if (statement.kind === "pageNumber") told.push(remark("remark", from, to, say("pageNumber")));
    if (statement.kind === "remark") {
      const words = text.slice(from, to);
      const sentence = readSentence(words);
      if (sentence) said.push({ sentence, after: rows.length, from, to });
      const hangs =
        !sentence &&
        (speaksOfWork(words, !begun) ||
          isBareWork(statement.tokens) ||
          (begun && namesStitches(statement.tokens, words)));
      if (hangs) told.push(notUnderstood(from, to));
      else if (!sentence || sentence.says === "nothing")
        told.push(remark("remark", from, to, say("notARow")));
    }
    if (statement.kind !== "row") continue;
    begun = true;
    const { tokens, leaves, asides, sizes } = tidyRow(statement.tokens);
    for (const aside of asides) told.push(remark("remark", aside.from, aside.to, say("aside")));
    const letter = statement.tokens.find(
      ({ image }, at) => image === "l" && statement.tokens[at - 1]?.tokenType === RowWord,
    );
    if (letter) told.push(letterForFigure(letter));
    const parsed = parseRow(tokens);
    if (sizes) {
      const row = rowNumberOf(statement);
      told.push({
        ...remark("question", sizes.from, sizes.to, say("sizesInRow", { row, sizes: sizes.of })),
        row,
      });
    }
    if (parsed.ok) rows.push({ ...parsed.value, leaves });
    else {
      const problem = unreadable(parsed, statement);
      told.push(problem);
      unreadAt.push({ from, to });
      if (problem.row !== null) unread.add(problem.row);
    }
  }
  return { rows, unread, unreadAt, said };
}

/** A stitch by its name in a sentence that is no note: what is said of it changes what is worked. */
const namesStitches = (tokens: readonly IToken[], words: string): boolean =>
  !/^\s*(?:note|abbreviation)s?\b/i.test(words) && tokens.some(({ tokenType }) => STITCHES.has(tokenType));

const STITCHES = new Set<unknown>([
  CrossingName,
  DefinedCrossing,
  DefinedOperation,
  Operation,
  BobbleName,
  NuppName,
  Counted,
]);

/** Stitches with their counts, and no word behind them as a title has: a row without its number. */
function isBareWork(tokens: readonly IToken[]): boolean {
  const counted = tokens.filter(
    ({ tokenType }, at) =>
      tokenType === Counted ||
      ((tokenType === Knit || tokenType === Purl) && tokens[at + 1]?.tokenType === Whole),
  );
  const last = tokens.findLast(({ tokenType }) => tokenType !== Stop);
  return counted.length >= 2 && last?.tokenType !== Word;
}

/** A sentence that may change what is worked: whoever reads it says that it does not, or writes it as rows. */
const notUnderstood = (from: number, to: number): UnplacedFinding => ({
  ...remark("question", from, to, say("sentenceNotUnderstood")),
  mends: [{ label: say("onlyANote"), edit: { from, to: from, text: "Note: " } }],
});

/** Letters that a scan takes for figures: "Kl" is "K1"; null where it is nothing of the kind. */
function inFigures(word: string): string | null {
  const figures = word.slice(0, 1) + word.slice(1).replace(/[lI|]/g, "1").replace(/[oO]/g, "0");
  return figures !== word && /^[kp][1-9]\d*$/i.test(figures) ? figures : null;
}

const letterForFigure = ({ startOffset: from }: IToken): UnplacedFinding => ({
  ...remark("question", from, from + 1, say("letterForFigure")),
  row: 1,
  mends: [{ label: "1", edit: { from, to: from + 1, text: "1" } }],
});

const rowNumberOf = ({ tokens }: Statement): number | null => {
  const at = tokens.findIndex(({ tokenType }) => tokenType === RowWord);
  const near = tokens.slice(Math.max(0, at - 3), at + 3);
  const number = near.find(({ tokenType }) => tokenType === Whole || tokenType === Ordinal);
  return number ? numberIn(number.image) || null : null;
};

function unreadable(
  { token, why }: Extract<ReturnType<typeof parseRow>, { ok: false }>,
  statement: Statement,
): UnplacedFinding {
  const row = rowNumberOf(statement);
  const { from, to } = spanOfStatement(statement);
  if (!token) return { ...remark("error", from, to, say("rowBreaksOff", { row })), row };
  const at = { from: token.startOffset, to: (token.endOffset ?? token.startOffset) + 1 };
  if (why === "tooDeep") return { ...remark("error", at.from, at.to, say("rowNestedTooDeep", { row })), row };
  const figures = inFigures(token.image);
  const near = figures
    ? [figures]
    : token.tokenType === Word || token.tokenType === Misspelt
      ? nearestWords(token.image)
      : [];
  return {
    severity: "error",
    row,
    ...at,
    message: say("wordNotUnderstood", { row, name: token.image, near }),
    mends: near.map((word) => ({ label: word, edit: { ...at, text: word } })),
  };
}
