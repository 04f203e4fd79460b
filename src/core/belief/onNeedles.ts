/** What is read off on the needles, as it should be: yarn that rows took by weight, whole pieces, heights. */
import { END_MM } from "../estimate/longTail";
import { deviated } from "../estimate/measures";
import { stretchNeed } from "../estimate/stretchNeed";
import { recordOf } from "../garment/kinds/kinds";
import { isAskedPiece, pieceRows, type PiecePlan } from "../estimate/plan";
import type { Pull } from "../garment/stitchContent";
import type { WorkedSection } from "../garment/work/workPiece";
import type { Weighed } from "../progress/readings";
import {
  knitSd,
  MOST_FILL,
  OWN_FILL_SD,
  OWN_WATER_SD,
  rowsOver,
  sharedSd,
  type KnitModel,
  type PieceRead,
} from "./knitModel";
import { GRAM_SLIPS, LENGTH_SLIPS, scaleSdG, tapeSd } from "./measurementKinds";
import { gramsPerMm, washed, weighablePutUp, type SwatchBasis } from "./swatchModel";
import { ofProject, putUpId, type Deviations } from "./unknowns";

/** Fabric on the needles hangs, and is bunched, beside what a tape is off. */
const HANGING_SD = 0.02;

const { exp, hypot, max, min } = Math;

const yarnIdsOf = ({ sections, yarnId }: PiecePlan) => [
  ...new Set([yarnId, ...sections.flatMap(({ shares }) => shares.map((share) => share.yarnId))]),
];

export function ballModel(read: PieceRead, { project, gauge }: SwatchBasis): KnitModel | null {
  const { reading, piece } = read;
  if (reading.kind !== "ball") return null;
  const { from, to, yarnId, begun, left, ends } = reading;
  const putUp = weighablePutUp(project, yarnId);
  if (!putUp) return null;
  const { massG: wholeG } = putUp;
  const perMm = gramsPerMm(putUp);
  const atFirst: Weighed = begun ?? { massG: wholeG, stepG: 0 };
  const found = atFirst.massG - left.massG;
  const need = stretchNeed(piece, yarnId, { from, to }, gauge);
  const endsMm = ends * END_MM;
  // Off a ball that was weighed twice, water makes all of the difference heavier; off a whole one by its label it
  // makes what is left heavier, and the difference less.
  const waterOf = (used: number) => (begun ? 1 : -min(1, left.massG / max(used, 1)));
  const fillOf = (used: number) => (begun ? 0 : -min(MOST_FILL, wholeG / max(used, 1)));
  const startSd = begun ? scaleSdG(atFirst.stepG) : OWN_FILL_SD * wholeG;
  return {
    read,
    found,
    predict: (of) => {
      const grams = (need.at(ofProject(of)) + endsMm) * perMm * exp(-(of[putUpId(yarnId)] ?? 0));
      return grams * exp(waterOf(grams) * (of.water ?? 0) + fillOf(grams) * (of.fill ?? 0));
    },
    sd: (used) =>
      hypot(
        hypot(startSd, scaleSdG(left.stepG)) / used,
        OWN_WATER_SD * waterOf(used),
        knitSd(from, to),
        sharedSd(piece, from, to),
      ),
    asks: { unit: "g", over: rowsOver(from, to), slips: GRAM_SLIPS },
  };
}

export function pieceModel(read: PieceRead, { project, gauge }: SwatchBasis): KnitModel | null {
  const { reading, piece } = read;
  const rows = pieceRows(piece);
  if (reading.kind !== "piece" || reading.to < rows) return null;
  const each = yarnIdsOf(piece).map((yarnId) => {
    const putUp = weighablePutUp(project, yarnId);
    const need = stretchNeed(piece, yarnId, { from: 0, to: rows }, gauge);
    return putUp && { yarnId, perMm: gramsPerMm(putUp), need };
  });
  if (each.some((one) => one === null)) return null;
  return {
    read,
    found: reading.massG,
    predict: (of) => {
      const off = ofProject(of);
      return each.reduce(
        (sum, one) =>
          one
            ? sum + one.need.at(off) * one.perMm * exp((of.water ?? 0) - (of[putUpId(one.yarnId)] ?? 0))
            : sum,
        0,
      );
    },
    sd: (mass) => hypot(scaleSdG(reading.stepG) / mass, OWN_WATER_SD, knitSd(0, rows)),
    asks: { unit: "g", over: rowsOver(0, rows), slips: GRAM_SLIPS },
  };
}

export function heightModel(read: PieceRead, { gauge, blocking }: SwatchBasis): KnitModel | null {
  const { reading, piece, pull } = read;
  // What is only asked for is of no height that anybody knows.
  if (reading.kind !== "height" || reading.to < 1 || isAskedPiece(piece)) return null;
  const high = rowsHigh(piece, reading.to, pull);
  return {
    read,
    found: reading.heightMm,
    predict: (of) => {
      const off = ofProject(of);
      return high(off) * deviated(gauge, off).heightMm * exp(-washed(blocking) * of.blockHeight);
    },
    sd: (mm) => hypot(tapeSd(mm), HANGING_SD),
    asks: { unit: "mm", over: rowsOver(0, reading.to), slips: LENGTH_SLIPS },
  };
}

/** How high the first `to` rows of a piece lie, in plain rows, for a vector of unknowns. */
export function rowsHigh(
  piece: PiecePlan,
  to: number,
  pull: Pull,
): (of: Pick<Deviations, "drawHeight">) => number {
  // Of fabrics that shrink by their cables the scale of that is an unknown; what is plain is as high as it is.
  const heights = new Map<number, number>();
  for (const { content, rows } of measuredOver(piece, to)) {
    const factor = content?.heightFactor ?? 1;
    for (const { height } of rows) heights.set(factor, (heights.get(factor) ?? 0) + height / factor);
  }
  return ({ drawHeight }) => {
    let rows = 0;
    for (const [factor, sum] of heights) rows += sum * factor ** (exp(drawHeight) / pull.height);
    return rows;
  };
}

/** The first `to` rows of a piece that lie on one another up to the needles: of one strip, and of one side. */
function measuredOver(
  { sections }: PiecePlan,
  to: number,
): readonly Pick<WorkedSection, "content" | "rows">[] {
  let before = 0;
  let strip: WorkedSection[] = [];
  for (const { worked } of sections) {
    if (before >= to) break;
    if (recordOf(worked.section).beginsStrip) strip = [];
    if (worked.side === "second") strip = strip.filter(({ side }) => side !== "first");
    strip.push({ ...worked, rows: worked.rows.slice(0, to - before) });
    before += worked.rows.length;
  }
  return strip;
}
