/** Sizes that a pattern is written for, and what of it holds for one of them. */

/** How sizes are told: "S (M, L)", "36 [38, 40] inches", "1 (2: 3)". */
const LIST = /([A-Za-z\d][\w.\/-]*)\s*[([]\s*([\w.\/-]+(?:\s*[,:;]\s*[\w.\/-]+)*)\s*[)\]]/;

const namesOf = ([, first = "", rest = ""]: RegExpExecArray): readonly string[] => [
  first,
  ...rest.split(/\s*[,:;]\s*/),
];

/**
 * The names of the sizes in the words that list them; none where there is one size only.
 * Example: "S (M, L)" are three.
 */
export function sizesIn(text: string): readonly string[] {
  const found = LIST.exec(text);
  return found ? namesOf(found) : [];
}

const NUMBER = "(?:\\d+(?:\\.\\d+)?|[-–—])";

/**
 * A sentence as it holds for one of so many sizes, counted from 0. A size that is passed over reads as 0.
 * Example: "k2 (4, 6)" for the second of three is "k4".
 */
export function forSize(sentence: string, size: number, of: number): string {
  if (of < 2) return sentence;
  const list = new RegExp(
    `(${NUMBER})(\\s*(?:cm|mm|in|inches|sts)?\\s*)[([]\\s*(${NUMBER}(?:\\s*[,:;]\\s*${NUMBER}){${of - 2}})\\s*[)\\]]`,
    "g",
  );
  const counts = new RegExp(
    `([([]\\s*)(\\d+(?:\\s*[,:;]\\s*\\d+){${of - 1}})(?=\\s*st(?:s|itches)?\\b)`,
    "g",
  );
  const counted = sentence.replace(
    counts,
    (_, open: string, all: string) => open + (all.split(/\s*[,:;]\s*/)[size] ?? ""),
  );
  return counted.replace(list, (_, first: string, unit: string, rest: string) => {
    const chosen = [first, ...rest.split(/\s*[,:;]\s*/)][size] ?? first;
    return `${/\d/.test(chosen) ? chosen : "0"}${unit.trim() === "" ? "" : unit}`;
  });
}
