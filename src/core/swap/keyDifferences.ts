/** What decides between yarns that would all do: which of them costs least, shows its cables best, is knitted soonest. */

interface Column {
  readonly name: string;
  readonly cost: number | null;
  readonly hours: number;
  readonly grams: number;
  readonly clarity: { readonly score: number };
}

interface Question {
  /** What is best in it, least first. */
  readonly of: (told: Column) => number | null;
  readonly says: string;
  /** Nearer than this share of one another nothing is decided. */
  readonly near: number;
}

const QUESTIONS: readonly Question[] = [
  { of: ({ cost }) => cost, says: "costs least", near: 0.03 },
  { of: ({ clarity }) => 200 - clarity.score, says: "shows its cables most clearly", near: 0.03 },
  { of: ({ hours }) => hours, says: "is knitted soonest", near: 0.05 },
  { of: ({ grams }) => grams, says: "comes out lightest", near: 0.05 },
];

/**
 * In words, each question that has one answer. Empty for fewer than two yarns.
 * Example: "Osmuth Chunky costs least and is knitted soonest."
 */
export function keyDifferences(outcomes: readonly Column[]): string {
  if (outcomes.length < 2) return "";
  const said = new Map<string, string[]>();
  for (const { of, says, near } of QUESTIONS) {
    const known = outcomes.flatMap((one) => {
      const value = of(one);
      return value === null ? [] : [{ name: one.name, value }];
    });
    // Beside one of which it is not known, none is the least.
    if (known.length < outcomes.length) continue;
    const [best, second] = known.toSorted((a, b) => a.value - b.value);
    if (!best || !second || best.value > second.value * (1 - near)) continue;
    said.set(best.name, [...(said.get(best.name) ?? []), says]);
  }
  const words = [...said].map(([name, all]) => `${name} ${all.join(" and ")}`);
  return words.length > 0 ? `${words.join("; ")}.` : "";
}
