/** A panel as a chart in signs with its key, which reads back as the same rows: to be pasted, or read aloud. */
import { readPatternCached } from "../instructions/readPatternCached";
import { repeatOf } from "../instructions/repeated";
import { explained, worksPrinter, type Printable } from "../instructions/print";
import { keyOfRow, unitsOf, type Panel, type PanelRow, type Work } from "../panels/panel";
import type { PanelRepeat } from "../panels/repeats";
import type { Wording } from "../stitches/wording";
import { columnsOf } from "./signKey";

/** Signs that look like what they stand for. */
const OWN_SIGNS: Readonly<Record<string, string>> = {
  knit: "v",
  purl: "-",
  yo: "o",
  k2tog: "/",
  ssk: "\\",
  ktbl: "t",
  ptbl: "q",
  slip: "s",
};
const NOT_THERE = ".";

/** For crossings, and for whatever else has no sign of its own. */
const LETTERS = {
  crossings: [..."ABCDEFGHIJKLMNOPQRSTUVWXYZ"],
  others: [..."xyzabcdefghijklmnru*+#%&@"],
} as const;

/** A sign for each kind of work; null where there are more kinds than signs. */
function signsFor(
  rows: readonly PanelRow[],
): ReadonlyMap<string, { readonly sign: string; readonly work: Work }> | null {
  const free = { crossings: [...LETTERS.crossings], others: [...LETTERS.others] };
  const signs = new Map<string, { sign: string; work: Work }>();
  for (const { work } of rows.flatMap((row) => unitsOf(row))) {
    const key = keyOfRow([work]);
    if (signs.has(key)) continue;
    const sign =
      "crossing" in work ? free.crossings.shift() : (OWN_SIGNS[work.operation.id] ?? free.others.shift());
    if (sign === undefined) return null;
    signs.set(key, { sign, work });
  }
  return signs;
}

/** What a key says of a stitch. */
const tellWork = (work: Work, printed: string) =>
  "operation" in work && work.operation.id === "knit"
    ? "k on RS, p on WS"
    : "operation" in work && work.operation.id === "purl"
      ? "p on RS, k on WS"
      : printed;

/** Cells of a row from the left. */
const cellsOf = (row: PanelRow, signOf: (work: Work) => string) =>
  unitsOf(row)
    .flatMap(({ work }) => Array.from({ length: columnsOf([work]) }, () => signOf(work)))
    .toReversed();

/**
 * The chart: numbers of right-side rows at the right, of wrong-side rows at the left, bars around what repeats.
 * Null where it has more kinds of stitches than there are signs.
 * Example: "Row 1 (RS): p1, k2, p1." is "- v v -  1" with its key under it.
 */
export function printSigns(
  { panel, wrongSide, round }: Printable,
  repeat: PanelRepeat | null,
  style: Wording,
): string | null {
  const signs = signsFor(panel.rows);
  if (!signs) return null;
  const rows = panel.rows.map((row) => cellsOf(row, (work) => signs.get(keyOfRow([work]))?.sign ?? ""));
  const columns = Math.max(0, ...rows.map((cells) => cells.length));
  const ragged = rows.some((cells) => cells.length < columns);
  const bars = repeat && !ragged ? [columns - repeat.before - repeat.of, columns - repeat.before] : [];
  const lines = rows.map((cells, index) => {
    const all = [...Array.from({ length: columns - cells.length }, () => NOT_THERE), ...cells];
    const drawn = all.map((sign, at) => (bars.includes(at) ? `| ${sign}` : sign)).join(" ");
    const number = String(index + 1);
    const behind = wrongSide[index] ?? false;
    const left = (behind ? number : "").padStart(String(rows.length).length);
    return `${left}  ${drawn}${bars.includes(columns) ? " |" : ""}  ${behind ? "" : number}`.trimEnd();
  });
  return [
    ...lines.toReversed(),
    ...keyOfChart(panel, signs, ragged, style),
    ...(round ? ["Worked in the round."] : []),
  ].join("\n");
}

function keyOfChart(
  panel: Panel,
  signs: NonNullable<ReturnType<typeof signsFor>>,
  ragged: boolean,
  style: Wording,
): readonly string[] {
  const print = worksPrinter(panel, style);
  return [
    ...[...signs.values()].map(({ sign, work }) => {
      const columns = columnsOf([work]);
      const wide = columns > 1 ? ` (${columns} sts)` : "";
      return `${sign} = ${tellWork(work, print([work], false)[0] ?? "")}${wide}`;
    }),
    ...(ragged ? [`${NOT_THERE} = no stitch`] : []),
    ...explained(panel).map(({ line }) => line),
  ];
}

/** The rows of a text as a chart in signs; null where they are not all read, or have too many kinds of stitches. */
export function inSigns(text: string, style: Wording): string | null {
  const read = readPatternCached(text);
  if (!read.panel || !read.complete) return null;
  const repeat = repeatOf(text, read);
  return printSigns({ ...read, panel: read.panel }, repeat.by === "panel" ? null : repeat, style);
}
