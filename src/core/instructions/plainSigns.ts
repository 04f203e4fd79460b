/** Text as it is pasted from anywhere, in signs that the lexer knows; each as long as it was, so that places stay true. */

/** Signs that stand for others. */
const SAME: Readonly<Record<string, string>> = {
  "\u00a0": " ",
  "\u202f": " ",
  "\u2009": " ",
  "\u200b": " ",
  "\u200c": " ",
  "\u200d": " ",
  "\u2060": " ",
  "\ufeff": " ",
  "\u00ad": " ",
  "‑": "-",
  "−": "-",
  "×": "x",
  "⁄": "/",
  "∕": "/",
};
const SIGNS = new RegExp(`[${Object.keys(SAME).join("")}]`, "g");

const blank = (text: string) => text.replace(/[^\n]/g, " ");

/** Bold and slanted words as plain text marks them, about a heading: "**Row 1 (RS):** p2". */
const EMPHASIS = /(^|\n)([^\S\n]*(?:[-•][^\S\n]+)?)(\*\*|__|\*|_)(?=\S)([^*_\n]*[^*_\s])\3(?=[\s:.]|$)/g;

/** A line of a table with its bars: the first two cells are a row and its work, the third its stitches. */
function withoutBars(line: string): string {
  if (!/^\s*\|.*\|\s*$/.test(line)) return line;
  const bars = [...line.matchAll(/\|/g)].map(({ index }) => index);
  if (/^[\s|:-]*$/.test(line)) return blank(line);
  // "| 1 (RS) | p2, k6, p2 | 10 |" is "  1 (RS) : p2, k6, p2 = 10  ".
  const signs = [" ", ":", "=", " "];
  const counted = bars.length === 4;
  const chars = [...line];
  bars.forEach((at, index) => {
    chars[at] = counted || index < 2 ? (signs[index] ?? " ") : " ";
  });
  return chars.join("");
}

/** Marks behind a word that point to a footnote: "C4B**," and "C4B¹". */
const FOOTNOTE = /(?<=[A-Za-z\d])(?:[¹²³⁴⁵⁶⁷⁸⁹†‡]+|\*+(?=[,;.][^*]*$))/gm;

/** Between figures a dash of any length is a range. */
const RANGE = /(?<=\d(?:st|nd|rd|th)?\s?)[–—](?=\s?\d)/g;

/**
 * The same text in plain signs.
 * Example: "**Rows 2–4:** k4" is "  Rows 2-4:   k4".
 */
export function plainSigns(text: string): string {
  const plain = text
    .replace(SIGNS, (sign) => SAME[sign] ?? sign)
    .replace(RANGE, "-")
    .replace(EMPHASIS, (all: string, start: string, lead: string, mark: string, words: string) =>
      /^\s*(?:\(?(?:RS|WS)\)?\s*)?(?:rows?|rnds?|rounds?|\d+(?:st|nd|rd|th))\b/i.test(words)
        ? start + lead + blank(mark) + words + blank(mark)
        : all,
    );
  const unbarred = plain.includes("|") ? plain.split("\n").map(withoutBars).join("\n") : plain;
  return unbarred.replace(FOOTNOTE, (mark: string, at: number) => {
    // A star that is met once in its line stands for nothing; two are a repeat.
    if (!mark.startsWith("*")) return blank(mark);
    const line = unbarred.slice(unbarred.lastIndexOf("\n", at) + 1).split("\n", 1)[0] ?? "";
    return line.split("*").length - 1 === mark.length ? blank(mark) : mark;
  });
}
