/** The words of written patterns, as a lexer sees them. Case, curly signs and odd spaces do not matter. */
import { Lexer, createToken, type IToken, type TokenType } from "chevrotain";
import { NUMBER, NUMBER_WORDS, ORDINAL_WORDS } from "./numerals";

/** Letters, in a class: the lexer does not know those of Unicode. */
const LETTER = "A-Za-z\\u00c0-\\u024f";

const token = (name: string, pattern: RegExp, more: { group?: string; longer_alt?: TokenType } = {}) =>
  createToken({ name, pattern, ...more });

/** Anything of letters that is nothing else: unknown words, and names that a pattern defines. */
export const Word = token("Word", /[A-Za-z\u00c0-\u024f\u0370-\u052f][A-Za-z\d\u00c0-\u024f\u0370-\u052f]*/);
const keyword = (name: string, pattern: RegExp) => token(name, pattern, { longer_alt: Word });
/** A word that ends where its letters end: a figure may follow it at once, as in "Row1". */
const bare = (name: string, pattern: RegExp) =>
  token(name, new RegExp(`(?:${pattern.source})(?![${LETTER}])`, "i"));

export const NewLine = token("NewLine", /\r?\n/);
/** Named one by one: of what a class leaves out the lexer cannot tell which letters begin it, and is ten times slower. */
const Space = token("Space", /[ \t\r\v\f\u00a0\u1680\u2000-\u200a\u2028\u2029\u202f\u205f\u3000\ufeff]+/, {
  group: Lexer.SKIPPED,
});
const Bullet = token("Bullet", /[•·▪◦‣●○■□►▸–—]+/, { group: Lexer.SKIPPED });
const ENDS = `(?![${LETTER}\\d])`;
/** Markers are moved along; no stitch hangs on them. */
const Marker = token(
  "Marker",
  new RegExp(
    `(?:(?:place|slip|sl|move|remove)[^\\S\\n]+(?:a[^\\S\\n]+|the[^\\S\\n]+)?(?:markers?|m)|[ps]m|slm)${ENDS}`,
    "i",
  ),
  { group: Lexer.SKIPPED },
);

