/** The chance that so many balls are enough, and how many to buy for the certainty that is wanted: by drawn projects. */
import type { Quantile, BallChance } from "./ballCounts";
import { HOPELESS, percentilesOf, quantilesOf, countedBalls } from "./ballCounts";
import { gramsPerMm } from "../belief/swatchModel";
import type { PutUp } from "../yarn/putUp";
import { putUpId, type UnknownIds, type UnknownId } from "../belief/unknowns";
import { marginal, type Gaussian } from "../belief/prior";
import { joinWaste } from "../estimate/balls";
import { drawnMeasures, type DrawnMeasures, type DrawnUnknowns } from "../estimate/drawnMeasures";
import { yarnNeeds, type YarnNeed } from "../estimate/yarnNeed";
import type { Unknowns } from "../estimate/unknowns";
import { remembering } from "../remember";
import type { ProjectEstimate, ProjectPlan, YarnEstimate } from "../estimate/wholeProject";
import type { Gauge } from "../stitches/plainStitch";
import { metres, millimetres, type Metres, type Millimetres } from "../units/brands";
import { byAllowance, type ByAllowance } from "./allowance";
import { doubtsOf, slopeOfNeed, type Doubt } from "./doubt";
import { drawsOf } from "./draws";

const { exp } = Math;

/** How sure the knitter wants to be. */
export const CERTAINTIES = { daring: 0.8, steady: 0.95, careful: 0.99 } as const;
export type Certainty = keyof typeof CERTAINTIES;

interface DrawnNeed {
  /** What each drawn project needs of the yarn, without joins. */
  readonly needsMm: Float64Array;
  /** How far in ln its balls hold more than their lot is believed to; null where that is sure. */
  readonly putUps: Float64Array | null;
  /** How far in ln the lot is believed to hold more than its band says. */
  readonly putUpMean: number;
}

/** How much of one yarn the project needs, and how many balls of it to buy. */
export interface YarnForecast extends YarnEstimate {
  /** Balls to buy for the certainty wanted, and the chance that they are enough. */
  readonly advised: BallChance;
  /** One fewer (where there is one), the advised, one more. */
  readonly around: readonly BallChance[];
  /** Every count that is neither hopeless nor sure, and the advised one. */
  readonly chances: readonly BallChance[];
  readonly leftOver: Metres;
  /**
   * The chances of the same counts for a knitter who holds on to the width, adding stitches until it is wide enough;
   * and what is advised then.
   */
  readonly atWidth: { readonly advised: BallChance; readonly around: readonly BallChance[] };
  readonly quantilesMm: { readonly [Q in Quantile]: Millimetres };
  /** Yarn that is enough for so many in a hundred of the drawn projects, from 0 to 100, in mm. */
  readonly percentilesMm: readonly number[];
  /** What each school would buy, whichever advises. */
  readonly byModel: BallChance;
  readonly byAllowance: ByAllowance;
  /** The draws behind it, for whoever buys by them. */
  readonly drawn: DrawnNeed;
  readonly doubts: readonly Doubt[];
  /** Slope of ln(yarn needed / yarn in a ball) by each unknown of the belief. */
  readonly slope: Float64Array;
}

/** How the knitter wants balls to be advised. */
export interface Wish {
  readonly certainty: Certainty;
  readonly school: { readonly by: "model" | "allowance"; readonly percent: number };
}

/** What a forecast stands on beside the plan. */
export interface Drawn {
  readonly belief: Gaussian;
  readonly draws: readonly Float64Array[];
  /** The measures of each drawn project that was planned at this gauge, with what is likely off of it. */
  readonly measuresAt: (gauge: Gauge, likely: Unknowns) => DrawnMeasures;
}

/** Projects of the last few beliefs: most changes of a project leave what is doubted of it. */
const MOST_DRAWN = 3;

const drawnOf = remembering(
  MOST_DRAWN,
  ({ axes, covariance }: Gaussian) => `${axes.join()} ${covariance.join()}`,
  (belief) => drawnFrom(belief, drawsOf(belief)),
);

/** Draws the projects of a belief. */
export const draw = (belief: Gaussian): Drawn => ({ ...drawnOf(belief), belief });

/** The measures of draws at the last gauge are kept: most changes of a project leave it. */
function drawnFrom(belief: Gaussian, draws: Drawn["draws"]): Drawn {
  let last: { readonly key: string; readonly measures: DrawnMeasures } | null = null;
  return {
    belief,
    draws,
    measuresAt: (gauge, likely) => {
      const key = JSON.stringify([gauge, likely]);
      if (last?.key !== key)
        last = { key, measures: drawnMeasures(gauge, offBy(belief.axes, draws, likely)) };
      return last.measures;
    },
  };
}

/** Fewer of the drawn projects, for what is only shown as a curve. */
export const fewer = ({ belief, draws }: Drawn, count: number): Drawn =>
  drawnFrom(
    belief,
    draws.map((axis) => axis.subarray(0, count)),
  );

