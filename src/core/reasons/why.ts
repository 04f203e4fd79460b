/** Why a figure is what it is: one more figure that can be asked about is one more row of the table. */
import { say } from "../words/message";
import type { AskedFor, FigureId, WhyAsked } from "./asked";
import { allMassReason, ballsReason, chanceReason, leftOverReason, massReason } from "./balls";
import type { ReasonBasis } from "./basis";
import { boughtChanceReason, costReason } from "./buying";
import {
  ballLengthReason,
  legReason,
  loopReason,
  rowHeightReason,
  stitchWidthReason,
  usualStitchReason,
} from "./gauge";
import type { Because, Reason } from "./reason";
import { heightReason, keptReason, widthReason } from "./size";
import { clarityReason, clothWeightReason, firmnessReason, hoursReason } from "./substitute";
import { ballLeftReason, stretchReason } from "./knitting";
import { extraReason, seamReason, tailReason } from "./items";
import { partReason } from "./parts";
import { needReason, pieceYarnReason, sectionYarnReason, totalReason } from "./sums";

const REASONS: { readonly [Id in FigureId]: Because<Id> } = {
  balls: ballsReason,
  chance: chanceReason,
  need: needReason,
  total: totalReason,
  mass: massReason,
  allMass: allMassReason,
  leftOver: leftOverReason,
  ballLength: ballLengthReason,
  part: partReason,
  pieceYarn: pieceYarnReason,
  sectionYarn: sectionYarnReason,
  stretch: stretchReason,
  ballLeft: ballLeftReason,
  stitchWidth: stitchWidthReason,
  rowHeight: rowHeightReason,
  usualStitch: usualStitchReason,
  loop: loopReason,
  leg: legReason,
  seam: seamReason,
  extra: extraReason,
  tail: tailReason,
  width: widthReason,
  kept: keptReason,
  height: heightReason,
  firmness: firmnessReason,
  clothWeight: clothWeightReason,
  clarity: clarityReason,
  hours: hoursReason,
  cost: costReason,
  boughtChance: boughtChanceReason,
};

/**
 * Why a figure of a project is what it is; null where it has no such figure. Where there is a formula it comes to the
 * figure. Example: of the loop of a stitch, "√(20.5 × 5 mm × 3.57 mm)", Munden (1959), "weigh a swatch".
 */
export function whyOf<Id extends FigureId>(
  basis: ReasonBasis,
  asked: AskedFor<Id> & WhyAsked,
): Reason | null {
  const of = asked.figure as Id;
  const because: Because<Id> = REASONS[of];
  const said = because(basis, asked);
  if (!said) return null;
  return {
    of,
    name: say("whyName", { of }),
    says: say("whySays", { of }),
    from: say("whyFrom", { of }),
    beside: [],
    sharper: null,
    ...said,
  };
}
