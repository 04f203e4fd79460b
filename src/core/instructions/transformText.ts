/** New panels from a panel's text: the text is read, transformed, and printed. */
import type { Panel } from "../panels/panel";
import {
  endWithRow,
  joinPanels,
  mirror,
  mirrorAboutCentre,
  repeatAcross,
  repeatUp,
} from "../panels/transforms";
import { printInManner } from "./print";
import type { Wording } from "../stitches/wording";
import { readPattern } from "./read";

/** Transforms of one panel. One more is one more row. */
export const TRANSFORMS = {
  mirror: { name: "Mirror", apply: mirror },
  centre: { name: "Mirror about the centre", apply: mirrorAboutCentre },
  across: { name: "Twice across", apply: (panel: Panel) => repeatAcross(panel, 2) },
  up: { name: "Twice up", apply: (panel: Panel) => repeatUp(panel, 2) },
} as const satisfies Record<string, { name: string; apply: (panel: Panel) => Panel | null }>;

export type TransformId = keyof typeof TRANSFORMS;

/** A panel read whole, with the way its rows are worked; null where a row of it could not be read. */
function readWhole(text: string) {
  const { panel, complete, wrongSide, round } = readPattern(text);
  return panel && complete ? { panel, manner: { round, firstWrong: wrongSide[0] ?? false } } : null;
}

/** The text of a transformed panel; null where the text has unread rows or the result would be too large. */
export function transformText(text: string, transform: TransformId, style: Wording): string | null {
  const whole = readWhole(text);
  const made = whole && TRANSFORMS[transform].apply(whole.panel);
  return made && printInManner(made, whole.manner, style);
}

/** Two panels side by side, the first at the right. Null where one is not read whole or they need too many rows. */
export function joinTexts(right: string, left: string, style: Wording): string | null {
  const [one, other] = [readWhole(right), readWhole(left)];
  const made = one && other && joinPanels([one.panel, other.panel]);
  return made && printInManner(made, one.manner, style);
}

/** The panel worked up to a named row of its repeat, over at least so many rows. */
export function endTextWithRow(text: string, endRow: number, atLeast: number, style: Wording): string | null {
  const whole = readWhole(text);
  if (!whole || endRow < 1 || endRow > whole.panel.rows.length || atLeast > 2000) return null;
  return printInManner(endWithRow(whole.panel, endRow, atLeast), whole.manner, style);
}
