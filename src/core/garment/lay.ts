/** Panels laid across a piece and relaxed together: what the estimate stands on. */
import { relaxSection, type SectionFabric } from "../fabric/section";
import type { KnownFabrics, RelaxOptions } from "../fabric/relax";
import type { Project, ProjectPiece } from "../files/project";
import { ropesAcross, withEdges, type Across } from "../panels/across";
import { ropeOf } from "../panels/ropes";

export type Laid = { readonly ok: true; readonly across: Across; readonly fabric: SectionFabric } | Unlaid;

/** Why panels cannot lie across a piece. */
export interface Unlaid {
  readonly ok: false;
  readonly message: string;
}

/** Relaxes panels that lie across a piece. */
export function lay(across: Across, options: RelaxOptions, known?: KnownFabrics): Laid {
  const fabric = relaxSection(withEdges(across), options, known);
  return fabric.ok ? { ok: true, across, fabric } : { ok: false, message: fabric.message };
}

/** The ropes of a piece as panels. */
export const ropesOf = (piece: ProjectPiece): Across => ropesAcross({ ...piece, rope: ropeOf(piece.ropeId) });

/** The ropes of a piece, laid; null where it has a row of panels instead, which have to be read first. */
export const layRopes = (piece: ProjectPiece, aspect: number, known?: KnownFabrics): Laid | null =>
  piece.across.length > 0 ? null : lay(ropesOf(piece), { aspect, blocking: piece.blocking }, known);

/**
 * All that the fabric of a piece hangs on, as a text: two pieces with the same text have the same fabric.
 * Example: more rows or another name leave it, another rope or a change in an own panel does not.
 */
export function fabricBasis(
  { panels }: Pick<Project, "panels">,
  piece: ProjectPiece,
  aspect: number,
): string {
  const { ropeId, lean, ropes, purls, edge, across, mirrored, blocking } = piece;
  const own = across.map(({ panelId }) => panels.find(({ id }) => id === panelId)?.text);
  return JSON.stringify([ropeId, lean, ropes, purls, edge, across, own, mirrored, blocking, aspect]);
}
