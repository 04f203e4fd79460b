/** The grammar of what is worked over one stitch or several: singles, runs, faces, and how far they go. */
import type { IToken } from "chevrotain";
import type { Extent, Item } from "./ast";
import { ExtentParser, ONCE, plainExtent, type SaidExtent } from "./extentGrammar";
import { spanOf } from "./headingGrammar";
import { numberIn, timesIn } from "./numerals";
import { rowsIn } from "./sentences";
import * as T from "./tokens";

export class StitchParser extends ExtentParser {
  /** "k the knits", ahead of a plain "k". */
  protected saysFaces(): boolean {
    if (this.LA(1).tokenType !== T.Knit && this.LA(1).tokenType !== T.Purl) return false;
    const second = this.LA(2).tokenType;
    const shown = second === T.W.The || second === T.W.All ? this.LA(3).tokenType : second;
    return shown === T.Knits || shown === T.Purls;
  }

  /** "as row 2", "rep rows 1-4 twice" */
  protected readonly asRows = this.RULE("asRows", (): Item => {
    const said = this.CONSUME(T.AsRows);
    return this.ACTION(() => ({
      type: "asRows" as const,
      rows: rowsIn(said.image),
      times: timesIn(said.image),
      ...spanOf(said, said),
    }));
  });

  /** "work row 1 of Panel A" */
  protected readonly panelRow = this.RULE("panelRow", (): Item => {
    const said = this.CONSUME(T.PanelRow);
    return this.ACTION(() => {
      const [panel = "", row] = said.image.split(" ");
      return { type: "panelRow" as const, panel, row: row ? Number(row) : null, ...spanOf(said, said) };
    });
  });

  /** "work in pattern as established" */
  protected readonly asTheyShow = this.RULE("asTheyShow", (): Item => {
    const said = this.CONSUME(T.AsTheyShow);
    return this.ACTION(() => ({ type: "faces" as const, keep: true, ...spanOf(said, said) }));
  });

  private readonly theOrAll = this.RULE("theOrAll", (): void => {
    this.OR([{ ALT: () => this.CONSUME(T.W.The) }, { ALT: () => this.CONSUME(T.W.All) }]);
  });

