/** Sentences that are still written out in the core, in British words and cm: a catalogue takes their place one by one. */
import type { Voice } from "./teller";

/**
 * A sentence of Brenok's own in the words and units that the knitter is used to. They are written in British words and
 * in cm. Example: "5.0 cm to cast off" is "2.0 in to bind off" in US words and inches.
 */
export function inWordsOf(text: string, { words, units }: Voice): string {
  const measured =
    units === "metric"
      ? text
      : text.replace(/(\d+(?:\.\d+)?)(\s)cm\b(?!³)/g, (_, cm: string, space: string) => {
          return `${(Number(cm) / 2.54).toFixed(1)}${space}in`;
        });
  if (words === "UK") return measured;
  return measured.replace(
    /\b(c)ast(s|ing)?([ -])off\b/gi,
    (_, c: string, ending: string | undefined, gap: string) => {
      return `${c === "C" ? "B" : "b"}ind${ending ?? ""}${gap}off`;
    },
  );
}
