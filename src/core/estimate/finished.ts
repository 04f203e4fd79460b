/** The measures that a project comes out at, of the section that its size speaks of. */
import { STITCHES } from "../garment/kinds/asked";
import type { Project } from "../project/project";
import { isAsked } from "../project/sectionKinds";
import type { SectionOf } from "../project/sections";
import type { SectionWidth } from "./sectionWidths";

/** What is needed of an estimate, or of what is seen of one. */
interface Estimated {
  readonly pieces: readonly {
    readonly id: string;
    readonly estimate: {
      readonly heightMm: number;
      readonly widths: { readonly main: SectionWidth | null; readonly sections: readonly SectionWidth[] };
    };
  }[];
}

/** What a project comes out at: all round or across, and along. */
export interface Finished {
  readonly acrossMm: number;
  readonly alongMm: number;
}

/**
 * The piece and the section that a size speaks of: those that were chosen, else the fabric that makes up most of the
 * first piece. Null where there is none.
 */
export function sizedBy({ size }: Pick<Project, "size">, { estimate }: { readonly estimate: Estimated }) {
  const chosen = estimate.pieces.find(({ id }) => id === size.of?.pieceId);
  const piece = chosen ?? estimate.pieces[0];
  const widths = piece?.estimate.widths;
  const width = widths?.sections.find(({ sectionId }) => sectionId === size.of?.sectionId) ?? widths?.main;
  return piece && width ? { piece, width } : null;
}

/**
 * The size of what only a pattern asks for: what that was told for, in as many of its stitches as there are now, as wide
 * as they lie, and as long as it is worked.
 */
function sizeAsked(
  { acrossMm, alongMm, stitchesPer10Cm }: Project["asks"],
  { across, along }: SectionOf<"asked">,
  plainWidthMm: number | null,
): Finished | null {
  if (acrossMm === null || alongMm === null) return null;
  const wider =
    stitchesPer10Cm === null || plainWidthMm === null ? 1 : (plainWidthMm / STITCHES / 100) * stitchesPer10Cm;
  return { acrossMm: acrossMm * across * wider, alongMm: alongMm * along };
}

/** The finished measures that a size speaks of, as often as its piece goes round and up. */
export function finishedOf(
  project: Pick<Project, "size" | "asks" | "pieces">,
  answer: { readonly estimate: Estimated },
): Finished | null {
  const asked = project.pieces.flatMap(({ sections }) => sections).find(isAsked);
  if (asked) {
    const widths = answer.estimate.pieces.flatMap(({ estimate }) => estimate.widths.sections);
    const width = widths.find(({ sectionId }) => sectionId === asked.id);
    return sizeAsked(project.asks, asked, width?.plainWidthMm ?? null);
  }
  const found = sizedBy(project, answer);
  if (!found || found.width.widthMm <= 0 || found.piece.estimate.heightMm <= 0) return null;
  const { around, up } = project.size;
  return { acrossMm: around * found.width.widthMm, alongMm: up * found.piece.estimate.heightMm };
}