/** What is off of each drawn project that was planned at the middle of the belief: gauge and drift are one. */
function offBy(axes: UnknownIds, draws: Drawn["draws"], likely: Unknowns): DrawnUnknowns {
  const count = draws[0]?.length ?? 0;
  const axis = (id: UnknownId) => draws[axes.indexOf(id)] ?? new Float64Array(count);
  const drifting = (swatched: Float64Array, drift: Float64Array) => {
    const both = Float64Array.from(swatched);
    for (let draw = 0; draw < count; draw += 1) both[draw] = (both[draw] ?? 0) + (drift[draw] ?? 0);
    return both;
  };
  const about = (id: "loop" | "give" | "tail" | "castOff" | "extras" | "amount") =>
    drifting(axis(id), new Float64Array(count).fill(likely[id]));
  return {
    width: drifting(axis("width"), axis("driftWidth")),
    height: drifting(axis("height"), axis("driftHeight")),
    loop: about("loop"),
    give: about("give"),
    drawWidth: axis("drawWidth"),
    drawHeight: axis("drawHeight"),
    tail: about("tail"),
    castOff: about("castOff"),
    extras: about("extras"),
    amount: about("amount"),
  };
}

/** Fewer draws are enough for the second chance: it is told in whole hundredths. */
export const WIDTH_DRAWS = 8000;

/** Masses of drawn needs, in g: each by what its own balls really hold. */
export function drawnMasses(needsMm: Float64Array, putUp: PutUp, putUps: Float64Array | null): Float64Array {
  const perMm = gramsPerMm(putUp);
  return needsMm.map((need, index) => need * perMm * exp(-(putUps?.[index] ?? 0)));
}

/**
 * What the need of a yarn weighs, in g: its share of balls that hold what they really hold, both drawn together, so
 * that what a weighing said of the two is kept. Example: where a ball holds just what its band says, need times g/m.
 */
export function quantilesOfMass({
  yarn: { putUp, joinMm },
  balls,
  drawn: { needsMm, putUps },
}: YarnForecast) {
  const masses = drawnMasses(needsMm, putUp, putUps);
  return quantilesOf(percentilesOf(masses, joinWaste(balls, joinMm) * gramsPerMm(putUp)));
}

/**
 * Forecast for one yarn: twenty thousand projects are drawn from the belief, and counted.
 * Example: with 81 m needed in balls of 85 m and 10 % of doubt, one ball is enough 68 times in 100.
 */
function forecastYarn(
  estimate: YarnEstimate,
  need: YarnNeed,
  { drawn, plan, wish }: { drawn: Drawn; plan: ProjectPlan; wish: Wish },
): YarnForecast {
  const { belief, draws } = drawn;
  const { yarn, balls: fewest } = estimate;
  const { likely } = plan;
  const measures = drawn.measuresAt(plan.gauge, likely);
  const needs = need.drawn(measures);
  const putUps = draws[belief.axes.indexOf(putUpId(yarn.id))] ?? null;
  const wasteMm = joinWaste(fewest, yarn.joinMm);
  const percentilesMm = percentilesOf(needs, wasteMm);
  const wanted = CERTAINTIES[wish.certainty];
  const ruled = byAllowance(estimate, wish.school.percent);
  const wound = { ballMm: yarn.putUp.lengthM * 1000, joinMm: yarn.joinMm };
  const { all, chanceOf, advised: byModel } = countedBalls(needs, wound, putUps, wanted);
  const wide = need.drawn(measures, "width", Math.min(WIDTH_DRAWS, measures.count));
  const atWidth = countedBalls(wide, wound, putUps?.subarray(0, WIDTH_DRAWS) ?? null, wanted);
  const advised = wish.school.by === "allowance" ? chanceOf(ruled.balls) : byModel;
  const slope = slopeOfNeed(belief, likely, need, { yarnId: yarn.id, wasteMm });
  const around = [advised.balls - 1, advised.balls, advised.balls + 1].filter((balls) => balls > 0);
  return {
    ...estimate,
    advised,
    around: around.map(chanceOf),
    atWidth: { advised: atWidth.advised, around: around.map(atWidth.chanceOf) },
    chances: all.filter(({ balls, chance }) => chance > HOPELESS || balls === advised.balls),
    leftOver: metres(advised.balls * yarn.putUp.lengthM - estimate.totalMm / 1000),
    quantilesMm: quantilesOf(percentilesMm.map(millimetres)),
    percentilesMm,
    byModel,
    byAllowance: ruled,
    drawn: { needsMm: needs, putUps, putUpMean: marginal(belief, putUpId(yarn.id)).mean },
    doubts: doubtsOf(belief, slope),
    slope,
  };
}

/** Forecasts for all yarns of a project, in the order of its estimate. */
export function forecastYarns(
  plan: ProjectPlan,
  { yarns }: ProjectEstimate,
  drawn: Drawn,
  wish: Wish,
): readonly YarnForecast[] {
  const needs = yarnNeeds(plan);
  return yarns.flatMap((estimate) => {
    const need = needs.get(estimate.yarn.id);
    return need ? [forecastYarn(estimate, need, { drawn, plan, wish })] : [];
  });
}
