/** The text of printed pages as somebody reads it: columns one after the other, lines whole, feet and numbers of pages gone. */

/** A run of letters as it stands on a page: from its left end on its base line, upwards from the foot. */
export interface Run {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  /** Height of its letters. */
  readonly height: number;
}

interface PageLine {
  readonly text: string;
  readonly y: number;
  readonly height: number;
}

interface Row {
  readonly runs: readonly Run[];
  readonly y: number;
  readonly height: number;
}

/** Runs on about the same base line, from the top of the page. */
function rowsOf(runs: readonly Run[]): readonly Row[] {
  const rows: { runs: Run[]; y: number; height: number }[] = [];
  for (const run of runs.toSorted((one, other) => other.y - one.y || one.x - other.x)) {
    const last = rows.at(-1);
    const near = last && Math.abs(last.y - run.y) < 0.4 * Math.max(last.height, run.height);
    if (near) {
      last.runs.push(run);
      last.height = Math.max(last.height, run.height);
    } else rows.push({ runs: [run], y: run.y, height: run.height });
  }
  return rows;
}

/** Runs side by side as words; a gap as wide as a blank is one. */
function lineOf({ runs, y, height }: Row): PageLine {
  let text = "";
  let end: number | null = null;
  for (const run of runs.toSorted((one, other) => one.x - other.x)) {
    const gap = end === null ? 0 : run.x - end;
    if (end !== null && gap > 0.15 * height && !/\s$/.test(text) && !/^\s/.test(run.text)) text += " ";
    text += run.text;
    end = run.x + run.width;
  }
  return { text: text.replace(/\s+/g, " ").trim(), y, height };
}

/** A gutter is looked for in the middle of the page, in steps of a hundredth. */
const STEPS = 100;
const MIDDLE = { from: 25, to: 75 } as const;
/** Fewer lines than this at a side are no column. */
const LEAST_LINES = 3;
/** As many of all rows may cross a gutter: titles over both columns. */
const MOST_CROSSING = 0.25;

/** What a row has at both sides of a place, and whether something lies over it, or no more than a blank between. */
function atPlace({ runs, height }: Row, x: number) {
  let [left, right, over, words] = [-Infinity, Infinity, false, false];
  for (const run of runs) {
    const end = run.x + run.width;
    if (end <= x) left = Math.max(left, end);
    else if (run.x >= x) {
      right = Math.min(right, run.x);
      // The numbers beside a chart are no column.
      words ||= /[a-z]{2}/i.test(run.text);
    } else over = true;
  }
  const both = left > -Infinity && right < Infinity;
  return {
    left: left > -Infinity,
    right: right < Infinity && words,
    beginsAt: right,
    crosses: over || (both && right - left < height),
  };
}

/** How many rows begin something anew behind a place, all at about the same one; a column does, words in a line do not. */
function beginningAt(rows: readonly Row[], x: number, step: number) {
  const places = rows.map((row) => atPlace(row, x));
  const crossing = places.filter(({ crosses }) => crosses).length;
  const begins = places.filter(({ right, crosses }) => right && !crosses);
  const edge = begins.reduce((least, { beginsAt }) => Math.min(least, beginsAt), Infinity);
  const aligned = begins.filter(({ beginsAt }) => beginsAt - edge < 2 * step);
  return { crossing, aligned: aligned.length, beside: aligned.some(({ left }) => left) };
}

/** Where the gutter between two columns lies; null where there is one column. */
function gutterOf(rows: readonly Row[], left: number, right: number): number | null {
  const step = (right - left) / STEPS;
  if (!(step > 0) || rows.length < 2 * LEAST_LINES) return null;
  let best: { x: number; score: number } | null = null;
  for (let at = MIDDLE.from; at <= MIDDLE.to; at += 1) {
    const x = left + at * step;
    const { crossing, aligned, beside } = beginningAt(rows, x, step);
    if (crossing > MOST_CROSSING * rows.length || aligned < LEAST_LINES || !beside) continue;
    const score = aligned - crossing;
    if (!best || score > best.score) best = { x, score };
  }
  return best?.x ?? null;
}

