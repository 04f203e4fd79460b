/** Why so many balls, why so sure, and what is left of them. */
import { joinWaste } from "../estimate/balls";
import { massOf } from "../yarn/putUp";
import { say } from "../words/message";
import { toMetres } from "../units/brands";
import { CERTAINTIES, WIDTH_DRAWS } from "../forecast/forecast";
import { nameOfYarn, sharpest, within, yarnOf, type ReasonBasis } from "./basis";
import { difference, product, quotient, sum, upTo, type Figure } from "./expression";
import { constant, counted, figure } from "./figure";
import type { Because } from "./reason";

type Yarn = NonNullable<ReturnType<typeof yarnOf>>;

export const ballLength = (basis: ReasonBasis, { yarn }: Yarn): Figure =>
  figure("ballLength", 1000 * yarn.putUp.lengthM, "yarn", {
    why: within(basis, { figure: "ballLength", yarnId: yarn.id }),
  });

export const need = (basis: ReasonBasis, { yarn, totalMm }: Yarn): Figure =>
  figure("need", totalMm, "yarn", { why: within(basis, { figure: "need", yarnId: yarn.id }) });

const join = ({ yarn }: Yarn): Figure => figure("join", yarn.joinMm, "size", { source: "constant" });

/** What was not weighed is never told as better than it can be known. */
export const chanceKind = ({ answer }: ReasonBasis) => (answer.weighed ? "chance" : "unweighedChance");

/** By drawn projects: the counts beside one another. By an allowance: rounded up from one figure. */
export const ballsReason: Because<"balls"> = (basis, { yarnId }) => {
  const yarn = yarnOf(basis, yarnId);
  if (!yarn) return null;
  const { school, certainty } = basis.project;
  const chances = yarn.around.map(({ balls, chance }) =>
    figure(say("chanceOfBalls", { balls }), chance, chanceKind(basis), {
      why: within(basis, { figure: "chance", yarnId, balls }),
    }),
  );
  if (school.by === "allowance") {
    const { needMm } = yarn.byAllowance;
    const byRule = figure("needByRule", needMm / (1 + school.percent / 100), "yarn");
    const more = counted("allowance", 1 + school.percent / 100, "times");
    return {
      figure: { value: yarn.advised.balls, kind: "balls" },
      formula: upTo(
        quotient(
          difference(product(byRule, more), join(yarn)),
          difference(ballLength(basis, yarn), join(yarn)),
        ),
        constant("wholeBall", 1, "count"),
      ),
      says: say("ballsByAllowance"),
      beside: chances,
      sharper: sharpest(basis),
    };
  }
  return {
    figure: { value: yarn.advised.balls, kind: "balls" },
    formula: null,
    beside: [
      counted("chanceWanted", CERTAINTIES[certainty], "chance"),
      ...chances,
      need(basis, yarn),
      figure("ninetyFiveInHundred", yarn.quantilesMm.p95, "yarn"),
      ballLength(basis, yarn),
    ],
    sharper: sharpest(basis),
  };
};

/** Of how many drawn projects so many balls are enough for. */
export const chanceReason: Because<"chance"> = (basis, { yarnId, balls, keptWidth = false }) => {
  const yarn = yarnOf(basis, yarnId);
  const of = yarn && (keptWidth ? yarn.atWidth.around : yarn.around).find((one) => one.balls === balls);
  if (!yarn || !of) return null;
  const { needsMm } = yarn.drawn;
  const draws = keptWidth ? Math.min(WIDTH_DRAWS, needsMm.length) : needsMm.length;
  const enough = Math.round(of.chance * draws);
  return {
    name: say("chanceOfBalls", { balls }),
    says: say(keptWidth ? "chanceAtKeptWidth" : "chanceAsWritten"),
    figure: { value: of.chance, kind: chanceKind(basis) },
    formula: quotient(figure("drawsEnough", enough, "count"), constant("draws", draws, "count")),
    beside: [
      figure(
        say("lengthOfBalls", { balls }),
        1000 * balls * yarn.yarn.putUp.lengthM - joinWaste(balls, yarn.yarn.joinMm),
        "yarn",
      ),
      need(basis, yarn),
      figure("ninetyFiveInHundred", yarn.quantilesMm.p95, "yarn"),
      ballLength(basis, yarn),
    ],
    sharper: sharpest(basis),
  };
};

export const leftOverReason: Because<"leftOver"> = (basis, { yarnId }) => {
  const yarn = yarnOf(basis, yarnId);
  if (!yarn) return null;
  const balls = figure("ballsAdvised", yarn.advised.balls, "count", {
    why: within(basis, { figure: "balls", yarnId }),
  });
  return {
    figure: { value: 1000 * yarn.leftOver, kind: "yarn" },
    formula: difference(product(balls, ballLength(basis, yarn)), need(basis, yarn)),
    sharper: sharpest(basis),
  };
};

export const massReason: Because<"mass"> = (basis, { yarnId }) => {
  const yarn = yarnOf(basis, yarnId);
  if (!yarn || yarn.yarn.putUp.noMass) return null;
  const { putUp } = yarn.yarn;
  return {
    figure: { value: massOf(toMetres(yarn.totalMm), putUp), kind: "mass" },
    formula: product(
      quotient(need(basis, yarn), ballLength(basis, yarn)),
      figure("ballMass", putUp.massG, "mass", { source: "band" }),
    ),
    sharper: sharpest(basis),
  };
};

/** The mass of all yarns together. */
export const allMassReason: Because<"allMass"> = (basis) => {
  const each = basis.answer.yarns.filter(({ yarn }) => !yarn.putUp.noMass);
  const masses = each.map((one) => ({ one, g: massOf(toMetres(one.totalMm), one.yarn.putUp) }));
  return {
    figure: { value: masses.reduce((total, { g }) => total + g, 0), kind: "mass" },
    formula: sum(
      ...masses.map(({ one: { yarn }, g }) =>
        figure(nameOfYarn(basis, yarn.id), g, "mass", {
          why: within(basis, { figure: "mass", yarnId: yarn.id }),
        }),
      ),
    ),
    sharper: sharpest(basis),
  };
};
