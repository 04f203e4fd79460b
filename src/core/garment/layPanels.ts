/** A row of written panels, read and laid across a piece. */
import type { KnownFabrics } from "../fabric/relax";
import type { Project, ProjectPiece } from "../files/project";
import type { LaidPieces } from "../forecast/projectForecast";
import { aspectOf } from "../forecast/projectGauge";
import { isWrong } from "../instructions/findings";
import { readPattern } from "../instructions/read";
import type { Across } from "../panels/across";
import { LIBRARY } from "../panels/library";
import type { Panel } from "../panels/panel";
import { mirror } from "../panels/transforms";
import { lay, ropesOf, type Laid, type Unlaid } from "./lay";

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
 * What a project's piece has across it: ropes, or panels of the library and of its own, each so many times,
 * from the right. Errors, in words: a panel that is gone, one that cannot be read.
 */
export function acrossOf(project: Project, piece: ProjectPiece): Across | Unlaid {
  if (piece.across.length === 0) return ropesOf(piece);
  const panels: Panel[] = [];
  for (const { panelId, times } of piece.across) {
    const named = panelOf(panelId, project);
    if (!named) return { ok: false, message: "A panel of this row is no longer there: choose another one." };
    const panel = readNamed(named);
    if (typeof panel === "string") return { ok: false, message: panel };
    panels.push(...Array.from({ length: times }, () => (piece.mirrored ? mirror(panel) : panel)));
  }
  return { edge: piece.edge, panels };
}

/** Lays what a project's piece has across it. Errors, in words: also a panel that cannot be relaxed. */
export function layPiece(project: Project, piece: ProjectPiece, known?: KnownFabrics): Laid {
  const across = acrossOf(project, piece);
  if ("message" in across) return across;
  return lay(across, { aspect: aspectOf(project), blocking: piece.blocking }, known);
}

/** What lies across every piece of a project, in their order. */
export const layProject = (project: Project, known?: KnownFabrics): LaidPieces =>
  project.pieces.map((piece) => layPiece(project, piece, known));
