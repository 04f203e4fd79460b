/** Why a yarn, a piece and a section take so much: their parts, added up. */
import { LEDGER_PARTS } from "../estimate/ledger";
import { say } from "../words/message";
import { nameOfYarn, sharpest, within, yarnOf, type ReasonBasis } from "./basis";
import { sum } from "./expression";
import { figure } from "./figure";
import { partMm } from "./parts";
import type { Because } from "./reason";

/** The yarn of one yarn of the project, part by part. */
export const needReason: Because<"need"> = (basis, { yarnId }) => {
  const yarn = yarnOf(basis, yarnId);
  if (!yarn) return null;
  const parts = LEDGER_PARTS.filter((part) => yarn.ledger[part] !== 0);
  return {
    figure: { value: yarn.totalMm, kind: "yarn" },
    formula: sum(
      ...parts.map((part) =>
        figure(say("ledgerPart", { part }), yarn.ledger[part], "yarn", {
          why: within(basis, { figure: "part", part, yarnId }),
        }),
      ),
    ),
    beside: [
      figure("tenInHundred", yarn.quantilesMm.p10, "yarn"),
      figure("ninetyInHundred", yarn.quantilesMm.p90, "yarn"),
    ],
    sharper: sharpest(basis),
  };
};

/** The parts of a piece or a section, added up. */
function byParts(basis: ReasonBasis, of: { readonly pieceId: string; readonly sectionId?: string }) {
  const parts = LEDGER_PARTS.map((part) => {
    const asked = within(basis, { figure: "part" as const, part, ...of });
    return { part, asked, mm: partMm(basis, asked) };
  }).filter(({ mm }) => mm !== 0);
  if (parts.length === 0) return null;
  return {
    figure: { value: parts.reduce((total, { mm }) => total + mm, 0), kind: "yarn" as const },
    formula: sum(
      ...parts.map(({ part, asked, mm }) => figure(say("ledgerPart", { part }), mm, "yarn", { why: asked })),
    ),
    sharper: sharpest(basis),
  };
}

export const pieceYarnReason: Because<"pieceYarn"> = (basis, { pieceId }) => byParts(basis, { pieceId });

export const sectionYarnReason: Because<"sectionYarn"> = (basis, { pieceId, sectionId }) =>
  byParts(basis, { pieceId, sectionId });

/** The yarn of all yarns together. */
export const totalReason: Because<"total"> = (basis) => ({
  figure: { value: basis.answer.estimate.totalMm, kind: "yarn" },
  formula: sum(
    ...basis.answer.yarns.map(({ yarn, totalMm }) =>
      figure(nameOfYarn(basis, yarn.id), totalMm, "yarn", {
        why: within(basis, { figure: "need", yarnId: yarn.id }),
      }),
    ),
  ),
  sharper: sharpest(basis),
});
