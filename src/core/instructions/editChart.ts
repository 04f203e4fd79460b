/** A change on the chart, carried into the text: its rows are rewritten in place, or the whole is printed again. */
import {
  deleteColumns,
  deleteRow,
  insertColumn,
  insertRow,
  placeOver,
  worksFor,
  worksOf,
  type Placing,
  type Selection,
} from "../panels/edit";
import { panelStitches } from "../panels/across";
import { placeableOf } from "../panels/placeable";
import { placeStitch } from "../panels/placeStitch";
import { stitchesOf, type Panel } from "../panels/panel";
import { mirror } from "../panels/transforms";
import { printInManner, printPattern } from "./print";
import type { Wording } from "../stitches/wording";
import { readPattern } from "./read";
import { readPatternCached } from "./readPatternCached";
import { multipleLine, repeatOf } from "./repeated";
import { rewriteRows } from "./rewriteRow";

/** What can be done to a chart: something laid over the selection, or one of the acts of the table. */
export type ChartAct =
  | { readonly type: "place"; readonly placing: Placing }
  /** Any stitch, by its id. */
  | { readonly type: "stitch"; readonly id: string }
  /** Puts copied stitches, as text, where the selection begins. */
  | { readonly type: "paste"; readonly copied: string }
  | { readonly type: keyof typeof ACTS };

const ACTS = {
  mirror: (panel: Panel, at: Selection) =>
    placeOver(panel, at, mirror({ rows: [worksOf(panel, at)] }).rows[0] ?? []),
  insertRow: (panel: Panel, { row }: Selection) => insertRow(panel, row),
  deleteRow: (panel: Panel, { row }: Selection) => deleteRow(panel, row),
  insertColumn: (panel: Panel, { to }: Selection) => insertColumn(panel, to),
  deleteColumns: (panel: Panel, { from, to }: Selection) => deleteColumns(panel, from, to),
} as const;

function acted(panel: Panel, at: Selection, act: ChartAct): Panel {
  if (act.type === "place") {
    // What is one stitch wide is laid as any stitch is; a crossing crosses all that is selected.
    const [single] = worksFor(act.placing, 1) ?? [];
    if (single) return placeStitch(panel, at, single);
    const works = worksFor(act.placing, at.to - at.from);
    return works ? placeOver(panel, at, works) : panel;
  }
  if (act.type === "stitch") {
    const stitch = placeableOf(act.id);
    return stitch ? placeStitch(panel, at, stitch.work) : panel;
  }
  if (act.type !== "paste") return ACTS[act.type](panel, at);
  const [works] = readPattern(act.copied).panel?.rows ?? [];
  return works ? placeOver(panel, { ...at, to: at.from + stitchesOf(works) }, works) : panel;
}

/**
 * The text with one act carried out; the same text where it cannot be, or where a row that cannot be read
 * would be lost. Remarks stay, at the top.
 * Example: placing crossLeft over four columns of row 1 makes its "k4" a "2/2 LC".
 */
export function editChart(text: string, selection: Selection, act: ChartAct, style: Wording): string {
  const read = readPatternCached(text);
  const { panel, complete, wrongSide, round, findings } = read;
  if (!panel || !complete) return text;
  const changed = acted(panel, selection, act);
  const rewritten = rewriteRows(text, changed, style, readPatternCached);
  if (rewritten !== null) return rewritten;
  const remarks = findings
    .filter(({ severity }) => severity === "remark")
    .map(({ from, to }) => text.slice(from, to).trim());
  const manner = { round, firstWrong: wrongSide[0] ?? false };
  // As long as it has as many stitches it comes again as it did.
  const again = panelStitches(changed) === panelStitches(panel) ? multipleLine(repeatOf(text, read)) : "";
  return [...remarks, again + printInManner(changed, manner, style)].join("\n");
}

/** The selected stitches as a text that can be pasted. Example: "Rnd 1: p2, 2/2 LC." */
export function copyFromChart(text: string, selection: Selection, style: Wording): string {
  const { panel } = readPatternCached(text);
  const works = panel ? worksOf(panel, selection) : [];
  return works.length > 0
    ? printPattern({ panel: { rows: [works] }, wrongSide: [false], round: true }, style)
    : "";
}
