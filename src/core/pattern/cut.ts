/** A pattern cut into what can be understood by itself: headings, rows and sentences, each with its place. */
import type { Span } from "../instructions/ast";
import type { ChartInSigns, ReadSigns } from "../signs/readSigns";
import type { KeyLine } from "../signs/signKey";
import { sizesIn } from "./sizes";

export interface Phrase extends Span {
  /** A chart is one that is drawn in signs; a key is a line that explains one of them. */
  readonly kind: "heading" | "row" | "sentence" | "chart" | "key";
  readonly text: string;
  readonly chart?: ChartInSigns;
  readonly key?: KeyLine;
}

/** Lines that begin rows: "Row 1 (RS):", "Rnds 2-4:", "1st row:", "Next row:", "Inc row (RS):". */
const ROW =
  /^\s*(?:(?:next|set-?up|foundation|inc(?:rease)?|dec(?:rease)?|buttonhole|pattern)\s+)?(?:rows?|rnds?|rounds?)\b[^:.\n]{0,60}:|^\s*\d+(?:st|nd|rd|th)(?:\s*(?:,|and|to|&|-|–)\s*\d+(?:st|nd|rd|th)){0,6}\s+(?:rows?|rnds?|rounds?)\b[^:.\n]{0,40}:/i;

/** What a part of a pattern can be called, with or without words of its own behind it. */
export const PARTS =
  "sizes?|to fit|finished (?:measurements?|sizes?)|measurements?|gauge|tension|yarn|materials?|you will need|needles?|notions|abbreviations|key|special (?:abbreviations|stitches|terms)|(?:pattern |special )?notes?|stitch patterns?|pattern stitch(?:es)?|instructions|directions|pattern|finishing|making up|assembly|to make up|to finish";

/** What pieces are often called. */
export const PIECES =
  "(?:(?:right|left|first|second|lower|upper|both) )?(?:back|fronts?|sleeves?|body|yoke|collar|hood|cuffs?|thumb|hand|leg|foot|heel|toe|strap|pocket|panel|half|side)(?: and (?:back|front))?|neck ?band|neck edging|button ?(?:hole )?bands?|front bands?|arm(?:hole)? ?bands?|bands?|border|edging|brim|crown|hat|cap|scarf|shawl|cowl|blanket|cushion|mittens?|mitts?|socks?|hem|rib|top|vest|slipover";

const HEADING = new RegExp(`^\\s*(?:${PARTS}|${PIECES})\\s*(?:\\([^)]*\\)\\s*)?:?\\s*$`, "i");
/** A heading with its words behind it in the same line: "Gauge: 18 sts …". */
const RUN_IN = new RegExp(`^(\\s*(?:${PARTS}|${PIECES})\\s*(?:\\([^)]*\\)\\s*)?:)(?=\\s*\\S)`, "i");

const MOST_HEADING = 60;
/** More words than this are a sentence. */
const MOST_WORDS = 7;

/** Parts of a piece: "Shape armholes", "Divide for neck". */
export const WITHIN =
  /^\s*(?:shap(?:e|ing)(?: the)? [\w ]{3,30}|[\w ]{3,20} shaping|divid(?:e|ing)(?: for [\w ]{3,20})?|rib(?:bing)?|(?:body|main) pattern|cables?|crown|welt|upper (?:body|part)|lower (?:body|edge))\s*:?\s*$/i;

/** What begins the work of a piece or the rows of a panel. */
const BEGINS_WORK =
  /^\s*(?:(?:with|using)\b[^\n]{0,80}?\b)?(?:cast on|co \d|pick up|work as|make as|work same)\b/i;
const FIRST_ROW = /^\s*(?:(?:row|rnd|round)s?\s*1\b|1st (?:row|rnd|round))/i;

/** What a sentence of work begins with, though it ends like a heading: "Now work in pattern as follows:". */
const SAYS_WORK =
  /^\s*(?:now|then|work|continue|cont|proceed|begin|commence|knit|purl|rep(?:eat)?|place|next)\b/i;

