/** Reads a written pattern: text in, panel and findings out. It never throws, whatever the text. */
import type { Panel } from "../panels/panel";
import type { Operation } from "../stitches/operations";
import { say } from "../words/message";
import { spanOfRow, type Item, type Span, type WrittenRow } from "./ast";
import { checked } from "./checks";
import { takeDefinitions } from "./definitions";
import { Budget, MOST_ROWS } from "./budget";
import type { RepeatColumns } from "./expand";
import { placed, remark, type Finding, type UnplacedFinding } from "./findings";
import { coloursOfRows, withoutColours, type RowColour } from "./colourNames";
import { parseMultiple } from "./grammar";
import { withNames } from "./named";
import { takenApart, type NamedPanels } from "./namedPanels";
import type { Definitions } from "./names";
import { plainSigns } from "./plainSigns";
import { numberRows, saidFirst, type Numbered } from "./rowNumbers";
import type { Said } from "./sentences";
import { spanOfStatement, statementsOf, type Statement } from "./statements";
import { tokensOf, W, Whole } from "./tokens";
import { workRows, type Worked } from "./workRows";
import { writtenRows } from "./written";

export interface ReadPattern {
  /** The rows that could be read, in order; null where none could. */
  readonly panel: Panel | null;
  /** The number that each row of the panel has in the text. */
  readonly numbers: readonly number[];
  /** What is written for each row of the panel; rows written together share it. */
  readonly written: readonly WrittenRow[];
  /** False where a row is missing from the panel, since it could not be read. */
  readonly complete: boolean;
  /** Where the rows stand that are not in the panel. */
  readonly missing: readonly Span[];
  /** For each row of the panel, whether it is worked on the wrong side. */
  readonly wrongSide: readonly boolean[];
  readonly round: boolean;
  /** Columns that repeat, as the first row with an open repeat shows them. */
  readonly repeat: RepeatColumns | null;
  readonly multiple: { readonly of: number; readonly plus: number } | null;
  /** Operations that the pattern defines, such as its bobbles. */
  readonly defined: ReadonlyMap<string, Operation>;
  readonly findings: readonly Finding[];
}

/** Longer patterns than this are refused whole, with a word. */
const MOST_CHARACTERS = 1_000_000;

/**
 * Reads a pattern. Rows count from 1, odd rows on the right side unless the text says otherwise; in the
 * round all rows are. Columns of the panel count from the right.
 * `stitches` is how many there are to begin with, where the text leaves that open; null for one repeat.
 * Example: `readPattern("Row 1: P2, C4F, P2.\nRow 2: K2, P4, K2.")` has a panel of 2 rows and no findings.
 */
export function readPattern(text: string, stitches: number | null = null): ReadPattern {
  const parsed = parsePattern(text);
  const { numbered, definitions, panels, multiple, round, unread } = parsed;
  const told = [...parsed.told];
  const firstWrong = parsed.saidFirst === "WS" && !round;
  const sideOf = sidesOf(firstWrong, round);

  const budget = new Budget();
  const work = (upTo: number, start: number | null, leastRepeats: 0 | 1, of = budget) =>
    workRows(numbered, upTo, {
      sideOf,
      definitions,
      panels,
      start,
      leastRepeats,
      budget: of,
      text: parsed.text,
    });
  const start =
    stitches ??
    startingCount(numbered, parsed, (upTo, count, least) => work(upTo, count, least, budget.part(TRIED)));
  const { rows, units, repeat, findings } = work(numbered.length, start, 0);
  const { said } = parsed;
  const counted =
    stitches !== null || multiple !== null || said.some(({ sentence }) => sentence.says === "stitches");
  const setUp = parsed.setUp.flatMap(
    (one) =>
      workRows([{ row: 0, written: one }], 1, {
        sideOf,
        definitions,
        panels,
        start: null,
        leastRepeats: 0,
        budget: budget.part(TRIED),
        text: parsed.text,
      }).rows,
  );
  const sided = parsed.saidFirst !== null;
  told.push(
    ...checked({ rows, units, numbered, said, repeat, round, sided, counted, setUp }, findings.length === 0),
    ...findings,
  );
  const good = numbered.flatMap((one, index) => {
    const works = rows[index];
    return works ? [{ works, ...one }] : [];
  });
  return {
    panel: good.length > 0 ? { rows: good.map(({ works }) => works), firstWrong } : null,
    numbers: good.map(({ row }) => row),
    written: good.map(({ written: one }) => one),
    complete: good.length === rows.length && unread === 0,
    missing: [
      ...parsed.unreadAt,
      ...numbered.flatMap((one, index) => (rows[index] ? [] : [spanOfRow(one.written)])),
    ],
    wrongSide: good.map(({ row }) => sideOf(row) === "WS"),
    round,
    repeat,
    multiple,
    defined: definitions.operations,
    findings: placed(told, text),
  };
}

