/** Which rows are written where: headings to row numbers, rows named twice or missing, rows worked again. */
import type { Heading, WrittenRow } from "./ast";
import { say } from "../words/message";
import { MOST_ROWS } from "./budget";
import { asSet, lastOf } from "./namedPanels";
import { IN_THE_ROUND, remark, type UnplacedFinding } from "./findings";
import type { Said } from "./sentences";

/** A row and what is written for it. */
export interface Numbered {
  readonly row: number;
  readonly written: WrittenRow;
}

/** Whether "all" of a heading are odd rows. */
function allAreOdd({ rows, allOf }: Heading, round: boolean): boolean {
  const [from] = rows;
  if (from !== undefined) return from % 2 === 1;
  return allOf === "odd" || (allOf === "RS" && !round);
}

/**
 * Rows of a heading, in order. "All WS rows" go to the last row of the pattern; "all other rows" are those of
 * the other side than the rows it names, or even ones where it names none.
 * Example: "Row 2 and all WS rows" in a pattern of 6 rows names 2, 4 and 6.
 */
function rowsNamedBy(heading: Heading, last: number, round: boolean): readonly number[] {
  const { rows, allOf, step } = heading;
  const named = rows.filter((row) => row >= 1 && row <= last);
  if (allOf === null && step === null) return named;
  const odd = allAreOdd(heading, round);
  const from = rows[0] ?? (odd ? 1 : 2);
  const all = Array.from({ length: last }, (_, index) => index + 1).filter(
    (row) => row >= from && (row - from) % (step ?? 2) === 0,
  );
  return [...new Set([...named, ...all])].sort((a, b) => a - b);
}

/** A row of the text with the numbers of those that have none: "Next row" goes on, a set-up row stands before all. */
function withNumbers(
  written: readonly WrittenRow[],
  from: "first" | "any",
  told: UnplacedFinding[],
): WrittenRow[] {
  let last = 0;
  return written.flatMap((one) => {
    const { heading } = one;
    const goesOn = heading.unnumbered === "next" || (heading.unnumbered === "setUp" && from === "any");
    if (heading.unnumbered === "setUp" && !goesOn) {
      told.push(remark("remark", heading.from, heading.to, say("setUpRow")));
      return [];
    }
    if (goesOn && heading.rows.length === 0) {
      last += 1;
      return [{ ...one, heading: { ...heading, rows: [last] } }];
    }
    last = Math.max(last, ...heading.rows.filter((row) => row <= MOST_ROWS), 0);
    return [one];
  });
}

/** Sentences that add rows beyond this are not worked: no pattern has so many. */
const MOST_ADDED = 100;

/** What sentences between the rows add: "Rep last 2 rows once more", "Work 4 rows even". */
function addedBy(
  written: readonly WrittenRow[],
  said: readonly Said[],
  told: UnplacedFinding[],
): WrittenRow[] {
  const rows = [...written];
  let [last, read] = [0, 0];
  for (const { sentence, after, from, to } of said) {
    last = Math.max(last, lastOf(written.slice(read, after)));
    read = after;
    if (rows.length - written.length > MOST_ADDED) {
      told.push(remark("error", from, to, say("tooMuchToWork")));
      break;
    }
    const next = written[after]?.heading.rows[0];
    const heading = { from, to, allOf: null, step: null, side: null, round: false, unnumbered: null };
    if (sentence.says === "even" && last > 0 && sentence.rows > 0 && sentence.rows <= MOST_ROWS) {
      const items = [{ type: "faces" as const, keep: true, from, to }];
      const added = Array.from({ length: sentence.rows }, (_, at) => last + at + 1);
      rows.push({ heading: { ...heading, rows: added }, items, leaves: null });
    }
    if (sentence.says === "asSet" && next === undefined && sentence.upTo <= MOST_ROWS)
      rows.push(...asSet(written, sentence.upTo));
    if (sentence.says !== "again" || next === undefined) continue;
    // Between rows it stands for those whose numbers are missing before the next one.
    const gap = next - last - 1;
    const again = sentence.rows ?? lastRows(last, sentence.last ?? sentence.of ?? last);
    const times = sentence.more ?? 1;
    if (gap > 0 && gap <= MOST_ROWS && gap === times * again.length) {
      const added = Array.from({ length: gap }, (_, at) => last + at + 1);
      const items = [{ type: "asRows" as const, rows: again, times: null, from, to }];
      rows.push({ heading: { ...heading, rows: added }, items, leaves: null });
    } else if (next > 1)
      told.push({ ...remark("question", from, to, say("repeatedBetween", { next })), row: next });
  }
  return rows;
}

const lastRows = (last: number, count: number) =>
  Array.from({ length: Math.min(count, last) }, (_, at) => last - Math.min(count, last) + at + 1);

interface Manner {
  readonly round: boolean;
  readonly from: "first" | "any";
  readonly said: readonly Said[];
}

/**
 * Pairs each row number with what is written for it, in order; twice named or missing rows are told. Rows that are
 * worked once may begin at any number.
 */