/** Lines that are headings by how they look, or by what stands under them. */
function looksLikeHeading(line: string, under: string): boolean {
  const words = line.trim();
  if (words.length === 0 || words.length > MOST_HEADING || ROW.test(line) || SAYS_WORK.test(line))
    return false;
  if (WITHIN.test(words)) return true;
  if (
    /^[A-Z]/.test(words) &&
    !/[.,;]|:$/.test(words) &&
    words.split(/\s+/).length <= MOST_WORDS &&
    !/\d\s*sts?\b[^)]*$/.test(words) &&
    (FIRST_ROW.test(under) || BEGINS_WORK.test(under))
  )
    return true;
  if (sizesIn(words).length > 0) return false;
  if ((/^[A-Z]/.test(words) && HEADING.test(words)) || /^#{1,6}\s/.test(words)) return true;
  const letters = words.replace(/\([^)]*\)/g, "").replace(/[^A-Za-z]/g, "");
  if (letters.length >= 3 && letters === letters.toUpperCase() && !/\d\s*sts?\b/i.test(words)) return true;
  return /^[A-Z][^.:;,]*(?:\([^)]*\))?:$/.test(words);
}

/** Where a pattern marks what another piece comes back to: two or three stars by themselves. */
export const marksIn = (text: string): readonly number[] =>
  [...text.matchAll(/(?<=^|\s)(?<!\b(?:from|to) )\*{2,3}(?=\s|$)/gm)].map(({ index }) => index);

/** Where sentences end: a full stop with a blank and a capital, figure or bracket behind it, or the end. */
const SENTENCE_END = /[.!?](?=\s+["“*(\[]*[A-Z\d*]|\s*$)/g;

/** Words in which a full stop does not end a sentence. */
const SHORT =
  /\b(?:approx|beg|cont|dec|foll|inc|patt?|rem|rep|st|sts|no|nos|ea|alt|tog|in|cm|mm|e\.g|i\.e|vs)\.$/i;

const COUNT_BEHIND =
  /^\s*(?:[([][^()[\]]*(?:[([][^()[\]]*[)\]][^()[\]]*)?\bst(?:s|itches)?\b[^)\]]*[)\]]\.?|[–—-]\s*\d[^.]*?\bsts?\b[^.]{0,20}\.?|\d+\s+(?:\([^)]*\)\s+)?sts?\b(?: rem(?:ain)?| in all| on needles?| (?:on |at )?each side)?\.)(?=\s|$)/i;

/** Where the sentences of a paragraph end; brackets hold theirs together. */
function ends(text: string): readonly number[] {
  const found: number[] = [];
  let [depth, seen] = [0, 0];
  for (const { index } of text.matchAll(SENTENCE_END)) {
    for (; seen < index; seen += 1) {
      if (text[seen] === "(" || text[seen] === "[") depth += 1;
      if (text[seen] === ")" || text[seen] === "]") depth = Math.max(0, depth - 1);
    }
    const short = SHORT.exec(text.slice(Math.max(0, index - 11), index + 1));
    // "5 cm. Change" ends a sentence, "5 cm. from" does not: behind a unit a capital is needed.
    if (depth > 0 || (short && !/(?:sts?|cm|mm|in|rem|beg|tog)\.$/i.test(short[0]))) continue;
    // The count that is printed behind a sentence is a part of it.
    const count = COUNT_BEHIND.exec(text.slice(index + 1, index + 80).replace(/\s/g, " "));
    found.push(index + 1 + (count?.[0].length ?? 0));
  }
  return found;
}

/** Lines shorter than this share of the longest are not full. */
const SHORT_LINE = 0.7;

interface Line extends Span {
  readonly text: string;
  /** The chart that this line is of. */
  readonly chart?: ChartInSigns;
}

function linesOf(text: string, charts: readonly ChartInSigns[]): readonly Line[] {
  let from = 0;
  return text.split("\n").map((line) => {
    const at = from;
    from += line.length + 1;
    const chart = charts.find((one) => at >= one.from && at < one.to);
    return { text: line, from: at, to: at + line.length, ...(chart && { chart }) };
  });
}

/** A text without the lines of a key, each of which is told by itself; all else keeps its place. */
function withoutKey(text: string, { key }: ReadSigns): string {
  let [left, at] = ["", 0];
  for (const { from, to } of key.toSorted((one, other) => one.from - other.from)) {
    left += text.slice(at, from) + text.slice(Math.max(at, from), to).replaceAll(/[^\n]/g, " ");
    at = Math.max(at, to);
  }
  return left + text.slice(at);
}

const NO_SIGNS: ReadSigns = { charts: [], key: [] };

/** The first line under one that has words. */
function textUnder(lines: readonly Line[], index: number): string {
  for (let at = index + 1; at < lines.length; at += 1) {
    const { text = "", chart } = lines[at] ?? {};
    // What stands over a chart names it, as it names rows.
    if (chart) return "Row 1";
    if (text.trim() !== "") return text;
  }
  return "";
}

