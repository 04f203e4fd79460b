/** The other school: plain fabric of the finished size, and an allowance in per cent for all that cables take. */
import { fewestBalls } from "../estimate/balls";
import type { YarnEstimate } from "../estimate/wholeProject";
import { millimetres, type Millimetres } from "../units/brands";

export interface ByAllowance {
  readonly needMm: Millimetres;
  readonly balls: number;
}

/** What the model calculates part by part, and this school by the rule. */
const BY_RULE = ["drawIn", "crossings", "texture"] as const;

/**
 * Balls by an allowance: all but draw-in, crossings and texture, and so many per cent more.
 * Example: 100 m of plain fabric and 25 % are 125 m.
 */
export function byAllowance({ ledger, totalMm, yarn }: YarnEstimate, percent: number): ByAllowance {
  const plain = BY_RULE.reduce((rest, part) => rest - ledger[part], totalMm as number);
  const needMm = millimetres(plain * (1 + percent / 100));
  return { needMm, balls: fewestBalls(needMm, yarn.putUp.lengthM, yarn.joinMm) };
}
