/** What a section is worked in, laid across and relaxed: what the estimate stands on. */
import { relaxPanel, type KnownFabrics, type RelaxOptions } from "../fabric/relax";
import { relaxSection, type SectionFabric } from "../fabric/section";
import type { Project, ProjectPiece } from "../project/project";
import type { FabricSection, ProjectSection } from "../project/sections";
import type { ParsedPattern } from "../instructions/read";
import { panelStitches, ropesAcross, withEdges, type Across } from "../panels/across";
import { groundPanel, type GroundId } from "../panels/grounds";
import { ropeOf } from "../panels/ropes";
import { repeatAcross } from "../panels/transforms";

export type Layout =
  | {
      readonly ok: true;
      readonly across: Across;
      readonly fabric: SectionFabric;
      /** Rows that are worked once as they are written; nothing lies across them. */
      readonly written?: ParsedPattern;
    }
  | NoLayout;

/** Why panels cannot lie across a section. */
export interface NoLayout {
  readonly ok: false;
  readonly message: string;
}

/** What lies across each section that begins a fabric, by `keyOfSection`; one that is still being read is missing. */
export type SectionLayouts = ReadonlyMap<string, Layout>;

export const keyOfSection = ({ id }: Pick<ProjectPiece, "id">, section: Pick<ProjectSection, "id">) =>
  `${id} ${section.id}`;

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

/** The ropes of a section as panels. In the round the purls behind the last rope are those before the first. */
export function ropesOf(section: FabricSection, { round }: Pick<ProjectPiece, "round">): Across {
  const flat = ropesAcross({ ...section, rope: ropeOf(section.ropeId) });
  return round ? { ...flat, panels: flat.panels.slice(0, section.ropes) } : flat;
}

/** A section that begins a fabric of its own. */
export function beginsFabric(
  section: ProjectSection,
): section is FabricSection | Extract<ProjectSection, { kind: "hem" }> {
  return section.kind === "hem" || (section.kind === "fabric" && section.content !== "asBefore");
}

/** Lays a section across where that needs no reading; null where panels have to be read first. */
export function layUnread(
  piece: ProjectPiece,
  section: ProjectSection,
  aspect: number,
  known?: KnownFabrics,
): Layout | null {
  const options = { aspect, blocking: piece.blocking };
  if (section.kind === "hem") return layGround(section.ground, options, known);
  if (section.kind !== "fabric") return null;
  if (section.content === "ground") return layGround(section.ground, options, known);
  return section.content === "ropes" ? lay(ropesOf(section, piece), options, known) : null;
}

/** Whether rows of a section have to be read before it can be laid. */
export const needsReading = (section: ProjectSection) =>
  section.kind === "written" || (section.kind === "fabric" && section.content === "panels");

/** Whether a section has to be laid or read before it can be worked. */
export const needsLaying = (section: ProjectSection) =>
  !section.leftOut && (section.kind === "written" || beginsFabric(section));

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
  { round, blocking }: Pick<ProjectPiece, "round" | "blocking">,
  section: ProjectSection,
  aspect: number,
): string {
  const shared = [round, blocking, aspect];
  if (section.kind === "hem") return JSON.stringify([section.ground, ...shared]);
  if (section.kind === "written") return JSON.stringify([section.text]);
  if (section.kind !== "fabric") return "";
  const { content, ropeId, lean, ropes, purls, edge, across, ground } = section;
  if (content === "ground") return JSON.stringify([ground, ...shared]);
  if (content === "ropes") return JSON.stringify([ropeId, lean, ropes, purls, edge, ...shared]);
  const own = across.map(({ panelId }) => panels.find(({ id }) => id === panelId)?.text);
  return JSON.stringify([content, edge, across, own, ...shared]);
}
