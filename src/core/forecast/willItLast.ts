/** Whether a ball lasts: what is left of it by weight, against what the next rows will take, drawn together. */
import { UNLIKE_ROWS } from "../belief/knitModel";
import { MOISTURE_SD, scaleSdG } from "../belief/measurementKinds";
import { putUpId } from "../belief/unknowns";
import { END_MM } from "../estimate/longTail";
import type { PiecePlan } from "../estimate/plan";
import { endNeed, stretchNeed } from "../estimate/stretchNeed";
import type { WorkedRow } from "../garment/work/workState";
import { percentilesOf, quantilesOf } from "./ballCounts";
import { CERTAINTIES, draw, type Certainty } from "./forecast";
import { normalsFrom } from "./draws";
import type { KnownForecast } from "./projectForecast";

/** A ball that was weighed, and where on its piece that was. */
export interface WeighedBall {
  readonly pieceId: string;
  readonly yarnId: string;
  /** Rows worked when it was weighed. */
  readonly row: number;
  readonly massG: number;
  /** Step of the scale. */
  readonly stepG: number;
}

/** Something to be reached: so many rows of the piece worked. */
interface Reach {
  readonly rows: number;
  readonly chance: number;
  /** What is needed from the weighing on, in m. */
  readonly needM: number;
}

export interface WillItLast {
  /** In m, now: between the tenth and the ninetieth in a hundred, and the middle. */
  readonly leftM: { readonly p10: number; readonly p50: number; readonly p90: number };
  /** The last row that it reaches for, as surely as the knitter wants to be; the one in hand or before where none. */
  readonly sureTo: number;
  /** The row before which the next ball is best joined: at the beginning of a row in which nothing crosses. */
  readonly joinBefore: number;
  /** Chances for the rows that were asked for. */
  readonly reaches: readonly Reach[];
  /**
   * Where the piece may be stopped and cast off with this ball and the spare ones: behind so many rows, the end of a
   * repeat, no repeat where this one cannot be ended; null where other sections follow.
   */
  readonly stop: { readonly rows: number; readonly repeats: number } | null;
  /** What the next row takes, in m; and what the rule of three widths says of it. */
  readonly rowM: number;
  readonly ruleM: number;
}

const SEED = 40_961;

const { exp, sqrt, max, min } = Math;

/** At these rows' ends the chance is told, and `rows` are worked now. */
interface Asked {
  readonly rows: number;
  readonly to: readonly number[];
  readonly certainty: Certainty;
  /** Whole balls beside it. */
  readonly spare?: number;
}

/** Lengths left of a ball in each drawn project, in mm, when it was weighed. */
function lengthsLeft(answer: KnownForecast, { yarnId, massG, stepG }: WeighedBall, spare = 0) {
  const yarn = answer.yarns.find((one) => one.yarn.id === yarnId)?.yarn;
  if (!yarn || yarn.putUp.noMass) return null;
  const { draws } = draw(answer.belief);
  const putUps = draws[answer.belief.axes.indexOf(putUpId(yarnId))];
  const [scale, water] = [normalsFrom(SEED), normalsFrom(SEED + 1)];
  const perG = (1000 * yarn.putUp.lengthM) / yarn.putUp.massG;
  const spareMm = spare * (1000 * yarn.putUp.lengthM - yarn.joinMm);
  return scale.map((off, index) => {
    const mass = max(0, massG + off * scaleSdG(stepG));
    const lot = exp(putUps?.[index] ?? 0);
    return (mass * perG * exp(MOISTURE_SD * (water[index] ?? 0)) + spareMm) * lot;
  });
}

/**
 * How far a ball goes from where it was weighed; null where its yarn has no weight, or the piece is left out.
 * Example: 12 g of 50 g = 82 m are some 20 m, and over rows of 2.4 m it is sure of seven.
 */
