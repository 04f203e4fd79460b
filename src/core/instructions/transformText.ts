/** New panels from a panel's text: the text is read, transformed, and printed. */
import type { Panel } from "../panels/panel";
import { endWithRow, joinPanels, mirror, mirrorAboutCentre, repeatUp } from "../panels/transforms";
import { printInManner } from "./print";
import type { Wording } from "../stitches/wording";
import { readPattern } from "./read";
import { multipleLine, repeatOf, takenAcross } from "./repeated";

/** Its repeat twice between its edges: a multiple of 8 + 4 becomes 20 stitches. */
const twiceAcross = (_: Panel, text: string) => joinPanels(takenAcross(text, readPattern(text), 2));

/** Transforms of one panel. One more is one more row. */
interface Transform {
  readonly name: string;
  readonly apply: (panel: Panel, text: string) => Panel | null;
  /** How many repeats are one repeat of what is made; null where it comes again only whole. */
  readonly repeats: number | null;
}

export const TRANSFORMS = {
  mirror: { name: "Mirror", apply: mirror, repeats: 1 },
  centre: { name: "Mirror about the centre", apply: mirrorAboutCentre, repeats: null },
  across: { name: "Twice across", apply: twiceAcross, repeats: 2 },
  up: { name: "Twice up", apply: (panel: Panel) => repeatUp(panel, 2), repeats: 1 },
} as const satisfies Record<string, Transform>;

export type TransformId = keyof typeof TRANSFORMS;

/** A panel read whole, with the way its rows are worked; null where a row of it could not be read. */
function readWhole(text: string) {
  const { panel, complete, wrongSide, round } = readPattern(text);
  return panel && complete ? { panel, manner: { round, firstWrong: wrongSide[0] ?? false } } : null;
}

/** The text of a transformed panel; null where the text has unread rows or the result would be too large. */
export function transformText(text: string, transform: TransformId, style: Wording): string | null {
  const whole = readWhole(text);
  const made = whole && TRANSFORMS[transform].apply(whole.panel, text);
  const { repeats } = TRANSFORMS[transform];
  const line = repeats === null ? "" : multipleLine(repeatOf(text), repeats);
  return made && line + printInManner(made, whole.manner, style);
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
