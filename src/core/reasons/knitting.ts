/** Why some rows take so much yarn, and a ball that was weighed holds so much. */
import { sumCounts } from "../estimate/measures";
import { stretchNeed, usesOfStretch } from "../estimate/stretchNeed";
import { tailMm } from "../estimate/uses";
import { UNLIKE_ROWS } from "../belief/knitModel";
import { say } from "../words/message";
import { ballLength } from "./balls";
import { within, yarnOf, type ReasonBasis } from "./basis";
import { difference, product, quotient, sum, type Figure } from "./expression";
import { counted, figure } from "./figure";
import { plainOf } from "./gauge";
import type { Because } from "./reason";
import { scaled, spelt } from "./counted";

const pieceOf = ({ answer }: ReasonBasis, pieceId: string) =>
  answer.plan.pieces.find(({ id }) => id === pieceId) ?? null;

export const stretchReason: Because<"stretch"> = (basis, { pieceId, yarnId, from, to }) => {
  const piece = pieceOf(basis, pieceId);
  if (!piece || to <= from) return null;
  const { gauge, likely } = basis.answer.plan;
  const uses = usesOfStretch(piece, yarnId, { from, to });
  const tails = uses.flatMap(({ use }) =>
    use.tail ? [figure("tail", tailMm(use.tail, plainOf(basis), likely.tail), "yarn")] : [],
  );
  const lines = [...spelt(basis, "plain", sumCounts(uses.map(scaled))), ...tails];
  if (lines.length === 0) return null;
  return {
    name: say("yarnOfRows", { from: from + 1, to }),
    figure: { value: stretchNeed(piece, yarnId, { from, to }, gauge).at(likely), kind: "yarn" },
    formula: sum(...lines),
    beside: [figure("unlikeRows", UNLIKE_ROWS / Math.sqrt(to - from), "share")],
    sharper: say("sharperLoop"),
  };
};

/** What the scale says of a ball, less what was worked of it since. */
export const ballLeftReason: Because<"ballLeft"> = (basis, { ball, rows }) => {
  const { pieceId, yarnId, row, massG } = ball;
  const [yarn, piece] = [yarnOf(basis, yarnId), pieceOf(basis, pieceId)];
  if (!yarn || !piece || yarn.yarn.putUp.noMass) return null;
  const { putUp } = yarn.yarn;
  const { gauge, likely } = basis.answer.plan;
  const ballMm = 1000 * putUp.lengthM;
  const held = product(
    quotient(
      figure("massLeft", massG, "mass", { source: "measured" }),
      figure("ballMass", putUp.massG, "mass", { source: "band" }),
    ),
    ballLength(basis, yarn),
  );
  const usedMm = rows > row ? stretchNeed(piece, yarnId, { from: row, to: rows }, gauge).at(likely) : 0;
  const used: readonly Figure[] =
    rows > row
      ? [
          figure(say("yarnOfRows", { from: row + 1, to: rows }), usedMm, "yarn", {
            why: within(basis, { figure: "stretch", pieceId, yarnId, from: row, to: rows }),
          }),
        ]
      : [];
  const [since] = used;
  return {
    figure: { value: (massG / putUp.massG) * ballMm - usedMm, kind: "yarn" },
    formula: since ? difference(held, since) : held,
    beside: [counted("scaleStep", ball.stepG, "mass")],
    sharper: say("sharperScale"),
  };
};
