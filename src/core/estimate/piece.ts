/** One cabled rectangle, from gauge to yarn. */
import { DRAW_IN_SD } from "../fabric/drawIn";
import { plainStitch, type Gauge, type PlainStitch } from "../fabric/plainStitch";
import type { SectionFabric } from "../fabric/section";
import { allStitches, cabledStitches, withEdges, type Across } from "../panels/across";
import { millimetres, type Millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { thicknessOf } from "../yarn/thickness";
import { aboveRib, crossingsAcross, type AboveRib } from "./aboveRib";
import { END_MM, type TailBasis, type TailSchool } from "./castOn";
import { castOffYarn, castOnYarn, seamYarn, type CastOff, type CastOn } from "./edges";
import { totalOf, type Ledger } from "./ledger";
import { rowYarn, rowsTogether, type RowYarn } from "./rowYarn";
import { MOST_LIKELY, type Unknowns } from "./unknowns";

/** Everything that the yarn of a piece depends on. */
export interface PiecePlan {
  readonly across: Across;
  /** What the mesh says of these panels and edges, side by side. */
  readonly fabric: SectionFabric;
  readonly rows: number;
  readonly gauge: Gauge;
  readonly putUp: PutUp;
  readonly needleMm: Millimetres;
  readonly castOn: CastOn;
  readonly castOff: CastOff;
  /** Seams that run along its whole height and are sewn to other pieces or to itself. */
  readonly seams: number;
  readonly tail: { readonly school: TailSchool; readonly twentyMm: Millimetres };
  /** Width measured across so many stitches of the cabled part. */
  readonly measured: { readonly widthMm: Millimetres; readonly stitches: number } | null;
}

/** Share of the plain size that a piece keeps, and where it is known from. */
interface Kept {
  /** Of the cabled part, as the mesh computes it. */
  readonly computed: number;
  /** Of the cabled part, as it was measured; null where nobody did. */
  readonly measured: number | null;
  /** Of the whole piece with its edges: the measured one where there is one. */
  readonly width: number;
  readonly height: number;
}

export interface PieceEstimate {
  readonly stitches: number;
  readonly rows: number;
  readonly plain: PlainStitch;
  readonly kept: Kept;
  readonly widthMm: Millimetres;
  readonly plainWidthMm: Millimetres;
  readonly heightMm: Millimetres;
  /** The same piece, had the draw-in one standard deviation less or more of its pull. */
  readonly widthBandMm: { readonly wide: Millimetres; readonly narrow: Millimetres };
  readonly aboveRib: AboveRib;
  readonly tailBasis: TailBasis;
  /** Without joins: where they fall hangs on all that is knitted of the yarn. */
  readonly ledger: Ledger;
  readonly totalMm: Millimetres;
  /** The yarn of each row until they come again, first row first. */
  readonly repeat: readonly RowYarn[];
}

/** The swatch and the extras belong to the project. */
const NONE = millimetres(0);

/** Deviation of a measured width in ln. */
const MEASURED_SD = 0.025;

/** The gauge with its deviations: wider stitches are fewer to the width. */
const deviated = ({ stitchesPer10Cm, rowsPer10Cm }: Gauge, { width, height }: Unknowns): Gauge => ({
  stitchesPer10Cm: stitchesPer10Cm * Math.exp(-width),
  rowsPer10Cm: rowsPer10Cm * Math.exp(-height),
});

/** What the piece keeps of its plain width and height. */
function keptBy({ across, fabric, measured }: PiecePlan, plain: PlainStitch): Kept {
  const cabled = cabledStitches(across);
  const inner = across.edge > 0 ? fabric.panels.slice(1, -1) : fabric.panels;
  const computed = inner.reduce((sum, { stitches, widthFactor }) => sum + stitches * widthFactor, 0) / cabled;
  const byTape = measured ? measured.widthMm / (measured.stitches * plain.widthMm) : null;
  return {
    computed,
    measured: byTape,
    width: fabric.widthFactor + (cabled / fabric.stitches) * ((byTape ?? computed) - computed),
    height: fabric.heightFactor,
  };
}

/** How far the width can be off by the draw-in alone. */
function widthBand({ width, measured }: Kept, plainWidthMm: number) {
  const off = (times: number) =>
    measured === null ? width ** Math.exp(times * DRAW_IN_SD) : width * Math.exp(-times * MEASURED_SD);
  return { wide: millimetres(plainWidthMm * off(-1)), narrow: millimetres(plainWidthMm * off(1)) };
}

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
 * The draw-in is the plain fabric beyond what the finished width and height need: the stitches are counted,
 * so it moves yarn from plain to draw-in and leaves the total.
 */
export function estimatePiece(plan: PiecePlan, unknowns: Unknowns = MOST_LIKELY): PieceEstimate {
  const { across, rows, putUp } = plan;
  const gauged = plainStitch(deviated(plan.gauge, unknowns));
  const plain: PlainStitch = { ...gauged, loopMm: millimetres(gauged.loopMm * Math.exp(unknowns.loop)) };
  const stitches = allStitches(across);
  const kept = keptBy(plan, plain);
  const plainWidthMm = millimetres(stitches * plain.widthMm);
  const widthMm = millimetres(plainWidthMm * kept.width);
  const repeat = rowsTogether(withEdges(across), rows, (row) => rowYarn(row, plain, unknowns.give));
  const loopsMm = overRows(repeat, rows, "plainMm");
  const drawInMm = loopsMm * (1 - kept.width * kept.height);
  const tailBasis: TailBasis = {
    stitches,
    needleMm: plan.needleMm,
    thicknessMm: thicknessOf(putUp),
    twentyMm: plan.tail.twentyMm,
    finishedWidthMm: widthMm,
  };
  const edge = { stitches, plain, widthMm };
  const heightMm = millimetres(rows * plain.heightMm * kept.height);
  const ledger: Ledger = {
    plain: millimetres(loopsMm - drawInMm),
    drawIn: millimetres(drawInMm),
    crossings: millimetres(overRows(repeat, rows, "crossingMm")),
    texture: millimetres(overRows(repeat, rows, "textureMm")),
    castOn: castOnYarn(plan.castOn, edge, {
      school: plan.tail.school,
      basis: tailBasis,
      deviation: unknowns.tail,
    }),
    castOff: castOffYarn(plan.castOff, edge, unknowns.castOff),
    seams: seamYarn(plan.seams, heightMm),
    ends: END_MM,
    swatch: NONE,
    extras: NONE,
  };
  return {
    stitches,
    rows,
    plain,
    kept,
    widthMm,
    plainWidthMm,
    heightMm,
    widthBandMm: widthBand(kept, plainWidthMm),
    aboveRib: aboveRib(stitches, kept.width, crossingsAcross(across.panels)),
    tailBasis,
    ledger,
    totalMm: totalOf(ledger),
    repeat,
  };
}
