/** Why a purchase costs what it costs, and why it is enough. */
import { say } from "../words/message";
import { orderAdvice } from "../order/advice";
import { THE_SHELF } from "../order/offers";
import { chanceKind, need } from "./balls";
import { sharpest, yarnOf, type ReasonBasis } from "./basis";
import type { AskedFor } from "./asked";
import { product, quotient, sum } from "./expression";
import { constant, figure } from "./figure";
import type { Because } from "./reason";

const planOf = ({ project, answer }: ReasonBasis, asked: AskedFor<"cost" | "boughtChance">) =>
  orderAdvice(project, answer, asked)?.plan ?? null;

/** Balls times their price, of each line that is paid for, and the post. */
export const costReason: Because<"cost"> = (basis, asked) => {
  const plan = planOf(basis, asked);
  if (!plan) return null;
  const sellerOf = (id: string) =>
    asked.market.sellers.find((seller) => seller.id === id)?.name ?? THE_SHELF.name;
  const ballsOf = ({ offer, balls }: (typeof plan.lines)[number]) =>
    figure(say("ballsFrom", { seller: sellerOf(offer.sellerId), lot: offer.lot }), balls, "count");
  const paid = plan.lines.filter(({ offer }) => offer.price > 0);
  const lines = paid.map((line) =>
    product(ballsOf(line), figure("priceOfBall", line.offer.price, "money", { source: "listed" })),
  );
  const post =
    plan.postage > 0 ? [figure("postage", plan.postage, "money", { source: "listed" as const })] : [];
  return {
    figure: { value: plan.cost, kind: "money" },
    formula: sum(...lines, ...post),
    beside: [
      ...plan.lines.filter((line) => !paid.includes(line)).map(ballsOf),
      ...(plan.exact ? [] : [figure("costsAtLeast", plan.atLeast, "money")]),
    ],
  };
};

/** In how many of the drawn projects what is in the basket is enough. */
export const boughtChanceReason: Because<"boughtChance"> = (basis, asked) => {
  const [plan, yarn] = [planOf(basis, asked), yarnOf(basis, asked.yarnId)];
  if (!plan || !yarn) return null;
  const draws = yarn.drawn.needsMm.length;
  return {
    figure: { value: plan.chance, kind: chanceKind(basis) },
    formula: quotient(
      figure("drawsEnough", Math.round(plan.chance * draws), "count"),
      constant("draws", draws, "count"),
    ),
    beside: [
      figure("lengthBought", 1000 * plan.lengthM, "yarn"),
      need(basis, yarn),
      figure("ninetyFiveInHundred", yarn.quantilesMm.p95, "yarn"),
    ],
    sharper: sharpest(basis),
  };
};
