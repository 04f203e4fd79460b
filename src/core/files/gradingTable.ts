/** A table of sizes as a designer has it: typed, pasted from a spreadsheet, or as CSV. */
import Papa from "papaparse";
import { sizesIn } from "../pattern/sizes";
import { COUNTS, LENGTHS } from "../project/bounds";
import { inBrackets, isByBalls, MOST_SIZES, type GradedSize } from "../project/sizes";
import { readCount } from "../typed/count";
import { BARE_LENGTH, readLength } from "../typed/length";
import { read, type Reading } from "../typed/reading";
import { millimetres, type UnitSystem } from "../units/brands";
import { tellSize } from "../units/format";
import { say, type Message } from "../words/message";

export type GradingRead =
  | { readonly ok: true; readonly sizes: readonly Size[]; readonly passedOver: boolean }
  | { readonly ok: false; readonly line: number; readonly message: Message };

/** Signs that part the cells of a line, the surest first; a comma may stand in a number. */
const SEPARATORS = ["\t", ";", "|", ","] as const;

const separatorOf = (text: string) => SEPARATORS.find((sign) => text.includes(sign)) ?? ",";

type Size = Omit<GradedSize, "id">;

/**
 * Reads sizes, one a line: its name, the measure round or across, the length, and balls that the pattern asks for where
 * a head or the cell itself says that they are balls; other columns are passed over, and that is told. Or as patterns
 * print them, all sizes in each line: "Chest 92 (100, 108) cm". Numbers without a unit are cm or inches. Errors, each
 * with its line: no lines, a cell too few, what is no length, a line that does not say what it lists, or says it again.
 * Example: `readGrading("S; 92; 58\nM; 100; 60", "metric")` is two sizes, the second of 1000 by 600 mm.
 */
export function readGrading(text: string, units: UnitSystem): GradingRead {
  const lines = text.split(/\r\n|\n|\r/);
  const told = lines.filter((line) => line.trim() !== "");
  return told.length > 0 && told.every((line) => sizesIn(line).length > 1)
    ? readLists(lines, units)
    : readLines(text, units);
}

function readLines(text: string, units: UnitSystem): GradingRead {
  const { data } = Papa.parse<string[]>(text, { delimiter: separatorOf(text), skipEmptyLines: false });
  const sizes: Size[] = [];
  let headed = -1;
  let passedOver = false;
  for (const [index, row] of data.entries()) {
    const cells = row.map((cell) => cell.trim());
    if (cells.every((cell) => cell === "")) continue;
    const [name = "", across = "", along = "", ...others] = cells;
    const told =
      headed >= 0 ? headed : others.findIndex((cell) => saysBalls(cell) || (across === "" && cell !== ""));
    const balls = others[told] ?? "";
    passedOver ||= others.some((cell, at) => at !== told && cell !== "");
    const fails = (message: Message): GradingRead => ({ ok: false, line: index + 1, message });
    // Of what only a pattern's requirement is known, balls are enough.
    const measured = across !== "" || along !== "" || balls === "";
    if (measured && (across === "" || along === "")) return fails(say("sizeLacksMeasure"));
    const wide = measured ? readLength(across, BARE_LENGTH[units], LENGTHS.width) : NONE;
    // A head has no figure in it.
    if (!wide.ok && sizes.length === 0 && !/\d/.test(across + along)) {
      headed = others.findIndex((cell) => /\bballs?\b/i.test(cell));
      passedOver = false;
      continue;
    }
    if (!wide.ok) return fails(wide.message);
    const long = measured ? readLength(along, BARE_LENGTH[units], LENGTHS.piece) : NONE;
    if (!long.ok) return fails(long.message);
    const asked = balls === "" ? NONE : readBalls(balls);
    if (!asked.ok) return fails(asked.message);
    if (sizes.length >= MOST_SIZES) return fails(say("tooManySizes", { most: MOST_SIZES }));
    sizes.push({
      name: name.slice(0, LONGEST_NAME),
      acrossMm: wide.value,
      alongMm: long.value,
      balls: asked.value,
    });
  }
  return sizes.length > 0
    ? { ok: true, sizes, passedOver }
    : { ok: false, line: 1, message: say("sayTheSizes") };
}

const LONGEST_NAME = 60;
const NONE: Reading<null> = read(null);

const saysBalls = (cell: string) => /^\d+\s*balls?$/i.test(cell);

/** "9" or "9 balls". */
const readBalls = (text: string) => readCount(text.replace(/\s*balls?\s*$/i, ""), COUNTS.balls);

type ListOf = "name" | "acrossMm" | "alongMm" | "balls";

