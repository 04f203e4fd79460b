/** Colours that rows of text name by letters: "Row 3 (B): knit", "With B, knit". */

/** A letter where a text names it. */
interface Named {
  readonly at: number;
  /** 0 for A. */
  readonly letter: number;
}

/** A to J: k and p are stitches. MC and CC are the main and the contrast colour. */
const NAMED = /\(\s*(MC|CC|[A-J])\s*\)|\b(?:[Ww]ith|[Ii]n)\s+(?:yarn\s+|colou?r\s+)?(MC|CC|[A-J])\b\s*[,:]?/g;

const letterOf = (name: string) => (name === "MC" ? 0 : name === "CC" ? 1 : name.charCodeAt(0) - 65);

/**
 * A text without its names of colours, as long as it was so that places in it stay; and where they stood.
 * Example: "Row 1 (B): k2." is "Row 1    : k2." and one B.
 */
export function withoutColours(text: string): { readonly text: string; readonly named: readonly Named[] } {
  const named: Named[] = [];
  const rest = text.replace(
    NAMED,
    (all: string, one: string | undefined, other: string | undefined, at: number) => {
      named.push({ at, letter: letterOf(one ?? other ?? "A") });
      // The colon of "With B:" ends a heading of its own, that of "Row 1 (B):" stands outside.
      return " ".repeat(all.length);
    },
  );
  return { text: rest, named };
}

/** More than one colour in a row is no stripe. */
export type RowColour = number | null | "several";

/**
 * The colour of each row by its place: that which its line names, else the one named last; null before any is named.
 * `rows` are where the rows' headings begin in the text.
 */
export function coloursOfRows(
  text: string,
  rows: readonly number[],
  named: readonly Named[],
): readonly RowColour[] {
  const lineOf = (at: number) => text.slice(0, at).split("\n").length;
  const byLine = new Map<number, number[]>();
  for (const { at, letter } of named) byLine.set(lineOf(at), [...(byLine.get(lineOf(at)) ?? []), letter]);
  return rows.map((at) => {
    const line = lineOf(at);
    const own = byLine.get(line);
    if (own) return new Set(own).size > 1 ? "several" : (own[0] ?? null);
    const before = [...byLine.keys()].filter((one) => one < line).sort((a, b) => b - a)[0];
    return before === undefined ? null : (byLine.get(before)?.at(-1) ?? null);
  });
}
