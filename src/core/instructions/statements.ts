/** Cuts a pattern into statements, each read by itself, so that one bad row does not hide the others. */
import type { IToken } from "chevrotain";
import { readSentence } from "./sentences";
import * as T from "./tokens";

type StatementKind = "row" | "multiple" | "remark" | "pageNumber";

export interface Statement {
  readonly kind: StatementKind;
  readonly tokens: readonly IToken[];
}

/** Tokens up to the end of a sentence or of a line. */
interface Segment {
  readonly tokens: readonly IToken[];
  /** Whether it begins a line. */
  readonly line: boolean;
}

/** What work begins with. */
const WORK = new Set([
  T.Counted,
  T.Knit,
  T.Purl,
  T.Slip,
  T.CrossingName,
  T.Operation,
  T.YarnMoved,
  T.DefinedCrossing,
  T.DefinedOperation,
  T.BobbleName,
  T.NuppName,
  T.Psso,
  T.Misspelt,
  T.PanelRow,
]);

/** The type of the token at a place, where there is one. */
export const typeAt = (tokens: readonly IToken[], at: number) => tokens[at]?.tokenType;

/** Whether work begins here: a stitch, a star, or a bracket before one. */
export function isWork(tokens: readonly IToken[], from = 0): boolean {
  let at = from;
  while (typeAt(tokens, at) === T.Open || typeAt(tokens, at) === T.Star) at += 1;
  const type = typeAt(tokens, at);
  return type !== undefined && WORK.has(type);
}

/** Sentences of each line; a stop within a number ends none. */
function segmentsOf(tokens: readonly IToken[]): readonly Segment[] {
  const segments: { tokens: IToken[]; line: boolean }[] = [];
  let line = true;
  let begun: IToken[] | null = null;
  tokens.forEach((token, at) => {
    if (token.tokenType === T.NewLine) {
      line = true;
      begun = null;
      return;
    }
    if (!begun) {
      begun = [];
      segments.push({ tokens: begun, line });
      line = false;
    }
    begun.push(token);
    const next = tokens[at + 1];
    const glued =
      next !== undefined && next.startOffset === token.startOffset + 1 && next.tokenType === T.Whole;
    if (token.tokenType === T.Stop && !glued && begun.length > 1 && !isListNumber(begun)) begun = null;
  });
  return segments;
}

/** "1." at the beginning of a line is a number in a list, and no sentence. */
const isListNumber = (tokens: readonly IToken[]) => tokens.length === 2 && typeAt(tokens, 0) === T.Whole;

/** Row I, Row IV: letters that the lexer may have taken for something else. */
const isRoman = (token: IToken | undefined) => token !== undefined && /^[ivxlc]+$/i.test(token.image);

const NUMBERS = new Set([T.Whole, T.Ordinal]);
const isNumber = (tokens: readonly IToken[], at: number) => {
  const type = typeAt(tokens, at);
  return type !== undefined && NUMBERS.has(type);
};

/** Rows without a number: the next one, and one that is worked once before the others. */
const UNNUMBERED = /^(?:next|foundation|set-?up|setup|preparation|prep)$/i;

/** Words by which a tale comes to a row: "Okay, so for row 1", "Then row 4". */
const LEADS_IN = /^(?:okay|ok|so|for|on|then|now|and|in|,)$/i;
const MOST_LEADING = 5;

/** Where a heading of a row begins in a segment; -1 where there is none. */
function headingAt(tokens: readonly IToken[]): number {
  let told = 0;
  while (told < MOST_LEADING && LEADS_IN.test(tokens[told]?.image ?? "")) told += 1;
  if (told > 0 && typeAt(tokens, told) === T.RowWord && isNumber(tokens, told + 1)) return told;
  // Signs of a list may stand before it.
  const at = typeAt(tokens, 0) === T.Dash ? 1 : 0;
  const open = typeAt(tokens, at) === T.Open ? 1 : 0;
  const first = typeAt(tokens, at + open);
  const second = typeAt(tokens, at + open + 1);
  if (open === 0 && first === T.RowWord && (isNumber(tokens, at + 1) || isRoman(tokens[at + 1]))) return at;
  if (open === 0 && first === T.RowWord && second === T.Word && typeAt(tokens, at + 2) === T.Colon) return at;
  // "Pattern row 1:", "Cable Row 3 (RS):"
  if (first === T.Word && second === T.RowWord && isNumber(tokens, at + 2)) {
    const next = typeAt(tokens, at + 3);
    if (next === T.Colon || (next === T.Open && typeAt(tokens, at + 4) === T.Side)) return at + 1;
  }
  if (open === 0 && first === T.Ordinal && second === T.RowWord) return at;
  // "1st and 3rd rows", "2nd, 4th and 6th rows"
  if (open === 0 && first === T.Ordinal) {
    let end = at + 1;
    while (
      isNumber(tokens, end) ||
      [T.Comma, T.W.And, T.W.To, T.Dash, T.W.All, T.Side].includes(typeAt(tokens, end) as typeof T.Comma) ||
      /^(?:other|alt|alternate|foll|following)$/i.test(tokens[end]?.image ?? "")
    )
      end += 1;
    if (end > at + 1 && typeAt(tokens, end) === T.RowWord) return at;
  }
  // "On RS rows:"
  if (/^on$/i.test(tokens[at]?.image ?? "") && second === T.Side && typeAt(tokens, at + 2) === T.RowWord)
    return at + 1;
  // "(RS) Row 1", "RS Row 1", "WS rows:"
  if (first === T.Side) {
    const next = at + 2 * open + 1;
    if (typeAt(tokens, next) === T.RowWord) return at;
  }
  if (open === 0 && first === T.W.All) {
    for (let end = at + 1; end <= at + 4; end += 1) if (typeAt(tokens, end) === T.RowWord) return at;
  }
  if (open === 0 && UNNUMBERED.test(tokens[at]?.image ?? "")) {
    for (let end = at + 1; end <= at + 3; end += 1) if (typeAt(tokens, end) === T.RowWord) return at;
  }
  return -1;
}