/** What the figures of a line are, by the word beside them. */
const LISTS: readonly (readonly [RegExp, ListOf])[] = [
  [/\b(?:balls?|yarn)\b/i, "balls"],
  [/\b(?:long|length|height|high)\b/i, "alongMm"],
  [/\b(?:chest|bust|waist|hips?|head|hand|foot|round|around|circumference|wide|width|across)\b/i, "acrossMm"],
];

/** A line without what it lists: a size may be called by one of those words. */
function besideList(line: string, [first = ""]: readonly string[]): string {
  const open = line.search(/[([]/);
  return `${line.slice(0, line.lastIndexOf(first, open))} ${line.slice(line.slice(open).search(/[)\]]/) + open + 1)}`;
}

/** What one line lists; null where neither a word nor its place says so. */
function listOf(line: string, items: readonly string[], alone: boolean): ListOf | null {
  const beside = besideList(line, items);
  const named = LISTS.find(([word]) => word.test(beside));
  if (named) return named[1];
  if (/\bsizes?\b/i.test(beside) || items.some((item) => !/^\d/.test(item))) return "name";
  return alone && items.every((item) => /^\d+$/.test(item)) ? "balls" : null;
}

/** All sizes in each line, as patterns print them. */
function readLists(lines: readonly string[], units: UnitSystem): GradingRead {
  const told = lines.flatMap((line, index) => (line.trim() === "" ? [] : [{ line, at: index + 1 }]));
  const count = sizesIn(told[0]?.line ?? "").length;
  const sizes = Array.from({ length: count }, (_, at): { -readonly [Key in keyof Size]: Size[Key] } => ({
    name: String(at + 1),
    acrossMm: null,
    alongMm: null,
    balls: null,
  }));
  if (count > MOST_SIZES) return { ok: false, line: 1, message: say("tooManySizes", { most: MOST_SIZES }) };
  const listed = new Set<ListOf>();
  for (const { line, at } of told) {
    const fails = (message: Message): GradingRead => ({ ok: false, line: at, message });
    const items = sizesIn(line);
    const list = listOf(line, items, told.length === 1);
    if (!list) return fails(say("sayWhatIsListed"));
    if (items.length !== count) return fails(say("listsDiffer", { sizes: count, here: items.length }));
    if (listed.has(list)) return fails(say("listedTwice"));
    listed.add(list);
    const unit = /[)\]]\s*([a-z"″]+)/i.exec(line)?.[1] ?? "";
    for (const [place, size] of sizes.entries()) {
      const item = items[place] ?? "";
      if (list === "name") size.name = item;
      else {
        const value =
          list === "balls"
            ? readBalls(item)
            : readLength(
                /\d$/.test(item) ? `${item} ${unit}` : item,
                BARE_LENGTH[units],
                list === "acrossMm" ? LENGTHS.width : LENGTHS.piece,
              );
        if (!value.ok) return fails(value.message);
        size[list] = value.value;
      }
    }
  }
  const half = sizes.some(({ acrossMm, alongMm }) => (acrossMm === null) !== (alongMm === null));
  const nothing = sizes.some(({ acrossMm, balls }) => acrossMm === null && balls === null);
  if (half || nothing) return { ok: false, line: told.at(-1)?.at ?? 1, message: say("sizeLacksMeasure") };
  return { ok: true, sizes, passedOver: false };
}

const tellMm = (mm: number | null, units: UnitSystem) =>
  mm === null ? "" : tellSize(millimetres(mm), units);

const lineOf = ({ name, acrossMm, alongMm, balls }: Size, units: UnitSystem) =>
  [name, tellMm(acrossMm, units), tellMm(alongMm, units), ...(balls === null ? [] : [`${balls} balls`])].join(
    "; ",
  );

/** A name that can stand in a list. */
const IN_LIST = /^[A-Za-z\d][\w./-]*$/;

/**
 * Sizes as they are read again: one a line, and where only their balls are known, as patterns print them.
 * Example: two sizes of 9 and 10 balls, of which nothing else is known, are "9 (10) balls".
 */
export function writeGrading(sizes: readonly Size[], units: UnitSystem): string {
  const listed = sizes.length > 1 && sizes.every((size) => isByBalls(size) && IN_LIST.test(size.name));
  if (!listed) return sizes.map((size) => lineOf(size, units)).join("\n");
  const counted = sizes.every(({ name }, at) => name === String(at + 1));
  const names = counted ? [] : [`Size ${inBrackets(sizes.map(({ name }) => name))}`];
  return [...names, `${inBrackets(sizes.map(({ balls }) => balls ?? ""))} balls`].join("\n");
}
