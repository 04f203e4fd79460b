/** Why a seam, an extra and the tail of a cast-on take so much yarn. */
import { SEAM_TIMES } from "../estimate/edges";
import { extraName } from "../estimate/extras";
import { END_MM, MEASURED_OFF_MM, type TAIL_RULES } from "../estimate/longTail";
import { sumCounts } from "../estimate/measures";
import { seamName } from "../estimate/seamName";
import {
  tailBasis,
  tailMm,
  takenByExtra,
  takenBySeam,
  usesOfPiece,
  yarnOfUse,
  type Use,
} from "../estimate/uses";
import { say } from "../words/message";
import type { ReasonBasis } from "./basis";
import { product, sum, upTo, type Expression, type Figure } from "./expression";
import { spelt } from "./counted";
import { constant, counted, figure } from "./figure";
import { measuresAt, plainOf } from "./gauge";
import type { Because } from "./reason";

const { exp, PI } = Math;

/** Several of a thing. */
export const often = (times: number, one: Expression) =>
  times === 1 ? one : product(counted("timesWorked", times), one);

const firstTail = ({ answer }: ReasonBasis, pieceId: string) => {
  const piece = answer.plan.pieces.find(({ id }) => id === pieceId);
  return piece ? usesOfPiece(piece).find(({ tail }) => tail) : undefined;
};

export const isFirstTail = (basis: ReasonBasis, pieceId: string, use: Use) =>
  firstTail(basis, pieceId) === use;

export const seamReason: Because<"seam"> = (basis, { id }) => {
  const { project, answer } = basis;
  const [seam, plan] = [
    project.seams.find((one) => one.id === id),
    answer.plan.seams.find((one) => one.id === id),
  ];
  if (!seam || !plan) return null;
  const each = sum(
    product(constant("seamTimes", SEAM_TIMES), figure("seamLength", plan.lengthMm, "size")),
    product(constant("endsOfIt", 2, "count"), constant("end", END_MM, "size")),
  );
  const formula = often(plan.times, each);
  return {
    name: seamName(project, seam),
    figure: { value: yarnOfUse(takenBySeam(plan), measuresAt(basis), answer.plan.likely), kind: "yarn" },
    formula,
  };
};

export const extraReason: Because<"extra"> = (basis, { id }) => {
  const { project, answer } = basis;
  const [extra, plan] = [
    project.extras.find((one) => one.id === id),
    answer.plan.extras.find((one) => one.id === id),
  ];
  if (!extra || !plan) return null;
  const use = takenByExtra(plan);
  return {
    name: extraName(extra),
    figure: { value: yarnOfUse(use, measuresAt(basis), answer.plan.likely), kind: "yarn" },
    formula: sum(...spelt(basis, "extras", sumCounts([{ counts: use.counts, times: 1 }]))),
  };
};

/** The tail of the first cast-on of a piece, by the school that was chosen. */
export const tailReason: Because<"tail"> = (basis, { pieceId }) => {
  const tail = firstTail(basis, pieceId)?.tail;
  if (!tail) return null;
  const plain = plainOf(basis);
  const { stitches, needleMm, thicknessMm, twentyMm, finishedWidthMm } = tailBasis(tail, plain);
  const off = basis.answer.plan.likely.tail;
  const more: readonly Figure[] =
    off === 0 ? [] : [figure("tailMore", exp(off), "times", { source: "measured" })];
  const onStitches: { readonly [School in keyof typeof TAIL_RULES]: readonly Expression[] } = {
    wraps: [
      counted("stitchesCastOn", stitches),
      constant("pi", PI),
      sum(
        figure("needle", needleMm, "fine", { source: basis.answer.sources.needle }),
        product(constant("yarnShare", 0.7), figure("thickness", thicknessMm, "fine")),
      ),
    ],
    twenty: [
      product(counted("stitchesCastOn", stitches), constant("ofTwenty", 1 / 20)),
      figure("twenty", twentyMm, "size", { source: "assumed" }),
    ],
    widths: [constant("three", 3), figure("edgeWidth", finishedWidthMm, "size")],
  };
  return {
    figure: { value: tailMm(tail, plain, off), kind: "size" },
    formula: upTo(
      sum(product(...onStitches[tail.school], ...more), constant("end", END_MM, "size")),
      constant("measuredOff", MEASURED_OFF_MM, "size"),
    ),
    sharper: say("sharperTail"),
  };
};
