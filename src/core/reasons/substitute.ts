/** Why a yarn makes such cloth, shows its cables so clearly, and takes so many hours. */
import { candidateClarity } from "../swap/candidateClarity";
import { USUAL_CLARITY } from "../swap/clarity";
import { ownCandidate } from "../swap/candidateYarn";
import { CROSSING_S, hoursFor, workOf } from "../estimate/workTime";
import { texOf } from "../yarn/putUp";
import type { ReasonBasis } from "./basis";
import { product, quotient, root, sum, worth } from "./expression";
import { constant, counted, figure } from "./figure";
import { loop, rowHeight, stitchWidth } from "./gauge";
import type { Because } from "./reason";

const CENTIMETRE = 10;
const MINUTES = 60;
const SECONDS = 3600;

/** Grams in 1000 m of the strand that is knitted with; null where nobody knows its weight. */
function tex({ answer }: ReasonBasis) {
  const [{ yarn }] = answer.yarns;
  return yarn.putUp.noMass ? null : figure("tex", texOf(yarn.putUp), "count", { source: "band" });
}

export const firmnessReason: Because<"firmness"> = (basis) => {
  const fineness = tex(basis);
  if (!fineness) return null;
  const formula = quotient(root(fineness), quotient(loop(basis), constant("centimetre", CENTIMETRE, "fine")));
  return { figure: { value: worth(formula), kind: "times" }, formula };
};

export const clothWeightReason: Because<"clothWeight"> = (basis) => {
  const fineness = tex(basis);
  if (!fineness) return null;
  const formula = quotient(product(fineness, loop(basis)), product(stitchWidth(basis), rowHeight(basis)));
  return { figure: { value: worth(formula), kind: "density" }, formula };
};

/** What an eye sees, point by point: no measurement, so no formula but their sum. */
export const clarityReason: Because<"clarity"> = ({ project, candidateId }) => {
  const candidate = project.swap.candidates.find(({ id }) => id === candidateId) ?? ownCandidate(project);
  if (!candidate) return null;
  const { score, reasons } = candidateClarity(candidate);
  return {
    figure: { value: score, kind: "count" },
    formula: null,
    beside: [
      constant("usualClarity", USUAL_CLARITY, "points"),
      ...reasons.map(({ says, points }) => figure(says, points, "points", { source: "band" })),
    ],
  };
};

export const hoursReason: Because<"hours"> = ({ answer }, { pace }) => {
  const work = workOf(answer.plan);
  return {
    figure: { value: hoursFor(work, pace), kind: "hours" },
    formula: sum(
      quotient(
        counted("stitchesWorked", work.stitches),
        product(counted("pace", pace, "count"), constant("minutesInHour", MINUTES, "count")),
      ),
      ...(work.crossings === 0
        ? []
        : [
            quotient(
              product(
                counted("crossingsWorked", work.crossings),
                constant("crossingSeconds", CROSSING_S, "count"),
              ),
              constant("secondsInHour", SECONDS, "count"),
            ),
          ]),
    ),
  };
};
