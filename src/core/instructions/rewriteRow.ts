/** Carries changed rows into a text, in place: everything that did not change keeps the knitter's wording. */
import { sameRow, type Panel } from "../panels/panel";
import type { Heading } from "./ast";
import { explained, rowText } from "./print";
import type { Wording } from "../stitches/wording";
import { readPattern, type ReadPattern } from "./read";

/** More rows than this are not carried in one by one: printing the whole is clearer then. */
const MOST_ROWS = 6;

const isSet = ({ rows, allOf }: Heading) => rows.length !== 1 || allOf !== null;

/** A heading that names the rows left over when one of them gets a line of its own. */
function headingWithout(said: string, { allOf, rows }: Heading, row: number, others: readonly number[]) {
  const [next = row] = others;
  // "Row 2 and all WS rows" goes on as "Row 4 and all WS rows"; a row named by itself wins over "all".
  if (allOf !== null)
    return rows.includes(row) ? said.replace(new RegExp(`\\b${row}\\b`), String(next)) : said;
  const side = /\([^)]*\)/.exec(said)?.[0];
  const word = (/^\p{L}+?(?=s?\b)/u.exec(said)?.[0] ?? "Row") + (others.length > 1 ? "s" : "");
  return `${word} ${others.join(", ")}${side ? ` ${side}` : ""}:`;
}

/** The text with one row of the panel written anew; null where its place cannot be told. */
function withRow(
  text: string,
  read: ReadPattern,
  index: number,
  wanted: Panel,
  style: Wording,
): string | null {
  const written = read.written[index];
  const number = read.numbers[index];
  const [first, last] = [written?.items[0], written?.items.at(-1)];
  if (!written || number === undefined || !first || !last) return null;
  const { heading } = written;
  const behind = read.wrongSide[index] ?? false;
  const works = rowText(wanted.rows[index] ?? [], behind, wanted, style);
  if (!isSet(heading)) return text.slice(0, first.from) + works + text.slice(last.to);
  const others = read.numbers.filter((other, at) => other !== number && read.written[at] === written);
  if (others.length === 0) return null;
  const kept = headingWithout(text.slice(heading.from, heading.to), heading, number, others);
  const side = read.round ? "" : ` (${behind ? "WS" : "RS"})`;
  const own = `${read.round ? "Rnd" : "Row"} ${number}${side}: ${works}.`;
  const rest = text.slice(last.to).replace(/^[ \t]*[.,;]?[ \t]*\n?/, "");
  return `${text.slice(0, heading.from)}${kept}${text.slice(heading.to, last.to)}.\n${own}\n${rest}`.trimEnd();
}

/**
 * The text whose reading is `wanted`, with only the changed rows written anew; null where the whole has to be
 * printed. The result is read again before it is given, so it never says anything else than `wanted`.
 * Example: row 3 of "Rows 1, 3: k4." crossed gives "Row 1: k4.", then "Row 3 (RS): 2/2 LC."
 */
export function rewriteRows(
  text: string,
  wanted: Panel,
  style: Wording,
  read: (text: string) => ReadPattern = readPattern,
): string | null {
  const { panel, defined } = read(text);
  const before = panel?.rows ?? [];
  const changed = wanted.rows.filter((row, at) => !sameRow(row, before[at] ?? []));
  if (before.length !== wanted.rows.length || changed.length > MOST_ROWS) return null;
  if (changed.length === 0) return text;
  const unexplained = explained(wanted).filter(({ name }) => !defined.has(name.toLowerCase()));
  let current = unexplained.map(({ line }) => `${line}\n`).join("") + text;
  for (let step = 0; step <= MOST_ROWS; step += 1) {
    const found = read(current);
    const rows = found.panel?.rows ?? [];
    if (!found.complete || rows.length !== wanted.rows.length) return null;
    const index = rows.findIndex((row, at) => !sameRow(row, wanted.rows[at] ?? []));
    if (index < 0) return found.findings.some(({ severity }) => severity === "error") ? null : current;
    const next = withRow(current, found, index, wanted, style);
    if (next === null || next === current) return null;
    current = next;
  }
  return null;
}
