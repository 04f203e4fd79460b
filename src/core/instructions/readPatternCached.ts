/** Reading with a memory: an edit, the chart and the findings all ask for the same text. */
import { readPattern, type ReadPattern } from "./read";

/** Enough for the text before an edit and after it. */
const KEPT = 4;
const latest: { readonly text: string; readonly read: ReadPattern }[] = [];

/** As `readPattern`, but a text that was read a moment ago is not read again. */
export function readPatternCached(text: string): ReadPattern {
  const known = latest.find((one) => one.text === text);
  if (known) return known.read;
  const read = readPattern(text);
  latest.unshift({ text, read });
  latest.length = Math.min(latest.length, KEPT);
  return read;
}
