/** A row's words before they are parsed: what is no stitch is set aside, and told. */
import type { IToken } from "chevrotain";
import { crossingMeant } from "../stitches/crossingNames";
import { sameCrossing } from "../stitches/crossings";
import type { Span } from "./ast";
import { MOST_DEPTH } from "./budget";
import { spanOf } from "./headingGrammar";
import { numberIn } from "./numerals";
import { isWork, typeAt } from "./statements";
import * as T from "./tokens";

export interface TidyRow {
  readonly tokens: readonly IToken[];
  /** Stitches that the row says to leave; null where it says nothing of them. */
  readonly leaves: number | null;
  /** Words in brackets that are no work: "(see Special Stitches)". */
  readonly asides: readonly Span[];
  /** The first place where sizes stand in brackets, "k2 (4, 6, 8)", and how many there are; null where none do. */
  readonly sizes: (Span & { readonly of: number }) | null;
}

/** Where the bracket is closed that opens at a place, by that place; and how deep they lie in one another. */
function closings(tokens: readonly IToken[]): {
  readonly ends: ReadonlyMap<number, number>;
  readonly depth: number;
} {
  const ends = new Map<number, number>();
  const open: number[] = [];
  let depth = 0;
  tokens.forEach(({ tokenType }, at) => {
    if (tokenType === T.Open) open.push(at);
    depth = Math.max(depth, open.length);
    const begun = tokenType === T.Close ? open.pop() : undefined;
    if (begun !== undefined) ends.set(begun, at);
  });
  return { ends, depth };
}

const IN_HEADING = new Set<unknown>([T.Side, T.W.And, T.W.All, T.RowWord, T.W.Even, T.W.Odd]);
const ENDS = new Set<unknown>([undefined, T.Stop, T.Comma]);

/** "(12 sts)", or "(12)" at the end of a row: the stitches that it leaves. */
function countIn(inside: readonly IToken[], isLast: boolean): number | null {
  const [first, second] = inside;
  if (first?.tokenType !== T.Whole) return null;
  const named = second?.tokenType === T.Stitches;
  return (named && inside.length <= 4) || (inside.length === 1 && isLast) ? numberIn(first.image) : null;
}

const isSizes = (inside: readonly IToken[]) =>
  inside.length >= 1 && inside.every(({ tokenType }, at) => tokenType === (at % 2 === 0 ? T.Whole : T.Comma));

const isCrossing = (token: IToken | undefined) =>
  token?.tokenType === T.CrossingName || token?.tokenType === T.DefinedCrossing;

const isName = (token: IToken | undefined) =>
  isCrossing(token) || token?.tokenType === T.Word || token?.tokenType === T.Misspelt;

/** "C4B (2/2 right cross)": the same crossing by another name. */
function tellsAgain(before: IToken | undefined, inside: readonly IToken[]): boolean {
  const [only] = inside;
  if (!before || !only || inside.length > 1 || !isCrossing(before) || !isCrossing(only)) return false;
  const [one, other] = [crossingMeant(before.image), crossingMeant(only.image)];
  return one !== null && other !== null && sameCrossing(one, other);
}

const isPurl = (token: IToken | undefined) =>
  token?.tokenType === T.Purl || (token?.tokenType === T.Counted && /^p/i.test(token.image));

/** What moves the yarn for a slip is told to the slip; before other stitches it is a yarn over. */
function withYarn(tokens: readonly IToken[]): readonly IToken[] {
  const isMoved = ({ tokenType }: IToken, at: number) =>
    tokenType === T.YarnMoved || (tokenType === T.WithYarn && typeAt(tokens, at + 1) === T.Slip);
  if (!tokens.some(isMoved)) return tokens;
  const result: IToken[] = [];
  let inFront = false;
  tokens.forEach((token, at) => {
    // "wyif sl 2" is "sl 2 wyif".
    if (token.tokenType === T.WithYarn && isMoved(token, at)) {
      inFront = /f(?:ront)?$/i.test(token.image);
      return;
    }
    if (token.tokenType !== T.YarnMoved) {
      const isSlip = token.tokenType === T.Slip;
      result.push(isSlip && inFront ? { ...token, payload: "wyif" } : token);
      if ([T.Knit, T.Purl, T.Counted].includes(token.tokenType)) inFront = false;
      return;
    }
    const next = tokens[typeAt(tokens, at + 1) === T.Comma ? at + 2 : at + 1];
    const word = token.image.toLowerCase();
    const passed = tokens
      .slice(at + 1, at + 12)
      .findIndex(({ tokenType }, index) => index > 2 && tokenType === T.Slip);
    const decreases = tokens
      .slice(at + 1, passed < 0 ? at + 12 : at + 1 + passed)
      .some(({ tokenType }) => tokenType === T.Psso);
    const moves =
      word === "yb" ||
      word === "ybk" ||
      (next?.tokenType === T.Slip && !decreases) ||
      (isPurl(next) && word === "yf");
    if (moves) inFront = word.startsWith("yf");
    else
      result.push({
        ...token,
        image: "yo",
        tokenType: T.Operation,
        tokenTypeIdx: T.Operation.tokenTypeIdx ?? 0,
      });
  });
  return result;
}

/** What stands in brackets behind a row's number is found within so many words. */
const LONGEST_ASIDE = 40;

