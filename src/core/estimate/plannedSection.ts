/** A worked section, counted: what all that is reckoned of a piece stands on. */
import type { WorkedSection } from "../garment/work/workPiece";
import type { Millimetres } from "../units/brands";
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