export function willItLast(
  answer: KnownForecast,
  ball: WeighedBall,
  { rows, to, certainty, spare = 0 }: Asked,
): WillItLast | null {
  const piece = answer.plan.pieces.find(({ id }) => id === ball.pieceId);
  const left = lengthsLeft(answer, ball);
  if (!piece || !left) return null;
  const { gauge, likely } = answer.plan;
  const measures = draw(answer.belief).measuresAt(gauge, likely);
  const worked = piece.sections.flatMap((section) => section.worked.rows);
  const all = worked.length;
  const unlike = normalsFrom(SEED + 2);
  const needOf = (from: number, until: number) => {
    const need = stretchNeed(piece, ball.yarnId, { from, to: until }, gauge).drawn(measures);
    const off = UNLIKE_ROWS / sqrt(max(1, until - from));
    return need.map((mm, index) => mm * exp(off * (unlike[index] ?? 0)));
  };
  // Where it is not cast off, an end to weave in is left over.
  const endAt = (until: number) => (until < all ? END_MM : 0);
  const chanceOf = (need: Float64Array, until: number) => shareOf(left, need, endAt(until));
  const reach = (rowsDone: number): Reach => {
    const until = min(rowsDone, all);
    const need = needOf(ball.row, until);
    return { rows: rowsDone, chance: chanceOf(need, until), needM: (middleOf(need) + endAt(until)) / 1000 };
  };
  const isSure = (until: number) => chanceOf(needOf(ball.row, until), until) >= CERTAINTIES[certainty];
  // More rows never need less: the last row that is sure enough is found by halving.
  let [low, high] = [ball.row, all + 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (isSure(middle)) low = middle;
    else high = middle;
  }
  const stop = () => {
    const ending = endNeed(piece, ball.yarnId, rows, gauge)?.drawn(measures);
    const ends = repeatEnds(piece, rows);
    const have = spare > 0 ? lengthsLeft(answer, ball, spare) : left;
    if (!ending || !have) return null;
    const last = ends.findLastIndex((end) => {
      const need = needOf(ball.row, end).map((mm, index) => (end < all ? mm + (ending[index] ?? 0) : mm));
      return shareOf(have, need, 0) >= CERTAINTIES[certainty];
    });
    return { rows: ends[last] ?? rows, repeats: last + 1 };
  };
  const used = rows > ball.row ? needOf(ball.row, rows) : null;
  const now = left.map((mm, index) => max(0, mm - (used?.[index] ?? 0)) / 1000);
  const next = min(rows + 1, all);
  const row = worked[next - 1];
  return {
    leftM: quantilesOf(percentilesOf(now, 0)),
    sureTo: low,
    stop: stop(),
    joinBefore: joinBefore(worked, low),
    reaches: to.map(reach),
    rowM: middleOf(needOf(rows, next)) / 1000,
    ruleM: row ? (3 * (row.left - row.right) * 100) / gauge.stitchesPer10Cm / 1000 : 0,
  };
}

/** In what share of the draws there is enough, with some mm to spare. */
function shareOf(have: Float64Array, need: Float64Array, mm: number): number {
  let enough = 0;
  for (let index = 0; index < need.length; index += 1)
    if ((have[index] ?? 0) >= (need[index] ?? 0) + mm) enough += 1;
  return enough / need.length;
}

/** Ends of the repeats behind so many rows in the section that is worked then, its last row among them. */
function repeatEnds({ sections }: PiecePlan, rows: number): readonly number[] {
  let before = 0;
  for (const { worked } of sections) {
    const { length } = worked.rows;
    if (before + length > rows) {
      const repeat = worked.content?.rows ?? 1;
      const ends = Array.from({ length }, (_, index) => index + 1).filter(
        (row) => row === length || (worked.firstRow + row) % repeat === 0,
      );
      return ends.map((row) => before + row).filter((row) => row > rows);
    }
    before += length;
  }
  return [];
}

/** The row behind the last sure one; an earlier one where something crosses in it. Behind the last row there is none. */
function joinBefore(worked: readonly WorkedRow[], sureTo: number): number {
  let row = sureTo + 1;
  while (row > 1 && worked[row - 1]?.row.some((work) => "crossing" in work)) row -= 1;
  return row;
}

const middleOf = (values: Float64Array) => quantilesOf(percentilesOf(values, 0)).p50;
