/** The grammar of what is worked over one stitch or several: singles, runs, faces, and how far they go. */
import type { IToken, TokenType } from "chevrotain";
import type { Extent, Item } from "./ast";
import { HeadingParser, spanOf } from "./headingGrammar";
import * as T from "./tokens";

const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };

export class StitchParser extends HeadingParser {
  /** "k the knits", ahead of a plain "k". */
  protected saysFaces(): boolean {
    const second = this.LA(2).tokenType;
    return (
      (this.LA(1).tokenType === T.Knit || this.LA(1).tokenType === T.Purl) &&
      (second === T.W.The || second === T.Knits || second === T.Purls)
    );
  }

  protected readonly extent = this.RULE("extent", (): Extent => {
    return this.OR1([
      { ALT: () => this.SUBRULE(this.leaving) },
      {
        // "rep from * around", "across": to the end.
        ALT: () => {
          this.CONSUME(T.W.Around);
          return { leaving: 0 };
        },
      },
      {
        ALT: () => {
          const count = this.CONSUME1(T.Whole);
          this.CONSUME(T.Times);
          this.OPTION1(() => this.CONSUME1(T.W.More));
          return this.ACTION(() => ({ times: Number(count.image) }));
        },
      },
      {
        ALT: () => {
          this.CONSUME(T.By);
          const count = this.CONSUME2(T.Whole);
          return this.ACTION(() => ({ times: Number(count.image) }));
        },
      },
      {
        ALT: () => {
          const word = this.CONSUME(T.Twice);
          this.OPTION2(() => this.CONSUME2(T.W.More));
          return this.ACTION(() => ({ times: TIMES[word.image.toLowerCase()] ?? 1 }));
        },
      },
    ]);
  });

  /** "to end", "to the end of row", "to last 3 sts" */
  protected readonly leaving = this.RULE("leaving", (): Extent => {
    this.CONSUME(T.W.To);
    this.OPTION1(() => this.CONSUME1(T.W.The));
    return this.OR([
      {
        ALT: () => {
          this.CONSUME(T.W.End);
          this.OPTION2(() => {
            this.CONSUME(T.W.Of);
            this.OPTION3(() => this.CONSUME2(T.W.The));
            this.CONSUME(T.RowWord);
          });
          return { leaving: 0 };
        },
      },
      {
        ALT: () => {
          this.CONSUME(T.W.Last);
          let count = 1;
          this.OPTION4(() => {
            const number = this.CONSUME(T.Whole);
            this.ACTION(() => {
              count = Number(number.image);
            });
          });
          this.OPTION5(() => this.CONSUME(T.Stitches));
          return this.ACTION(() => ({ leaving: count }));
        },
      },
    ]);
  });

  protected readonly asRow = this.RULE("asRow", (): Item => {
    const first = this.CONSUME(T.W.As);
    this.OPTION1(() => this.CONSUME(T.W.The));
    this.CONSUME(T.RowWord);
    const number = this.SUBRULE(this.number);
    return this.ACTION(() => ({ type: "asRow" as const, row: number, ...spanOf(first, this.LA(0)) }));
  });

  /** "k the knits and p the purls", or the other way round */
  protected readonly faces = this.RULE("faces", (): Item => {
    const first = this.LA(1);
    let keep = true;
    this.OR1([
      {
        ALT: () => {
          this.CONSUME1(T.Knit);
          this.OPTION1(() => this.CONSUME1(T.W.The));
          const shown = this.OR2([
            { ALT: () => this.CONSUME1(T.Knits) },
            { ALT: () => this.CONSUME1(T.Purls) },
          ]);
          this.ACTION(() => {
            keep = shown.tokenType === T.Knits;
          });
        },
      },
      {
        ALT: () => {
          this.CONSUME1(T.Purl);
          this.OPTION2(() => this.CONSUME2(T.W.The));
          const shown = this.OR3([
            { ALT: () => this.CONSUME2(T.Knits) },
            { ALT: () => this.CONSUME2(T.Purls) },
          ]);
          this.ACTION(() => {
            keep = shown.tokenType === T.Purls;
          });
        },
      },
    ]);
    this.OPTION3(() => {
      this.OPTION4(() =>
        this.OR4([{ ALT: () => this.CONSUME(T.W.And) }, { ALT: () => this.CONSUME(T.Comma) }]),
      );
      this.OR5([{ ALT: () => this.CONSUME2(T.Knit) }, { ALT: () => this.CONSUME2(T.Purl) }]);
      this.OPTION5(() => this.CONSUME3(T.W.The));
      this.OR6([{ ALT: () => this.CONSUME3(T.Knits) }, { ALT: () => this.CONSUME3(T.Purls) }]);
    });
    return this.ACTION(() => ({ type: "faces" as const, keep, ...spanOf(first, this.LA(0)) }));
  });

