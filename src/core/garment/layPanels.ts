/** Rows of written panels, read and laid across; and everything that lies in a project. */
import type { KnownFabrics } from "../fabric/relax";
import type { Project, ProjectPiece } from "../files/project";
import type { FabricSection } from "../files/sections";
import { isWrong } from "../instructions/findings";
import { readPattern } from "../instructions/read";
import type { Across } from "../panels/across";
import { groundPanel } from "../panels/grounds";
import { LIBRARY } from "../panels/library";
import type { Panel } from "../panels/panel";
import {
  beginsFabric,
  keyOfSection,
  lay,
  layUnread,
  needsReading,
  ropesOf,
  type LaidSections,
  type Unlaid,
} from "./lay";
import { aspectOf } from "./projectGauge";
import { piecesAndSwatches } from "./swatchPiece";

interface Named {
  readonly name: string;
  readonly text: string;
}

const panelOf = (id: string, project: Project): Named | undefined =>
  project.panels.find((panel) => panel.id === id) ?? LIBRARY.find((panel) => panel.id === id);

/** The panel of a text; or a word that says why there is none. */
function readNamed({ name, text }: Named): Panel | string {
  const { panel, complete, findings } = readPattern(text);
  const wrong = findings.find(isWrong);
  if (panel && complete && !wrong) return panel;
  const where = wrong ? ` (line ${wrong.line})` : "";
  return `${name || "A panel without a name"} cannot be read yet${where}: ${wrong?.message ?? "it has no rows."}`;
}

/**
 * What a section has across it: ropes, a ground, or panels of the library and of the project, each so many
 * times, from the right, before any mirror. Errors, in words: no panel, one that is gone, one that cannot be read.
 */
export function acrossOf(project: Project, piece: ProjectPiece, section: FabricSection): Across | Unlaid {
  if (section.content === "ropes") return ropesOf(section, piece);
  if (section.content === "ground") return { edge: 0, panels: [groundPanel(section.ground)] };
  if (section.across.length === 0) return { ok: false, message: "No panel is chosen yet: put one in." };
  const panels: Panel[] = [];
  for (const { panelId, times } of section.across) {
    const named = panelOf(panelId, project);
    if (!named) return { ok: false, message: "A panel of this row is no longer there: choose another one." };
    const panel = readNamed(named);
    if (typeof panel === "string") return { ok: false, message: panel };
    panels.push(...Array.from({ length: times }, () => panel));
  }
  return { edge: section.edge, panels };
}

/** What lies across every section of a project that begins a fabric. */
export function layProject(project: Project, known?: KnownFabrics): LaidSections {
  const aspect = aspectOf(project);
  const all = piecesAndSwatches(project).flatMap((piece) =>
    piece.sections.map((section) => ({ piece, section })),
  );
  return new Map(
    all.flatMap(({ piece, section }) => {
      if (!beginsFabric(section)) return [];
      if (!needsReading(section)) {
        const laid = layUnread(piece, section, aspect, known);
        return laid ? [[keyOfSection(piece, section), laid] as const] : [];
      }
      const across = section.kind === "fabric" ? acrossOf(project, piece, section) : null;
      if (!across) return [];
      const laid = "message" in across ? across : lay(across, { aspect, blocking: piece.blocking }, known);
      return [[keyOfSection(piece, section), laid] as const];
    }),
  );
}