const GAP = "[^\\S\\n]?";
const SIDES = "(?:right|left)[^\\S\\n]+(?:purl[^\\S\\n]+)?(?:cross(?:ing)?|cable|twist)";
/** A crossing in any school's name; whether such a one can be is for `readCrossingName` to say. */
export const CrossingName = token(
  "CrossingName",
  new RegExp(
    [
      `\\d+${GAP}[/x-]${GAP}\\d+(?:${GAP}[/x-]${GAP}\\d+)?[^\\S\\n-]?-?(?:[lr](?:p[pkr]c|[pr]?c|cp|pt|t)|${SIDES})${ENDS}`,
      `\\d+[^\\S\\n]+over[^\\S\\n]+\\d+[^\\S\\n]+${SIDES}${ENDS}`,
      `${NUMBER}${GAP}-?(?:stitch|sts?)[^\\S\\n-]?-?(?:[lr](?:p?c|pt|t)|${SIDES})${ENDS}`,
      `(?:cable|cross|twist)[^\\S\\n]+${NUMBER}[^\\S\\n]+(?:front|back|left|right|[fblr])${ENDS}`,
      `(?:cr|c|t)${GAP}\\d+${GAP}[fblr]${ENDS}`,
      `[lr]t${ENDS}`,
    ].join("|"),
    "i",
  ),
);
/** Operations that are one word; with a number inside, as k2tog. */
export const Operation = keyword(
  "Operation",
  /[kp]\s?\d+\s?tog|(?:knit|purl|k|p)\s+(?:2|two|3|three)\s+(?:sts?\s+|stitches\s+)?tog(?:ether)?|s+s[kp]|skpo?|sk2po?|s2kpo?|cddp?|m1[lr]?p?|kfbf?|pfb|yo|yarn\s+over|yrn|yon|[lr]li|mock3|[kp]b1?(?![A-Za-z\u00c0-\u024f])/i,
);
/** The yarn brought to the front before a slip, or taken back behind one; before a knit stitch it is a yarn over. */
export const YarnMoved = token("YarnMoved", new RegExp(`(?:yfwd|yfd|yf|ybk|yb)${ENDS}`, "i"));
/** Names that the pattern explains: of a crossing, of something worked, and of what was not understood. */
export const DefinedCrossing = token("DefinedCrossing", Lexer.NA);
export const DefinedOperation = token("DefinedOperation", Lexer.NA);
/** A row of a panel that the text names: its image is the panel and the row. */
export const PanelRow = token("PanelRow", Lexer.NA);
export const BobbleName = keyword("BobbleName", /mb\d*|make\s+(?:a\s+)?bobble/i);
export const NuppName = keyword("NuppName", /nupp\d*/i);
/** Letters, a number and letters again, as "k2tgo": one misspelt word, not a knit 2 and a rest. */
export const Misspelt = token(
  "Misspelt",
  /[a-z]+\d+(?!tbl|sts?|wyi|rep|time|to|and|x|pwise|kwise)[a-z]{2,}\d*/i,
);
export const Psso = keyword("Psso", /p2?sso/i);
export const Tbl = keyword("Tbl", /tbl|through\s+(?:the\s+)?back\s+loops?/i);
export const WithYarn = keyword(
  "WithYarn",
  /wyi[bf]|with\s+yarn\s+(?:in|at|to)\s+(?:the\s+)?(?:front|back)/i,
);
/** How the needle goes in where nothing else is said: it changes nothing that is counted. */
export const Wise = keyword("Wise", /pwise|kwise|purlwise|knitwise|as\s+if\s+to\s+(?:knit|purl)/i);
export const Knits = keyword("Knits", /knits|k(?:nit)?\s+st(?:itche)?s/i);
export const Purls = keyword("Purls", /purls|p(?:url)?\s+st(?:itche)?s/i);
/** "k4" and nothing more: most of every pattern is this. */
export const Counted = token("Counted", /(?:knit|purl|k|p)[ \t]?\d+(?=[ \t]*(?:[,;.)\]}\r\n]))/i);
const faceWord = (name: string, word: string, letter: string) =>
  token(name, new RegExp(`(?:${word}|${letter})(?![${LETTER}])|${letter}(?=tbl)`, "i"));
