/** A project at its end: what was estimated against what was used, and what it tells of the knitter's hand. */
import { handLines, type HandLine, type KnownProject } from "../belief/hand";
import { handTold } from "../belief/handEvidence";
import { GENERAL_SD, NARROWED } from "../belief/prior";
import { gramsPerMetre, gramsPerMm, weighablePutUp } from "../belief/swatchModel";
import { putUpId } from "../belief/unknowns";
import type { KnownForecast } from "./projectForecast";

interface UsedYarn {
  readonly yarnId: string;
  /** As it was estimated before anything was read off while knitting: yarn in mm, and whole balls. */
  readonly expected: {
    readonly p10: number;
    readonly p50: number;
    readonly p90: number;
    readonly balls: number;
  };
  /** Without what is left; null until that is weighed, or where it disagrees with all else. */
  readonly used: { readonly mm: number; readonly massG: number; readonly balls: number } | null;
}

export interface Closing {
  readonly yarns: readonly UsedYarn[];
  /** What the project tells of the hand by itself, as far as it tells of it. */
  readonly hand: readonly HandLine[];
  /** What can be remembered for other projects; null where the weight of a ball is not known. */
  readonly known: KnownProject | null;
}

/**
 * What a project comes to at its end; `before` is its answer as if nothing had been read off while knitting.
 * Example: 784 m were estimated, and 771 m are used.
 */
export function closingOf(before: KnownForecast, now: KnownForecast): Closing {
  const { belief } = now;
  const { project } = belief.basis;
  const yarns = before.yarns.map(({ yarn, quantilesMm, advised }) => {
    const { p10, p50, p90 } = quantilesMm;
    const all = belief.knitted.find(
      ({ kind, taken, yarnId }) => kind === "all" && taken && yarnId === yarn.id,
    );
    const putUp = weighablePutUp(project, yarn.id);
    const mmPerG = putUp && Math.exp(belief.likely[putUpId(yarn.id)] ?? 0) / gramsPerMm(putUp);
    return {
      yarnId: yarn.id,
      expected: { p10, p50, p90, balls: advised.balls },
      used:
        all && putUp && mmPerG !== null
          ? { mm: all.found * mmPerG, massG: all.found, balls: all.found / putUp.massG }
          : null,
    };
  });
  const gramsPerM = gramsPerMetre(project);
  return {
    yarns,
    hand: handLines(handTold(belief.evidence)).filter(({ id, sd }) => sd < NARROWED * GENERAL_SD[id]),
    known: gramsPerM === null ? null : { evidence: belief.evidence, gramsPerM },
  };
}
