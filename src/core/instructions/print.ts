/** Prints a panel as row text that reads back to the same panel. */
import { crossingFromBehind } from "../stitches/crossings";
import { fromBehind, type Operation } from "../stitches/operations";
import { abbreviationOf, nameOf, type Wording } from "../stitches/wording";
import type { Panel, PanelRow, Work } from "../panels/panel";

/** What is printed: the panel, and how its rows are worked. */
export interface Printable {
  readonly panel: Panel;
  readonly wrongSide: readonly boolean[];
  readonly round: boolean;
}

/** Bobbles and nupps have counts, so each kind gets a name of its own, explained at the top. */
function namesFor(panel: Panel): ReadonlyMap<string, { readonly name: string; readonly meaning: string }> {
  const names = new Map<string, { name: string; meaning: string }>();
  const kinds = { bobble: 0, nupp: 0 };
  for (const work of panel.rows.flat()) {
    if ("crossing" in work || names.has(work.operation.id)) continue;
    const [kind, count, rows] = work.operation.id.split(" ");
    if (kind !== "bobble" && kind !== "nupp") continue;
    kinds[kind] += 1;
    const suffix = kinds[kind] > 1 ? String(kinds[kind]) : "";
    names.set(
      work.operation.id,
      kind === "bobble"
        ? { name: `MB${suffix}`, meaning: `${count} sts, ${rows} rows` }
        : { name: `nupp${suffix}`, meaning: `${count} loops` },
    );
  }
  return names;
}

/** One operation with its count. Example: three knit stitches are "k3", two of them through the back "k2 tbl". */
function operationText(operation: Operation, times: number, abbreviation: string): string {
  if (operation.belongs) return times > 1 ? `${abbreviation} ${times}` : abbreviation;
  const [word = "", ...rest] = abbreviation.split(" ");
  if (operation.uses === 1 && operation.leaves === 1 && /^(k|p|sl)$/.test(word)) {
    const head = word === "sl" ? `sl ${times}` : `${word}${times}`;
    return [head, ...rest].join(" ");
  }
  return times > 1 ? `[${abbreviation}] ${times} times` : abbreviation;
}

/** The lines that explain a panel's bobbles and nupps. Example: "MB = 5 sts, 2 rows". */
export const explained = (panel: Panel) =>
  [...namesFor(panel).values()].map(({ name, meaning }) => ({ name, line: `${name} = ${meaning}` }));

type Names = ReturnType<typeof namesFor>;

function workText(work: Work, behind: boolean, names: Names, style: Wording) {
  if ("crossing" in work) return nameOf(behind ? crossingFromBehind(work.crossing) : work.crossing, style);
  const operation = behind ? fromBehind(work.operation) : work.operation;
  const abbreviation = names.get(operation.id)?.name ?? abbreviationOf(operation, style);
  return operationText(operation, work.times, abbreviation);
}

const worksText = (row: PanelRow, behind: boolean, names: Names, style: Wording) =>
  (behind ? [...row].reverse() : row).map((work) => workText(work, behind, names, style)).join(", ");

/** What one row of a panel says, without its heading. Example: "p2, 2/2 LC, p2". */
export const rowText = (row: PanelRow, behind: boolean, panel: Panel, style: Wording) =>
  worksText(row, behind, namesFor(panel), style);

/** Prints single works of a panel, in the order in which they are worked. Example: "p2" and "2/2 LC". */
export function worksPrinter(panel: Panel, style: Wording) {
  const names = namesFor(panel);
  return (works: PanelRow, behind: boolean): readonly string[] =>
    (behind ? [...works].reverse() : works).map((work) => workText(work, behind, names, style));
}

/** Longer lists of rows are told as a range where they are one. */
const LISTED = 6;

/** Numbers of rows. Example: 2, 4, 6 and so on to 230 are "2-230 even"; 1, 7, 13 are told one by one. */
function rowList(rows: readonly number[]): string {
  const [first = 1, second = 1] = rows;
  const step = second - first;
  const even = rows.every((row, index) => row === first + index * step);
  if (rows.length <= LISTED || !even || step > 2) return rows.join(", ");
  const range = `${first}-${rows.at(-1)}`;
  return step === 1 ? range : `${range} ${first % 2 === 0 ? "even" : "odd"}`;
}

/**
 * The text of a panel, one line for each set of like rows. Reading it gives the same panel, sides and manner.
 * Example: purl 2, cross, purl 2 prints as "Row 1 (RS): p2, 2/2 LC, p2."
 */
export function printPattern({ panel, wrongSide, round }: Printable, style: Wording): string {
  const names = namesFor(panel);
  const texts = panel.rows.map((row, index) => worksText(row, wrongSide[index] ?? false, names, style));
  const sets = new Map<string, number[]>();
  texts.forEach((text, index) => {
    const key = `${wrongSide[index]} ${text}`;
    sets.set(key, [...(sets.get(key) ?? []), index + 1]);
  });
  const word = round ? "Rnd" : "Row";
  const lines = [...sets.values()].map((rows) => {
    const [first = 1] = rows;
    const side = round ? "" : ` (${wrongSide[first - 1] ? "WS" : "RS"})`;
    return `${word}${rows.length > 1 ? "s" : ""} ${rowList(rows)}${side}: ${texts[first - 1]}.`;
  });
  return [...explained(panel).map(({ line }) => line), ...lines].join("\n");
}

/** How the rows of a text are worked: all on the right side, or alternating from its first one. */
interface Manner {
  readonly round: boolean;
  readonly firstWrong: boolean;
}

/** Prints a panel made from another, of any number of rows, worked in the manner of that one. */
export function printInManner(panel: Panel, { round, firstWrong }: Manner, style: Wording): string {
  const wrongSide = panel.rows.map((_, index) => !round && (index % 2 === 0) === firstWrong);
  return printPattern({ panel, wrongSide, round }, style);
}
