/** Reads charts that are written in signs, with their key, as the rows that they are. It never throws, whatever the text. */
import type { Span } from "../instructions/ast";
import { explained, printPattern, rowText } from "../instructions/print";
import { cutPanel } from "../panels/repeats";
import { stitchesOf, type Panel } from "../panels/panel";
import type { Wording } from "../stitches/wording";
import { say, type Message } from "../words/message";
import { gridsIn, STITCH_NAME, type SignGrid } from "./signGrid";
import {
  keyLines,
  plainKeyLines,
  meaningOfLink,
  meaningOfWords,
  type KeyLine,
  type SignLinks,
  type SignMeaning,
} from "./signKey";
import { leavesRowsOut, rowsOf, sidesTold, type Between, type Fault, type RowsOfGrid } from "./signRows";

export interface SignOptions {
  /** What the knitter linked, for signs that no key of the text explains. */
  readonly links?: SignLinks;
  /** Of rows that are not drawn, where the text does not say. */
  readonly between?: Between | null;
  readonly wording?: Wording;
}

/** A sign of a chart. */
export interface SignUsed {
  /** As it is drawn; empty for a blank cell. */
  readonly sign: string;
  readonly times: number;
  /** Who says what it stands for; null where nobody does, or what is said is not understood. */
  readonly from: "key" | "link" | null;
  /** What the key says of it. */
  readonly words: string | null;
}

/** A chart of the text. */
export interface ChartInSigns extends Span {
  readonly signs: readonly SignUsed[];
  /** Its rows in words; null where it is not read. */
  readonly rows: string | null;
  readonly columns: number;
  /** Rows that are drawn. */
  readonly height: number;
  readonly faults: readonly Fault[];
  readonly round: boolean;
  /** Rows that are not drawn; null where all are. */
  readonly between: Between | "asked" | null;
}

export interface ReadSigns {
  readonly charts: readonly ChartInSigns[];
  /** Lines of the text that explain signs of its charts. */
  readonly key: readonly KeyLine[];
}

const WORDING: Wording = { naming: "halves", words: "US" };

/** More letters than this are not looked through for charts. */
const MOST_LETTERS = 200_000;
/** A chart with more signs than this has no key that anybody would make. */
const MOST_SIGNS = 60;
/** More charts than this are in no pattern; those behind them are not read. */
const MOST_CHARTS = 60;

const UNDRAWN =
  "(?:ws|wrong[- ]side|even|alternate|return|non[- ]pattern|plain|rows? (?:that are )?not (?:shown|drawn|charted))";
const AS_SHOWN = new RegExp(
  `\\b${UNDRAWN}[^.\\n]*\\b(?:as (?:they|it|sts|stitches|set)\\b|k(?:nit)? (?:the )?k|p(?:url)? (?:the )?p)`,
  "i",
);
const PURLED = new RegExp(
  `\\b${UNDRAWN}[^.\\n]*\\bp(?:url)?(?:ed)?\\b|\\bpurl (?:all |every |the )?${UNDRAWN}`,
  "i",
);

const betweenSaid = (text: string): Between | null =>
  AS_SHOWN.test(text) ? "shown" : PURLED.test(text) ? "purl" : null;

const ROUND_SAID =
  /\b(?:worked )?in (?:the )?(?:round|rnds?)\b|\b(?:read|work) (?:all|every) (?:chart )?(?:rounds?|rnds?|rows? from right)\b/i;

/** What explains signs: the key of the text, and what the knitter linked. */
interface Keyed {
  readonly key: readonly KeyLine[];
  readonly links: SignLinks;
  readonly read: (words: string) => SignMeaning | null;
}

/** So many letters before and behind a chart may say how it is worked. */
const NEAR = 500;

interface Meant {
  readonly used: SignUsed;
  readonly meaning: SignMeaning | null;
}

/** Reads the words of a key, the same only once. */
function keyReader(keys: string) {
  const known = new Map<string, SignMeaning | null>();
  return (words: string) => {
    if (!known.has(words)) known.set(words, meaningOfWords(words, keys));
    return known.get(words) ?? null;
  };
}