/** The side of each row by its number: all on the right one in the round, in turns flat. */
const sidesOf = (firstWrong: boolean, round: boolean) => (row: number) =>
  round || (row % 2 === 1) !== firstWrong ? "RS" : "WS";

/** A text parsed, before it is known on how many stitches it is worked: plain data that a worker can hand over. */
export interface ParsedPattern {
  readonly text: string;
  readonly numbered: readonly Numbered[];
  /** The colour that each of the rows names, 0 for A; only of rows that are worked once. */
  readonly colours: readonly RowColour[];
  readonly definitions: Definitions;
  /** Panels that it names and puts together in its rows. */
  readonly panels: NamedPanels;
  readonly multiple: ReadPattern["multiple"];
  readonly round: boolean;
  /** The side of its first row, where it says or implies one; null where nothing says so. */
  readonly saidFirst: "RS" | "WS" | null;
  /** Rows that are there, but could not be parsed. */
  readonly unread: number;
  readonly unreadAt: readonly Span[];
  /** Rows that are worked once, before those that repeat. */
  readonly setUp: readonly WrittenRow[];
  /** What stands between its rows and was understood. */
  readonly said: readonly Said[];
  readonly told: readonly UnplacedFinding[];
}

/**
 * Parses a text. It never throws; what cannot be parsed is told. Rows begin at the first, or at any number where they
 * are worked once. Example: "Rnd 1: knit." is one row in the round.
 */
export function parsePattern(text: string, from: "first" | "any" = "first"): ParsedPattern {
  const told: UnplacedFinding[] = [];
  const whole = text.length <= MOST_CHARACTERS ? text : "";
  if (whole !== text) told.push(remark("error", 0, 0, say("textTooLong")));
  // Colours are named in rows that are worked once; a panel that names some is asked about, and takes stripes.
  const { text: read, named } = from === "any" ? withoutColours(whole) : { text: whole, named: [] };
  const { text: plain, definitions: explained } = takeDefinitions(plainSigns(read), told);
  const apart = takenApart(plain);
  const rows = apart?.main ?? plain;
  const operations = new Map(explained.operations);
  const panels = new Map<string, ReadonlyMap<number, readonly Item[]>>();
  for (const [name, panel] of apart?.panels ?? []) {
    const own = rowsOfPanel(panel, explained, told);
    panels.set(name, own.items);
    for (const [id, operation] of own.operations) operations.set(id, operation);
  }
  const names = { ...explained, operations };
  const { tokens, definitions } = withNames(rows, tokensOf(rows), names, new Set(panels.keys()), told);
  const statements = statementsOf(rows, tokens);
  const multiple = multipleOf(statements, told);
  const { rows: written, unread, unreadAt, said } = writtenRows(rows, statements, told);
  const round = saysRound(said) ?? written.some(({ heading }) => heading.round);
  const numbered = numberRows(written, unread, { round, from, said }, told);
  return {
    text: whole,
    numbered,
    colours: coloursOfRows(
      read,
      numbered.map(({ written: { heading } }) => heading),
      named,
    ),
    definitions,
    panels,
    multiple,
    round,
    saidFirst: saidFirst(written),
    said,
    setUp: from === "any" ? [] : written.filter(({ heading }) => heading.unnumbered === "setUp"),
    unreadAt,
    unread:
      unreadAt.length + written.filter(({ heading }) => heading.rows.some((row) => row > MOST_ROWS)).length,
    told,
  };
}

