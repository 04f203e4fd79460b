/** Reading behind a worker's door: row texts, charts, the library, tables of a shelf. */
import { expose } from "comlink";
import { guessMapping, readShelf, type Mapping, type ReadShelf } from "../core/files/shelfCsv";
import { readTable, type Table } from "../core/files/tableText";
import { changedRows } from "../core/instructions/changedRows";
import { copyFromChart, editChart } from "../core/instructions/editChart";
import { analysePattern, writeOut, type PatternAnalysis } from "../core/instructions/analysePattern";
import { endTextWithRow, joinTexts, transformText } from "../core/instructions/transformText";
import { LIBRARY } from "../core/panels/library";
import { inSigns } from "../core/signs/printSigns";
import { readSigns, type ChartInSigns, type SignOptions } from "../core/signs/readSigns";
import type { Wording } from "../core/stitches/wording";
import { pulse } from "./desk";

/** A table of a shelf taken apart, with what its columns most likely are. */
function openTable(bytes: Uint8Array): { readonly table: Table; readonly mapping: Mapping } {
  const table = readTable(bytes);
  return { table, mapping: guessMapping(table.head) };
}

/** Its rows by a mapping; `stamp` tells the names of one import from those of another. */
const readEntries = (table: Table, mapping: Mapping, stamp: string): ReadShelf =>
  readShelf(table, mapping, (number) => `shelf-${stamp}-${number}`);

/** The library with the chart of each panel. */
const studyLibrary = () =>
  LIBRARY.map((panel) => ({
    ...panel,
    study: analysePattern(panel.text, { naming: "halves", words: "US" }),
  }));

/** What there is in the library, without its texts. */
const libraryNames = () => LIBRARY.map(({ id, name, uk, family }) => ({ id, name, uk, family }));

/** A chart in signs, with what its rows look like once they are read. */
export interface DrawnChart {
  readonly signs: ChartInSigns;
  readonly study: PatternAnalysis | null;
}

/** The charts in signs of a text. */
const readCharts = (
  text: string,
  options: SignOptions & { readonly wording: Wording },
): readonly DrawnChart[] =>
  readSigns(text, options).charts.map((signs) => ({
    signs,
    study: signs.rows === null ? null : analysePattern(signs.rows, options.wording),
  }));

const reader = {
  pulse,
  analysePattern,
  changedRows,
  writeOut,
  studyLibrary,
  libraryNames,
  copyFromChart,
  editChart,
  transformText,
  joinTexts,
  endTextWithRow,
  inSigns,
  readCharts,
  openTable,
  readEntries,
};

export type Reader = typeof reader;
export type NamedPanel = ReturnType<typeof libraryNames>[number];
export type StudiedPanel = ReturnType<typeof studyLibrary>[number];

expose(reader);
