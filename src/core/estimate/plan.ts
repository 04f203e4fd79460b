/** A project as it is planned: pieces worked and counted, seams and extras, ready for their yarn to be calculated. */
import type { WorkedSection } from "../garment/work/workPiece";
import { isAsked } from "../project/sectionKinds";
import type { StitchContent } from "../garment/stitchContent";
import type { Millimetres } from "../units/brands";
import type { TailRule } from "./longTail";
import type { ColourExtras } from "./colourWork";
import type { Tally } from "./tally";

/** A section with all that its yarn depends on, counted once. */
export interface PlannedSection {
  readonly worked: WorkedSection;
  /** What each yarn works of it; its share of the stitches decides its share of the area. */
  readonly shares: readonly { readonly yarnId: string; readonly tally: Tally }[];
  readonly extras: readonly ColourExtras[];
  /** Plain stitches that would cover the same fabric. */
  readonly area: number;
  readonly needleMm: Millimetres;
  /** Share of its plain height that it keeps, where it is worked to a length: then its rows hang on the gauge. */
  readonly toLength: number | null;
}

/** A fabric of a piece, on so many stitches. */
export interface PieceFabric {
  readonly sectionId: string;
  readonly content: StitchContent;
  readonly stitches: number;
}

/** Everything that the yarn of a piece depends on, but the gauge. */
export interface PiecePlan {
  readonly id: string;
  /** How often it is worked; a mirrored one takes as much as its twin. */
  readonly times: number;
  readonly yarnId: string;
  readonly thicknessMm: Millimetres;
  readonly sections: readonly PlannedSection[];
  /** The first panels that are worked, by which draw-in is told; null where nothing is cabled. */
  readonly cabled: PieceFabric | null;
  readonly tail: { readonly school: TailRule; readonly twentyMm: Millimetres };
  /** Standard deviation of the draw-in's scale, as it is believed. */
  readonly drawInSd: number;
}

/** Whether a piece is known only by what its pattern asks for: its rows are shares of the work. */
export const isAskedPiece = ({ sections }: Pick<PiecePlan, "sections">): boolean =>
  sections.some(({ worked }) => isAsked(worked.section));

/** Rows of a piece, those of all its sections. */
export const pieceRows = ({ sections }: PiecePlan): number =>
  sections.reduce((sum, { worked }) => sum + worked.rows.length, 0);

/** An edge of a piece as it is finished. */
export interface SewnEdge {
  readonly pieceId: string;
  readonly lengthMm: Millimetres;
  /** What lies along it: rows of a side, stitches of an end. */
  readonly things: "rows" | "stitches";
  readonly count: number;
  /** Its length in heights of plain rows, or in widths of plain stitches. */
  readonly heights: number;
  readonly widths: number;
}

/** A seam as its yarn is counted; lengths in plain heights, plain widths and mm together. */
export interface SeamPlan {
  readonly id: string;
  /** Piece of its first edge; null where no edge is said. */
  readonly pieceId: string | null;
  readonly yarnId: string;
  readonly times: number;
  readonly heights: number;
  readonly widths: number;
  readonly mm: number;
  /** Sewn length of one. */
  readonly lengthMm: Millimetres;
  readonly of: SewnEdge | null;
  readonly to: SewnEdge | null;
}

/** How many rows or stitches of each edge lie along what is sewn; null where only one edge is told. */
export function meeting({ of, to, lengthMm }: SeamPlan): readonly [number, number] | null {
  if (!of || !to || of.lengthMm <= 0 || to.lengthMm <= 0) return null;
  const along = ({ count, lengthMm: whole }: SewnEdge) => Math.max(1, Math.round((count * lengthMm) / whole));
  return [along(of), along(to)];
}

/** An extra as its yarn is counted, all of them together. */
export interface ExtraPlan {
  readonly id: string;
  readonly yarnId: string;
  readonly loops: number;
  readonly mm: Millimetres;
  readonly guessedMm: Millimetres;
}
