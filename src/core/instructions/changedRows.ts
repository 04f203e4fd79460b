/** What was changed in a pattern: its rows then and now. */
import { sameRow } from "../panels/panel";
import { readPatternCached } from "./readPatternCached";

/** Numbers in words, neighbours drawn together. Example: [1, 2, 3, 7] is "1 to 3, 7". */
function spans(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const number of numbers) {
    const last = runs.at(-1);
    if (last && number === last[1] + 1) last[1] = number;
    else runs.push([number, number]);
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from} to ${to}`)).join(", ");
}

/**
 * The rows that are worked otherwise than before, in words; empty where all are the same, however they are
 * written. Example: "row 3", "rows 1 to 4, 9", "2 rows more".
 */
export function changedRows(before: string, after: string): string {
  if (before === after) return "";
  const rowsOf = (text: string) => readPatternCached(text).panel?.rows ?? [];
  const [then, now] = [rowsOf(before), rowsOf(after)];
  const places = then.flatMap((row, index) => {
    const other = now[index];
    return other && !sameRow(row, other) ? [index + 1] : [];
  });
  const more = now.length - then.length;
  const count = Math.abs(more) === 1 ? "1 row" : `${Math.abs(more)} rows`;
  return [
    ...(places.length > 0 ? [`${places.length === 1 ? "row" : "rows"} ${spans(places)}`] : []),
    ...(more !== 0 ? [`${count} ${more > 0 ? "more" : "fewer"}`] : []),
  ].join(", ");
}