/** A span without the blanks at its ends; null where nothing else is in it. */
function trimmed(text: string, from: number, to: number): (Span & { text: string }) | null {
  const words = text.slice(from, to);
  const lead = words.length - words.trimStart().length;
  const said = words.trim();
  return said === "" ? null : { from: from + lead, to: from + lead + said.length, text: said };
}

/**
 * The phrases of a pattern in order. Lines that are not ended go on in the next one.
 * Example: "Back\nCast on 94 sts. Work in rib." is a heading and two sentences.
 */
export function cut(given: string, signs: ReadSigns = NO_SIGNS): readonly Phrase[] {
  // Stars that a sentence speaks of stay: "work as for back from ** to **".
  const text = withoutKey(given, signs).replace(/(?<!\b(?:from|to) )(?:\*\*|__)/g, "  ");
  const phrases: Phrase[] = [];
  let begun: number | null = null;
  let last = 0;
  const push = (kind: Phrase["kind"], from: number, to: number) => {
    const found = trimmed(text, from, to);
    if (found) phrases.push({ kind, ...found });
  };
  const flush = () => {
    if (begun === null) return;
    const paragraph = text.slice(begun, last);
    let from = 0;
    for (const end of [...ends(paragraph), paragraph.length]) {
      if (end <= from) continue;
      const said = paragraph.slice(from, end);
      const kind = ROW.test(said) ? "row" : "sentence";
      const before = phrases.at(-1);
      // "Rep from * to end." and "Work in k2." belong to the row before them.
      if (
        kind === "sentence" &&
        from > 0 &&
        before?.kind === "row" &&
        /^\s*(?:rep(?:eat)?\.? from|\*)/i.test(said)
      ) {
        phrases.pop();
        push("row", before.from, begun + end);
      } else push(kind, begun + from, begun + end);
      from = end;
    }
    begun = null;
  };
  const lines = linesOf(text, signs.charts);
  const longest = lines.reduce((most, line) => Math.max(most, line.text.trim().length), 0);
  for (const [index, line] of lines.entries()) {
    if (line.chart) {
      flush();
      const { from, to } = line.chart;
      if (line.from === from)
        phrases.push({ kind: "chart", from, to, text: given.slice(from, to), chart: line.chart });
      continue;
    }
    if (line.text.trim() === "") {
      flush();
      continue;
    }
    const open: string = begun === null ? "" : text.slice(begun, last).trimEnd();
    // A line that is far from full was ended by whoever wrote it.
    const before = lines[index - 1]?.text.trim().length ?? 0;
    const wasFull = before >= SHORT_LINE * longest;
    const breaksOff = /(?:,|[([][^)\]]*)$/.test(open.slice(-MOST_HEADING));
    const fresh = /^\s*[-•*A-Z\d]/.test(line.text) && !wasFull && !breaksOff;
    // A full line that breaks off goes on in this one, whatever it looks like.
    const goesOn = (wasFull || breaksOff) && open !== "" && !/[.:!?)\]]$/.test(open);
    if (!goesOn && looksLikeHeading(line.text, textUnder(lines, index))) {
      flush();
      push("heading", line.from, line.to);
      continue;
    }
    const runIn = /^\s*[A-Z]/.test(line.text) && !breaksOff ? RUN_IN.exec(line.text) : null;
    if (runIn?.[1] !== undefined) {
      flush();
      push("heading", line.from, line.from + runIn[1].length);
      begun = line.from + runIn[1].length;
      last = line.to;
      continue;
    }
    const ended = /[.:!?]$/.test(open) || (/[)\]]$/.test(open) && /^\s*[A-Z*]/.test(line.text));
    // A count in a line of its own belongs to the sentence before it.
    const counted = COUNT_BEHIND.test(line.text);
    const begins = ROW.test(line.text) || (/^\s*[A-Z]/.test(line.text) && BEGINS_WORK.test(line.text));
    if (!counted && (begins || ended || fresh)) flush();
    begun ??= line.from;
    last = line.to;
  }
  flush();
  const key = signs.key.map((line): Phrase => {
    const { from, to } = line;
    return { kind: "key", from, to, text: given.slice(from, to), key: line };
  });
  return key.length === 0 ? phrases : [...phrases, ...key].sort((one, other) => one.from - other.from);
}
