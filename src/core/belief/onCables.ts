/** A gauge that was counted on the cables: it says of stitch and draw-in together what a pattern swatch's width says. */
import { isCabled } from "../project/sectionKinds";
import { newSwatch, type Swatch } from "../project/swatches";
import type { Project } from "../project/project";
import { keyOfSection, type SectionLayouts } from "../garment/sectionLayout";
import { swatchPieceId } from "../garment/swatchPiece";

const ON_CABLES_ID = "gauge on the cables";

/**
 * The swatch that such a count is, worked in the first cables of the project, with what lies across it; null where
 * nothing was counted, or nothing is cabled. Example: "38 stitches are 16 cm" is a swatch of them, 16 cm wide.
 */
export function countedOnCables(
  { gauge, yarns, pieces }: Project,
  laid: SectionLayouts,
): { readonly swatch: Swatch; readonly laid: SectionLayouts } | null {
  const { stitches = null, widthMm = null } = gauge.cables ?? {};
  if (stitches === null || widthMm === null) return null;
  for (const piece of pieces)
    for (const section of piece.sections) {
      const lying = isCabled(section) ? laid.get(keyOfSection(piece, section)) : undefined;
      if (!isCabled(section) || !lying?.ok) continue;
      const state = gauge.state ?? "finished";
      const swatch = newSwatch(ON_CABLES_ID, {
        name: "Gauge on the cables",
        yarnId: yarns[0]?.id ?? "",
        needleMm: gauge.needleMm ?? null,
        fabric: { ...section, id: `${ON_CABLES_ID}/fabric`, needleMm: null },
        stitches: null,
        rows: null,
        [state]: { widthMm, stitches, heightMm: null, rows: null },
      });
      const withSwatch = new Map(laid);
      for (const as of ["asKnit", swatch.finish] as const)
        withSwatch.set(keyOfSection({ id: swatchPieceId(swatch, as) }, swatch.fabric), lying);
      return { swatch, laid: withSwatch };
    }
  return null;
}