/** More abbreviations than this stand in no key; each would be read anew with every sign. */
const MOST_ABBREVIATIONS = 100;

/** Abbreviations that the text explains, as far as the words of a key use them. */
function abbreviationsIn(lines: readonly KeyLine[], key: readonly KeyLine[]): string {
  const used = new Set(key.flatMap(({ words }) => words.split(/[\s.,;:()]+/)));
  return lines
    .filter(({ sign }) => used.has(sign))
    .slice(0, MOST_ABBREVIATIONS)
    .map(({ sign, words }) => `${sign} = ${words}`)
    .join("\n");
}

/** What each sign of a grid stands for: by the key of the text, else as the knitter linked it. */
function meant(grid: SignGrid, { key, links, read }: Keyed): readonly Meant[] {
  const times = new Map<string, number>();
  // An empty cell behind a sign may belong to it: blanks are told only where they stand for themselves.
  for (const { cells } of grid.rows) for (const sign of cells) times.set(sign, (times.get(sign) ?? 0) + 1);
  return [...times].slice(0, MOST_SIGNS + 1).map(([sign, count]) => {
    const told =
      key.find((line) => line.sign === sign) ??
      key.find((line) => line.sign.toLowerCase() === sign.toLowerCase());
    // A name of a stitch says itself what it stands for; "k" alone may be said of both sides.
    const named = !told && sign.length > 1 && STITCH_NAME.test(sign) ? sign : null;
    const words = told?.words ?? named;
    const ofKey = words === null ? null : read(words);
    const link = links[sign];
    const ofLink = ofKey || link === undefined ? null : meaningOfLink(link);
    const from = ofKey ? "key" : ofLink ? "link" : null;
    return { used: { sign, times: count, from, words: told?.words ?? null }, meaning: ofKey ?? ofLink };
  });
}

/** Whether all empty cells of a grid stand behind signs that are wider than one column. */
function blanksBelong(grid: SignGrid, meanings: ReadonlyMap<string, SignMeaning>): boolean {
  return grid.rows.every(({ cells }) => {
    let covered = 0;
    return cells.every((sign) => {
      if (sign !== "") covered = meanings.get(sign)?.columns ?? 1;
      covered -= 1;
      return sign !== "" || covered >= 0;
    });
  });
}

/** Rows with a repeat between stars, where lines of the chart frame one that can be cut out of it. */
function withRepeat(
  { panel, wrongSide }: RowsOfGrid,
  frame: NonNullable<SignGrid["frame"]>,
  round: boolean,
  style: Wording,
): string | null {
  const width = stitchesOf(panel.rows[0] ?? []);
  const [before, after] = [width - frame.to, frame.from];
  const parts = cutPanel(
    panel,
    [before, width - after].filter((at) => at > 0 && at < width),
  );
  const again = parts?.[before > 0 ? 1 : 0];
  if (!parts || !again) return null;
  const first = before > 0 ? parts[0] : undefined;
  const last = after > 0 ? parts.at(-1) : undefined;
  const textOf = (part: Panel | undefined, row: number, behind: boolean) =>
    part ? rowText(part.rows[row] ?? [], behind, part, style) : "";
  const lines = panel.rows.map((_, row) => {
    const behind = wrongSide[row] ?? false;
    const [begin, end] = behind ? [last, first] : [first, last];
    const left = behind ? before : after;
    const to = left > 0 ? `last ${left} st${left === 1 ? "" : "s"}` : "end";
    const label = round ? `Rnd ${row + 1}` : `Row ${row + 1} (${behind ? "WS" : "RS"})`;
    const lead = begin ? `${textOf(begin, row, behind)}, ` : "";
    const tail = end ? `, ${textOf(end, row, behind)}` : "";
    return `${label}: ${lead}*${textOf(again, row, behind)}; rep from * to ${to}${tail}.`;
  });
  return [`Multiple of ${width - before - after} + ${before + after}`, ...lines].join("\n");
}

