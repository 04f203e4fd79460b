/** Tables as text, as other programs write them: any encoding and separator in, safe to open out. */
import Papa from "papaparse";
import { say, type Message } from "../words/message";

export interface Table {
  readonly head: readonly string[];
  /** Each with its number as a spreadsheet counts, the head being row 1. */
  readonly rows: readonly { readonly number: number; readonly cells: readonly string[] }[];
  /** Rows that cannot be taken apart, by number. */
  readonly broken: readonly { readonly number: number; readonly message: Message }[];
  /** How it was written, told to the user. */
  readonly encoding: string;
  readonly separator: string;
}

interface Decoded {
  readonly text: string;
  readonly encoding: string;
}

/**
 * Bytes as text: UTF-8 and UTF-16 by their marks, UTF-8 where it is valid, else Windows-1252, which older
 * spreadsheets write. Example: the bytes 63 61 66 e9 are "café".
 */
export function decodeText(bytes: Uint8Array): Decoded {
  const [one, two] = bytes;
  if (one === 0xff && two === 0xfe)
    return { text: new TextDecoder("utf-16le").decode(bytes), encoding: "UTF-16" };
  if (one === 0xfe && two === 0xff) return { text: fromBigEndian(bytes), encoding: "UTF-16" };
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), encoding: "UTF-8" };
  } catch {
    return { text: new TextDecoder("windows-1252").decode(bytes), encoding: "Windows-1252" };
  }
}

/** Not every decoder knows UTF-16 with the larger byte first: turned round, all do. */
function fromBigEndian(bytes: Uint8Array): string {
  const turned = new Uint8Array(bytes.length - (bytes.length % 2));
  for (let at = 0; at < turned.length; at += 2) {
    turned[at] = bytes[at + 1] ?? 0;
    turned[at + 1] = bytes[at] ?? 0;
  }
  return new TextDecoder("utf-16le").decode(turned);
}

const SEPARATORS = [",", ";", "\t", "|"] as const;

/** The separator that stands most often in the head: cells below it may hold any of them. */
function separatorOf(text: string): string {
  const [head = ""] = text.replace(/"[^"]*"/g, "").split(/\r?\n|\r/, 1);
  const times = (sign: string) => head.split(sign).length;
  return SEPARATORS.reduce((most, sign) => (times(sign) > times(most) ? sign : most));
}

const isEmpty = (cells: readonly string[]) => cells.every((cell) => cell.trim() === "");

/** A formula that was made harmless when it was written is what it was. */
const asWritten = (cell: string) => cell.replace(/^'(?=[=+\-@\t\r])/, "").trim();

/**
 * Takes a table apart. The separator is found in the head; empty rows are passed over, but counted.
 * Errors: rows of more cells than the head, a quotation mark that is never closed; both by row number.
 */
export function readTable(bytes: Uint8Array): Table {
  const { text, encoding } = decodeText(bytes);
  const { data, errors, meta } = Papa.parse<string[]>(text, {
    delimiter: separatorOf(text),
    skipEmptyLines: false,
  });
  const [head = [], ...others] = data;
  const width = head.length;
  const broken = new Map<number, Message>();
  for (const { row, code } of errors)
    if (code === "MissingQuotes") broken.set((row ?? 0) + 1, say("openQuotation"));
  const rows: Table["rows"][number][] = [];
  for (const [index, cells] of others.entries()) {
    const number = index + 2;
    if (isEmpty(cells) || broken.has(number)) continue;
    if (cells.slice(width).some((cell) => cell.trim() !== ""))
      broken.set(number, say("tooManyCells", { cells: cells.length, head: width }));
    else rows.push({ number, cells: cells.map(asWritten) });
  }
  return {
    head: head.map((cell) => cell.trim()),
    rows,
    broken: [...broken].map(([number, message]) => ({ number, message })),
    encoding,
    separator: meta.delimiter,
  };
}

/** Writes a table with commas. What a spreadsheet would take for a formula is written as text. */
export const writeTable = (rows: readonly (readonly string[])[]) =>
  `${Papa.unparse(
    rows.map((row) => [...row]),
    { escapeFormulae: true, newline: "\r\n" },
  )}\r\n`;
