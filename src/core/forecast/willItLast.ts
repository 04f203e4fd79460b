/** Whether a ball lasts: what is left of it by weight, against what the next rows will take, drawn together. */
import { UNLIKE_ROWS } from "../belief/knitted";
import { MOISTURE_SD, scaleSdG } from "../belief/measurementKinds";
import { putUpId } from "../belief/unknowns";
import { END_MM } from "../estimate/longTail";
import { stretchNeed } from "../estimate/stretchNeed";
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
}

/** Lengths left of a ball in each drawn project, in mm, when it was weighed. */
function lengthsLeft(answer: KnownForecast, { yarnId, massG, stepG }: WeighedBall): Float64Array | null {
  const yarn = answer.yarns.find((one) => one.yarn.id === yarnId)?.yarn;
  if (!yarn || yarn.putUp.noMass) return null;
  const { draws } = draw(answer.belief);
  const putUps = draws[answer.belief.axes.indexOf(putUpId(yarnId))];
  const [scale, water] = [normalsFrom(SEED), normalsFrom(SEED + 1)];
  const perG = (1000 * yarn.putUp.lengthM) / yarn.putUp.massG;
  return scale.map((off, index) => {
    const mass = max(0, massG + off * scaleSdG(stepG));
    return mass * perG * exp(MOISTURE_SD * (water[index] ?? 0) + (putUps?.[index] ?? 0));
  });
}

/**
 * How far a ball goes from where it was weighed; null where its yarn has no weight, or the piece is left out.
 * Example: 12 g of 50 g = 82 m are some 20 m, and over rows of 2.4 m it is sure of seven.
 */
export function willItLast(
  answer: KnownForecast,
  ball: WeighedBall,
  { rows, to, certainty }: Asked,
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
  const chanceOf = (need: Float64Array, until: number) => {
    let enough = 0;
    for (let index = 0; index < need.length; index += 1)
      if ((left[index] ?? 0) >= (need[index] ?? 0) + endAt(until)) enough += 1;
    return enough / need.length;
  };
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
  const used = rows > ball.row ? needOf(ball.row, rows) : null;
  const now = left.map((mm, index) => max(0, mm - (used?.[index] ?? 0)) / 1000);
  const next = min(rows + 1, all);
  const row = worked[next - 1];
  return {
    leftM: quantilesOf(percentilesOf(now, 0)),
    sureTo: low,
    joinBefore: joinBefore(worked, low),
    reaches: to.map(reach),
    rowM: middleOf(needOf(rows, next)) / 1000,
    ruleM: row ? (3 * (row.left - row.right) * 100) / gauge.stitchesPer10Cm / 1000 : 0,
  };
}

/** The row behind the last sure one; an earlier one where something crosses in it. Behind the last row there is none. */
function joinBefore(worked: readonly WorkedRow[], sureTo: number): number {
  let row = sureTo + 1;
  while (row > 1 && worked[row - 1]?.row.some((work) => "crossing" in work)) row -= 1;
  return row;
}

const middleOf = (values: Float64Array) => quantilesOf(percentilesOf(values, 0)).p50;