/** Words of a tale before its stitches: "you'll purl 2", "you just knit 2". */
const TELLS = /^(?:you|'|’|ll|will|just|simply|now|then|we)$/i;

/**
 * A heading as it is told in sentences, without the words around it.
 * Example: "row 2 (that's the wrong side!) you just knit 2" is "row 2 (wrong side) knit 2".
 */
function withoutTale(tokens: readonly IToken[]): readonly IToken[] {
  if (typeAt(tokens, 0) !== T.RowWord || typeAt(tokens, 1) !== T.Whole) return tokens;
  let at = 2;
  const side: IToken[] = [];
  if (typeAt(tokens, at) === T.Open) {
    const end = closings(tokens.slice(0, LONGEST_ASIDE)).ends.get(at) ?? -1;
    const said = tokens.slice(at + 1, end).find(({ tokenType }) => tokenType === T.Side);
    const [open, close] = [tokens[at], tokens[end]];
    if (said && open && close && !IN_HEADING.has(typeAt(tokens, at + 1))) {
      side.push(open, said, close);
      at = end + 1;
    }
  }
  // "is where the magic happens:"
  const colon = tokens.findIndex(({ tokenType }, index) => index >= at && tokenType === T.Colon);
  if (
    /^is$/i.test(tokens[at]?.image ?? "") &&
    colon > 0 &&
    !tokens.slice(at, colon).some((one) => isWork([one]))
  )
    at = colon;
  while (TELLS.test(tokens[at]?.image ?? "")) at += 1;
  return at === 2 ? tokens : [...tokens.slice(0, 2), ...side, ...tokens.slice(at)];
}

/** Sets aside what a row says beside its stitches. Example: "P2, k4 (see key), p2. (8 sts)" is "P2, k4, p2." and 8. */
export function tidyRow(said: readonly IToken[]): TidyRow {
  const tokens = withoutTale(said);
  const { ends, depth } = closings(tokens);
  // What is nested too deep to be parsed is told by the parser.
  if (depth > MOST_DEPTH) return { tokens, leaves: null, asides: [], sizes: null };
  /** From here on nothing is said any more. */
  const tail = tokens.findLastIndex(({ tokenType }) => !ENDS.has(tokenType)) + 1;
  const kept: IToken[] = [];
  const asides: Span[] = [];
  let leaves: number | null = null;
  let sizes: TidyRow["sizes"] = null;
  for (let at = 0; at < tokens.length; at += 1) {
    const token = tokens[at] as IToken;
    if (token.tokenType === T.Counted || token.tokenType === T.Comma) {
      kept.push(token);
      continue;
    }
    const end = ends.get(at) ?? -1;
    const last = tokens[end];
    if (end > at && last) {
      const inside = tokens.slice(at + 1, end);
      const isLast = end + 1 >= tail;
      const afterNumber =
        typeAt(tokens, at - 1) === T.Whole ||
        typeAt(tokens, at - 1) === T.Knit ||
        typeAt(tokens, at - 1) === T.Purl;
      const count = countIn(inside, isLast && !afterNumber);
      const beginsHeading = IN_HEADING.has(inside[0]?.tokenType);
      if (count !== null && (!afterNumber || isLast)) {
        leaves = count;
        at = end;
        continue;
      }
      const [only] = inside;
      if (isName(tokens[at - 1]) && inside.length === 1 && only?.tokenType === T.DefinedCrossing) {
        // "C6 (slip 3 sts to cn …)": what it is called, and how it is worked.
        kept.splice(-1, 1, only);
        at = end;
        continue;
      }
      if (tellsAgain(tokens[at - 1], inside)) {
        asides.push(spanOf(token, last));
        at = end;
        continue;
      }
      if (afterNumber && isSizes(inside)) {
        sizes ??= { ...spanOf(tokens[at - 1] ?? token, last), of: (inside.length + 1) / 2 + 1 };
        at = end;
        continue;
      }
      // An empty bracket is a repeat of nothing, and that is told by the row.
      if (
        inside.length > 0 &&
        !beginsHeading &&
        !inside.some((one) => one.tokenType === T.Star || isWork([one]))
      ) {
        asides.push(spanOf(token, last));
        at = end;
        continue;
      }
    }
    // "…, p2, turn."
    if (at + 1 >= tail && /^turn$/i.test(token.image)) break;
    // "= 8 sts", "- 8 sts", "8 sts" behind the last stitch
    let counts = at;
    while (counts < at + 2 && (typeAt(tokens, counts) === T.Equals || typeAt(tokens, counts) === T.Dash))
      counts += 1;
    if (
      typeAt(tokens, counts) === T.Whole &&
      (typeAt(tokens, at) === T.Equals ||
        (counts > at && typeAt(tokens, counts + 1) === T.Stitches) ||
        (typeAt(tokens, counts + 1) === T.Stitches && ENDS.has(typeAt(tokens, at - 1)))) &&
      counts + (typeAt(tokens, counts + 1) === T.Stitches ? 2 : 1) >= tail
    ) {
      leaves = numberIn(tokens[counts]?.image ?? "");
      break;
    }
    kept.push(token);
  }
  return { tokens: withYarn(kept), leaves, asides, sizes };
}
