/** A change on the chart, carried into the text: the text is read, changed, and printed again. */
import { placeOver, worksFor, type Placing, type Selection } from "../panels/edit";
import { printPattern, type PrintStyle } from "./print";
import { readPattern } from "./read";

/**
 * The text with one placing carried out; the same text where it cannot be, or where a row
 * that cannot be read would be lost. Remarks stay, at the top.
 * Example: crossLeft over four columns of row 1 makes its "k4" a "2/2 LC".
 */
export function editChart(text: string, selection: Selection, placing: Placing, style: PrintStyle): string {
  const { panel, complete, wrongSide, round, findings } = readPattern(text);
  const works = worksFor(placing, selection.to - selection.from);
  if (!panel || !complete || !works) return text;
  const changed = placeOver(panel, selection, works);
  if (changed === panel) return text;
  const remarks = findings
    .filter(({ severity }) => severity === "remark")
    .map(({ from, to }) => text.slice(from, to).trim());
  return [...remarks, printPattern({ panel: changed, wrongSide, round }, style)].join("\n");
}
