/** Panels that a text names and puts together in its rows: "work row 1 of Panel A over next 12 sts". */
import type { Item, WrittenRow } from "./ast";
import { MOST_ROWS } from "./budget";
import { NUMBER } from "./numerals";

const KIND = "(?:panel|chart|cable)";
/** Where a row of a named panel is worked within another. */
export const PANEL_ROW = new RegExp(
  `\\b(?:work(?:ing)?\\s+)?(?:across\\s+)?(?:the\\s+)?(?:(?:row|rnd|round)\\s+(\\d+)\\s+of\\s+)?(?:the\\s+)?${KIND}\\s+([A-Z]|\\d+)\\b(?:\\s+over\\s+(?:the\\s+)?next\\s+${NUMBER}\\s+st(?:s|itches)?)?`,
  "gi",
);
/** Its title: "PANEL A (4 sts)". */
const TITLE = new RegExp(`^\\W*${KIND}\\s+([A-Z]|\\d+)\\b(?![^\\n]*\\b(?:row|rnd|round)\\b)[^\\n]*$`, "i");
const FIRST_ROW = /^\W*(?:\(?(?:RS|WS)\)?\s+)?(?:(?:rows?|rnds?|rounds?)\s*1\b|1st\s+(?:row|rnd|round)\b)/i;

/** Rows of the named panels, by name and number. */
export type NamedPanels = ReadonlyMap<string, ReadonlyMap<number, readonly Item[]>>;

/** A text taken apart: the rows that put panels together, and the panels. Each is as long as the whole, its places are true. */
export interface TakenApart {
  readonly main: string;
  readonly panels: ReadonlyMap<string, string>;
}

/** More panels than this are put together by nobody. */
const MOST_PANELS = 50;

const blank = (text: string) => text.replace(/[^\n]/g, " ");

/**
 * Takes a text apart where its rows speak of panels that it has; null where they do not.
 * Example: "PANEL A", its rows, "MAIN PATTERN" and rows that work row 1 of Panel A.
 */
export function takenApart(text: string): TakenApart | null {
  const lines = text.split("\n");
  const titles = lines.flatMap((line, at) => {
    const name = TITLE.exec(line)?.[1];
    return name === undefined ? [] : [{ at, name: name.toUpperCase() }];
  });
  const firsts = lines.flatMap((line, at) => (FIRST_ROW.test(line) ? [at] : []));
  const named = titles.filter(({ at }) => firsts.some((first) => first > at));
  if (named.length === 0 || firsts.length < 2 || firsts.length > MOST_PANELS || titles.length > MOST_PANELS)
    return null;
  // Each begins at its title, or where the line before its first row begins; the one without a title is the main part.
  const begins = firsts.map((first) => {
    const title = named.findLast(
      ({ at }) => at < first && !firsts.some((other) => other > at && other < first),
    );
    let from = title?.at ?? first;
    if (!title) while (from > 0 && (lines[from - 1] ?? "").trim() !== "") from -= 1;
    return { from, name: title?.name ?? null };
  });
  const parts = begins.map(({ from, name }, index) => ({
    name,
    from,
    to: begins[index + 1]?.from ?? lines.length,
  }));
  const main = parts.filter(({ name }) => name === null);
  if (main.length !== 1) return null;
  const only = (wanted: (at: number) => boolean) =>
    lines.map((line, at) => (wanted(at) ? line : blank(line))).join("\n");
  const [{ from, to }] = main as [(typeof parts)[number]];
  const before = Math.min(...parts.map((part) => part.from));
  const mainText = only((at) => at < before || (at >= from && at < to));
  if (
    ![...mainText.matchAll(PANEL_ROW)].some(([, , name = ""]) =>
      named.some((one) => one.name === name.toUpperCase()),
    )
  )
    return null;
  const panels = new Map(
    parts.flatMap((part) =>
      part.name === null ? [] : [[part.name, only((at) => at >= part.from && at < part.to)] as const],
    ),
  );
  return { main: mainText, panels };
}

/** The largest number of a row that a panel can have; 0 where none has one. */
export const lastOf = (written: readonly WrittenRow[]): number =>
  written.reduce(
    (last, { heading }) =>
      heading.rows.reduce((most, row) => (row <= MOST_ROWS ? Math.max(most, row) : most), last),
    0,
  );

/** Rows after those that are written, each like the one of its side, with the panels' next rows in it. */
export function asSet(written: readonly WrittenRow[], upTo: number): readonly WrittenRow[] {
  const last = lastOf(written);
  if (last === 0) return [];
  return Array.from({ length: Math.max(0, upTo - last) }, (_, index) => {
    const row = last + index + 1;
    const like = written.find(({ heading }) => heading.rows.includes(((row - 1) % last) + 1));
    return like
      ? [
          {
            ...like,
            heading: { ...like.heading, rows: [row], side: null },
            items: like.items.map(withOwnRow),
          },
        ]
      : [];
  }).flat();
}

/** The item with the panel's row that has the number of the row it stands in. */
const withOwnRow = (item: Item): Item => (item.type === "panelRow" ? { ...item, row: null } : item);
