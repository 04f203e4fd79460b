/** Words of a text that mean something of their own there: names that it explains, and crossings and stitches told in words. */
import type { IToken } from "chevrotain";
import { crossingName } from "../stitches/crossingNames";
import type { Operation } from "../stitches/operations";
import type { Span } from "./ast";
import { CROSSING_PROSE, readCrossingProse } from "./crossingProse";
import type { UnplacedFinding } from "./findings";
import { PANEL_ROW } from "./namedPanels";
import type { Definitions } from "./names";
import { readStitchProse, STITCH_PROSE } from "./stitchProse";
import { DefinedCrossing, DefinedOperation, PanelRow } from "./tokens";

interface Named extends Span {
  readonly type: typeof DefinedCrossing;
  /** What the parser is to read there. */
  readonly name: string;
}

const escaped = (name: string) => name.replace(/[.*+?^${}()|[\]\\/]/g, "\\$&");

/** More names of several words than this no pattern explains. */
const MOST_PHRASES = 50;
const WORD = /[\p{L}\d](?:[\p{L}\d/'’-]*[\p{L}\d])?/gu;

/** Places where a name that the pattern explains is used: names of one word are looked up, others are sought. */
function explainedNames(text: string, names: ReadonlyMap<string, "crossing" | "operation">): Named[] {
  if (names.size === 0) return [];
  const phrases = [...names.keys()].filter((name) => /\s/.test(name)).slice(0, MOST_PHRASES);
  const longest = phrases.sort((one, other) => other.length - one.length).map(escaped);
  const sought =
    longest.length > 0
      ? [...text.matchAll(new RegExp(`(?<![\\p{L}\\d/])(?:${longest.join("|")})(?![\\p{L}\\d])`, "giu"))]
      : [];
  return [...sought, ...text.matchAll(WORD)].flatMap(({ index, 0: name }) => {
    const kind = names.get(name.toLowerCase());
    const type = kind === "crossing" ? DefinedCrossing : DefinedOperation;
    return kind ? [{ from: index, to: index + name.length, name, type }] : [];
  });
}

interface Prose {
  readonly operations: Map<string, Operation>;
  readonly told: UnplacedFinding[];
}

/** What is told of one stitch is no longer than this. */
const LONGEST = 600;

/** What is read of a text where a pattern matches, one behind the other. */
function* readAlong<Read extends { readonly length: number }>(
  pattern: RegExp,
  text: string,
  read: (text: string) => Read | null,
): Iterable<Span & { readonly read: Read }> {
  let done = 0;
  for (const { index } of text.matchAll(pattern)) {
    const found = index < done ? null : read(text.slice(index, index + LONGEST));
    if (!found) continue;
    done = index + found.length;
    yield { from: index, to: done, read: found };
  }
}

/** Places where a crossing or a stitch is told in words. */
function toldInWords(text: string, { operations, told }: Prose): Named[] {
  const found: Named[] = [];
  for (const { read, ...span } of readAlong(CROSSING_PROSE, text, readCrossingProse)) {
    if (read.ok) found.push({ ...span, type: DefinedCrossing, name: crossingName(read.crossing) });
    else told.push({ severity: "error", row: null, ...span, message: read.message, mends: [] });
  }
  for (const { read, ...span } of readAlong(STITCH_PROSE, text, readStitchProse)) {
    operations.set(read.operation.id, read.operation);
    found.push({ ...span, type: DefinedOperation, name: read.operation.id });
  }
  return found;
}

/** Places where a row of one of these panels is worked. */
const panelRows = (text: string, panels: ReadonlySet<string>): Named[] =>
  panels.size === 0
    ? []
    : [...text.matchAll(PANEL_ROW)].flatMap(({ index, 0: said, 1: row, 2: name = "" }) =>
        panels.has(name.toUpperCase())
          ? [
              {
                from: index,
                to: index + said.length,
                type: PanelRow,
                name: `${name.toUpperCase()}${row === undefined ? "" : ` ${row}`}`,
              },
            ]
          : [],
      );

export interface NamedTokens {
  readonly tokens: readonly IToken[];
  readonly definitions: Definitions;
}

/** Tokens with one token for each name of the pattern's own and for each stitch that is told in words. */
export function withNames(
  text: string,
  tokens: readonly IToken[],
  definitions: Definitions,
  panels: ReadonlySet<string>,
  told: UnplacedFinding[],
): NamedTokens {
  const operations = new Map(definitions.operations);
  const all = [
    ...panelRows(text, panels),
    ...toldInWords(text, { operations, told }),
    ...explainedNames(text, definitions.names),
  ].sort((one, other) => one.from - other.from || other.to - one.to);
  // Of those that lie within one another the first, and the longest, counts.
  let end = 0;
  const named = all.filter(({ from, to }) => {
    const isOwn = from >= end;
    if (isOwn) end = to;
    return isOwn;
  });
  if (named.length === 0) return { tokens, definitions };
  const result: IToken[] = [];
  let next = 0;
  for (const token of tokens) {
    while ((named[next]?.to ?? Infinity) <= token.startOffset) next += 1;
    const here = named[next];
    const end = (token.endOffset ?? token.startOffset) + 1;
    if (!here || end <= here.from) result.push(token);
    else if (result.at(-1)?.startOffset !== here.from)
      result.push({
        ...token,
        image: here.name,
        tokenType: here.type,
        tokenTypeIdx: here.type.tokenTypeIdx ?? 0,
        startOffset: here.from,
        endOffset: here.to - 1,
      });
  }
  return { tokens: result, definitions: { ...definitions, operations } };
}
