/** Panels laid across a piece and relaxed together: what the estimate stands on. */
import { relaxSection, type SectionFabric } from "../fabric/section";
import type { KnownFabrics, RelaxOptions } from "../fabric/relax";
import type { ProjectPiece } from "../files/project";
import { ropesAcross, withEdges, type Across } from "../panels/across";
import { ropeOf } from "../panels/ropes";

export type Laid = { readonly ok: true; readonly across: Across; readonly fabric: SectionFabric } | Unlaid;

/** Why panels cannot lie across a piece. */
interface Unlaid {
  readonly ok: false;
  readonly message: string;
}

/** Relaxes panels that lie across a piece. */
export function lay(across: Across, options: RelaxOptions, known?: KnownFabrics): Laid {
  const fabric = relaxSection(withEdges(across), options, known);
  return fabric.ok ? { ok: true, across, fabric } : { ok: false, message: fabric.message };
}

/** The ropes of a piece, laid; null where it has a row of panels instead, which have to be read first. */
export function layRopes(piece: ProjectPiece, aspect: number, known?: KnownFabrics): Laid | null {
  if (piece.across.length > 0) return null;
  return lay(
    ropesAcross({ ...piece, rope: ropeOf(piece.ropeId) }),
    { aspect, blocking: piece.blocking },
    known,
  );
}
