/** One cabled rectangle, from gauge to yarn. */
import { plainStitch, type Gauge, type PlainStitch } from "../fabric/plainStitch";
import { allStitches, cabledPanel, cabledStitches, type CabledPanelPlan } from "../panels/cabledPanel";
import { CAST_OFF_LOOPS } from "../stitches/operations";
import { millimetres, type Millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { thicknessOf } from "../yarn/thickness";
import { fewestBalls, joinWaste } from "./balls";
import { END_MM, needleSide, tailLength, type TailBasis, type TailSchool } from "./castOn";
import { totalOf, type Ledger } from "./ledger";
import { rowYarn, type RowYarn } from "./rowYarn";
import { MOST_LIKELY, type Unknowns } from "./unknowns";

/** Everything that the yarn of a piece depends on. */
export interface PiecePlan {
  readonly panel: CabledPanelPlan;
  readonly rows: number;
  readonly gauge: Gauge;
  readonly putUp: PutUp;
  readonly needleMm: Millimetres;
  readonly tail: { readonly school: TailSchool; readonly twentyMm: Millimetres };
  /** Width measured across so many stitches of the cabled part. */
  readonly measured: { readonly widthMm: Millimetres; readonly stitches: number } | null;
}

export interface PieceEstimate {
  readonly stitches: number;
  readonly rows: number;
  readonly plain: PlainStitch;
  /** Finished width where it was measured; else what plain stitches would give, which cables pull in. */
  readonly widthMm: Millimetres;
  readonly plainWidthMm: Millimetres;
  readonly heightMm: Millimetres;
  /** Share of the plain width that the cabled part keeps; null where nobody measured. */
  readonly widthFactor: number | null;
  readonly tailBasis: TailBasis;
  readonly ledger: Ledger;
  readonly totalMm: Millimetres;
  /** The fewest balls that hold it; its joins are in the ledger. */
  readonly balls: number;
  /** The yarn of each row of one repeat of the panel, first row first. */
  readonly repeat: readonly RowYarn[];
}

/** The gauge with its deviations: wider stitches are fewer to the width. */
const deviated = ({ stitchesPer10Cm, rowsPer10Cm }: Gauge, { width, height }: Unknowns): Gauge => ({
  stitchesPer10Cm: stitchesPer10Cm * Math.exp(-width),
  rowsPer10Cm: rowsPer10Cm * Math.exp(-height),
});

/** Sum over the rows of the piece, which goes through its repeat again and again. */
function overRows(repeat: readonly RowYarn[], rows: number, part: keyof RowYarn): number {
  const whole = Math.floor(rows / repeat.length);
  return repeat.reduce(
    (sum, row, index) => sum + row[part] * (whole + (index < rows % repeat.length ? 1 : 0)),
    0,
  );
}

/**
 * The yarn of a piece, with `unknowns` as given. All yarn in mm.
 * The draw-in is the plain fabric beyond what the measured width needs; unmeasured, it is 0 and the
 * plain part holds every stitch, so the total is the same.
 */
export function estimatePiece(plan: PiecePlan, unknowns: Unknowns = MOST_LIKELY): PieceEstimate {
  const { panel, rows, putUp, measured } = plan;
  const gauged = plainStitch(deviated(plan.gauge, unknowns));
  const plain: PlainStitch = { ...gauged, loopMm: millimetres(gauged.loopMm * Math.exp(unknowns.loop)) };
  const stitches = allStitches(panel);
  const cabled = cabledStitches(panel);

  const widthFactor = measured ? measured.widthMm / (measured.stitches * plain.widthMm) : null;
  const drawnStitches = cabled * (1 - (widthFactor ?? 1));
  const plainWidthMm = millimetres(stitches * plain.widthMm);
  const widthMm = millimetres(plainWidthMm - drawnStitches * plain.widthMm);

  const repeat = cabledPanel(panel).rows.map((row) => rowYarn(row, plain, unknowns.give));
  const drawInMm = drawnStitches * rows * plain.loopMm;
  const tailBasis: TailBasis = {
    stitches,
    needleMm: plan.needleMm,
    thicknessMm: thicknessOf(putUp),
    twentyMm: plan.tail.twentyMm,
    finishedWidthMm: widthMm,
  };
  const tailMm = tailLength(plan.tail.school, tailBasis, unknowns.tail);
  const unjoined: Ledger = {
    plain: millimetres(overRows(repeat, rows, "plainMm") - drawInMm),
    drawIn: millimetres(drawInMm),
    crossings: millimetres(overRows(repeat, rows, "crossingMm")),
    texture: millimetres(overRows(repeat, rows, "textureMm")),
    castOn: millimetres(needleSide(stitches, plain) + tailMm),
    castOff: millimetres(stitches * CAST_OFF_LOOPS * plain.loopMm * Math.exp(unknowns.castOff)),
    ends: END_MM,
  };
  const balls = fewestBalls(totalOf(unjoined), putUp.lengthM);
  const ledger = { ...unjoined, ends: millimetres(END_MM + joinWaste(balls)) };
  return {
    stitches,
    rows,
    plain,
    widthMm,
    plainWidthMm,
    heightMm: millimetres(rows * plain.heightMm),
    widthFactor,
    tailBasis,
    ledger,
    totalMm: totalOf(ledger),
    balls,
    repeat,
  };
}
