/** A grid of signs as rows of stitches: cells from left to right, row 1 where its number says, else at the bottom. */
import type { Span } from "../instructions/ast";
import { facesOfRow, joined, stitchesOf, type Panel, type PanelRow } from "../panels/panel";
import { operationOf } from "../stitches/operations";
import { say, type Message } from "../words/message";
import { usualOf, type GridRow, type SignGrid } from "./signGrid";
import type { SignMeaning } from "./signKey";

/** What is worked in rows that a chart leaves out: stitches as they show, or purl. */
export type Between = "shown" | "purl";

export interface RowsAsked {
  readonly meanings: ReadonlyMap<string, SignMeaning>;
  readonly round: boolean;
  /** Of rows that are not drawn; null where nobody said. */
  readonly between: Between | null;
}

/** What keeps a chart from being read, and where. */
export interface Fault extends Span {
  readonly why: Message;
}

export interface RowsOfGrid {
  readonly panel: Panel;
  readonly wrongSide: readonly boolean[];
}

interface NumberedRow extends GridRow {
  readonly row: number;
}

/** The number of each row, from the first to be worked; counted from the bottom where none is told. */
function numberedRows({ rows }: SignGrid): readonly NumberedRow[] {
  const told = rows.flatMap(({ number }, index) => (number === null ? [] : [{ number, index }]));
  const [first, second] = told;
  const step = first && second ? (second.number - first.number) / (second.index - first.index) : -1;
  const numberOf = (index: number) =>
    first ? first.number + step * (index - first.index) : rows.length - index;
  return rows
    .map((row, index) => ({ ...row, row: numberOf(index) }))
    .toSorted((one, other) => one.row - other.row);
}

/** Whether only every other row is drawn. */
export function leavesRowsOut(grid: SignGrid): boolean {
  const [first, second] = numberedRows(grid);
  return first?.row === 2 || (first !== undefined && second?.row === first.row + 2);
}

/** What the places of a chart's numbers say of how it is worked. */
interface Sides {
  /** Numbers at both edges, in turns. */
  readonly flat: boolean;
  /** All at the right, one below the other. */
  readonly round: boolean;
  readonly firstWrong: boolean;
}

/** Which rows are worked on the wrong side, as their numbers stand: at the right of right-side rows. */
export function sidesTold({ rows }: SignGrid): Sides {
  const at = (side: "left" | "right") => rows.filter((row) => row.at === side && row.number !== null);
  const isOdd = ({ number }: GridRow) => (number ?? 0) % 2 === 1;
  const [left, right] = [at("left"), at("right")];
  const consecutive = right.some((row) => isOdd(row)) && right.some((row) => !isOdd(row));
  return {
    flat: left.length > 0 && right.length > 0,
    round: left.length === 0 && consecutive,
    firstWrong: left.length > 0 && right.length > 0 && left.every(isOdd) && !right.some(isOdd),
  };
}

/** The meanings of a row's cells from left to right; or the fault that keeps it from being read. */
function meaningsOf(
  { cells, from, to, row }: NumberedRow,
  meanings: RowsAsked["meanings"],
  compact: boolean,
): readonly SignMeaning[] | Fault {
  const found: SignMeaning[] = [];
  for (let at = 0; at < cells.length;) {
    const sign = cells[at] ?? "";
    const meaning = meanings.get(sign);
    if (!meaning) return { from, to, why: say("signWithoutStitch", { row, name: sign }) };
    const columns = compact ? 1 : meaning.columns;
    let covered = 1;
    // A wide stitch stands in each of its columns, or in the first with blank ones behind it.
    const behind = cells[at + 1] === sign ? sign : "";
    while (covered < columns && cells[at + covered] === behind) covered += 1;
    if (covered < columns)
      return { from, to, why: say("signCut", { row, name: sign, most: columns, have: covered }) };
    found.push(meaning);
    at += columns;
  }
  return found;
}

const isFault = (one: readonly SignMeaning[] | Fault): one is Fault => "why" in one;

/** Each stitch of a row as it shows from the right side, knit or purl; or knit all over, which is purled from behind. */
function rowBetween(below: PanelRow | undefined, between: Between): PanelRow {
  const faces = facesOfRow(below ?? []);
  return joined(
    faces.map((face) => ({ operation: operationOf(between === "purl" ? "knit" : face), times: 1 })),
  );
}

/** More rows than this are of no panel. */
const MOST_ROWS = 500;

/** The rows of a grid, every sign of which has its meaning; or what keeps it from being read. */
export function rowsOf(
  grid: SignGrid,
  { meanings, round, between }: RowsAsked,
): RowsOfGrid | readonly Fault[] {
  const rows = numberedRows(grid);
  const counts = rows.map(({ cells }) => cells.length);
  const usual = usualOf(counts).count;
  // Where a crossing takes one cell of a row, that row has fewer cells: each sign is then one stitch or crossing.
  const wide = [...meanings.values()].some(({ columns }) => columns > 1);
  const compact = wide && counts.some((count) => count !== usual);
  const [first, last] = [rows[0]?.row ?? 1, rows.at(-1)?.row ?? 1];
  if (first > 2 || first < 1 || last > MOST_ROWS)
    return [{ from: grid.from, to: grid.to, why: say("chartNumbers", { from: first, to: last }) }];
  const faults: Fault[] = [];
  const read = new Map<number, PanelRow>();
  const firstWrong = !round && sidesTold(grid).firstWrong;
  const isWrong = (row: number) => !round && (row % 2 === 1) === firstWrong;
  for (const row of rows) {
    const found = meaningsOf(row, meanings, compact);
    if (isFault(found)) {
      faults.push(found);
      continue;
    }
    const side = isWrong(row.row) ? "wrong" : "right";
    read.set(row.row, joined(found.toReversed().flatMap((meaning) => meaning[side])));
    const have = compact ? stitchesOf(read.get(row.row) ?? []) : row.cells.length;
    const wanted = compact ? stitchesOf(read.get(first) ?? []) : usual;
    if (have !== wanted)
      faults.push({
        from: row.from,
        to: row.to,
        why: say("chartRowWidth", { row: row.row, have, need: wanted }),
      });
  }
  const alternate = leavesRowsOut(grid);
  if (alternate && between === null)
    faults.push({ from: grid.from, to: grid.to, why: say("chartBetween", { row: first === 1 ? 2 : 1 }) });
  if (faults.length > 0) return faults;
  // The last row that is not drawn closes the repeat.
  const end = alternate && first === 1 ? last + 1 : last;
  const all = Array.from({ length: end }, (_, index) => {
    const row = index + 1;
    return read.get(row) ?? rowBetween(read.get(row - 1) ?? read.get(last), between ?? "shown");
  });
  return {
    panel: { rows: all, firstWrong },
    wrongSide: all.map((_, index) => isWrong(index + 1)),
  };
}
