/** The panels of a pattern, as they can lie in its pieces. */
import { isWrong } from "../instructions/findings";
import { readPattern } from "../instructions/read";
import { repeatOf } from "../instructions/repeated";
import type { ProjectPanel } from "../project/project";
import type { FabricSection } from "../project/sections";
import { say, type Message } from "../words/message";

/** A panel of the pattern, read. */
export interface KnownPanel {
  readonly panel: ProjectPanel;
  readonly rows: number;
  /** Stitches that come again, and what stands once at both sides of them. */
  readonly repeat: { readonly before: number; readonly of: number; readonly after: number };
}

/** Panels by their names in small letters. */
export type KnownPanels = ReadonlyMap<string, KnownPanel>;

/** A panel with its repeat; null where not all of it is read. */
export const repeatOfPanel = (panel: ProjectPanel): KnownPanel | null => {
  const read = readPattern(panel.text);
  const wrong = read.findings.some(isWrong);
  if (!read.panel || !read.complete || wrong) return null;
  return { panel, rows: read.panel.rows.length, repeat: repeatOf(panel.text, read) };
};

type Across = FabricSection["across"][number];

/** A panel over so many stitches, its repeat as often as there is room; or why it does not fit. */
export function panelOver(
  { panel, repeat: { before, of, after } }: KnownPanel,
  stitches: number | null,
): Across | Message {
  const times = stitches === null ? NaN : (stitches - before - after) / of;
  return Number.isInteger(times) && times >= 1
    ? { panelId: panel.id, times, joined: "repeat" }
    : say("patternPanelDoesNotFit", { name: panel.name, of, have: stitches ?? 0, more: before + after });
}

/** "k18", "p2", "panel a over next 12 sts". */
const PLACED =
  /(?<![^ ])(?:([kp]) ?(\d+)(?: sts)?(?= |$)|(?:work )?(?:rows 1 )?([a-z][^]*?) over (?:next )?(\d+) sts(?= |$))/g;

interface Placed {
  readonly across: readonly Across[];
  readonly stitches: number;
}

/** Panels side by side, with knits and purls between them, as they are told from the right; or why they are not. */
export function placedAcross(told: string, panels: KnownPanels): Placed | Message {
  const parts = [...told.matchAll(PLACED)];
  if (parts.length === 0 || told.replace(PLACED, "").trim() !== "") return say("patternNotUnderstood");
  const across: Across[] = [];
  let stitches = 0;
  for (const [, face, count, named = "", over] of parts) {
    const name = named.trim();
    const known = panels.get(name);
    if (face === undefined && !known) return say("patternNoSuchPanel", { name });
    const width = Number(face === undefined ? over : count);
    const one = known
      ? panelOver(known, width)
      : {
          panelId: face === "k" ? "stockinette" : "reverse-stockinette",
          times: width,
          joined: "repeat" as const,
        };
    if ("code" in one) return one;
    across.push(one);
    stitches += width;
  }
  return { across, stitches };
}
