/** A row of written panels, read and laid across a piece. */
import type { KnownFabrics } from "../fabric/relax";
import type { Project, ProjectPiece } from "../files/project";
import type { LaidPieces } from "../forecast/projectForecast";
import { aspectOf } from "../forecast/projectGauge";
import { readPattern } from "../instructions/read";
import { LIBRARY } from "../panels/library";
import type { Panel } from "../panels/panel";
import { mirror } from "../panels/transforms";
import { lay, layRopes, type Laid } from "./lay";

interface Named {
  readonly name: string;
  readonly text: string;
}

const panelOf = (id: string, project: Project): Named | undefined =>
  project.panels.find((panel) => panel.id === id) ?? LIBRARY.find((panel) => panel.id === id);

/** The panel of a text; or a word that says why there is none. */
function readNamed({ name, text }: Named): Panel | string {
  const { panel, complete, findings } = readPattern(text);
  const wrong = findings.find(({ severity }) => severity === "error" || severity === "question");
  if (panel && complete && !wrong) return panel;
  const where = wrong ? ` (line ${wrong.line})` : "";
  return `${name || "A panel without a name"} cannot be read yet${where}: ${wrong?.message ?? "it has no rows."}`;
}

/**
 * Lays what a project's piece has across it: ropes, or panels of the library and of its own, each so many
 * times, from the right. Errors, in words: a panel that is gone, one that cannot be read or relaxed.
 */
export function layPiece(project: Project, piece: ProjectPiece, known?: KnownFabrics): Laid {
  const aspect = aspectOf(project);
  const ropes = layRopes(piece, aspect, known);
  if (ropes) return ropes;
  const panels: Panel[] = [];
  for (const { panelId, times } of piece.across) {
    const named = panelOf(panelId, project);
    if (!named) return { ok: false, message: "A panel of this row is no longer there: choose another one." };
    const panel = readNamed(named);
    if (typeof panel === "string") return { ok: false, message: panel };
    panels.push(...Array.from({ length: times }, () => (piece.mirrored ? mirror(panel) : panel)));
  }
  return lay({ edge: piece.edge, panels }, { aspect, blocking: piece.blocking }, known);
}

/** What lies across every piece of a project, in their order. */
export const layProject = (project: Project, known?: KnownFabrics): LaidPieces =>
  project.pieces.map((piece) => layPiece(project, piece, known));
