/** Many yarns put in order in a short time: calculated from the pattern's own yarn, not stitch by stitch. */
import { inOrder, type Ranked } from "./ranked";
import type { Steps } from "../steps";
import type { Candidate, Keep } from "../project/candidates";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import { CERTAINTIES, type Certainty } from "../forecast/forecast";
import type { KnownForecast } from "../forecast/projectForecast";
import { gaugeBy } from "../garment/projectGauge";
import { fewestBalls } from "../estimate/balls";
import { metres, millimetres } from "../units/brands";
import { candidateClarity } from "./candidateClarity";
import { texOf } from "../yarn/putUp";
import { bandGauge, bandNeedle, heldOf, strandOf } from "./candidateYarn";

const { log, exp, sqrt, abs } = Math;

/** What the pattern's own yarn says for all of them. */
export interface RankBasis {
  readonly joinMm: number;
  readonly gauge: Gauge;
  /** How far in ln its loops are off of what is usual: no other yarn has that of it. */
  readonly loop: number;
  readonly needM: number;
  readonly tex: number;
  /** Balls are told for so much more than the most likely need. */
  readonly spare: number;
  readonly keep: Keep;
}

/** The basis of a project's answer. `keep` as in a comparison. */
export function rankBasis(
  { plan, yarns: [first] }: KnownForecast,
  { keep, certainty }: { readonly keep: Keep; readonly certainty: Certainty },
): RankBasis {
  const percent = Math.round(100 * CERTAINTIES[certainty]);
  return {
    joinMm: first.yarn.joinMm,
    gauge: plan.gauge,
    loop: plan.likely.loop,
    needM: first.totalMm / 1000,
    tex: texOf(first.yarn.putUp),
    spare: (first.percentilesMm[percent] ?? first.totalMm) / first.totalMm,
    keep,
  };
}

/** Fabric that is this much firmer is as far off as stitches that are so much wider. */
const FABRIC = 0.5;

/**
 * What one candidate comes to, from the basis alone: of the same area the yarn goes as loop over stitch area, of the
 * same stitches as the loop. Within 6 % of what `compare` calculates. Null where it is no strand.
 * Example: the pattern's own yarn is no way off.
 */
export function quickly(candidate: Candidate, basis: RankBasis): Ranked | null {
  const [held, putUp] = [heldOf(candidate), strandOf(candidate)];
  if (!held || !putUp) return null;
  const said = bandGauge(candidate);
  const gauge = gaugeBy(said, putUp, bandNeedle(candidate));
  if (!gauge) return null;
  const [one, own] = [plainStitch(gauge), plainStitch(basis.gauge)];
  const loops = one.loopMm / (own.loopMm * exp(basis.loop));
  const areas = (one.widthMm * one.heightMm) / (own.widthMm * own.heightMm);
  const needM = basis.needM * (basis.keep === "size" ? loops / areas : loops);
  const grams = (needM * putUp.massG) / putUp.lengthM;
  const needMm = millimetres(needM * 1000 * basis.spare);
  const balls = held.reduce(
    (sum, { putUp: ball, strands }) =>
      sum + fewestBalls(needMm, metres(ball.lengthM / strands), basis.joinMm),
    0,
  );
  const firmnessRatio = sqrt(texOf(putUp) / basis.tex) / loops;
  const wider = one.widthMm / own.widthMm;
  return {
    candidate,
    stitchesPer10Cm: gauge.stitchesPer10Cm,
    fromBand: said.stitchesPer10Cm !== null,
    needM,
    grams,
    balls,
    cost: candidate.price === null || candidate.beside ? null : balls * candidate.price,
    wider,
    firmnessRatio,
    clarity: candidateClarity(candidate).score,
    far: exp(abs(log(wider)) + FABRIC * abs(log(firmnessRatio))) - 1,
  };
}

/** How many are calculated between two words about how far it has come. */
const SPELL = 25;

/** Candidates in order, the best first; steps so that whoever drives it can show how far it is and stop. */
export function* ranking(candidates: readonly Candidate[], basis: RankBasis): Steps<readonly Ranked[]> {
  const ranked: Ranked[] = [];
  for (const [index, candidate] of candidates.entries()) {
    const one = quickly(candidate, basis);
    if (one) ranked.push(one);
    if (index % SPELL === SPELL - 1) yield { share: (index + 1) / candidates.length };
  }
  return inOrder(ranked, "near");
}
