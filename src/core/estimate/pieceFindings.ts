/** What is wrong with a piece, or should be thought of: measures, colours, panels of older files. */
import { say, type Says } from "../words/message";
import { type Project, type ProjectPiece } from "../project/project";
import type { FabricSection, ProjectSection } from "../project/sections";
import { type SectionFinding, type WorkedSection } from "../garment/work/workPiece";
import { cabledStitches, type Across } from "../panels/across";
import { stitchesTaken } from "../panels/repeats";
import { areaCounts, borderShift } from "./colourWork";

/** What a measured panel keeps of its plain width: outside this, something was mistyped. */
const LEAST_KEPT = 0.3;

const MOST_KEPT = 1.2;

/** Something of a section that cannot be so, lacks, or should be thought of. */
export interface PieceFinding extends Omit<SectionFinding, "side"> {
  readonly field: "measuredWidth" | "section" | "colour" | "piece";
}

/** The share of its plain width that a section's cabled part was measured to keep, if that can be so. */
export function tapeOf(
  section: FabricSection,
  across: Across,
  stitchMm: number,
): { tape: number | null; message?: Says } {
  const { widthMm, stitches: counted } = section.measured;
  if (widthMm === null || section.content === "ground") return { tape: null };
  const stitches = counted ?? cabledStitches(across);
  const tape = widthMm / (stitches * stitchMm);
  if (tape >= LEAST_KEPT && tape <= MOST_KEPT) return { tape };
  return {
    tape: null,
    message: say("widthCannotBe", { share: tape, stitches, narrow: tape < LEAST_KEPT }),
  };
}

/** Panels that come again with all their edges, as older files have them: told, so that nobody takes it for the repeat. */
export const wholePanels = ({ id }: ProjectSection, { taken = [] }: Across): readonly PieceFinding[] =>
  taken.flatMap(({ whole, times, stitches, repeat }): readonly PieceFinding[] => {
    const shared = stitchesTaken(repeat, times);
    if (!whole || times === 1 || shared === stitches) return [];
    const message = say("takenWhole", { times, stitches, shared });
    return [{ sectionId: id, field: "section", message, leftOut: false }];
  });

/** Colours of sections that are of no yarn of the project: what they would work is in no answer. */
export const strangeColours = ({ yarns }: Project, { sections }: ProjectPiece): readonly PieceFinding[] =>
  sections.flatMap((section): readonly PieceFinding[] => {
    const strange = section.colours.bands.filter(({ yarnId }) => !yarns.some(({ id }) => id === yarnId));
    if (strange.length === 0) return [];
    const message = say("strangeColour");
    return [{ sectionId: section.id, field: "colour", message, leftOut: true }];
  });

/** Areas that no stitch is left for. */
export const emptyAreas = (sections: readonly WorkedSection[]): readonly PieceFinding[] =>
  sections.flatMap(({ section, rows }): readonly PieceFinding[] => {
    const { colours } = section;
    if (colours.kind !== "areas") return [];
    const at = rows.findIndex(({ stitches }, index) =>
      areaCounts(colours, stitches, borderShift(colours, index)).some((count) => count < 1),
    );
    const row = rows[at];
    if (!row) return [];
    const message = say("areasTooWide", { row: at + 1, stitches: row.stitches });
    return [{ sectionId: section.id, field: "colour", message, leftOut: true }];
  });

/** What is said of both sides of a divided piece is said once. */
export const onlyOnce = (findings: readonly SectionFinding[]): readonly PieceFinding[] =>
  findings
    .filter(
      ({ sectionId, message }, index) =>
        findings.findIndex(
          (one) => one.sectionId === sectionId && JSON.stringify(one.message) === JSON.stringify(message),
        ) === index,
    )
    .map(({ sectionId, message, leftOut }) => ({ sectionId, field: "section", message, leftOut }));
