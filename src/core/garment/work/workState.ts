/** What is on the needle while a piece is worked, and what working a section gives. */
import type { Says } from "../../words/message";
import type { CastOff, CastOn } from "../../project/edgeKinds";
import type { ProjectPiece } from "../../project/project";
import type { Colours, ProjectSection, SectionOf } from "../../project/sections";
import type { ParsedPattern } from "../../instructions/read";
import type { PanelRow } from "../../panels/panel";
import type { StitchContent } from "../stitchContent";
import type { Columns } from "../cutRow";
import type { NoLayout } from "../sectionLayout";

/** Which part of a divided piece: all of it, or one side and then the other. */
export type Side = "whole" | "first" | "second";

/**
 * One row as it was worked. Places sideways are in plain stitch widths from the middle of the piece, to the
 * left as the right side is looked at; heights in plain row heights.
 */
export interface WorkedRow {
  readonly row: PanelRow;
  /** Left on the needle behind it, resting ones too. */
  readonly stitches: number;
  readonly right: number;
  readonly left: number;
  readonly height: number;
  /** How far the piece grows by it: nothing where it is folded behind. */
  readonly rise: number;
  /** Column of its panels that its first stitch at the right stands in. */
  readonly firstColumn: number;
}

/** Yarn of an edge that is not in the rows; widths in plain stitch widths. */
export type EdgeWork =
  | { readonly kind: "castOn"; readonly method: CastOn; readonly stitches: number; readonly width: number }
  | { readonly kind: "castOff"; readonly method: CastOff; readonly stitches: number; readonly width: number }
  /** A hem that is sewn down along its width. */
  | { readonly kind: "sewn"; readonly width: number }
  /** An end to weave in that no cast-on or cast-off has. */
  | { readonly kind: "end" };

export interface Needle {
  readonly columns: Columns;
  /** Null until a fabric was begun. */
  readonly content: StitchContent | null;
  /** Rows of the content worked so far. */
  readonly row: number;
  readonly right: number;
  readonly left: number;
}

export interface WorkState {
  readonly needle: Needle;
  /** Stitches left on hold. */
  readonly held: number;
  readonly round: boolean;
  readonly side: Side;
  /** Cast-ons and picked-up edges begin strips; counted from 0. */
  readonly strip: number;
  /** Rows since the strip was begun. */
  readonly worked: number;
}

/** What does not change while a piece is worked. */
export interface WorkPlan {
  readonly piece: Pick<ProjectPiece, "mirrored" | "round" | "sections" | "yarnId">;
  /** The project's yarns in their order: A, B and on where rows of text name them. */
  readonly yarnIds: readonly string[];
  /** What a section that begins a fabric is worked in. */
  readonly contentOf: (section: ProjectSection) => StitchContent | NoLayout;
  /** The rows of a section that is worked as it is written. */
  readonly writtenOf: (section: SectionOf<"written">) => ParsedPattern | NoLayout;
  /** Size of a stitch in a section, against the project's gauge: its needle decides. */
  readonly scaleOf: (section: ProjectSection) => number;
  readonly stitchMm: number;
  readonly rowMm: number;
  readonly foldHems: boolean;
  /** Rows of so many stitches that take what the pattern asks for; or why there are none. */
  readonly askedRows: (
    section: SectionOf<"asked">,
    on: { readonly content: StitchContent; readonly stitches: number },
  ) => number | Says;
  /** What follows a section up to where another strip begins: cast-ons and changes fit what comes. */
  readonly after: (section: ProjectSection) => readonly ProjectSection[];
}

/** What working a section comes to; or why it cannot be worked, and then it is left out. */
export type Worked =
  | { readonly problem: Says }
  | {
      readonly state: WorkState;
      readonly rows: readonly WorkedRow[];
      readonly edges?: readonly EdgeWork[];
      /** Something to think of that keeps nothing from being worked. */
      readonly hint?: Says;
      /** Its colours, where its rows name them. */
      readonly colours?: Colours;
      /** What of it could not be worked, where the rest of it was: the answer is not whole by that. */
      readonly partly?: Says;
    };

export const stitchesOn = ({ columns }: Needle) => columns.length;

/** Width of columns in plain stitch widths. */
export const widthOn = (columns: Columns, content: StitchContent | null, scale: number) =>
  scale * columns.reduce((sum, column) => sum + (content?.widthOf(column) ?? 1), 0);

export const columnsFrom = (first: number, count: number): Columns =>
  Array.from({ length: count }, (_, index) => first + index);

export const EMPTY: Needle = { columns: [], content: null, row: 0, right: 0, left: 0 };

/** The needle with other columns, as wide as they are, around the middle where it was. */
export function centred(
  needle: Needle,
  columns: Columns,
  content: StitchContent | null,
  scale: number,
): Needle {
  const middle = (needle.right + needle.left) / 2;
  const half = widthOn(columns, content, scale) / 2;
  return { columns, content, row: needle.row, right: middle - half, left: middle + half };
}

/** A row over all that is on the needle. */
export const workedOn = (row: PanelRow, { columns, right, left }: Needle, height: number): WorkedRow => ({
  row,
  stitches: columns.length,
  right,
  left,
  height,
  rise: height,
  firstColumn: columns[0] ?? 0,
});

/** The state with its needle after so many rows. */
export const after = (state: WorkState, needle: Needle, rows: number): WorkState => ({
  ...state,
  needle,
  worked: state.worked + rows,
});