export const Knit = faceWord("Knit", "knit", "k");
export const Purl = faceWord("Purl", "purl", "p");
export const Slip = bare("Slip", /slip|sl/);
export const RowWord = token(
  "RowWord",
  /(?:rows?|rnds?|rounds?)(?![A-Za-z\u00c0-\u024f])|r(?=\d+\s?[:.)(])/i,
);
export const Side = bare("Side", /(?:[rw]s|(?:right|wrong)[\s-]+side)(?:\s+facing)?/);
export const Rep = keyword("Rep", /repeat|rep/i);
export const Stitches = keyword("Stitches", /stitches|stitch|sts|st/i);
export const Times = keyword("Times", /times|time/i);
export const Twice = keyword("Twice", /once|twice|thrice/i);
/** "over next 4 sts": how wide what was said is. */
export const Over = token(
  "Over",
  new RegExp(`over\\s+(?:the\\s+)?(?:next\\s+|following\\s+)?${NUMBER}\\s+(?:sts?|stitches)${ENDS}`, "i"),
);
const ROWS = "(?:rows?|rnds?|rounds?)";
/** One after the other, with what stands between them in a list. */
const listOf = (one: string) => `${one}(?:\\s*(?:-|,|and|&|to|thru|through|,\\s*and)\\s*${one})*`;
/** "as row 2", "rep rows 1-4 twice", "same as 2nd row": rows that are written elsewhere. */
export const AsRows = token(
  "AsRows",
  new RegExp(
    `(?:(?:is\\s+|work\\s+|knit\\s+)?(?:the\\s+)?same\\s+as|(?:work\\s+)?as|like|rep(?:eat)?|work)\\s+(?:for\\s+)?(?:the\\s+)?(?:${ROWS}\\s+${listOf("\\d+")}|${listOf("\\d+(?:st|nd|rd|th)")}\\s+${ROWS})(?:\\s*,?\\s+(?:once|twice|${NUMBER}\\s+times)(?:\\s+more)?)?${ENDS}`,
    "i",
  ),
);
const EST = "(?:as\\s+(?:est(?:ablished)?|set))";
/** "work in pattern as established", "work sts as they appear": each stitch as it shows. */
export const AsTheyShow = token(
  "AsTheyShow",
  new RegExp(
    `(?:(?:work|knit|cont(?:inue)?|keep(?:ing)?)\\s+(?:working\\s+)?)?(?:(?:all\\s+)?(?:the\\s+)?(?:sts?|stitches)\\s+as\\s+(?:they|you)\\s+[${LETTER}]+(?:\\s+(?:to\\s+you|them))?|(?:even\\s+|straight\\s+)?(?:in\\s+)?(?:est(?:ablished)?\\s+)?patt(?:ern)?(?:\\s+(?:${EST}|correct))?|${EST})${ENDS}|work\\s+(?:even|straight)${ENDS}`,
    "i",
  ),
);
/** What a pattern says at the end of a repeat before it says what is left: "ending with p2". */
const plainWords = {
  From: /from/i,
  Between: /between/i,
  Until: /until/i,
  Remain: /remain(?:ing)?|left|rem/i,
  Total: /total/i,
  To: /to|thru|through/i,
  End: /end(?:ing)?/i,
  With: /with|in/i,
  Around: /around|across/i,
  Last: /last/i,
  And: /and|then|&/i,
  All: /all|every|each/i,
  Even: /even/i,
  Odd: /odd/i,
  As: /as/i,
  The: /the/i,
  More: /more/i,
  Multiple: /multiple/i,
  Of: /of/i,
  Loops: /loops?/i,
};
export const W = Object.fromEntries(
  Object.entries(plainWords).map(([name, pattern]) => [name, keyword(name, pattern)]),
) as { readonly [Name in keyof typeof plainWords]: TokenType };
export const By = bare("By", /x/);
export const Ordinal = bare("Ordinal", new RegExp(`\\d+(?:st|nd|rd|th)|${ORDINAL_WORDS.join("|")}`));
export const Whole = token("Whole", new RegExp(`\\d+|(?:${NUMBER_WORDS.join("|")})${ENDS}`, "i"));

export const Star = token("Star", /[*✱∗＊]+/);
export const Open = token("Open", /[[({]/);
export const Close = token("Close", /[\])}]/);
export const Comma = token("Comma", /[,;]/);
export const Colon = token("Colon", /:/);
export const Stop = token("Stop", /\./);
export const Equals = token("Equals", /=/);
export const Plus = token("Plus", /\+/);
export const Dash = token("Dash", /-/);
export const Slash = token("Slash", /\//);
const Other = token("Other", /[\u0000-\uffff]/);

export const TOKENS: TokenType[] = [
  NewLine,
  Space,
  Bullet,
  Marker,
  AsRows,
  AsTheyShow,
  CrossingName,
  Over,
  Operation,
  YarnMoved,
  BobbleName,
  NuppName,
  Psso,
  Misspelt,
  Counted,
  Tbl,
  WithYarn,
  Wise,
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
  Ordinal,
  Whole,
  Word,
  Star,
  Open,
  Close,
  Comma,
  Colon,
  Stop,
  Equals,
  Plus,
  Dash,
  Slash,
  Other,
  DefinedCrossing,
  DefinedOperation,
  PanelRow,
];

/** A reader of tokens; whether no token hides another is for tests to say, once. */
export const lexerOf = ({ validated = false } = {}) =>
  new Lexer(TOKENS, { ensureOptimizations: true, skipValidations: !validated });

const lexer = lexerOf();

/** All tokens of a text in plain signs. A character that is part of nothing becomes a token of its own; nothing is lost. */
export const tokensOf = (text: string): readonly IToken[] => lexer.tokenize(text).tokens;
