/** The chance that so many balls are enough, and how many to buy for the certainty that is wanted. */
import { joinWaste } from "../estimate/balls";
import type { ProjectEstimate, ProjectPlan, YarnEstimate } from "../estimate/wholeProject";
import type { GaugeSources } from "../garment/projectGauge";
import { metres, millimetres, type Metres, type Millimetres } from "../units/brands";
import { doubtsOf, swingsOf, type Doubt } from "./doubt";
import { QUANTILES, chanceBelow, type Quantile } from "./normal";

/** How sure the knitter wants to be. */
const CERTAINTIES = { daring: 0.8, steady: 0.95, careful: 0.99 } as const;
export type Certainty = keyof typeof CERTAINTIES;

/** Chances below and above these are not worth a line. */
const HOPELESS = 0.001;
const CERTAIN = 0.999;

export interface BallChance {
  readonly balls: number;
  readonly chance: number;
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
  readonly quantilesMm: { readonly [Q in Quantile]: Millimetres };
  readonly doubts: readonly Doubt[];
}

/**
 * Forecast for one yarn, in first order: ln(need) is normal about the estimate.
 * Example: with 81 m needed in balls of 85 m and 10 % of doubt, one ball is enough 68 times in 100.
 */
function forecastYarn(estimate: YarnEstimate, doubts: readonly Doubt[], certainty: Certainty): YarnForecast {
  const sd = Math.sqrt(doubts.reduce((sum, doubt) => sum + doubt.sd ** 2, 0));
  const needSd = Math.sqrt(
    doubts.reduce((sum, doubt) => sum + (doubt.id === "putUp" ? 0 : doubt.sd ** 2), 0),
  );
  const { lengthM } = estimate.yarn.putUp;
  const withoutJoinsMm = estimate.totalMm - joinWaste(estimate.balls);
  const chanceOf = (balls: number): BallChance => ({
    balls,
    chance: chanceBelow(Math.log((balls * lengthM * 1000 - joinWaste(balls)) / withoutJoinsMm) / sd),
  });
  let [advised, last] = [chanceOf(1), chanceOf(1)];
  const chances = [last];
  while (last.chance < CERTAIN) {
    last = chanceOf(last.balls + 1);
    chances.push(last);
    if (advised.chance < CERTAINTIES[certainty]) advised = last;
  }
  return {
    ...estimate,
    advised,
    around: [advised.balls - 1, advised.balls, advised.balls + 1].filter((balls) => balls > 0).map(chanceOf),
    chances: chances.filter(({ balls, chance }) => chance > HOPELESS || balls === advised.balls),
    leftOver: metres(advised.balls * lengthM - estimate.totalMm / 1000),
    quantilesMm: Object.fromEntries(
      Object.entries(QUANTILES).map(([name, z]) => [
        name,
        millimetres(estimate.totalMm * Math.exp(z * needSd)),
      ]),
    ) as YarnForecast["quantilesMm"],
    doubts,
  };
}

/** Forecasts for all yarns of a project, in the order of its estimate. */
export function forecastYarns(
  plan: ProjectPlan,
  { yarns }: ProjectEstimate,
  sources: GaugeSources,
  certainty: Certainty,
): readonly YarnForecast[] {
  const swings = swingsOf(plan, sources);
  return yarns.map((estimate) =>
    forecastYarn(estimate, doubtsOf(swings, estimate.yarn, joinWaste(estimate.balls)), certainty),
  );
}
