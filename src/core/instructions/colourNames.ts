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

/** More than one colour in a row is no stripe; nor is one that is named behind its first stitches. */
export type RowColour = number | null | "several";

/** Where something stands in the text: from the first character to behind the last. */
interface Span {
  readonly from: number;
  readonly to: number;
}

/** Signs that stand about a name of a colour and are no work. */
const isBare = (text: string) => !/[\p{L}\p{N}]/u.test(text);

/**
 * The colour of each row: that which its line names before its first stitch, else the one named last; null before any
 * is named. `text` is the text without its names, `headings` are where the rows' headings stand, once for each row.
 */
export function coloursOfRows(
  text: string,
  headings: readonly Span[],
  named: readonly Named[],
): readonly RowColour[] {
  const begun = [...new Map(headings.map((heading) => [heading.from, heading])).values()].sort(
    (one, other) => one.from - other.from,
  );
  const colours = new Map<number, RowColour>();
  let current: number | null = null;
  let next = 0;
  for (const [index, { from, to }] of begun.entries()) {
    const end = begun[index + 1]?.from ?? Infinity;
    // A line of its own before the heading names the colour of the rows that follow.
    for (; next < named.length && (named[next]?.at ?? 0) < from; next += 1)
      current = named[next]?.letter ?? null;
    let own: RowColour = current;
    let count = 0;
    for (; next < named.length && (named[next]?.at ?? 0) < end; next += 1) {
      const { at, letter } = named[next] ?? { at: 0, letter: 0 };
      if (isOwnLine(text, at) && lineStart(text, at) > to) break;
      count += 1;
      own = count > 1 || !isBare(text.slice(to, at)) ? "several" : letter;
      current = letter;
    }
    colours.set(from, own);
  }
  return headings.map(({ from }) => colours.get(from) ?? null);
}

const lineStart = (text: string, at: number) => text.lastIndexOf("\n", at - 1) + 1;

/** Whether nothing but names of colours stands in a line. */
function isOwnLine(text: string, at: number): boolean {
  const end = text.indexOf("\n", at);
  return isBare(text.slice(lineStart(text, at), end < 0 ? undefined : end));
}
