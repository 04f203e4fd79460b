/** The grammar of a row's heading: which rows, on which side. */
import { EmbeddedActionsParser, type IToken } from "chevrotain";
import type { Heading, Span } from "./ast";
import { MOST_ROWS } from "./rowNumbers";
import { wholeOrRoman } from "./numerals";
import * as T from "./tokens";

/** From the first character of one token to behind the last of another. */
export const spanOf = (first: IToken, last: IToken): Span => ({
  from: first.startOffset,
  to: (last.endOffset ?? last.startOffset) + 1,
});

export class HeadingParser extends EmbeddedActionsParser {
  constructor() {
    super(T.TOKENS, { recoveryEnabled: false, maxLookahead: 3 });
  }

  /** "Row 1 (RS):", "Rows 3, 5:", "Row 2 and all WS rows:", "Rows 4-10 even:", "All WS rows:" */
  protected readonly heading = this.RULE("heading", (): Heading => {
    const rows: number[] = [];
    let allOf: Heading["allOf"] = null;
    let side: Heading["side"] = null;
    let parity = -1;
    const first = this.LA(1);
    const sideOf = (token: IToken) => token.image.toUpperCase() as "RS" | "WS";
    this.OPTION1(() => this.CONSUME1(T.RowWord));
    this.MANY(() => {
      this.OR1([
        {
          ALT: () => {
            const from = this.SUBRULE1(this.number);
            let to = from;
            this.OPTION2(() => {
              this.OR2([{ ALT: () => this.CONSUME(T.Dash) }, { ALT: () => this.CONSUME(T.W.To) }]);
              to = this.SUBRULE2(this.number);
            });
            this.ACTION(() => {
              for (let row = from; row <= Math.min(to, from + MOST_ROWS); row += 1) {
                rows.push(row);
                // Numbers beyond this are told of by their row; counting on from there would never end.
                if (row > MOST_ROWS || rows.length > 2 * MOST_ROWS) break;
              }
            });
          },
        },
        { ALT: () => this.CONSUME1(T.Comma) },
        { ALT: () => this.CONSUME(T.W.And) },
        { ALT: () => this.CONSUME(T.W.The) },
        { ALT: () => this.CONSUME2(T.RowWord) },
        {
          ALT: () => {
            this.CONSUME(T.W.Even);
            parity = 0;
          },
        },
        {
          ALT: () => {
            this.CONSUME(T.W.Odd);
            parity = 1;
          },
        },
        {
          ALT: () => {
            this.CONSUME(T.W.All);
            this.OPTION3(() => {
              const word = this.OR3([
                { ALT: () => this.CONSUME2(T.Side) },
                { ALT: () => this.CONSUME2(T.W.Even) },
                { ALT: () => this.CONSUME2(T.W.Odd) },
                { ALT: () => this.CONSUME(T.Word) },
              ]);
              this.ACTION(() => {
                const said = word.image.toLowerCase();
                allOf =
                  word.tokenType === T.Side
                    ? sideOf(word)
                    : said === "even" || said === "odd"
                      ? said
                      : "other";
              });
            });
          },
        },
        {
          ALT: () => {
            const word = this.CONSUME3(T.Side);
            this.ACTION(() => {
              allOf ??= sideOf(word);
            });
          },
        },
        {
          ALT: () => {
            this.CONSUME(T.Open);
            const word = this.CONSUME4(T.Side);
            this.OPTION4(() => this.CONSUME3(T.RowWord));
            this.CONSUME(T.Close);
            this.ACTION(() => {
              side = sideOf(word);
            });
          },
        },
      ]);
    });
    this.OPTION5(() => this.CONSUME(T.Colon));
    return this.ACTION(() => ({
      ...spanOf(first, this.LA(0)),
      rows: parity < 0 ? rows : rows.filter((row) => row % 2 === parity),
      allOf: allOf ?? (parity >= 0 && rows.length === 0 ? (parity === 0 ? "even" : "odd") : null),
      side,
      round: /^r(ou)?nd/i.test(first.image),
    }));
  });

  protected readonly number = this.RULE("number", (): number => {
    const word = this.OR([
      { ALT: () => this.CONSUME(T.Whole) },
      { ALT: () => this.CONSUME(T.Word) },
      { ALT: () => this.CONSUME(T.By) },
    ]);
    return this.ACTION(() => wholeOrRoman(word.image) ?? 0);
  });
}
