/** What can be told of a section by its kind, without the schema: for whoever only looks at sections. */
import type { FigureId } from "./figures";
import type { FabricSection, ProjectSection, SectionKind, SectionOf } from "./sections";

/** Whether a section goes on over many rows in a fabric. */
export const isFabric = (section: ProjectSection): section is FabricSection => section.kind === "fabric";

/** Whether a section is worked in ropes or panels of its own. */
export const isCabled = (section: ProjectSection): section is FabricSection =>
  isFabric(section) && (section.content === "ropes" || section.content === "panels");

/** Whether a section brings the row to another count. */
export const isChange = (section: ProjectSection): section is SectionOf<"change"> =>
  section.kind === "change";

/** Whether a section is shaped over rows. */
export const isShape = (section: ProjectSection): section is SectionOf<"shape"> => section.kind === "shape";

/** Whether a section stands for all that a pattern asks yarn for, with no rows told. */
export const isAsked = (section: Pick<ProjectSection, "kind">): section is SectionOf<"asked"> =>
  section.kind === "asked";

/** Whether a project is known only by what its pattern asks for, in at least one piece that is worked. */
export const hasAsked = ({
  pieces,
}: {
  readonly pieces: readonly { readonly leftOut: boolean; readonly sections: readonly ProjectSection[] }[];
}) =>
  pieces.some(({ leftOut, sections }) => !leftOut && sections.some((one) => isAsked(one) && !one.leftOut));

/** Whether a section casts stitches off at an edge, as an armhole begins. */
export const isArmhole = (section: ProjectSection): section is SectionOf<"castOffAt"> =>
  section.kind === "castOffAt" && section.goes === "off";

/** Whether a section picks its stitches up from an edge: a band begins so. */
export const isPickedUp = (section: ProjectSection): section is SectionOf<"pickUp"> =>
  section.kind === "pickUp";

/** Whether a section joins pieces that were worked before, as a yoke does its sleeves. */
export const isJoin = (section: ProjectSection): section is SectionOf<"join"> => section.kind === "join";

/** Whether a section draws its last stitches together, as at the top of a hat. */
export const isGathered = (section: ProjectSection): section is SectionOf<"castOff"> =>
  section.kind === "castOff" && section.method === "gathered";

interface SectionKindFacts<Kind extends SectionKind> {
  /** Its figures that can be typed, as it stands; what it asked for before it was changed counts no more. */
  readonly asks: (section: SectionOf<Kind>) => readonly FigureId[];
  /** An edge, with no rows of its own, is of one yarn; what is left on a thread is of none. */
  readonly coloured?: "one" | "nothing";
}

const extentAsks = ({ by }: FabricSection): readonly FigureId[] =>
  by === "repeats" ? ["repeats", "endRow"] : [by === "rows" ? "rows" : "length"];

function fabricAsks(section: FabricSection): readonly FigureId[] {
  const measured: readonly FigureId[] = ["edge", "measuredWidth", "measuredStitches"];
  const holes: readonly FigureId[] = section.holes
    ? ["holeCount", "holeStitches", "holeMargin", "holeOver"]
    : [];
  if (section.content === "ropes") return [...extentAsks(section), ...holes, "ropes", "purls", ...measured];
  return [...extentAsks(section), ...holes, ...(section.content === "panels" ? measured : [])];
}

/** What of a kind does not need it to be knitted; how it is worked and grows is in `garment/kinds`. */
const KINDS: { readonly [Kind in SectionKind]: SectionKindFacts<Kind> } = {
  castOn: { asks: () => ["stitches"], coloured: "one" },
  fabric: { asks: fabricAsks },
  change: { asks: () => ["to"] },
  shape: {
    asks: ({ by, over }) =>
      by === "rule" ? ["shaped", "every", "shapings"] : ["to", over === "rows" ? "rows" : "length"],
  },
  written: { asks: () => [] },
  asked: { asks: () => ["askedCabled"] },
  castOffAt: { asks: () => ["atEdge"] },
  shortRows: { asks: () => ["turns", "step"] },
  divide: { asks: () => ["centre"], coloured: "one" },
  join: { asks: () => ["between"], coloured: "one" },
  hold: { asks: () => [], coloured: "nothing" },
  pickUp: { asks: () => ["stitches", "along"] },
  hem: { asks: () => ["hemRows"] },
  castOff: { asks: () => [], coloured: "one" },
};

/** Figures that a section asks for as it stands. Example: a shaping by rule asks for stitches, rows and times. */
export const figuresAsked = (section: ProjectSection): readonly FigureId[] =>
  KINDS[section.kind].asks(section as never);

/** What can be said of a section's colours: that it is of one yarn, of several, or nothing. */
export const colouredBy = ({ kind }: ProjectSection): "one" | "several" | "nothing" =>
  KINDS[kind].coloured ?? "several";

/** The section after `what` was made of it; another kind stays as it is. Example: a fabric over other rows. */
export const withFabric = (
  section: ProjectSection,
  what: (fabric: FabricSection) => Partial<FabricSection>,
): ProjectSection => (isFabric(section) ? { ...section, ...what(section) } : section);

/** Whether anything of a project is worked in ropes or panels: of what is not, nothing is said of cables. */
export const hasCables = ({
  pieces,
}: {
  readonly pieces: readonly { readonly sections: readonly ProjectSection[] }[];
}) =>
  pieces.some(({ sections }) =>
    sections.some((one) => isCabled(one) || (isAsked(one) && one.cabledPercent > 0)),
  );
