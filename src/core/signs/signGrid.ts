/** Charts in a text: grids of signs, each with the key that stands under or over them, found and cut into cells. */
import type { Span } from "../instructions/ast";

/** One row of a grid, as it stands on the page. */
export interface GridRow extends Span {
  /** Signs from left to right; an empty one is a blank cell. */
  readonly cells: readonly string[];
  /** The number that stands beside it, and at which side. */
  readonly number: number | null;
  readonly at: "left" | "right" | "both" | null;
}

export interface SignGrid extends Span {
  /** From the top of the page. */
  readonly rows: readonly GridRow[];
  /** Columns from the left between which lines stand in every row: what comes again. */
  readonly frame: { readonly from: number; readonly to: number } | null;
}

interface Line extends Span {
  readonly text: string;
}

/** Letters and digits that a word of a sentence is made of; a sign of a chart can have them, too. */
const WORD = /^[a-z]{3,}$/i;

/** Names of stitches that stand in the cells of charts: "k2tog", "C4F", "yo", "2/2 LC" without its blank. */
export const STITCH_NAME =
  /^(?:[kp]\d*tog(?:tbl)?|ssk|ssp|sssk|skp|sk2p|s2kp2?|cdd|yo|yrn|mb|m1[lrp]?|kfb|pfb|sl\d?|tbl|[kp]|[kp](?:-?tbl)|nupp|(?:c|t|cr|tw)\d{1,2}[a-z]{1,2}|\d\/\d(?:\/\d)?[a-z]{1,4}|[lr][tc]|[lr]pc)$/i;

/** How many signs at most stand in a word of them: "ppkkkkpp" has two, "needle" has four. */
const SIGNS_OF_A_WORD = 0.5;

/** Fewer columns or rows than these are no chart. */
const LEAST_COLUMNS = 3;
const LEAST_ROWS = 2;
const LONGEST_NAME = 7;
/** Longer lines and larger charts than these are of no panel. */
const LONGEST_LINE = 1500;

/** Whether something is a word of a sentence, and no run of signs: "Yarn", and not "kkpp" or "yo". */
export const isWord = (word: string) =>
  WORD.test(word) &&
  !STITCH_NAME.test(word) &&
  new Set(word.toLowerCase()).size > SIGNS_OF_A_WORD * word.length;

/** Whether a word can be one sign or a run of signs. */
function likeSigns(word: string, keyed: ReadonlySet<string>): boolean {
  if (keyed.has(word) || STITCH_NAME.test(word)) return true;
  // "P12" and "k2" are rows in words.
  if (/^[a-z]+\d+$/i.test(word)) return false;
  if (word.length <= 2) return !/^\d\d$/.test(word);
  if (/^\d+$/.test(word)) return false;
  const letters = [...word];
  if (letters.every((letter) => keyed.has(letter))) return true;
  if (!/[a-z\d]/i.test(word)) return true;
  return new Set(letters).size <= SIGNS_OF_A_WORD * letters.length;
}

/** A number at an end of a line, with what parts it from the signs. */
const LEFT = /^\s*(?:(?:row|rnd|round|r)\s*)?(\d{1,3})[.:)]?(?=[\s|])\s?/i;
const RIGHT = /[\s|](?:row|rnd|round|r)?\s*(\d{1,3})\s*$/i;

