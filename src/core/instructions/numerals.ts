/** Numbers of rows, in figures or in Roman letters. */

const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50, c: 100 };

/** Example: "12" is 12, "IV" is 4; null where it is neither. */
export function wholeOrRoman(text: string): number | null {
  if (/^\d+$/.test(text)) return Number(text);
  if (!/^[ivxlc]+$/i.test(text)) return null;
  const values = [...text.toLowerCase()].map((letter) => ROMAN[letter] ?? 0);
  return values.reduce((sum, value, index) => sum + (value < (values[index + 1] ?? 0) ? -value : value), 0);
}
