/** The words of written patterns, as a lexer sees them. Case, curly signs and odd spaces do not matter. */
import { Lexer, createToken, type IToken, type TokenType } from "chevrotain";

const token = (name: string, pattern: RegExp, more: { group?: string; longer_alt?: TokenType } = {}) =>
  createToken({ name, pattern, ...more });

/** Anything of letters that is nothing else: unknown words, and names that a pattern defines. */
export const Word = token("Word", /[A-Za-z\u00c0-\u024f\u0370-\u052f][A-Za-z\d\u00c0-\u024f\u0370-\u052f]*/);
const keyword = (name: string, pattern: RegExp) => token(name, pattern, { longer_alt: Word });

export const NewLine = token("NewLine", /\r?\n/);
const Space = token("Space", /[^\S\r\n]+/, { group: Lexer.SKIPPED });
const Bullet = token("Bullet", /[•·▪◦‣●○■□►▸–—]+/, { group: Lexer.SKIPPED });

/** A crossing in any school's name; whether such a one can be is for `readCrossingName` to say. */
export const CrossingName = token(
  "CrossingName",
  /\d+\/\d+(?:\/\d+)?\s?[lr](?:p[pkr]c|[pr]?c)(?![\p{L}\d])|(?:cr|c|t)\d+[fb](?![\p{L}\d])|[lr]t(?![\p{L}\d])/iu,
);
/** Operations that are one word; with a number inside, as k2tog. */
export const Operation = keyword(
  "Operation",
  /[kp]\d+tog|s+s[kp]|skpo?|sk2po?|s2kpo?|cddp?|m1[lr]?p?|kfbf?|pfb|yo|yfwd|yfd|yrn|yon|yf|[lr]li|mock3/i,
);
export const BobbleName = keyword("BobbleName", /mb\d*/i);
export const NuppName = keyword("NuppName", /nupp\d*/i);
/** Letters, a number and letters again, as "k2tgo": one misspelt word, not a knit 2 and a rest. */
export const Misspelt = token("Misspelt", /[a-z]+\d+(?!tbl|sts?|wyi|rep|time|to|and|x)[a-z]{2,}\d*/i);
export const Psso = keyword("Psso", /p2?sso/i);
export const Tbl = keyword("Tbl", /tbl/i);
export const WithYarn = keyword("WithYarn", /wyi[bf]/i);
export const Knits = keyword("Knits", /knits/i);
export const Purls = keyword("Purls", /purls/i);
export const Knit = token("Knit", /knit(?!\p{L})|k(?!\p{L})|k(?=tbl)/iu);
export const Purl = token("Purl", /purl(?!\p{L})|p(?!\p{L})|p(?=tbl)/iu);
export const Slip = token("Slip", /slip(?!\p{L})|sl(?!\p{L})/iu);
export const RowWord = keyword("RowWord", /rows?|rnds?|rounds?/i);
export const Side = keyword("Side", /[rw]s/i);
export const Rep = keyword("Rep", /repeat|rep/i);
export const Stitches = keyword("Stitches", /stitches|stitch|sts|st/i);
export const Times = keyword("Times", /times|time/i);
export const Twice = keyword("Twice", /once|twice|thrice/i);
const plainWords = {
  From: /from/i,
  To: /to/i,
  End: /end/i,
  Around: /around|across/i,
  Last: /last/i,
  And: /and|&/i,
  All: /all/i,
  Even: /even/i,
  Odd: /odd/i,
  As: /as/i,
  The: /the/i,
  More: /more/i,
  Multiple: /multiple/i,
  Of: /of/i,
  Loops: /loops?/i,
  In: /in/i,
  Flat: /flat/i,
  Worked: /worked/i,
};
export const W = Object.fromEntries(
  Object.entries(plainWords).map(([name, pattern]) => [name, keyword(name, pattern)]),
) as { readonly [Name in keyof typeof plainWords]: TokenType };
export const By = keyword("By", /x/i);
export const Whole = token("Whole", /\d+/);

export const Star = token("Star", /[*✱∗＊]+/);
export const Open = token("Open", /[[({]/);
export const Close = token("Close", /[\])}]/);
export const Comma = token("Comma", /[,;]/);
export const Colon = token("Colon", /:/);
export const Stop = token("Stop", /\./);
export const Equals = token("Equals", /=/);
export const Plus = token("Plus", /\+/);
export const Dash = token("Dash", /-/);
const Other = token("Other", /[^\s]/u);

export const TOKENS: TokenType[] = [
  NewLine,
  Space,
  Bullet,
  CrossingName,
  Operation,
  BobbleName,
  NuppName,
  Psso,
  Misspelt,
  Tbl,
  WithYarn,
  Knits,
  Purls,
  Knit,
  Purl,
  Slip,
  RowWord,
  Side,
  Rep,
  Stitches,
  Times,
  Twice,
  ...Object.values(W),
  By,
  Word,
  Whole,
  Star,
  Open,
  Close,
  Comma,
  Colon,
  Stop,
  Equals,
  Plus,
  Dash,
  Other,
];

const lexer = new Lexer(TOKENS, { ensureOptimizations: false });

/** Signs that stand for others, each as long as what it stands for, so that places stay true. */
const SAME: Readonly<Record<string, string>> = { "\u00a0": " ", "\u202f": " ", "‑": "-", "−": "-", "×": "x" };

/** All tokens of a text. A character that is part of nothing becomes a token of its own; nothing is lost. */
export function tokensOf(text: string): readonly IToken[] {
  const plain = text.replace(/[\u00a0\u202f‑−×]/g, (sign) => SAME[sign] ?? sign);
  return lexer.tokenize(plain).tokens;
}
