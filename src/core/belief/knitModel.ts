/** A reading taken while knitting, made ready to be predicted; and how far such readings can be off. */
import type { Beside } from "../estimate/yarnNeed";
import { isAskedPiece, pieceRows, type PiecePlan } from "../estimate/plan";
import type { Pull } from "../garment/stitchContent";
import type { KnitReading } from "../progress/readings";
import { countOf } from "../words/things";
import { MOISTURE_SD, type Explains } from "./measurementKinds";
import type { Deviations } from "./unknowns";

type OfKind<Kind extends KnitReading["kind"]> = Extract<KnitReading, { readonly kind: Kind }>;

/** A reading with the piece that it is of, as that is planned. */
export interface PieceRead {
  readonly reading: Exclude<KnitReading, OfKind<"all">>;
  readonly piece: PiecePlan;
  /** Scale of its draw-in that the piece is planned with. */
  readonly pull: Pull;
}

/** What is left of all balls of a yarn, with all that was knitted of it. */
export interface AllRead {
  readonly reading: OfKind<"all">;
  /** Pieces that were worked, each as often as it was, with how many of its rows. */
  readonly of: readonly PiecePlan[];
  readonly worked: readonly { readonly pieceId: string; readonly rows: number }[];
  /** What was sewn, added and swatched; and what a join takes, in mm. */
  readonly beside: Beside;
  readonly joinMm: number;
}

export type KnitRead = PieceRead | AllRead;

/** A reading made ready to be predicted. */
export interface KnitModel {
  readonly read: KnitRead;
  readonly found: number;
  readonly predict: (of: Deviations) => number;
  /** Standard deviation in ln where it should be so many g or mm. */
  readonly sd: (expected: number) => number;
  readonly asks: { readonly unit: "mm" | "g"; readonly over: string; readonly slips: readonly Explains[] };
}

/**
 * Water in the yarn against its label is the same in all that is weighed at home (`water`, an unknown of its own); what
 * is left of the usual deviation is each weighing's own.
 */
export const WATER_SD = 0.015;
export const OWN_WATER_SD = Math.sqrt(MOISTURE_SD ** 2 - WATER_SD ** 2);
/**
 * Whole balls that nobody weighed are so far off their label, those of one lot together (`fill`, an unknown of its own)
 * and each by itself. Of light balls, in a harsher world, half of this left 75 in 100 truths in the band told for 90.
 */
export const FILL_SD = 0.025;
export const OWN_FILL_SD = 0.01;
/** A ball from which next to nothing was knitted says next to nothing, but not less. */
export const MOST_FILL = 10;
/** Rows of one knitter are not all alike; nor is one evening as another. In ln. */
export const UNLIKE_ROWS = 0.03;
const EVENING_SD = 0.01;

const { hypot, sqrt, max } = Math;

export const rowsOver = (from: number, to: number) => countOf(to - from, "row");

/** A share of all the work that was told by eye is so far off. */
const SHARE_SD = 0.03;

/** How far off, in ln, rows are that are only told as a share of the work; nothing where they were counted. */
export function sharedSd(piece: PiecePlan, from: number, to: number): number {
  if (!isAskedPiece(piece) || to <= from) return 0;
  const all = pieceRows(piece);
  const told = [from, to].filter((row) => row > 0 && row < all).length;
  return (SHARE_SD * sqrt(told)) / ((to - from) / all);
}

export const knitSd = (from: number, to: number) => hypot(EVENING_SD, UNLIKE_ROWS / sqrt(max(1, to - from)));
