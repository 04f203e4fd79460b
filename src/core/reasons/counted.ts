/** What is counted in a plan, and counts as formulas: each count times what it takes. */
import type { LedgerPart } from "../estimate/ledger";
import { legMm, type Counts, type Times } from "../estimate/measures";
import type { Use } from "../estimate/uses";
import { usesOfPlan, type UseOfPlan } from "../estimate/yarnNeed";
import { say } from "../words/message";
import type { AskedFor } from "./asked";
import { within, type ReasonBasis } from "./basis";
import { product, type Expression } from "./expression";
import { counted, figure } from "./figure";
import { loop, measuresAt, rowHeight, stitchWidth } from "./gauge";

/** Whether something is of what is asked about. */
export const isOf =
  ({ yarnId, pieceId, sectionId }: Pick<AskedFor<"part">, "yarnId" | "pieceId" | "sectionId">) =>
  (one: { readonly yarnId: string; readonly pieceId: string | null; readonly sectionId: string | null }) =>
    (yarnId === undefined || one.yarnId === yarnId) &&
    (pieceId === undefined || one.pieceId === pieceId) &&
    (sectionId === undefined || one.sectionId === sectionId);

/** Uses of a part of the ledger, of one yarn or of all; seams and extras are uses of no piece. */
export function usesOf({ answer: { plan } }: ReasonBasis, asked: AskedFor<"part">): readonly UseOfPlan[] {
  const { part } = asked;
  const mine = isOf(asked);
  const fabric = part === "drawIn" || part === "plain";
  return usesOfPlan(plan).filter(
    ({ use, pieceId }) =>
      mine({ ...use, pieceId }) &&
      (fabric ? use.fabric !== undefined : use.part === part && use.fabric === undefined),
  );
}

export const scaled = ({
  use,
  times,
}: Pick<UseOfPlan, "times"> & { readonly use: Pick<Use, "counts" | "scale"> }): Times => ({
  counts: use.counts,
  times: times * (use.scale ?? 1),
});

/** Counts as a sum of products: each count times what it takes. What is nought is left out. */
export function spelt(basis: ReasonBasis, part: LedgerPart, counts: Required<Counts>): readonly Expression[] {
  const at = measuresAt(basis);
  const { castOff, guess } = at;
  const loose = castOff === 1 ? [] : [figure("castOffMore", castOff, "times", { source: "measured" })];
  const some = (count: number, of: () => Expression) => (count === 0 ? [] : [of()]);
  return [
    ...some(counts.loops, () => product(counted(say("loopsOfPart", { part }), counts.loops), loop(basis))),
    ...some(counts.castOffLoops, () =>
      product(counted(say("loopsOfPart", { part }), counts.castOffLoops), ...loose, loop(basis)),
    ),
    ...some(counts.widths, () => product(counted("widthsAcross", counts.widths), stitchWidth(basis))),
    ...some(counts.castOffWidths, () =>
      product(counted("widthsSewn", counts.castOffWidths), ...loose, stitchWidth(basis)),
    ),
    ...some(counts.heights, () => product(counted("rowsAlong", counts.heights), rowHeight(basis))),
    ...[...counts.legs]
      .filter(([, legs]) => legs !== 0)
      .toSorted(([one], [other]) => one - other)
      .map(([columns, legs]) =>
        product(
          counted(say("legsOver", { columns }), legs),
          figure(say("legTakes", { columns }), legMm(columns, at), "fine", {
            why: within(basis, { figure: "leg", columns }),
          }),
        ),
      ),
    ...some(counts.mm, () => counted("fixedLengths", counts.mm, "yarn")),
    ...some(counts.guessedMm, () =>
      product(
        figure("guessed", counts.guessedMm, "yarn", { source: "assumed" }),
        ...(guess === 1 ? [] : [figure("guessMore", guess, "times", { source: "measured" })]),
      ),
    ),
  ];
}
