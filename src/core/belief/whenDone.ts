/** What is read off when all is done, as it should be: the size of a piece, and what is left of all balls. */
import { joinWaste } from "../estimate/balls";
import { deviated } from "../estimate/measures";
import { isAskedPiece, pieceRows } from "../estimate/plan";
import { widthsOf } from "../estimate/sectionWidths";
import { stretchNeed } from "../estimate/stretchNeed";
import { besideNeed } from "../estimate/yarnNeed";
import { plainStitch } from "../stitches/plainStitch";
import {
  knitSd,
  MOST_FILL,
  OWN_FILL_SD,
  OWN_WATER_SD,
  rowsOver,
  sharedSd,
  type AllRead,
  type KnitModel,
  type PieceRead,
} from "./knitModel";
import { GRAM_SLIPS, LENGTH_SLIPS, scaleSdG, tapeSd } from "./measurementKinds";
import { rowsHigh } from "./onNeedles";
import { gramsPerMm, weighablePutUp, type SwatchBasis } from "./swatchModel";
import { ofProject, putUpId } from "./unknowns";

const { exp, hypot, min, sqrt } = Math;

/** A finished piece that was measured; of one whose width was typed, that says what the tape would. */
export function sizeModel(read: PieceRead, { gauge }: SwatchBasis): KnitModel | null {
  const { reading, piece, pull } = read;
  if (reading.kind !== "size" || reading.to < 1 || isAskedPiece(piece)) return null;
  const told = {
    read,
    found: reading.mm,
    sd: tapeSd,
    asks: { unit: "mm", over: rowsOver(0, reading.to), slips: LENGTH_SLIPS },
  } as const;
  if (reading.which === "along") {
    const high = rowsHigh(piece, reading.to, pull);
    return {
      ...told,
      predict: (of) => {
        const off = ofProject(of);
        return high(off) * deviated(gauge, off).heightMm;
      },
    };
  }
  const plain = plainStitch(gauge);
  const { main } = widthsOf(piece.sections, plain, 0);
  if (!main || main.kept.measured !== null) return null;
  const stitches = main.plainWidthMm / plain.widthMm;
  return {
    ...told,
    predict: (of) => {
      const off = ofProject(of);
      return stitches * main.kept.all ** (exp(off.drawWidth) / pull.width) * deviated(gauge, off).widthMm;
    },
  };
}

/** All balls of a yarn, less what is left of them: what everything took that was worked, sewn and added. */
export function allModel(read: AllRead, { project, gauge }: SwatchBasis): KnitModel | null {
  const { reading, of: pieces, worked, beside, joinMm } = read;
  const { yarnId, balls, massG: leftG, stepG } = reading;
  const putUp = weighablePutUp(project, yarnId);
  if (!putUp || worked.length === 0) return null;
  const wholeG = balls * putUp.massG;
  const needs = worked.flatMap(({ pieceId, rows }) => {
    const piece = pieces.find(({ id }) => id === pieceId);
    return piece ? [stretchNeed(piece, yarnId, { from: 0, to: min(rows, pieceRows(piece)) }, gauge)] : [];
  });
  const sewn = besideNeed(beside, { yarnId, first: project.yarns[0]?.id ?? "" }, gauge);
  const waste = joinWaste(balls, joinMm);
  const rows = worked.reduce((sum, one) => sum + one.rows, 0);
  const told = worked.map(({ pieceId, rows: to }) => {
    const piece = pieces.find(({ id }) => id === pieceId);
    return piece ? sharedSd(piece, 0, min(to, pieceRows(piece))) : 0;
  });
  const perMm = gramsPerMm(putUp);
  return {
    read,
    found: wholeG - leftG,
    predict: (of) => {
      const off = ofProject(of);
      const mm = needs.reduce((sum, need) => sum + need.at(off), sewn.at(off) + waste);
      const grams = mm * perMm * exp(-(of[putUpId(yarnId)] ?? 0));
      // Water makes what is left heavier; whole balls are as far off their label as all of that lot are.
      const water = -min(1, leftG / grams);
      const fill = -min(MOST_FILL, wholeG / grams);
      return grams * exp(water * (of.water ?? 0) + fill * (of.fill ?? 0));
    },
    sd: (used) =>
      hypot(
        hypot(OWN_FILL_SD * putUp.massG * sqrt(balls), scaleSdG(stepG)) / used,
        (OWN_WATER_SD * leftG) / used,
        knitSd(0, rows),
        ...told,
      ),
    asks: { unit: "g", over: rowsOver(0, rows), slips: GRAM_SLIPS },
  };
}
