/** The grammar of a row's heading: which rows, on which side. */
import { EmbeddedActionsParser, type IToken } from "chevrotain";
import type { Heading, Span } from "./ast";
import { MOST_ROWS } from "./budget";
import { numberIn, wholeOrRoman } from "./numerals";
import * as T from "./tokens";

/** From the first character of one token to behind the last of another. */
export const spanOf = (first: IToken, last: IToken): Span => ({
  from: first.startOffset,
  to: (last.endOffset ?? last.startOffset) + 1,
});

const sideOf = ({ image }: IToken) => (/^r/i.test(image) ? "RS" : "WS");

/** Rows that are not named by their numbers. */
const OTHERS = /^(?:other|alt|alternate|foll|following|remaining|subsequent)$/i;

/** What a heading says, word by word; what it comes to is known at its end. */
interface Said {
  readonly rows: number[];
  readonly sides: { readonly side: "RS" | "WS"; readonly behindAll: boolean }[];
  all: boolean;
  parity: "odd" | "even" | null;
  other: boolean;
  /** "every 4th row" */
  step: number | null;
  unnumbered: Heading["unnumbered"];
}

function headingOf({
  rows,
  sides,
  all,
  parity,
  other,
  step,
  unnumbered,
}: Said): Omit<Heading, "from" | "to" | "round"> {
  const [first] = sides;
  // Row 0 is worked once, before the others.
  if (rows.length === 1 && rows[0] === 0)
    return { rows: [], allOf: null, step: null, side: first?.side ?? null, unnumbered: "setUp" };
  const behindAll = sides.find((one) => one.behindAll)?.side;
  if (!all && parity && rows.length > 0) {
    const odd = parity === "odd" ? 1 : 0;
    return {
      rows: rows.filter((row) => row % 2 === odd),
      allOf: null,
      step,
      side: first?.side ?? null,
      unnumbered,
    };
  }
  // "WS rows:" are all of them; "RS Row 1:" is that one row.
  const allSided = rows.length === 0 && unnumbered === null ? first?.side : undefined;
  const allOf = all
    ? (parity ??
      behindAll ??
      (step === null ? (other || rows.length > 0 ? "other" : (first?.side ?? "other")) : null))
    : (parity ?? allSided ?? null);
  const side = first?.side ?? null;
  return {
    rows,
    allOf,
    step: all ? step : null,
    side: rows.length > 0 || unnumbered ? side : null,
    unnumbered,
  };
}

export class HeadingParser extends EmbeddedActionsParser {
  /** Whether the grammar is free of ambiguities is for tests to say, once: it takes a tenth of a second. */
  constructor({ validated = false } = {}) {
    super(T.TOKENS, { recoveryEnabled: false, maxLookahead: 3, skipValidations: !validated });
  }

  /** Whether a number stands there already: what follows a row's number by itself is no other row. */
  private numbered = false;

  /** Whether a bracket holds more of the heading: a side, "and all WS rows". */
  private opensHeading(): boolean {
    const next = this.LA(2).tokenType;
    return [T.Side, T.W.And, T.W.All, T.RowWord, T.W.Even, T.W.Odd].includes(next);
  }

  /** Whether the heading goes on: a bracket may be the first of the work. */
  private goesOn(): boolean {
    return this.LA(1).tokenType !== T.Open || this.opensHeading();
  }

  /** Whether a range goes on behind its sign: "3-6", not "3 - p2". */
  private isEnd(): boolean {
    const { tokenType, image } = this.LA(2);
    if (tokenType === T.Whole || tokenType === T.Ordinal) return true;
    return (tokenType === T.Word || tokenType === T.By) && wholeOrRoman(image) !== null;
  }

  /** A figure, or Roman letters behind the word for a row. */
  private isNumber(): boolean {
    const { tokenType, image } = this.LA(1);
    if (tokenType !== T.Word && tokenType !== T.By) return true;
    return wholeOrRoman(image) !== null && this.LA(0).tokenType === T.RowWord;
  }

