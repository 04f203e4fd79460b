/** What knitting itself has measured: yarn that rows took by weight, and their height, as evidence like a swatch's. */
import { END_MM } from "../estimate/longTail";
import { deviated } from "../estimate/measures";
import { pieceRows, type PiecePlan } from "../estimate/plan";
import { stretchNeed } from "../estimate/stretchNeed";
import { recordOf } from "../garment/kinds/kinds";
import type { WorkedSection } from "../garment/work/workPiece";
import type { KnitReading, Weighed } from "../progress/readings";
import type { ProjectPiece } from "../project/project";
import type { Says } from "../words/message";
import { countOf } from "../words/things";
import { GRAM_SLIPS, LENGTH_SLIPS, MOISTURE_SD, scaleSdG, tapeSd, type Explains } from "./measurementKinds";
import { gramsPerMm, washed, weighablePutUp, type SwatchBasis } from "./swatchModel";
import { ofProject, putUpId, type Deviations } from "./unknowns";

/** A reading with the piece that it is of, as that is planned. */
export interface KnitRead {
  readonly reading: KnitReading;
  readonly piece: PiecePlan;
  /** Scale of the piece's draw-in in height that it is planned with. */
  readonly pullHeight: number;
}

/** What became of a reading. */
export interface Knitted {
  /** Name of the event in the log. */
  readonly id: string;
  readonly kind: KnitReading["kind"];
  readonly pieceId: string;
  readonly copy: number;
  readonly yarnId: string | null;
  /** Rows that it is of. */
  readonly from: number;
  readonly to: number;
  /** In g or mm. */
  readonly found: number;
  readonly expected: number;
  readonly taken: boolean;
  readonly question: Says | null;
  readonly impossible: boolean;
}

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
const OWN_WATER_SD = Math.sqrt(MOISTURE_SD ** 2 - WATER_SD ** 2);
/**
 * Whole balls that nobody weighed are so far off their label, those of one lot together (`fill`, an unknown of its own)
 * and each by itself. Of light balls, in a harsher world, half of this left 75 in 100 truths in the band told for 90.
 */
export const FILL_SD = 0.025;
const OWN_FILL_SD = 0.01;
/** A ball from which next to nothing was knitted says next to nothing, but not less. */
const MOST_FILL = 10;
/** Rows of one knitter are not all alike; nor is one evening as another. In ln. */
export const UNLIKE_ROWS = 0.03;
const EVENING_SD = 0.01;
/** Fabric on the needles hangs, and is bunched, beside what a tape is off. */
const HANGING_SD = 0.02;

const { exp, hypot, sqrt, max, min } = Math;

const rowsOver = (from: number, to: number) => countOf(to - from, "row");

const knitSd = (from: number, to: number) => hypot(EVENING_SD, UNLIKE_ROWS / sqrt(max(1, to - from)));

function ballModel(read: KnitRead, { project, gauge }: SwatchBasis): KnitModel | null {
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
      hypot(hypot(startSd, scaleSdG(left.stepG)) / used, OWN_WATER_SD * waterOf(used), knitSd(from, to)),
    asks: { unit: "g", over: rowsOver(from, to), slips: GRAM_SLIPS },
  };
}

function pieceModel(read: KnitRead, { project, gauge }: SwatchBasis): KnitModel | null {
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

function heightModel(read: KnitRead, { gauge, blocking }: SwatchBasis): KnitModel | null {
  const { reading, piece, pullHeight } = read;
  if (reading.kind !== "height" || reading.to < 1) return null;
  // Of fabrics that shrink by their cables the scale of that is an unknown; what is plain is as high as it is.
  const heights = new Map<number, number>();
  for (const { content, rows } of measuredOver(piece, reading.to)) {
    const factor = content?.heightFactor ?? 1;
    for (const { height } of rows) heights.set(factor, (heights.get(factor) ?? 0) + height / factor);
  }
  return {
    read,
    found: reading.heightMm,
    predict: (of) => {
      const off = ofProject(of);
      let rows = 0;
      for (const [factor, sum] of heights) rows += sum * factor ** (exp(off.drawHeight) / pullHeight);
      return rows * deviated(gauge, off).heightMm * exp(-washed(blocking) * of.blockHeight);
    },
    sd: (mm) => hypot(tapeSd(mm), HANGING_SD),
    asks: { unit: "mm", over: rowsOver(0, reading.to), slips: LENGTH_SLIPS },
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

const MODELS = { ball: ballModel, piece: pieceModel, height: heightModel } as const;

const yarnIdsOf = ({ sections, yarnId }: PiecePlan) => [
  ...new Set([yarnId, ...sections.flatMap(({ shares }) => shares.map((share) => share.yarnId))]),
];

/** Makes a reading ready; null where nothing can be expected of it. Example: of a yarn without a weight. */
export const knitModel = (read: KnitRead, basis: SwatchBasis): KnitModel | null =>
  MODELS[read.reading.kind](read, basis);

/** A ball that weighs as much as before, or more, is told of by itself: no logarithm can be taken of that. */
export const isBackwards = ({ found }: KnitModel) => found <= 0;

export const knitted = (
  { read: { reading }, found }: KnitModel,
  became: Pick<Knitted, "expected" | "taken" | "question" | "impossible">,
): Knitted => ({
  id: reading.id,
  kind: reading.kind,
  pieceId: reading.pieceId,
  copy: reading.copy,
  yarnId: reading.kind === "ball" ? reading.yarnId : null,
  from: reading.kind === "ball" ? reading.from : 0,
  to: reading.to,
  found,
  ...became,
});

/** Readings of pieces that are worked, with their plans. */
export const knitReads = (
  readings: readonly KnitReading[],
  plans: readonly PiecePlan[],
  pieces: readonly ProjectPiece[],
  pullHeight: number,
): readonly KnitRead[] =>
  readings.flatMap((reading) => {
    const piece = plans.find(({ id }) => id === reading.pieceId);
    const worked = pieces.some(({ id, times }) => id === reading.pieceId && reading.copy <= times);
    return piece && worked ? [{ reading, piece, pullHeight }] : [];
  });
