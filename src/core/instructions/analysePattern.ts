/** Everything that an editor shows of a text, as plain data: findings, chart, counts, the text told again. */
import { chartOf, type Chart } from "../panels/chart";
import { stitchesUsedBy } from "../panels/panel";
import type { Finding } from "./findings";
import { printPattern } from "./print";
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

/** The rows of a text written out in a naming and words; empty where none could be read. */
export function writeOut(text: string, style: Wording): string {
  const { panel, wrongSide, round } = readPatternCached(text);
  return panel ? printPattern({ panel, wrongSide, round }, style) : "";
}
