/** All pieces of a project together: each as often as it is worked, and the joins of all of it, by yarn. */
import type { ExtraPlan, PiecePlan, SeamPlan } from "./plan";
import type { Gauge } from "../stitches/plainStitch";
import type { Millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { fewestBalls, joinWaste } from "./balls";
import { swatchYarn } from "./edges";
import { ledgerOf, sumOf, totalOf, type Ledger, type LedgerLine } from "./ledger";
import { deviated, measuresOf } from "./measures";
import { estimatePiece, linesOfUse, type PieceEstimate } from "./piece";
import type { Unknowns } from "./unknowns";
import { takenByExtra, takenBySeam } from "./uses";

export interface PlannedYarn {
  readonly id: string;
  readonly putUp: PutUp;
  /** Standard deviation in ln of what a ball of it holds. */
  readonly putUpSd: number;
  /** What a join of two balls of it takes. */
  readonly joinMm: number;
}

export interface ProjectPlan {
  readonly gauge: Gauge;
  /** What else is off, as it is believed: deviations from this gauge, which are none, and from what is usual. */
  readonly likely: Unknowns;
  readonly needleMm: Millimetres;
  /** The first is the one that the swatch is of. */
  readonly yarns: readonly PlannedYarn[];
  /** Side of a square swatch that the yarn is to hold too; 0 for none. */
  readonly swatchMm: Millimetres;
  readonly seams: readonly SeamPlan[];
  readonly extras: readonly ExtraPlan[];
  /** In the order of knitting; at least one. */
  readonly pieces: readonly PiecePlan[];
}

export interface EstimatedPiece extends PiecePlan {
  readonly estimate: PieceEstimate;
}

export interface YarnEstimate {
  readonly yarn: PlannedYarn;
  readonly ledger: Ledger;
  readonly totalMm: Millimetres;
  /** The fewest balls that hold it; its joins are in the ledger. */
  readonly balls: number;
}

/** A line of the ledger with its piece; null for what belongs to the project. */
export interface ProjectLine extends LedgerLine {
  readonly pieceId: string | null;
  /** The seam or the extra that it is of. */
  readonly itemId?: string;
}

export interface ProjectEstimate {
  /** What it was calculated with. */
  readonly unknowns: Unknowns;
  readonly pieces: readonly EstimatedPiece[];
  /** Of each yarn that is used, in the order of the plan. */
  readonly yarns: readonly YarnEstimate[];
  /** Everything, line by line, those of a piece as often as it is worked: what all sums are sums of. */
  readonly lines: readonly ProjectLine[];
  /** Of all yarns. */
  readonly ledger: Ledger;
  readonly totalMm: Millimetres;
}

/** Yarn of a seam or of an extra, all of its kind together. */
export const yarnOfItem = (lines: readonly ProjectLine[], id: string): Millimetres =>
  sumOf(lines.filter(({ itemId }) => itemId === id));

/** What belongs to no section: the swatch, seams and extras. */
function sharedLines(
  { swatchMm, seams, extras, yarns }: ProjectPlan,
  plain: PieceEstimate["plain"],
  unknowns: Unknowns,
): readonly ProjectLine[] {
  const at = measuresOf(plain, unknowns);
  const { widthMm, heightMm, loopMm } = plain;
  const swatch: readonly ProjectLine[] =
    swatchMm > 0
      ? [
          {
            part: "swatch",
            yarnId: yarns[0]?.id ?? "",
            sectionId: null,
            pieceId: null,
            mm: swatchYarn(swatchMm, widthMm, heightMm, loopMm),
          },
        ]
      : [];
  return [
    ...swatch,
    ...seams.flatMap((seam) =>
      linesOfUse(takenBySeam(seam), at, unknowns).map((line) => ({
        ...line,
        pieceId: seam.pieceId,
        itemId: seam.id,
      })),
    ),
    ...extras.flatMap((extra) =>
      linesOfUse(takenByExtra(extra), at, unknowns).map((line) => ({
        ...line,
        pieceId: null,
        itemId: extra.id,
      })),
    ),
  ];
}

/** The joins of a yarn's lines, in as few balls as hold them. */
function joinsOf({ id, putUp, joinMm }: PlannedYarn, lines: readonly LedgerLine[]) {
  const balls = fewestBalls(sumOf(lines), putUp.lengthM, joinMm);
  const mm = joinWaste(balls, joinMm);
  const line: ProjectLine = { part: "ends", yarnId: id, sectionId: null, pieceId: null, mm };
  return { balls, lines: mm > 0 ? [line] : [] };
}

/**
 * The yarn of a project, with `unknowns` as given. The parts of its ledger are those of its pieces, and the
 * joins. Example: a piece worked twice takes twice its yarn, and one join more where that fills another ball.
 */
export function estimateProject(plan: ProjectPlan, unknowns: Unknowns = plan.likely): ProjectEstimate {
  const pieces = plan.pieces.map((piece) => ({
    ...piece,
    estimate: estimatePiece(piece, plan.gauge, unknowns),
  }));
  const unjoined: readonly ProjectLine[] = [
    ...pieces.flatMap(({ id, times, estimate }) =>
      estimate.lines.map((line) => ({ ...line, mm: times * line.mm, pieceId: id })),
    ),
    ...sharedLines(plan, deviated(plan.gauge, unknowns), unknowns),
  ];
  const yarns = plan.yarns.flatMap((yarn) => {
    const mine = unjoined.filter(({ yarnId }) => yarnId === yarn.id);
    if (mine.length === 0) return [];
    const joins = joinsOf(yarn, mine);
    const ledger = ledgerOf([...mine, ...joins.lines]);
    return [{ yarn, ledger, totalMm: totalOf(ledger), balls: joins.balls, joins: joins.lines }];
  });
  const lines = [...unjoined, ...yarns.flatMap(({ joins }) => joins)];
  const ledger = ledgerOf(lines);
  return { unknowns, pieces, yarns, lines, ledger, totalMm: totalOf(ledger) };
}