  /** "K6", "knit to end", "p1 tbl", "sl 1 wyif" */
  protected readonly plain = this.RULE("plain", (): Item => {
    const word = this.OR1([
      { ALT: () => this.CONSUME(T.Knit) },
      { ALT: () => this.CONSUME(T.Purl) },
      { ALT: () => this.CONSUME(T.Slip) },
    ]);
    let extent: Extent = { times: 1 };
    let counted = false;
    let manner = "";
    const behind = () => {
      const said = this.OR2([{ ALT: () => this.CONSUME(T.Tbl) }, { ALT: () => this.CONSUME(T.WithYarn) }]);
      this.ACTION(() => {
        manner = said.image.toLowerCase();
      });
    };
    this.OPTION1(() => {
      const number = this.CONSUME(T.Whole);
      this.ACTION(() => {
        extent = { times: Number(number.image) };
        counted = true;
      });
    });
    this.OPTION2(() => this.CONSUME(T.W.All));
    this.OPTION3(() => this.CONSUME(T.Stitches));
    this.OPTION4(behind);
    this.OPTION5(() => {
      extent = this.SUBRULE(this.leaving);
      counted = true;
    });
    return this.ACTION(() => ({
      type: "operation" as const,
      name: operationName(word.tokenType, manner),
      extent,
      counted,
      ...spanOf(word, this.LA(0)),
    }));
  });

  /** A crossing, a bobble, a decrease: one word; behind it how often, or how far. */
  protected readonly single = this.RULE("single", (): Item => {
    const word = this.OR1([
      { ALT: () => this.CONSUME(T.CrossingName) },
      { ALT: () => this.CONSUME(T.Operation) },
      { ALT: () => this.CONSUME(T.BobbleName) },
      { ALT: () => this.CONSUME(T.NuppName) },
      { ALT: () => this.CONSUME(T.Psso) },
    ]);
    let extent: Extent = { times: 1 };
    this.OPTION1(() => this.CONSUME(T.Tbl));
    this.OPTION2(() => {
      extent = this.SUBRULE(this.extent);
    });
    return this.ACTION((): Item => {
      const span = spanOf(word, this.LA(0));
      const name = word.image.toLowerCase();
      if (word.tokenType === T.Psso) return { type: "psso", count: name === "p2sso" ? 2 : 1, ...span };
      if (word.tokenType !== T.CrossingName)
        return { type: "operation", name, extent, counted: true, ...span };
      if ("times" in extent) return { type: "crossing", name: word.image, times: extent.times, ...span };
      // "2/2 LC to end" is that crossing again and again.
      const crossing: Item = { type: "crossing", name: word.image, times: 1, ...span };
      return { type: "group", items: [crossing], extent, ...span };
    });
  });

  /** "multiple of 14 + 8" */
  readonly multiple = this.RULE("multiple", (): { readonly of: number; readonly plus: number } => {
    this.CONSUME(T.W.Multiple);
    this.CONSUME(T.W.Of);
    const of = this.CONSUME1(T.Whole);
    let plus: IToken | undefined;
    this.OPTION1(() => this.CONSUME1(T.Stitches));
    this.OPTION2(() => {
      this.CONSUME(T.Plus);
      plus = this.CONSUME2(T.Whole);
    });
    this.OPTION3(() => this.CONSUME2(T.Stitches));
    this.OPTION4(() => this.CONSUME(T.Stop));
    return this.ACTION(() => ({ of: Number(of.image), plus: Number(plus?.image ?? 0) }));
  });
}

function operationName(word: TokenType, manner: string): string {
  if (word === T.Slip) return manner === "wyif" ? "sl wyif" : manner === "wyib" ? "sl wyib" : "sl";
  const letter = word === T.Knit ? "k" : "p";
  return manner === "tbl" ? `${letter} tbl` : letter;
}
