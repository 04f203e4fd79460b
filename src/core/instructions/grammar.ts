/** The grammar of what is worked in a row, behind its heading. */
import type { IToken } from "chevrotain";
import type { Item, WrittenRow } from "./ast";
import { MOST_DEPTH } from "./budget";
import { spanOf } from "./headingGrammar";
import { ONCE, type SaidExtent } from "./extentGrammar";
import { groupOf, StitchParser } from "./stitchGrammar";
import * as T from "./tokens";

export class RowParser extends StitchParser {
  /** The signs of the starred repeats that are open: the same sign again closes the innermost, another opens one. */
  private openStars: string[] = [];

  constructor(options?: { readonly validated?: boolean }) {
    super(options);
    this.performSelfAnalysis();
  }

  readonly row = this.RULE("row", (): WrittenRow => {
    this.ACTION(() => {
      this.openStars = [];
    });
    const heading = this.SUBRULE(this.heading);
    const items = this.SUBRULE(this.items);
    return { heading, items, leaves: null };
  });

  private readonly items = this.RULE("items", (): Item[] => {
    const items: Item[] = [];
    this.MANY({
      GATE: () => !(this.LA(1).tokenType === T.Star && this.openStars.includes(this.LA(1).image)),
      DEF: () =>
        this.OR([
          { ALT: () => items.push(this.SUBRULE(this.item)) },
          { ALT: () => this.CONSUME(T.Comma) },
          { ALT: () => this.CONSUME(T.Stop) },
          { ALT: () => this.CONSUME(T.W.And) },
          { ALT: () => this.CONSUME(T.Plus) },
          { ALT: () => this.CONSUME(T.Dash) },
          { ALT: () => this.CONSUME(T.Slash) },
          {
            // "rep from * across, end with p2"
            ALT: () => {
              this.CONSUME(T.W.End);
              this.OPTION(() => this.CONSUME(T.W.With));
            },
          },
        ]),
    });
    return items;
  });

  private readonly item = this.RULE("item", (): Item => {
    return this.OR([
      { ALT: () => this.SUBRULE(this.counted) },
      { ALT: () => this.SUBRULE(this.starred) },
      { ALT: () => this.SUBRULE(this.bracketed) },
      { ALT: () => this.SUBRULE(this.asRows) },
      { ALT: () => this.SUBRULE(this.panelRow) },
      { ALT: () => this.SUBRULE(this.asTheyShow) },
      { GATE: () => this.saysFaces(), ALT: () => this.SUBRULE(this.faces) },
      { ALT: () => this.SUBRULE(this.plain) },
      { ALT: () => this.SUBRULE(this.single) },
    ]);
  });

  /** "*K2, P2; rep from * to last 3 sts" or "*K2, P2* 3 times"; another sign nests: "*K1, **p1, k1; rep from ** twice; rep from * to end" */
  private readonly starred = this.RULE("starred", (): Item => {
    const first = this.CONSUME1(T.Star);
    this.ACTION(() => this.openStars.push(first.image));
    const items = this.SUBRULE(this.items);
    this.ACTION(() => this.openStars.pop());
    const again = this.OR([
      {
        ALT: () => {
          this.SUBRULE1(this.again);
          return true;
        },
      },
      {
        ALT: () => {
          this.CONSUME3(T.Star);
          this.OPTION3({ GATE: () => this.LA(2).tokenType === T.Rep, DEF: () => this.CONSUME2(T.Comma) });
          this.OPTION(() => this.SUBRULE2(this.again));
          return false;
        },
      },
    ]);
    this.OPTION1(() => this.CONSUME(T.Comma));
    const extent = this.OR3([
      { ALT: () => this.SUBRULE(this.extent) },
      {
        // "rep from *, end p2": as far as it goes.
        GATE: () => again && this.LA(1).tokenType === T.W.End,
        ALT: (): SaidExtent => ({ leaving: 0 }),
      },
    ]);
    return this.ACTION(() => {
      // "rep from * 3 times" is three more, behind the first; "*…* rep twice more" says so itself.
      const once = "times" in extent && (again ? !extent.inAll : extent.more);
      return {
        type: "group" as const,
        items,
        extent: "times" in extent ? { times: extent.times + (once ? 1 : 0) } : extent,
        more: null,
        ...spanOf(first, this.LA(0)),
      };
    });
  });

  /** "rep from *", "repeat from * to *", "rep between *", "rep" */
  private readonly again = this.RULE("again", (): void => {
    this.CONSUME(T.Rep);
    this.OPTION1(() => {
      this.OR([{ ALT: () => this.CONSUME(T.W.From) }, { ALT: () => this.CONSUME(T.W.Between) }]);
      this.CONSUME1(T.Star);
      this.OPTION2({
        // "to *", not "to end"
        GATE: () => this.LA(2).tokenType === T.Star,
        DEF: () => {
          this.OR2([{ ALT: () => this.CONSUME(T.W.To) }, { ALT: () => this.CONSUME(T.W.And) }]);
          this.CONSUME2(T.Star);
        },
      });
    });
  });

  /** "[K1, P1] 3 times", "(k2tog, yo) x 4", "[K1, P1] to end" */
  private readonly bracketed = this.RULE("bracketed", (): Item => {
    const first = this.CONSUME(T.Open);
    const items = this.SUBRULE(this.items);
    this.CONSUME(T.Close);
    let extent: SaidExtent = ONCE;
    const behind = this.LA(1);
    this.OPTION1(() => this.CONSUME(T.Rep));
    this.OPTION2(() => {
      extent = this.SUBRULE(this.extent);
    });
    return this.ACTION(() => groupOf(items, extent, behind, first, this.LA(0)));
  });
}

let parser: RowParser | undefined;

/** What came of parsing: the value, or the token at which it stopped and what was wrong. */
export type Parsed<Value> =
  | { readonly ok: true; readonly value: Value }
  | {
      readonly ok: false;
      readonly token: IToken | null;
      readonly why: "notUnderstood" | "tooDeep";
    };

/** The sign at which repeats are nested too deep for a parser to come up again; null where they are not. */
function tooDeepAt(tokens: readonly IToken[]): IToken | null {
  const stars = new Set<string>();
  let depth = 0;
  for (const token of tokens) {
    if (token.tokenType === T.Open) depth += 1;
    else if (token.tokenType === T.Close) depth = Math.max(0, depth - 1);
    else if (token.tokenType === T.Star) stars.add(token.image);
    if (depth > MOST_DEPTH || stars.size > MOST_DEPTH) return token;
  }
  return null;
}

function parse<Value>(tokens: readonly IToken[], rule: (parser: RowParser) => Value): Parsed<Value> {
  const deep = tooDeepAt(tokens);
  if (deep) return { ok: false, token: deep, why: "tooDeep" };
  parser ??= new RowParser();
  parser.input = [...tokens];
  const value = rule(parser);
  const [error] = parser.errors;
  if (!error) return { ok: true, value };
  const { token } = error;
  return { ok: false, token: Number.isNaN(token.startOffset) ? null : token, why: "notUnderstood" };
}

export const parseRow = (tokens: readonly IToken[]) => parse(tokens, (one) => one.row());
export const parseMultiple = (tokens: readonly IToken[]) => parse(tokens, (one) => one.multiple());