/** The rows of a chart in words. */
function inWords(read: RowsOfGrid, grid: SignGrid, round: boolean, style: Wording): string {
  // Bobbles are explained before all rows; their names would differ from part to part.
  const framed =
    grid.frame && explained(read.panel).length === 0 ? withRepeat(read, grid.frame, round, style) : null;
  return framed ?? printPattern({ ...read, round }, style);
}

const unknown = ({ used: { sign, times, words } }: Meant): Message =>
  words === null
    ? say("signUnknown", { name: sign, times })
    : say("signNotUnderstood", { name: sign, key: words });

function chartOf(grid: SignGrid, keyed: Keyed, text: string, options: SignOptions): ChartInSigns {
  const all = meant(grid, keyed);
  const meanings = new Map(
    all.flatMap(({ used, meaning }) => (meaning ? [[used.sign, meaning] as const] : [])),
  );
  const belong = blanksBelong(grid, meanings);
  const own = belong ? all.filter(({ used }) => used.sign !== "") : all;
  const open = own.filter(({ meaning }) => meaning === null);
  const sides = sidesTold(grid);
  const beside = text.slice(Math.max(0, grid.from - NEAR), grid.to + NEAR);
  const round = sides.round || (!sides.flat && ROUND_SAID.test(beside));
  const between = betweenSaid(text) ?? options.between ?? null;
  const read = open.length > 0 || own.length > MOST_SIGNS ? null : rowsOf(grid, { meanings, round, between });
  const faults: readonly Fault[] =
    read === null
      ? own.length > MOST_SIGNS
        ? [{ from: grid.from, to: grid.to, why: say("chartTooManySigns", { most: MOST_SIGNS }) }]
        : open.map((one) => ({ from: grid.from, to: grid.to, why: unknown(one) }))
      : "panel" in read
        ? []
        : read;
  return {
    from: grid.from,
    to: grid.to,
    signs: own.map(({ used }) => used),
    columns: Math.max(0, ...grid.rows.map(({ cells }) => cells.length)),
    height: grid.rows.length,
    rows: read !== null && "panel" in read ? inWords(read, grid, round, options.wording ?? WORDING) : null,
    faults,
    round,
    between: leavesRowsOut(grid) ? (between ?? "asked") : null,
  };
}

/**
 * The charts of a text, each as rows in words, or with what keeps it from being read.
 * Example: "2 - v v -\n  - v v - 1\nv = knit, - = purl" is "Rows 1 (RS): p1, k2, p1." and so on.
 */
export function readSigns(text: string, options: SignOptions = {}): ReadSigns {
  const looked = text.slice(0, MOST_LETTERS);
  const lines = keyLines(looked);
  const keyed = new Set([
    ...lines.map(({ sign }) => sign),
    ...Object.keys(options.links ?? {}).filter((sign) => sign.length > 1),
  ]);
  const grids = gridsIn(looked, keyed).slice(0, MOST_CHARTS);
  if (grids.length === 0) return { charts: [], key: [] };
  const drawn = new Set(grids.flatMap(({ rows }) => rows.flatMap(({ cells }) => cells)));
  const inGrid = (line: KeyLine) => grids.some(({ from, to }) => line.from >= from && line.to <= to);
  const told = lines.filter((line) => drawn.has(line.sign) && !inGrid(line));
  const explainedSigns = new Set(told.map(({ sign }) => sign));
  const rest = new Set([...drawn].filter((sign) => !explainedSigns.has(sign)));
  const maybe = plainKeyLines(looked, rest).filter((line) => !inGrid(line));
  const others = lines.filter(({ sign }) => !drawn.has(sign));
  const read = keyReader(abbreviationsIn(others, [...told, ...maybe]));
  const key = [...told, ...maybe.filter(({ words }) => read(words) !== null)];
  const by = { key, links: options.links ?? {}, read };
  return { charts: grids.map((grid) => chartOf(grid, by, looked, options)), key };
}