  /** "Row 1 (RS):", "2nd row", "Row 2 and every WS row:", "Rows 4-10 even:", "WS rows:", "(RS) Row 1:" */
  protected readonly heading = this.RULE("heading", (): Heading => {
    const said: Said = {
      rows: [],
      sides: [],
      all: false,
      parity: null,
      other: false,
      step: null,
      unnumbered: null,
    };
    let round = false;
    let counted = false;
    let word = false;
    const first = this.LA(1);
    this.ACTION(() => {
      this.numbered = false;
    });
    this.MANY1({
      GATE: () => this.goesOn(),
      DEF: () => {
        this.OR1([
          {
            // A number, or a range; behind "every" it is a step.
            GATE: () => this.isNumber() && (!this.numbered || this.LA(0).tokenType !== T.Whole),
            ALT: () => {
              const from = this.SUBRULE1(this.number);
              let to = from;
              this.OPTION2({
                GATE: () => this.isEnd(),
                DEF: () => {
                  this.OR2([{ ALT: () => this.CONSUME(T.Dash) }, { ALT: () => this.CONSUME(T.W.To) }]);
                  to = this.SUBRULE2(this.number);
                },
              });
              this.ACTION(() => {
                this.numbered = true;
                if (said.all && counted) {
                  said.step = from;
                  return;
                }
                for (let row = from; row <= Math.min(to, from + MOST_ROWS); row += 1) {
                  said.rows.push(row);
                  // Numbers beyond this are told of by their row; counting on from there would never end.
                  if (row > MOST_ROWS || said.rows.length > 2 * MOST_ROWS) break;
                }
                counted = true;
              });
            },
          },
          {
            GATE: () => word || counted,
            ALT: () => {
              this.CONSUME1(T.Comma);
              this.ACTION(() => {
                this.numbered = false;
              });
            },
          },
          {
            ALT: () => {
              this.CONSUME(T.W.And);
              this.ACTION(() => {
                this.numbered = false;
              });
            },
          },
          { ALT: () => this.CONSUME(T.W.The) },
          {
            ALT: () => {
              const row = this.CONSUME2(T.RowWord);
              this.ACTION(() => {
                word = true;
                round ||= /^r(?:ou)?nd/i.test(row.image);
                this.numbered &&= this.LA(0).tokenType !== T.RowWord;
              });
            },
          },
          {
            ALT: () => {
              this.CONSUME(T.W.Even);
              said.parity = "even";
            },
          },
          {
            ALT: () => {
              this.CONSUME(T.W.Odd);
              said.parity = "odd";
            },
          },
          {
            ALT: () => {
              this.CONSUME(T.W.All);
              said.all = true;
            },
          },
          {
            // "other", "alternate", "following", "next", "foundation"
            GATE: () => said.all || !word || OTHERS.test(this.LA(1).image),
            ALT: () => {
              const which = this.CONSUME(T.Word);
              this.ACTION(() => {
                if (OTHERS.test(which.image)) {
                  said.all = true;
                  said.other ||= !/^foll/i.test(which.image);
                }
                if (/^next$/i.test(which.image)) said.unnumbered = "next";
                else if (/^(?:foundation|set|setup|up|preparation|prep)$/i.test(which.image))
                  said.unnumbered = "setUp";
              });
            },
          },
          {
            ALT: () => {
              const side = this.CONSUME3(T.Side);
              this.ACTION(() => {
                said.sides.push({ side: sideOf(side), behindAll: said.all });
              });
            },
          },
          {
            GATE: () => this.opensHeading(),
            ALT: () => this.CONSUME(T.Open),
          },
          {
            ALT: () => this.CONSUME(T.Close),
          },
        ]);
      },
    });
    this.MANY2({
      GATE: () => this.LA(1).tokenType !== T.Open || this.LA(2).tokenType === T.Side,
      DEF: () =>
        this.OR4([
          { ALT: () => this.CONSUME(T.Colon) },
          { ALT: () => this.CONSUME(T.Stop) },
          { ALT: () => this.CONSUME2(T.Dash) },
          {
            // "Row 1: (RS): P2"
            GATE: () => this.LA(2).tokenType === T.Side,
            ALT: () => {
              this.CONSUME2(T.Open);
              const side = this.CONSUME2(T.Side);
              this.CONSUME2(T.Close);
              this.ACTION(() => {
                said.sides.push({ side: sideOf(side), behindAll: said.all });
              });
            },
          },
        ]),
    });
    return this.ACTION(() => ({ ...headingOf(said), ...spanOf(first, this.LA(0)), round }));
  });

  protected readonly number = this.RULE("number", (): number => {
    const word = this.OR([
      { ALT: () => this.CONSUME(T.Whole) },
      { ALT: () => this.CONSUME(T.Ordinal) },
      { ALT: () => this.CONSUME(T.By) },
      { GATE: () => wholeOrRoman(this.LA(1).image) !== null, ALT: () => this.CONSUME(T.Word) },
    ]);
    return this.ACTION(() => {
      // A scan takes the figure for a letter; it is asked about where the row is.
      if (word.image === "l") return 1;
      const figure = numberIn(word.image);
      return Number.isNaN(figure) ? (wholeOrRoman(word.image) ?? 0) : figure;
    });
  });
}