/** "1. P2, k4", "2) K2", "1 (RS): p2": a number that stands for a row, where no row is called so. */
function isListed(tokens: readonly IToken[]): boolean {
  if (typeAt(tokens, 0) !== T.Whole || !/^\d+$/.test(tokens[0]?.image ?? "")) return false;
  let at = 1;
  if (typeAt(tokens, 1) === T.Open && typeAt(tokens, 2) === T.Side) at = 4;
  while (typeAt(tokens, at) === T.Stop || typeAt(tokens, at) === T.Close || typeAt(tokens, at) === T.Colon)
    at += 1;
  return at > 1 && (isWork(tokens, at) || typeAt(tokens, at) === T.AsRows);
}

/** A number by itself on a line: a page number that was pasted along. */
const isPageNumber = ({ line, tokens }: Segment) =>
  line && tokens.length === 1 && typeAt(tokens, 0) === T.Whole && /^\d+$/.test(tokens[0]?.image ?? "");

const AFTER_WORK = new Set<unknown>([T.Comma, T.W.And, T.Plus, T.Slash, T.Colon]);

/** A row as far as it is collected, and what of it is still open: counted as it grows, so that no row is read twice. */
class Growing {
  readonly kind = "row";
  readonly tokens: IToken[] = [];
  private depth = 0;
  /** Signs of stars that stand there an odd number of times. */
  private readonly stars = new Set<string>();
  private works = false;
  private saysMore = false;

  constructor(tokens: readonly IToken[]) {
    this.add(tokens);
  }

  add(tokens: readonly IToken[]): void {
    tokens.forEach((token, at) => {
      const { tokenType, image } = token;
      if (tokenType === T.Open) this.depth += 1;
      else if (tokenType === T.Close) this.depth -= 1;
      else if (tokenType === T.Star && !this.stars.delete(image)) this.stars.add(image);
      this.works ||= WORK.has(tokenType) && (at > 0 || this.tokens.length > 0);
      this.saysMore ||= tokenType === T.AsRows || tokenType === T.AsTheyShow;
      this.tokens.push(token);
    });
  }

  /** Whether it cannot end here: nothing is worked yet, it breaks off, or a bracket or a repeat is open. */
  get isOpen(): boolean {
    const last = this.tokens.at(-1);
    if (!last || AFTER_WORK.has(last.tokenType)) return true;
    if (!this.works) return !this.saysMore;
    return this.depth > 0 || this.stars.size > 0;
  }

  /** Whether it stops behind a comma: what comes next is its own, whatever it is. */
  get breaksOff(): boolean {
    return this.works && this.tokens.at(-1)?.tokenType === T.Comma;
  }
}

/** What may go on with a row whose sentence has ended: work, or the words that say how often it is repeated. */
const goesOn = (tokens: readonly IToken[]) =>
  isWork(tokens) ||
  (typeAt(tokens, 0) === T.Rep && typeAt(tokens, 2) === T.Star) ||
  typeAt(tokens, 0) === T.Open ||
  typeAt(tokens, 0) === T.Close;

/**
 * The statements of a text, in order. A row goes on over the ends of lines and sentences as long as what follows is
 * work; what belongs to no row is a remark.
 */
export function statementsOf(text: string, tokens: readonly IToken[]): readonly Statement[] {
  const segments = segmentsOf(tokens);
  const headings = segments.map((segment) => (speaksOfRows(text, segment) ? -1 : headingAt(segment.tokens)));
  const named = headings.some((at) => at >= 0);
  const statements: { readonly kind: StatementKind; readonly tokens: readonly IToken[] }[] = [];
  /** The row that may go on. */
  let row: Growing | null = null;
  for (const [index, segment] of segments.entries()) {
    const at = headings[index] ?? -1;
    const { tokens: own, line } = segment;
    if (at >= 0 || (!named && line && isListed(own))) {
      row = new Growing(own.slice(Math.max(0, at)));
      statements.push(row);
    } else if (isPageNumber(segment)) statements.push({ kind: "pageNumber", tokens: own });
    else if (isMultiple(own)) statements.push({ kind: "multiple", tokens: own });
    else if (row && (goesOn(own) || (row.isOpen && (!line || row.breaksOff)))) row.add(own);
    else {
      statements.push({ kind: "remark", tokens: own });
      if (line && !row?.isOpen) row = null;
    }
  }
  return statements.filter(({ tokens: own }) => own.length > 0);
}

/** "1st to 6th rows form the pattern": rows are named, and none is written. */
const speaksOfRows = (text: string, { tokens }: Segment): boolean => {
  const [first, last] = [tokens[0], tokens.at(-1)];
  if (
    !first ||
    !last ||
    !tokens.some(({ image }) => /^(?:form|forms|are|set|sets|make|establish)$/i.test(image))
  )
    return false;
  return readSentence(text.slice(first.startOffset, (last.endOffset ?? 0) + 1))?.says === "again";
};

/** "multiple of 8 + 4", also behind "Cast on a" or in brackets. */
const isMultiple = (tokens: readonly IToken[]) =>
  tokens.some((_, at) => typeAt(tokens, at) === T.W.Multiple && typeAt(tokens, at + 1) === T.W.Of);

/** Where a statement stands in the text. */
export const spanOfStatement = ({ tokens }: Statement) => ({
  from: tokens[0]?.startOffset ?? 0,
  to: (tokens.at(-1)?.endOffset ?? 0) + 1,
});
