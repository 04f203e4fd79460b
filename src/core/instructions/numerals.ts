/** Numbers of rows and stitches: in figures, in words, or in Roman letters. */

const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50, c: 100 };

/** One and on. */
export const NUMBER_WORDS =
  "one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty".split(
    " ",
  );
/** First and on. */
export const ORDINAL_WORDS = "first second third fourth fifth sixth seventh eighth ninth tenth".split(" ");

/** Example: "12" is 12, "IV" is 4; null where it is neither. */
export function wholeOrRoman(text: string): number | null {
  if (/^\d+$/.test(text)) return Number(text);
  if (!/^[ivxlc]+$/i.test(text)) return null;
  const values = [...text.toLowerCase()].map((letter) => ROMAN[letter] ?? 0);
  return values.reduce((sum, value, index) => sum + (value < (values[index + 1] ?? 0) ? -value : value), 0);
}

/** Example: "12" and "twelve" are 12, "2nd" and "second" are 2; not a number where it is none. */
export function numberIn(text: string): number {
  const figures = /^\d+/.exec(text);
  if (figures) return Number(figures[0]);
  const word = text.toLowerCase();
  const at = Math.max(NUMBER_WORDS.indexOf(word), ORDINAL_WORDS.indexOf(word));
  return at < 0 ? NaN : at + 1;
}

/** A number as it can stand in a pattern, for use in a larger expression. */
export const NUMBER = `(?:\\d+|${NUMBER_WORDS.join("|")})`;

const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2, thrice: 3 };
const OFTEN = new RegExp(`\\b(once|twice|thrice)\\b|(${NUMBER})\\s*(?:more\\s+)?(?:times|x)\\b`, "i");

/** Example: "twice" is 2, "3 times" is 3, "five more times" is 5; null where nothing is said. */
export function timesIn(said: string): number | null {
  const match = OFTEN.exec(said);
  if (!match) return null;
  const [, word, count = ""] = match;
  return word === undefined ? numberIn(count) : (TIMES[word.toLowerCase()] ?? null);
}
