/** Everything that an editor shows of a text, as plain data: findings, chart, counts, the text told again. */
import { chartOf, type Chart } from "../panels/chart";
import { stitchesUsedBy } from "../panels/panel";
import type { Finding } from "./findings";
import { explained, printPattern, rowText } from "./print";
import type { Wording } from "../stitches/wording";
import { readPatternCached } from "./readPatternCached";
import { repeatOf } from "./repeated";

export interface PatternAnalysis {
  readonly findings: readonly Finding[];
  readonly chart: Chart | null;
  /** False where the chart lacks a row that could not be read: then it cannot be edited without losing it. */
  readonly complete: boolean;
  /** Stitches that row 1 is worked on. */
  readonly castOn: number | null;
  /** How it comes again across, as it says or as its rows show; null where nothing of it repeats. */
  readonly multiple: { readonly of: number; readonly plus: number } | null;
}

/** Reads a text and prepares all that is shown of it. Never throws. */
export function analysePattern(text: string, style: Wording): PatternAnalysis {
  const read = readPatternCached(text);
  const { panel, numbers, complete, wrongSide, multiple, findings } = read;
  if (!panel) return { findings, chart: null, complete, castOn: null, multiple };
  const [first] = panel.rows;
  const again = complete ? repeatOf(text, read) : null;
  const framed = again && again.by !== "panel" ? again : null;
  const repeat = framed ? { from: framed.before, to: framed.before + framed.of } : null;
  return {
    findings,
    chart: chartOf(panel, { wrongSide, numbers, repeat }, style),
    complete,
    castOn: first ? stitchesUsedBy(first) : null,
    multiple: multiple ?? (framed && { of: framed.of, plus: framed.before + framed.after }),
  };
}

/** What stands before a row that could not be read, and is written as it stands. */
const NOT_READ = "Not read: ";

/**
 * The rows of a text written out in a naming and words; empty where none could be read. Where some could not be, they
 * stand in their places as they are written, and the others keep their numbers.
 */
export function writeOut(text: string, style: Wording): string {
  const { panel, wrongSide, round, complete, missing, numbers, written } = readPatternCached(text);
  if (!panel) return "";
  if (complete) return printPattern({ panel, wrongSide, round }, style);
  const lines = panel.rows.map((row, index) => {
    const behind = wrongSide[index] ?? false;
    const heading = `${round ? "Rnd" : "Row"} ${numbers[index] ?? index + 1}${round ? "" : behind ? " (WS)" : " (RS)"}`;
    return {
      at: written[index]?.heading.from ?? 0,
      line: `${heading}: ${rowText(row, behind, panel, style)}.`,
    };
  });
  const places = [...new Map(missing.map((place) => [place.from, place])).values()];
  const unread = places.map(({ from, to }) => ({ at: from, line: NOT_READ + text.slice(from, to).trim() }));
  return [
    ...explained(panel).map(({ line }) => line),
    ...[...lines, ...unread].sort((one, other) => one.at - other.at).map(({ line }) => line),
  ].join("\n");
}