/** The lines of a page in the order of reading. */
function linesOfPage(runs: readonly Run[]): readonly PageLine[] {
  const said = runs.filter(({ text }) => text.trim() !== "");
  const rows = rowsOf(said);
  const left = said.reduce((least, { x }) => Math.min(least, x), Infinity);
  const right = said.reduce((most, { x, width }) => Math.max(most, x + width), -Infinity);
  const gutter = gutterOf(rows, left, right);
  if (gutter === null) return rows.map(lineOf);
  const lines: PageLine[] = [];
  let [first, second]: [Run[], Run[]] = [[], []];
  const flush = () => {
    lines.push(...rowsOf(first).map(lineOf), ...rowsOf(second).map(lineOf));
    [first, second] = [[], []];
  };
  for (const row of rows) {
    if (atPlace(row, gutter).crosses) {
      flush();
      lines.push(lineOf(row));
    } else for (const run of row.runs) (run.x < gutter ? first : second).push(run);
  }
  flush();
  return lines;
}

const PAGE_NUMBER = /^(?:page\s*)?\d{1,3}(?:\s*(?:of|\/)\s*\d{1,3})?$/i;

/** A line of a page with the number of the page out of the way. */
const plainly = (line: PageLine, page: number) => line.text.replace(new RegExp(`\\b${page + 1}\\b`), "#");

/** The lines that can be head or foot of a page: those that stand apart from what is between them. */
function edgesOf(lines: readonly PageLine[]): ReadonlySet<PageLine> {
  const isApart = (one: PageLine | undefined, other: PageLine | undefined) =>
    one !== undefined &&
    other !== undefined &&
    Math.abs(one.y - other.y) > APART * Math.min(one.height, other.height);
  const edges = new Set<PageLine>();
  const [first, second] = lines;
  if (first && isApart(first, second)) edges.add(first);
  for (let at = lines.length - 1; at > 0 && edges.size < 4; at -= 1) {
    const line = lines[at];
    if (!line || !isApart(lines[at - 1], line)) break;
    edges.add(line);
  }
  return edges;
}

/** Lines that stand at the head or the foot of most pages. */
function runningLines(pages: readonly (readonly PageLine[])[]): ReadonlySet<string> {
  const seen = new Map<string, number>();
  for (const [page, lines] of pages.entries())
    for (const line of new Set([...edgesOf(lines)].map((one) => plainly(one, page))))
      seen.set(line, (seen.get(line) ?? 0) + 1);
  const least = Math.max(2, Math.ceil(0.6 * pages.length));
  return new Set([...seen].flatMap(([line, count]) => (count >= least ? [line] : [])));
}

/** A gap of so many heights of letters between two lines is an empty line. */
const APART = 1.9;

/** A word that is parted at the end of a line; before a capital or a figure the dash is its own. */
const PARTED = /([a-z])-\n([a-z]+[.,;:)]*)(?: |\n|$)/g;

export interface PagesRead {
  readonly text: string;
  /** Lines that were left out: numbers, heads and feet of pages. */
  readonly leftOut: readonly string[];
}

/**
 * The text of pages. Example: two columns of a page are read one after the other, and "contin-" at the end of a line
 * with "ue" on the next is one word.
 */
export function textOfPages(pages: readonly (readonly Run[])[]): PagesRead {
  const read = pages.map(linesOfPage);
  const running = runningLines(read);
  const leftOut: string[] = [];
  const lines: string[] = [];
  for (const [at, page] of read.entries()) {
    let before: PageLine | null = null;
    const edges = edgesOf(page);
    for (const line of page) {
      if (edges.has(line) && (PAGE_NUMBER.test(line.text) || running.has(plainly(line, at)))) {
        leftOut.push(line.text);
        continue;
      }
      const apart = before && before.y - line.y > APART * Math.max(before.height, line.height);
      // The top of another column is higher: what goes on there is a line of its own.
      if (apart) lines.push("");
      lines.push(line.text);
      before = line;
    }
  }
  return { text: lines.join("\n").replace(PARTED, "$1$2\n"), leftOut };
}
