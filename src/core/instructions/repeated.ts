/** A written panel taken so many times across: its repeat again and again, its edges once. */
import type { Panel } from "../panels/panel";
import { stitchesOf } from "../panels/panel";
import { cutIntoRepeats, cutPanel, stitchesTaken, takenByColumns, type PanelRepeat } from "../panels/repeats";
import { isWrong } from "./findings";
import { readPattern, type ReadPattern } from "./read";

export interface WrittenRepeat extends PanelRepeat {
  /**
   * What says so: open repeats of the rows, which are worked over any count; a multiple over rows that count all
   * their stitches; or nothing, and then the whole panel comes again.
   */
  readonly by: "rows" | "columns" | "panel";
}

const isClean = ({ complete, findings, panel }: ReadPattern) =>
  complete && panel !== null && !findings.some(isWrong);

const widthOf = ({ panel }: ReadPattern) => (panel?.rows[0] ? stitchesOf(panel.rows[0]) : 0);

/** More repeats of a row than this are not tried as the repeat of the whole panel. */
const MOST_TRIED = 12;

/** Where one repeat of rows lies that leave their count open: as far from the right as their first row says. */
function openRepeat(text: string, read: ReadPattern): PanelRepeat | null {
  if (!read.repeat) return null;
  const width = widthOf(read);
  const row = read.repeat.to - read.repeat.from;
  // Rows may repeat over fewer stitches than the panel does: what all of them fit is tried upwards.
  for (let of = read.multiple?.of ?? row; of <= Math.min(width, MOST_TRIED * row); of += row) {
    if (!isClean(readPattern(text, width + of))) {
      if (read.multiple) return null;
      continue;
    }
    const beside = read.multiple ? read.multiple.plus : width % of;
    const before = Math.min(read.repeat.from, beside);
    return { before, of, after: beside - before };
  }
  return null;
}

/** Where the columns of a stated multiple lie in rows that count all their stitches: the first place that can be cut. */
function columnsOf({ panel, multiple }: ReadPattern, width: number): PanelRepeat | null {
  if (!panel || !multiple || multiple.of + multiple.plus !== width) return null;
  for (let before = 0; before <= multiple.plus; before += 1) {
    const repeat = { before, of: multiple.of, after: multiple.plus - before };
    if (
      cutPanel(
        panel,
        [before, before + multiple.of].filter((at) => at > 0 && at < width),
      )
    )
      return repeat;
  }
  return null;
}

/**
 * How a written panel comes again. Example: "multiple of 8 + 4" over "P2, *2/2 RC, 2/2 LC; rep from * to last 2 sts,
 * P2" is 2 before, 8 again, 2 after.
 */
export function repeatOf(text: string, read: ReadPattern = readPattern(text)): WrittenRepeat {
  const width = widthOf(read);
  const open = openRepeat(text, read);
  if (open) return { ...open, by: "rows" };
  const columns = columnsOf(read, width);
  return columns ? { ...columns, by: "columns" } : { before: 0, of: width, after: 0, by: "panel" };
}

/** The line that says how a panel of fixed columns comes again; empty where it does so only whole. */
export const multipleLine = ({ by, before, of, after }: WrittenRepeat, times = 1): string =>
  by === "panel" ? "" : `multiple of ${of * times} + ${before + after}\n`;

/**
 * The panels that lie side by side where a written one is taken so many times, from the right. `read` is the text read
 * without errors. Example: a honeycomb of 8 + 4 taken four times is 36 stitches.
 */
export function takenAcross(text: string, read: ReadPattern, times: number): readonly Panel[] {
  const { panel } = read;
  if (!panel) return [];
  const repeat = repeatOf(text, read);
  if (repeat.by === "panel") return Array.from({ length: times }, () => panel);
  if (repeat.by === "columns") return takenByColumns(panel, repeat, times) ?? [panel];
  const { panel: wide } = readPattern(text, stitchesTaken(repeat, times));
  return wide ? cutIntoRepeats(wide, repeat, times) : [panel];
}