export function numberRows(
  all: readonly WrittenRow[],
  unread: ReadonlySet<number>,
  { round, from, said }: Manner,
  told: UnplacedFinding[],
): readonly Numbered[] {
  const written = addedBy(withNumbers(all, from, told), said, told);
  const last = Math.min(MOST_ROWS, lastRow(written, round));
  const byRow = new Map<number, WrittenRow>();
  const namedTwice = new Set<number>();
  for (const one of written) {
    const { heading } = one;
    const named = new Set(heading.rows);
    let again = false;
    for (const row of rowsNamedBy(heading, last, round)) {
      const explicit = named.has(row);
      if (byRow.has(row) && explicit && namedTwice.has(row)) {
        // Of the rows of one heading the first that is named twice tells of all.
        if (!again) told.push(remark("error", heading.from, heading.to, say("rowNamedTwice", { row }), row));
        again = true;
      } else if (!byRow.has(row) || explicit) byRow.set(row, one);
      if (explicit) namedTwice.add(row);
    }
    const beyond = heading.rows.find((row) => row > MOST_ROWS);
    if (beyond !== undefined)
      told.push(remark("error", heading.from, heading.to, say("rowNumberTooLarge", { most: MOST_ROWS })));
  }
  const rows = [...byRow].sort(([a], [b]) => a - b);
  let missing = false;
  rows.forEach(([row, { heading }], index) => {
    let before = rows[index - 1]?.[0] ?? (from === "any" ? row - 1 : 0);
    while (unread.has(before + 1)) before += 1;
    if (row - before > 1) {
      missing = true;
      told.push(
        remark("error", heading.from, heading.to, say("rowsMissing", { from: before + 1, to: row - 1 }), row),
      );
    }
  });
  const numbered = rows.map(([row, one]) => ({ row, written: one }));
  checkAgain(numbered, said, told);
  if (!missing) checkSides(all, round, told);
  return numbered;
}

/** The last row that is named; where all wrong-side rows are, the repeat ends on one. */
function lastRow(written: readonly WrittenRow[], round: boolean): number {
  let last = 0;
  for (const { heading } of written)
    for (const row of heading.rows) if (row <= MOST_ROWS) last = Math.max(last, row);
  const all = written.filter(({ heading }) => heading.allOf !== null && heading.step === null);
  // Where a text has nothing but "all RS rows" and "all WS rows" there are two.
  if (last === 0 && all.length > 0) return all.some(({ heading }) => !allAreOdd(heading, round)) ? 2 : 1;
  const closes = all.some(({ heading }) => !allAreOdd(heading, round) && (!round || heading.allOf !== "RS"));
  return closes && last % 2 === 1 ? last + 1 : last;
}

/** A sentence at the end must speak of rows that are there. */
function checkAgain(numbered: readonly Numbered[], said: readonly Said[], told: UnplacedFinding[]) {
  const last = numbered.at(-1)?.row ?? 0;
  for (const { sentence, from, to } of said) {
    if (sentence.says !== "again" || last === 0) continue;
    const beyond = Math.max(0, ...(sentence.rows ?? []), sentence.last ?? 0);
    if (beyond > last) told.push(remark("error", from, to, say("againBeyond", { beyond, last })));
    else if (sentence.of !== null && sentence.of > last)
      told.push(remark("error", from, to, say("againBeyond", { beyond: sentence.of, last })));
    else if (sentence.more !== null && sentence.last === null)
      told.push(remark("remark", from, to, say("oneRepeat")));
  }
}

/** Worked flat, sides alternate: a row that is said to be on the wrong one is told. */
function checkSides(written: readonly WrittenRow[], round: boolean, told: UnplacedFinding[]) {
  if (round) return;
  const first = saidFirst(written);
  if (first === null) return;
  for (const { heading } of written) {
    const side = sideSaid(heading);
    const [row] = heading.rows;
    if (side === null || row === undefined) continue;
    const falls = (row % 2 === 1) === (first === "RS") ? "RS" : "WS";
    if (falls === side) continue;
    const { from, to } = heading;
    const mends = written.some((one) => sideSaid(one.heading) === "WS") ? [] : [IN_THE_ROUND];
    told.push({
      severity: "error",
      row,
      from,
      to,
      message: say("sideFallsOtherwise", { row, side, falls }),
      mends,
    });
    return;
  }
}

/** The side that a heading gives the rows it names. */
const sideSaid = ({ side, allOf }: Heading) => side ?? (allOf === "RS" || allOf === "WS" ? allOf : null);

/** The side of row 1, where it is said or follows from another row's; null where nothing says so. */
export function saidFirst(written: readonly WrittenRow[]): "RS" | "WS" | null {
  const sided = written.find(({ heading }) => sideSaid(heading) !== null && heading.rows.length > 0);
  if (!sided) return null;
  return (sideSaid(sided.heading) === "WS") === ((sided.heading.rows[0] ?? 1) % 2 === 1) ? "WS" : "RS";
}
