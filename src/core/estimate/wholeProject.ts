/** All pieces of a project together: each as often as it is worked, and the joins of all of it. */
import type { Gauge } from "../fabric/plainStitch";
import { millimetres, type Millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { fewestBalls, joinWaste } from "./balls";
import { swatchYarn } from "./edges";
import { LEDGER_PARTS, totalOf, type Ledger, type LedgerPart } from "./ledger";
import { estimatePiece, type PieceEstimate, type PiecePlan } from "./piece";
import type { Unknowns } from "./unknowns";

export interface PlannedPiece {
  readonly id: string;
  /** How often it is worked; a mirrored one takes as much as its twin. */
  readonly times: number;
  readonly plan: PiecePlan;
}

export interface ProjectPlan {
  readonly gauge: Gauge;
  readonly needleMm: Millimetres;
  readonly putUp: PutUp;
  /** Side of a square swatch that the yarn is to hold too, and yarn for extras; 0 for none. */
  readonly swatchMm: Millimetres;
  readonly extrasMm: Millimetres;
  /** In the order of knitting; at least one. */
  readonly pieces: readonly PlannedPiece[];
}

export interface EstimatedPiece extends PlannedPiece {
  readonly estimate: PieceEstimate;
}

export interface ProjectEstimate {
  readonly pieces: readonly EstimatedPiece[];
  readonly ledger: Ledger;
  readonly totalMm: Millimetres;
  /** The fewest balls that hold it; its joins are in the ledger. */
  readonly balls: number;
}

/**
 * The yarn of a project, with `unknowns` as given. The parts of its ledger are those of its pieces, and the
 * joins. Example: a piece worked twice takes twice its yarn, and one join more where that fills another ball.
 */
export function estimateProject(project: ProjectPlan, unknowns?: Unknowns): ProjectEstimate {
  const { pieces, putUp, swatchMm, extrasMm } = project;
  const estimated = pieces.map((piece) => ({ ...piece, estimate: estimatePiece(piece.plan, unknowns) }));
  const sum = (part: LedgerPart) =>
    estimated.reduce((total, { times, estimate }) => total + times * estimate.ledger[part], 0);
  const ofPieces = Object.fromEntries(LEDGER_PARTS.map(({ id }) => [id, sum(id)])) as {
    [Part in LedgerPart]: Millimetres;
  };
  const plain = estimated[0]?.estimate.plain;
  const swatch = plain && swatchMm > 0 ? swatchYarn(swatchMm, plain) : millimetres(0);
  const unjoined = { ...ofPieces, swatch, extras: extrasMm };
  const balls = fewestBalls(totalOf(unjoined), putUp.lengthM);
  const ledger = { ...unjoined, ends: millimetres(unjoined.ends + joinWaste(balls)) };
  return { pieces: estimated, ledger, totalMm: totalOf(ledger), balls };
}
