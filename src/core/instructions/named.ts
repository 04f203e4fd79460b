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

/** Places where a name that the pattern explains is used. */
function explainedNames(text: string, names: ReadonlyMap<string, "crossing" | "operation">): Named[] {
  if (names.size === 0) return [];
  const longest = [...names.keys()].sort((one, other) => other.length - one.length);
  const any = new RegExp(`(?<![\\p{L}\\d/])(?:${longest.map(escaped).join("|")})(?![\\p{L}\\d])`, "giu");
  return [...text.matchAll(any)].map(({ index, 0: name }) => ({
    from: index,
    to: index + name.length,
    name,
    type: names.get(name.toLowerCase()) === "crossing" ? DefinedCrossing : DefinedOperation,
  }));
}

interface Prose {
  readonly operations: Map<string, Operation>;
  readonly told: UnplacedFinding[];
}

/** Places where a crossing or a stitch is told in words. */
function toldInWords(text: string, { operations, told }: Prose): Named[] {
  const found: Named[] = [];
  const isTaken = (at: number) => found.some(({ from, to }) => at >= from && at < to);
  for (const { index } of text.matchAll(CROSSING_PROSE)) {
    const read = isTaken(index) ? null : readCrossingProse(text.slice(index));
    if (!read) continue;
    const span = { from: index, to: index + read.length };
    if (read.ok) found.push({ ...span, type: DefinedCrossing, name: crossingName(read.crossing) });
    else told.push({ severity: "error", row: null, ...span, message: read.message, mends: [] });
  }
  for (const { index } of text.matchAll(STITCH_PROSE)) {
    const read = isTaken(index) ? null : readStitchProse(text.slice(index));
    if (!read) continue;
    operations.set(read.operation.id, read.operation);
    found.push({ from: index, to: index + read.length, type: DefinedOperation, name: read.operation.id });
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
  const said = [...panelRows(text, panels), ...toldInWords(text, { operations, told })];
  const own = explainedNames(text, definitions.names).filter(
    ({ from }) => !said.some((one) => from >= one.from && from < one.to),
  );
  const named = [...said, ...own].sort((one, other) => one.from - other.from);
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