/** The rows of a panel that the text names, by number; it is checked by itself. */
function rowsOfPanel(text: string, explained: Definitions, told: UnplacedFinding[]) {
  const { tokens, definitions } = withNames(text, tokensOf(text), explained, new Set(), told);
  const { rows: written, unread, said } = writtenRows(text, statementsOf(text, tokens), told);
  const round = written.some(({ heading }) => heading.round);
  const numbered = numberRows(written, unread, { round, from: "first", said }, told);
  const { rows, units, repeat, findings } = workRows(numbered, numbered.length, {
    sideOf: sidesOf(saidFirst(written) === "WS" && !round, round),
    definitions,
    panels: new Map(),
    start: null,
    leastRepeats: 0,
    budget: new Budget(),
    text,
  });
  const given = { rows, units, numbered, said, repeat, round, sided: true, counted: true, setUp: [] };
  told.push(...checked(given, findings.length === 0), ...findings);
  const items = new Map(numbered.map(({ row, written: { items: own } }) => [row, own] as const));
  return { items, operations: definitions.operations };
}

/** Whether it says that it is worked in the round, or flat; null where it says neither. */
function saysRound(said: readonly Said[]): boolean | null {
  const manner = said.find(({ sentence }) => sentence.says === "manner")?.sentence;
  return manner?.says === "manner" ? manner.round : null;
}

function multipleOf(statements: readonly Statement[], told: UnplacedFinding[]) {
  const statement = statements.find(({ kind }) => kind === "multiple");
  if (!statement) return null;
  const { tokens } = statement;
  const at = tokens.findIndex(({ tokenType }) => tokenType === W.Multiple);
  // "multiple of 8 sts plus 2 edge sts": up to its second number, or to its only one.
  const [of = at, plus] = tokens.flatMap(({ tokenType }, place) =>
    place > at && tokenType === Whole ? [place] : [],
  );
  const parsed = parseMultiple(tokens.slice(at, (plus ?? of) + 1));
  if (parsed.ok && parsed.value.of > 0) return parsed.value;
  const { from, to } = spanOfStatement(statement);
  told.push(remark("error", from, to, say("multipleForm")));
  return null;
}

/** Share of the work that is left which one such try may be. */
const TRIED = 0.02;

/** A stated count beyond this is no panel's. */
const MOST_STATED = 2000;

/** More stitches than this are not tried where nothing says how many there are. */
const MOST_TRIED = 64;

/** Stitches to begin with: as row 1 counts them, by what the text says, or the first number that all rows fit, or most. */
function startingCount(
  numbered: readonly Numbered[],
  { multiple, said }: Pick<ParsedPattern, "multiple" | "said">,
  work: (upTo: number, start: number | null, leastRepeats: 0 | 1) => Worked,
): number | null {
  if (work(1, null, 1).rows[0]) return null;
  const stated = said.find(({ sentence }) => sentence.says === "stitches")?.sentence;
  if (stated?.says === "stitches" && stated.stitches <= MOST_STATED) return stated.stitches;
  if (multiple) return multiple.of + multiple.plus;
  // Where no count fits all rows, that which most of them fit tells the others apart.
  let best: { readonly count: number; readonly wrong: number } | null = null;
  for (let count = 1; count <= MOST_TRIED; count += 1) {
    if (!work(1, count, 1).rows[0]) continue;
    const wrong = work(numbered.length, count, 1).findings.length;
    if (wrong === 0) return count;
    if (wrong < (best?.wrong ?? numbered.length)) best = { count, wrong };
  }
  return best?.count ?? null;
}
