/** What decides between yarns that would all do: which of them costs least, shows its cables best, is knitted soonest. */
import { say, type Message } from "../words/message";

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
  readonly in: "cost" | "clarity" | "hours" | "grams";
  /** Nearer than this share of one another nothing is decided. */
  readonly near: number;
}

const QUESTIONS: readonly Question[] = [
  { of: ({ cost }) => cost, in: "cost", near: 0.03 },
  { of: ({ clarity }) => 200 - clarity.score, in: "clarity", near: 0.03 },
  { of: ({ hours }) => hours, in: "hours", near: 0.05 },
  { of: ({ grams }) => grams, in: "grams", near: 0.05 },
];

/**
 * Each question that has one answer; null where none has, or for fewer than two yarns.
 * Example: "Osmuth Chunky costs least and is knitted soonest."
 */
export function keyDifferences(outcomes: readonly Column[]): Message | null {
  if (outcomes.length < 2) return null;
  const said = new Map<string, Question["in"][]>();
  for (const { of, in: what, near } of QUESTIONS) {
    const known = outcomes.flatMap((one) => {
      const value = of(one);
      return value === null ? [] : [{ name: one.name, value }];
    });
    // Beside one of which it is not known, none is the least.
    if (known.length < outcomes.length) continue;
    const [best, second] = known.toSorted((a, b) => a.value - b.value);
    if (!best || !second || best.value > second.value * (1 - near)) continue;
    said.set(best.name, [...(said.get(best.name) ?? []), what]);
  }
  const each = [...said].map(([name, best]) => ({ name, best }));
  return each.length > 0 ? say("bestIn", { each }) : null;
}
