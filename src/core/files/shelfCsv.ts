/** The shelf as a table: written whole, read row by row, each taken whole or told why not. */
import { labelSchema } from "../project/label";
import { entrySchema, type ShelfEntry } from "../project/shelf";
import { say, type Message } from "../words/message";
import { putUpOf, type Draft } from "./shelfCells";
import { COLUMN_IDS, COLUMNS, type ColumnId } from "./shelfColumns";
import { writeTable, type Table } from "./tableText";

/** Which column of a table is what; null is left out. */
export type Mapping = readonly (ColumnId | null)[];

const plainWords = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\s_]+/g, " ")
    .trim();

/** What the heads of a table most likely mean, each column once. Example: "Qty" is balls, "Mood" nothing. */
export function guessMapping(head: readonly string[]): Mapping {
  const taken = new Set<ColumnId>();
  const match = (text: string, exact: boolean) =>
    COLUMN_IDS.find((id) => {
      const { name, known } = COLUMNS[id];
      return !taken.has(id) && (exact ? name === text : known.includes(text));
    });
  const exact = head.map((cell) => {
    const id = match(plainWords(cell), true);
    if (id) taken.add(id);
    return id ?? null;
  });
  return head.map((cell, index) => {
    const id = exact[index] ?? match(plainWords(cell), false) ?? null;
    if (id) taken.add(id);
    return id;
  });
}

interface BadRow {
  /** As a spreadsheet counts. */
  readonly number: number;
  /** Head of the column where it lies; empty where it is the row itself. */
  readonly column: string;
  readonly message: Message;
  readonly cells: readonly string[];
}

export interface ReadShelf {
  readonly entries: readonly ShelfEntry[];
  readonly bad: readonly BadRow[];
}

type Row = Table["rows"][number];

/** Longer cells hold no figure and no name; what reads figures need not look through them. */
const MOST_IN_CELL = 4000;

function readRow(row: Row, { head, mapping, id }: { head: readonly string[]; mapping: Mapping; id: string }) {
  const fails = (column: string, message: Message): BadRow => ({
    number: row.number,
    column,
    message,
    cells: row.cells,
  });
  const draft: Draft = { label: {}, entry: {} };
  for (const [index, column] of mapping.entries()) {
    const text = row.cells[index] ?? "";
    if (!column || text === "") continue;
    const wrong =
      text.length > MOST_IN_CELL
        ? say("cellTooLong", { most: MOST_IN_CELL })
        : COLUMNS[column].take(text, draft);
    if (wrong) return fails(head[index] ?? "", wrong);
  }
  if (!draft.label.name) return fails("", say("yarnWithoutName"));
  const { putUpMassG, putUpLengthM, ...label } = draft.label;
  if ((putUpMassG === undefined) !== (putUpLengthM === undefined) && !label.putUp)
    return fails("", say("halfAPutUp"));
  const checked = entrySchema.safeParse({
    // Where nobody says how many, there is one, or what is left of one.
    balls: draft.entry.partsG ? 0 : 1,
    ...draft.entry,
    id,
    label: labelSchema.parse({ colour: UNSEEN, ...label, putUp: putUpOf(draft) }),
  });
  return checked.success
    ? checked.data
    : fails("", say("entryNotRead", { why: checked.error.issues[0]?.message ?? null }));
}

/** Undyed, where no colour is given. */
const UNSEEN = "#d9cfb8";

const isBad = (row: ShelfEntry | BadRow): row is BadRow => "message" in row;

/**
 * Reads the rows of a table by a mapping. A row is taken whole or not at all; each that is not says where and why.
 * `idOf` gives each its name.
 */
export function readShelf(table: Table, mapping: Mapping, idOf: (number: number) => string): ReadShelf {
  const { head, rows, broken } = table;
  const read = rows.map((row) => readRow(row, { head, mapping, id: idOf(row.number) }));
  const bad = [
    ...broken.map(({ number, message }) => ({ number, column: "", message, cells: [] })),
    ...read.filter(isBad),
  ];
  return {
    entries: read.filter((row): row is ShelfEntry => !isBad(row)),
    bad: bad.toSorted((a, b) => a.number - b.number),
  };
}

/** The shelf as CSV, which reads back to the same entries. */
export function writeShelf(entries: readonly ShelfEntry[]): string {
  const columns = COLUMN_IDS.map((id) => COLUMNS[id]).filter(({ write }) => write !== null);
  return writeTable([
    columns.map(({ name }) => name),
    ...entries.map((entry) => columns.map(({ write }) => write?.(entry) ?? "")),
  ]);
}
