/** The grammar of how far and how often something is worked: "to last 2 sts", "3 times in all". */
import type { Extent } from "./ast";
import { HeadingParser } from "./headingGrammar";
import { numberIn, timesIn } from "./numerals";
import * as T from "./tokens";

/** How often, in the words of a pattern: "twice more", "3 times in all". */
export type SaidExtent =
  { readonly leaving: number } | { readonly times: number; readonly more: boolean; readonly inAll: boolean };

export const ONCE: SaidExtent = { times: 1, more: false, inAll: false };

export const plainExtent = (extent: SaidExtent): Extent =>
  "times" in extent ? { times: extent.times } : extent;

export class ExtentParser extends HeadingParser {
  protected readonly extent = this.RULE("extent", (): SaidExtent => {
    return this.OR1([
      { ALT: () => this.SUBRULE(this.leaving) },
      {
        // "rep from * around", "across": to the end, or to the last stitches.
        ALT: () => {
          this.CONSUME(T.W.Around);
          let left: SaidExtent = { leaving: 0 };
          this.OPTION({
            GATE: () => this.LA(1).tokenType === T.W.To || this.LA(1).tokenType === T.W.Until,
            DEF: () => {
              left = this.SUBRULE2(this.leaving);
            },
          });
          return left;
        },
      },
      { ALT: () => this.SUBRULE(this.often) },
    ]);
  });

  /** "3 times", "x 3", "3x", "twice more", "2 more times", "3 times in all" */
  private readonly often = this.RULE("often", (): SaidExtent => {
    let [times, more, inAll] = [1, false, false];
    this.OR([
      {
        ALT: () => {
          const count = this.CONSUME1(T.Whole);
          this.OPTION1(() => {
            this.CONSUME1(T.W.More);
            this.ACTION(() => {
              more = true;
            });
          });
          this.OR2([{ ALT: () => this.CONSUME1(T.Times) }, { ALT: () => this.CONSUME1(T.By) }]);
          this.ACTION(() => {
            times = numberIn(count.image);
          });
        },
      },
      {
        ALT: () => {
          this.CONSUME2(T.By);
          const count = this.CONSUME2(T.Whole);
          this.OPTION3(() => this.CONSUME2(T.Times));
          this.ACTION(() => {
            times = numberIn(count.image);
          });
        },
      },
      {
        ALT: () => {
          const word = this.CONSUME(T.Twice);
          this.ACTION(() => {
            times = timesIn(word.image) ?? 1;
          });
        },
      },
    ]);
    this.OPTION2(() => {
      this.CONSUME2(T.W.More);
      this.ACTION(() => {
        more = true;
      });
    });
    this.OPTION4(() => {
      this.CONSUME(T.W.With);
      this.OR3([{ ALT: () => this.CONSUME(T.W.All) }, { ALT: () => this.CONSUME(T.W.Total) }]);
      this.ACTION(() => {
        inAll = true;
      });
    });
    return this.ACTION(() => ({ times, more, inAll }));
  });

  /** "to end", "to the end of row", "to last 3 sts" */
  protected readonly leaving = this.RULE("leaving", (): { readonly leaving: number } => {
    let leaving = 0;
    const stitches = () => {
      leaving = 1;
      this.OPTION4(() => {
        const number = this.CONSUME(T.Whole);
        this.ACTION(() => {
          leaving = numberIn(number.image);
        });
      });
      this.OPTION5(() => this.CONSUME(T.Stitches));
    };
    this.OR1([
      {
        ALT: () => {
          this.CONSUME(T.W.To);
          this.OPTION1(() => this.CONSUME1(T.W.The));
          this.OR2([
            {
              ALT: () => {
                this.CONSUME(T.W.End);
                this.OPTION2(() => {
                  this.CONSUME(T.W.Of);
                  this.OPTION3(() => this.CONSUME2(T.W.The));
                  this.CONSUME(T.RowWord);
                });
              },
            },
            {
              ALT: () => {
                this.CONSUME(T.W.Last);
                stitches();
              },
            },
          ]);
        },
      },
      {
        // "until 2 sts remain", "until the last 2 sts"
        ALT: () => {
          this.CONSUME(T.W.Until);
          this.OPTION6(() => this.CONSUME3(T.W.The));
          this.OPTION7(() => this.CONSUME2(T.W.Last));
          const number = this.CONSUME2(T.Whole);
          this.OPTION8(() => this.CONSUME2(T.Stitches));
          this.OPTION9(() => this.CONSUME(T.W.Remain));
          this.ACTION(() => {
            leaving = numberIn(number.image);
          });
        },
      },
    ]);
    return this.ACTION(() => ({ leaving }));
  });
}