/** "A: C4B" explains a sign. */
const EXPLAINS = /^\s*[^\s:]{1,7}:\s+[a-z\d(]/i;
/** "P 2, K 4" is a row in words. */
const IN_WORDS = /[a-z\d]\s*,\s|\b[kp] \d+ [kp] \d/i;

/** Whether a line can be a row of a chart at all. */
function likeRow({ text }: Line, keyed: ReadonlySet<string>): boolean {
  if (text.length > LONGEST_LINE || /^\s*$/.test(text) || EXPLAINS.test(text) || IN_WORDS.test(text))
    return false;
  if (/[=“”"]/.test(text) && !keyed.has("=") && !keyed.has('"')) return false;
  const body = text.replace(LEFT, " ").replace(RIGHT, " ");
  const words = (text.includes("\t") ? body.replaceAll("\t", " ") : body).split(/[\s|]+/).filter(Boolean);
  // Bars with nothing between them: a row of blank cells.
  if (words.length === 0) return keyed.has("") && text.includes("|");
  if (words.every((word) => /^\d+$/.test(word)) && !words.every((word) => keyed.has(word))) return false;
  return words.every((word) => likeSigns(word, keyed));
}

/** A line of dashes and corners around a table. */
const BORDER = /^\s*\+[-=+]+\+?\s*$|^\s*[┌├└─┬┼┴┐┤┘]+\s*$/;

/** Signs of drawn tables, which are lines. */
const plainLines = (text: string) => text.replaceAll(/[│┃║]/g, "|");

interface Cut {
  readonly cells: readonly string[];
  /** Places between cells where a line stands. */
  readonly bars: readonly number[];
}

type Manner = (body: string, keyed: ReadonlySet<string>) => Cut | null;

const whole = (cells: readonly string[]): Cut => ({ cells, bars: [] });

/** Cells of a table that was copied: between tabs. */
const byTabs: Manner = (body) =>
  body.includes("\t")
    ? whole(
        body
          .replace(/\t$/, "")
          .split("\t")
          .map((cell) => cell.trim()),
      )
    : null;

/** "| a | b | c |" */
const byBars: Manner = (body) => {
  const parts = /^\s*\|(.*)\|\s*$/.exec(body)?.[1]?.split("|");
  if (!parts || parts.length < LEAST_COLUMNS) return null;
  return parts.every(
    (part) => part !== "" && part.trim().length <= LONGEST_NAME && !/\S\s+\S/.test(part.trim()),
  )
    ? whole(parts.map((part) => part.trim()))
    : null;
};

/** Whether something in a cell is one sign. */
const oneSign = (word: string, keyed: ReadonlySet<string>) =>
  [...word].length === 1 || keyed.has(word) || STITCH_NAME.test(word);

/** "a a b b": signs with blanks between; bars between them stand for themselves where the key has them. */
const byBlanks: Manner = (body, keyed) => {
  const words = body.trim().split(/\s+/);
  if (!words.every((word) => oneSign(word, keyed))) return null;
  return withoutBars(words, keyed);
};

/** "aabb": each letter is a sign, or the longest sign of the key that stands there. */
const byLetters: Manner = (body, keyed) => {
  const long = [...keyed].filter((sign) => sign.length > 1).toSorted((a, b) => b.length - a.length);
  const cells: string[] = [];
  for (let rest = body; rest !== "";) {
    const sign = long.find((one) => rest.startsWith(one));
    const next = sign ?? String.fromCodePoint(rest.codePointAt(0) ?? 0);
    // A sign of several letters that is drawn over as many columns stands in each of them.
    cells.push(
      ...(sign
        ? [sign, ...Array.from({ length: [...sign].length - 1 }, () => "")]
        : [next === " " ? "" : next]),
    );
    rest = rest.slice(next.length);
  }
  return withoutBars(cells, keyed);
};

/** Takes out bars that are lines and no signs. */
function withoutBars(cells: readonly string[], keyed: ReadonlySet<string>): Cut {
  if (keyed.has("|")) return whole(cells);
  const kept: string[] = [];
  const bars: number[] = [];
  for (const cell of cells) {
    if (cell === "|" || cell === "¦") bars.push(kept.length);
    else kept.push(cell);
  }
  return { cells: kept, bars };
}

interface Numbered {
  readonly body: string;
  readonly number: number | null;
  readonly at: GridRow["at"];
}

/** A line with the numbers at its ends taken off. */
function numbered(text: string, sides: { readonly left: boolean; readonly right: boolean }): Numbered {
  const left = sides.left ? LEFT.exec(text) : null;
  const rest = left ? text.slice(left[0].length) : text;
  const right = sides.right ? RIGHT.exec(rest) : null;
  // A bar before a number is the chart's own.
  const body = right ? rest.slice(0, right.index) + (right[0].startsWith("|") ? "|" : "") : rest;
  const number = right?.[1] ?? left?.[1];
  return {
    body,
    number: number === undefined ? null : Number(number),
    at: left && right ? "both" : left ? "left" : right ? "right" : null,
  };
}

/** Numbers of rows one above the other: all steps alike, upwards or downwards, those that are not told left out. */
function areNumbers(numbers: readonly (number | null)[]): boolean {
  const told = numbers.flatMap((number, index) => (number === null ? [] : [{ number, index }]));
  const [first, second] = told;
  if (!first || !second || told.length * 2 < numbers.length) return false;
  const step = (second.number - first.number) / (second.index - first.index);
  return (
    [1, -1, 2, -2].includes(step) &&
    told.every(({ number, index }) => number === first.number + step * (index - first.index))
  );
}

/** Which ends of the lines have numbers; those of a chart's own signs are none. */
function sidesOf(lines: readonly Line[]): { readonly left: boolean; readonly right: boolean } {
  const at = (pattern: RegExp) =>
    lines
      .map(({ text }) => pattern.exec(text)?.[1])
      .map((told) => (told === undefined ? null : Number(told)));
  const [left, right] = [at(LEFT), at(RIGHT)];
  // Rows of one side at the left, of the other at the right.
  const both = left.map((number, index) => number ?? right[index] ?? null);
  if (areNumbers(both) && left.every((number, index) => (number === null) !== (right[index] === null)))
    return { left: true, right: true };
  return { left: areNumbers(left), right: areNumbers(right) };
}

/** Columns between lines that stand in every row at the same place; the outer edges are none. */
function frameOf(cuts: readonly Cut[], columns: number): SignGrid["frame"] {
  const inner = (cuts[0]?.bars ?? []).filter((at) => at > 0 && at < columns);
  const all = inner.filter((at) => cuts.every(({ bars }) => bars.includes(at)));
  if (all.length === 0 || all.length > 2) return null;
  const [from = 0, to = columns] = all.length === 2 ? all : [0, all[0]];
  return { from, to };
}

/** Blank columns that stand in every row only part the others. */
function withoutGaps(cuts: readonly Cut[]): readonly Cut[] {
  const longest = Math.max(...cuts.map(({ cells }) => cells.length));
  const gaps = new Set<number>();
  for (let column = 0; column < longest; column += 1)
    if (cuts.every(({ cells }) => (cells[column] ?? "") === "" && !continues(cells, column)))
      gaps.add(column);
  if (gaps.size === 0 || gaps.size > longest / 2) return cuts;
  return cuts.map(({ cells, bars }) => ({
    cells: cells.filter((_, column) => !gaps.has(column)),
    bars: bars.map((bar) => bar - [...gaps].filter((gap) => gap < bar).length),
  }));
}

/** Whether an empty cell belongs to the sign of several letters before it. */
function continues(cells: readonly string[], column: number): boolean {
  let at = column;
  while (at > Math.max(0, column - LONGEST_NAME) && cells[at] === "") at -= 1;
  return [...(cells[at] ?? "")].length > column - at;
}

/** The most frequent of some counts, the first of several that are, and how often it comes. */
export function usualOf(counts: readonly number[]): { readonly count: number; readonly times: number } {
  const times = new Map<number, number>();
  for (const count of counts) times.set(count, (times.get(count) ?? 0) + 1);
  let best = { count: 0, times: 0 };
  for (const [count, often] of times) if (often > best.times) best = { count, times: often };
  return best;
}

/** Rows of one block of lines, by the first manner in which all of them have as many cells; else by the one that most do. */
function gridOf(lines: readonly Line[], keyed: ReadonlySet<string>): SignGrid | null {
  const sides = sidesOf(lines);
  const bare = lines.map((line) => numbered(plainLines(line.text), sides));
  const indent = Math.min(...bare.map(({ body }) => body.length - body.trimStart().length));
  const blankKnown = keyed.has("");
  const inBars = !keyed.has("|") && bare.every(({ body }) => /^\s*\|.*\|\s*$/.test(body));
  const bodies = bare.map(({ body }) => (blankKnown && !inBars ? body.slice(indent) : body.trim()));
  const ways: readonly Manner[] = [byTabs, byBars, byBlanks, byLetters];
  let best: { readonly cuts: readonly Cut[]; readonly alike: number } | null = null;
  for (const way of ways) {
    const cuts = bodies.map((body) => way(body, keyed));
    if (!cuts.every((one) => one !== null)) continue;
    const tidy = way === byLetters && !blankKnown ? withoutGaps(cuts) : cuts;
    const { times: alike } = usualOf(tidy.map(({ cells }) => cells.length));
    if (!best || alike > best.alike) best = { cuts: tidy, alike };
    if (alike === lines.length) break;
  }
  const [first, last] = [lines[0], lines.at(-1)];
  const columns = Math.max(0, ...(best?.cuts ?? []).map(({ cells }) => cells.length));
  if (!best || !first || !last) return null;
  const { cuts } = best;
  return {
    from: first.from,
    to: last.to,
    frame: frameOf(cuts, columns),
    rows: lines.map(({ from, to }, index) => ({
      from,
      to,
      cells: cuts[index]?.cells ?? [],
      number: bare[index]?.number ?? null,
      at: bare[index]?.at ?? null,
    })),
  };
}

/** Whether so much speaks for a chart that no sentence is taken for one. */
function isChart({ rows }: SignGrid, keyed: ReadonlySet<string>): boolean {
  const signs = new Set(rows.flatMap(({ cells }) => cells));
  const known = [...signs].filter((sign) => keyed.has(sign)).length;
  const counted = rows.some(({ number }) => number !== null);
  const columns = rows.map(({ cells }) => cells.length);
  const alike = columns.every((count) => count === columns[0]);
  if (known === signs.size) return counted || rows.length >= LEAST_ROWS;
  if (signs.size < 2 || rows.length < LEAST_ROWS || Math.max(...columns) < LEAST_COLUMNS) return false;
  return known > 0 || counted || (alike && rows.length > LEAST_ROWS);
}

/** A drawn chart ends where more than one line is empty. */
function blocks(text: string, keyed: ReadonlySet<string>): readonly (readonly Line[])[] {
  const found: Line[][] = [];
  let block: Line[] = [];
  let [from, empty] = [0, 0];
  const flush = () => {
    if (block.length > 0) found.push(block);
    block = [];
  };
  for (const said of text.split("\n")) {
    const line = { text: said.replace(/\r$/, ""), from, to: from + said.length };
    from += said.length + 1;
    if (line.text.trim() === "") {
      empty += 1;
      if (empty > 1) flush();
      continue;
    }
    if (BORDER.test(line.text)) continue;
    if (!likeRow(line, keyed)) flush();
    else block.push(line);
    empty = 0;
  }
  flush();
  return found;
}

/**
 * The charts of a text, in order; `keyed` are the signs that its key names. Example: "2 - v v -\n1 - v v - " has one of
 * two rows and four columns.
 */
export function gridsIn(text: string, keyed: ReadonlySet<string>): readonly SignGrid[] {
  return blocks(text, keyed).flatMap((lines) => {
    const grid = gridOf(lines, keyed);
    return grid && isChart(grid, keyed) ? [grid] : [];
  });
}
