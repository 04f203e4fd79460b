/** Laying sections across, and relaxing what lies there. */
import { relaxPanel, type KnownFabrics, type RelaxOptions } from "../fabric/relax";
import { relaxSection } from "../fabric/section";
import type { Project, ProjectPiece } from "../project/project";
import type { ProjectSection } from "../project/sections";
import type { ParsedPattern } from "../instructions/read";
import { panelStitches, withEdges, type Across } from "../panels/across";
import { groundPanel } from "../panels/groundPanel";
import type { GroundId } from "../panels/grounds";
import { repeatAcross } from "../panels/transforms";
import type { LiesIn } from "./kinds/kind";
import { recordOf } from "./kinds/kinds";
import type { Layout } from "./sectionLayout";

/** Relaxes panels that lie side by side. */
export function lay(across: Across, options: RelaxOptions, known?: KnownFabrics): Layout {
  const fabric = relaxSection(withEdges(across), options, known);
  return fabric.ok ? { ok: true, across, fabric } : { ok: false, message: fabric.message };
}

/** A ground is relaxed over about so many stitches, enough that its edges count for little. */
const GROUND_STITCHES = 12;

/** Relaxes a ground by itself. Its one panel is one repeat. */
function layGround(ground: GroundId, options: RelaxOptions, known?: KnownFabrics): Layout {
  const panel = groundPanel(ground);
  const stitches = panelStitches(panel);
  const relaxed = relaxPanel(repeatAcross(panel, GROUND_STITCHES / stitches) ?? panel, options, known);
  if (!relaxed.ok) return relaxed;
  const { widthFactor, heightFactor } = relaxed;
  const one = { stitches, rows: panel.rows.length, widthFactor, heightFactor };
  return {
    ok: true,
    across: { edge: 0, panels: [panel] },
    fabric: { ok: true, stitches, widthFactor, heightFactor, panels: [one] },
  };
}

/** What a section is worked in, where that begins with it; null where it goes on in what is there. */
export const liesIn = (section: ProjectSection, piece: Pick<ProjectPiece, "round">): LiesIn | null =>
  recordOf(section).liesIn?.(section, piece) ?? null;

const FLAT = { round: false };

/** A section that begins a fabric of its own. */
export function beginsFabric(section: ProjectSection): boolean {
  const lies = liesIn(section, FLAT);
  return lies !== null && lies.by !== "text";
}

/** Whether a section fills whatever count is on the needle with a ground. */
export const fillsGround = (section: ProjectSection) => liesIn(section, FLAT)?.by === "ground";

/** Whether a section has to be laid or read before it can be worked. */
export const needsLaying = (section: ProjectSection) => !section.leftOut && liesIn(section, FLAT) !== null;

/** Lays a section across where that needs no reading; null where panels have to be read first. */
export function layUnread(
  piece: ProjectPiece,
  section: ProjectSection,
  aspect: number,
  known?: KnownFabrics,
): Layout | null {
  const options = { aspect, blocking: piece.blocking };
  const lies = liesIn(section, piece);
  if (lies?.by === "ground") return layGround(lies.ground, options, known);
  return lies?.by === "ropes" ? lay(lies.across(), options, known) : null;
}

/** Rows that were read, in the place of what lies across. */
export const layWritten = (written: ParsedPattern): Layout => ({
  ok: true,
  across: { edge: 0, panels: [] },
  fabric: { ok: true, stitches: 0, widthFactor: 1, heightFactor: 1, panels: [] },
  written,
});

/**
 * All that the fabric of a section hangs on, as a text: two sections with the same text have the same fabric.
 * Example: more rows or another needle leave it, another rope or a change in an own panel does not.
 */
export function fabricBasis(
  { panels }: Pick<Project, "panels">,
  piece: Pick<ProjectPiece, "round" | "blocking">,
  section: ProjectSection,
  aspect: number,
): string {
  const shared = [piece.round, piece.blocking, aspect];
  const lies = liesIn(section, piece);
  if (lies === null) return "";
  if (lies.by === "text") return JSON.stringify([lies.text]);
  if (lies.by === "ground") return JSON.stringify([lies.ground, ...shared]);
  if (lies.by === "ropes") return JSON.stringify([...lies.key, ...shared]);
  const { edge, across } = lies.section;
  const own = across.map(({ panelId }) => panels.find(({ id }) => id === panelId)?.text);
  return JSON.stringify(["panels", edge, across, own, ...shared]);
}
