/** What was typed and could not be read: the last good value stands in its place, and the answer has to say so. */
import type { Message } from "../words/message";
import { extraAsks } from "../estimate/extras";
import type { UnitSystem } from "../units/brands";
import { FIGURES, type Figure, type FigureId } from "../project/figures";
import type { Project } from "../project/project";
import { figuresAsked, hasAsked } from "../project/sectionKinds";

export interface RefusedFigure {
  /** Where its text stands in the project's `typed`. */
  readonly key: string;
  readonly id: FigureId;
  readonly text: string;
  readonly message: Message;
  /** Whose it is; null where it is the project's. */
  readonly pieceId: string | null;
  readonly sectionId: string | null;
  readonly swatchId: string | null;
  readonly yarnId: string | null;
  /** The seam or the extra that it is of. */
  readonly item: { readonly of: "seams" | "extras"; readonly id: string } | null;
}

/** Figures that an answer does not stand on. */
const NO_MATTER: readonly FigureId[] = ["sizeAcross", "sizeEase", "sizeAlong"];
/** Figures of what a pattern asks for: an answer stands on them where nothing else is known of the thing. */
const ASKED: readonly FigureId[] = [
  "asksBalls",
  "asksBall",
  "asksLength",
  "asksStitches",
  "asksRows",
  "asksAcross",
  "asksAlong",
];

const NOBODY = { pieceId: null, sectionId: null, swatchId: null, yarnId: null, item: null };

/** Whose a typed text is, as long as that still asks for it; null where nothing hangs on it any more. */
function ownerOf(project: Project, id: FigureId, of: string) {
  if (NO_MATTER.includes(id) || (ASKED.includes(id) && !hasAsked(project))) return null;
  const { yarns, pieces, swatches, school } = project;
  switch (FIGURES[id].of) {
    case "project":
      return id === "allowance" && school.by !== "allowance" ? null : NOBODY;
    case "yarn": {
      const yarn = of === "" ? yarns[0] : yarns.find((one) => one.id === of);
      return yarn ? { ...NOBODY, yarnId: yarn.id } : null;
    }
    case "swatch": {
      const swatch = swatches.find((one) => one.id === of);
      const counts = swatch && yarns.some((yarn) => yarn.id === swatch.yarnId);
      return counts ? { ...NOBODY, swatchId: of } : null;
    }
    case "seam":
      return project.seams.some((one) => one.id === of) && !project.without.includes("seams")
        ? { ...NOBODY, item: { of: "seams" as const, id: of } }
        : null;
    case "extra": {
      const extra = project.extras.find((one) => one.id === of);
      const asked = extra && (id === "extraTimes" || extraAsks(extra).includes(id));
      return asked && !project.without.includes("extras")
        ? { ...NOBODY, item: { of: "extras" as const, id: of } }
        : null;
    }
    case "piece":
      return pieces.some((one) => one.id === of && !one.leftOut) ? { ...NOBODY, pieceId: of } : null;
    case "section":
      for (const piece of pieces) {
        const section = piece.sections.find((one) => one.id === of);
        if (!section || section.leftOut || piece.leftOut) continue;
        return id === "sectionNeedle" || figuresAsked(section).includes(id)
          ? { ...NOBODY, pieceId: piece.id, sectionId: of }
          : null;
      }
      return null;
  }
}

const isFigure = (id: string): id is FigureId => id in FIGURES;
const BOTH: readonly UnitSystem[] = ["metric", "imperial"];

/**
 * Typed figures that could not be read, in the order in which they were typed. Without `units` those that neither
 * system reads. Example: "about five" as a needle is one, and the needle before it stands.
 */
export function refusedFigures(project: Project, units?: UnitSystem): readonly RefusedFigure[] {
  return Object.entries(project.typed).flatMap(([key, text]): readonly RefusedFigure[] => {
    const [id = "", of = ""] = key.split(" ");
    if (!isFigure(id)) return [];
    const figure: Figure<unknown> = FIGURES[id] as unknown as Figure<unknown>;
    if (text.trim() === "" && figure.optional) return [];
    const readings = (units ? [units] : BOTH).map((system) => figure.read(text, system));
    const [first] = readings;
    if (!first || first.ok || readings.some(({ ok }) => ok)) return [];
    const owner = ownerOf(project, id, of);
    return owner ? [{ key, id, text, message: first.message, ...owner }] : [];
  });
}