  /** "k the knits and p the purls", or the other way round */
  protected readonly faces = this.RULE("faces", (): Item => {
    const first = this.LA(1);
    let keep = true;
    this.OR1([
      {
        ALT: () => {
          this.CONSUME1(T.Knit);
          this.OPTION1(() => this.SUBRULE1(this.theOrAll));
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
          this.OPTION2(() => this.SUBRULE2(this.theOrAll));
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
      this.OPTION5(() => this.SUBRULE3(this.theOrAll));
      this.OR6([{ ALT: () => this.CONSUME3(T.Knits) }, { ALT: () => this.CONSUME3(T.Purls) }]);
    });
    return this.ACTION(() => ({ type: "faces" as const, keep, ...spanOf(first, this.LA(0)) }));
  });

  /** "k4" by itself */
  protected readonly counted = this.RULE("counted", (): Item => {
    const word = this.CONSUME(T.Counted);
    return this.ACTION(() => ({
      type: "operation" as const,
      name: faceLetter(word.image),
      extent: { times: Number(/\d+/.exec(word.image)?.[0]) },
      counted: true,
      ...spanOf(word, word),
    }));
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
    /** How many at a time, where that is said of something that goes on to the end. */
    let each: number | null = null;
    let manner = "";
    const behind = () => {
      const said = this.OR2([
        { ALT: () => this.CONSUME(T.Tbl) },
        { ALT: () => this.CONSUME(T.WithYarn) },
        { ALT: () => this.CONSUME(T.Wise) },
      ]);
      this.ACTION(() => {
        if (said.tokenType === T.WithYarn) manner = /f(?:ront)?$/i.test(said.image) ? "wyif" : "wyib";
        if (said.tokenType === T.Tbl) manner = "tbl";
      });
    };
    this.OPTION6({
      GATE: () => this.LA(2).tokenType === T.Whole,
      DEF: () => this.CONSUME(T.W.The),
    });
    this.OPTION7(() => this.CONSUME1(T.W.All));
    this.OPTION1(() => {
      const number = this.CONSUME(T.Whole);
      this.ACTION(() => {
        extent = { times: numberIn(number.image) };
        counted = true;
      });
    });
    this.OPTION2(() => this.CONSUME2(T.W.All));
    this.OPTION3(() => this.CONSUME(T.Stitches));
    this.OPTION8({ GATE: () => this.LA(2).tokenType === T.Tbl, DEF: () => this.CONSUME(T.Dash) });
    this.MANY(behind);
    this.OPTION5(() => {
      const said = extent;
      const open: Extent = this.OR3([
        { ALT: () => this.SUBRULE(this.leaving) },
        {
          ALT: () => {
            this.CONSUME(T.W.Around);
            return { leaving: 0 };
          },
        },
      ]);
      this.ACTION(() => {
        each = counted ? ("times" in said ? said.times : null) : null;
        extent = open;
        counted = true;
      });
    });
    return this.ACTION((): Item => {
      const operation = { type: "operation" as const, name: operationName(word, manner), counted };
      const span = spanOf(word, this.LA(0));
      if (each === null) return { ...operation, extent, ...span };
      // "k2 to end" is that again and again: two at a time.
      const unit = { ...operation, extent: { times: each }, ...span };
      return { type: "group", items: [unit], extent, more: null, counted: true, ...span };
    });
  });

  /** A crossing, a bobble, a decrease: one word; behind it how often, or how far. */
  protected readonly single = this.RULE("single", (): Item => {
    const word = this.OR1([
      { ALT: () => this.CONSUME(T.CrossingName) },
      { ALT: () => this.CONSUME(T.DefinedCrossing) },
      { ALT: () => this.CONSUME(T.Operation) },
      { ALT: () => this.CONSUME(T.DefinedOperation) },
      { ALT: () => this.CONSUME(T.BobbleName) },
      { ALT: () => this.CONSUME(T.NuppName) },
      { ALT: () => this.CONSUME(T.Psso) },
    ]);
    let extent: SaidExtent = ONCE;
    this.OPTION1(() => this.CONSUME(T.Tbl));
    this.OPTION3(() => this.CONSUME(T.Over));
    const behind = this.LA(1);
    this.OPTION2(() => {
      extent = this.SUBRULE(this.extent);
    });
    return this.ACTION((): Item => {
      const last = this.LA(0);
      const span = spanOf(word, last);
      const name = word.tokenType === T.DefinedOperation ? word.image : word.image.toLowerCase();
      if (word.tokenType === T.Psso) return { type: "psso", count: name === "p2sso" ? 2 : 1, ...span };
      const doubtful = "times" in extent && extent.more;
      if (word.tokenType !== T.CrossingName && word.tokenType !== T.DefinedCrossing) {
        const operation = { type: "operation" as const, name: name.toLowerCase(), counted: true, ...span };
        return doubtful
          ? groupOf([{ ...operation, extent: { times: 1 } }], extent, behind, word, last)
          : { ...operation, extent: plainExtent(extent) };
      }
      if ("times" in extent && !doubtful)
        return { type: "crossing", name: word.image, times: extent.times, ...span };
      // "2/2 LC to end" is that crossing again and again.
      const crossing: Item = { type: "crossing", name: word.image, times: 1, ...span };
      return groupOf([crossing], extent, behind, word, last);
    });
  });

  /** "multiple of 14 + 8", "multiple of 6 sts plus 2" */
  readonly multiple = this.RULE("multiple", (): { readonly of: number; readonly plus: number } => {
    this.CONSUME(T.W.Multiple);
    this.CONSUME(T.W.Of);
    const of = this.CONSUME1(T.Whole);
    let plus: IToken | undefined;
    this.OPTION1(() => this.CONSUME1(T.Stitches));
    this.OPTION2(() => {
      this.OR([
        { ALT: () => this.CONSUME(T.Plus) },
        { ALT: () => this.CONSUME(T.W.And) },
        { GATE: () => /^plus$/i.test(this.LA(1).image), ALT: () => this.CONSUME(T.Word) },
      ]);
      plus = this.CONSUME2(T.Whole);
    });
    this.OPTION3(() => this.CONSUME2(T.Stitches));
    this.MANY(() =>
      this.OR2([
        { ALT: () => this.CONSUME(T.Stop) },
        { ALT: () => this.CONSUME(T.Colon) },
        { ALT: () => this.CONSUME(T.Close) },
      ]),
    );
    return this.ACTION(() => ({ of: numberIn(of.image), plus: plus ? numberIn(plus.image) : 0 }));
  });
}

/** Items worked several times; `behind` is where it begins to be said how often. */
export function groupOf(
  items: readonly Item[],
  extent: SaidExtent,
  behind: IToken,
  first: IToken,
  last: IToken,
): Extract<Item, { type: "group" }> {
  return {
    type: "group",
    items,
    extent: plainExtent(extent),
    more: "times" in extent && extent.more ? spanOf(behind, last) : null,
    ...spanOf(first, last),
  };
}

const faceLetter = (said: string) => (/^k/i.test(said) ? "k" : "p");

function operationName({ tokenType, payload }: IToken, manner: string): string {
  if (tokenType === T.Slip) {
    const yarn = manner || (typeof payload === "string" ? payload : "");
    return yarn === "wyif" ? "sl wyif" : yarn === "wyib" ? "sl wyib" : "sl";
  }
  const letter = tokenType === T.Knit ? "k" : "p";
  return manner === "tbl" ? `${letter} tbl` : letter;
}
