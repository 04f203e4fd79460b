/** Where the doubt about the yarn comes from: each unknown's share of the variance of balls needed, in first order. */
import { ofProject, putUpId, readerOf, type UnknownId, type Deviations } from "../belief/unknowns";
import { dot, times } from "../belief/gaussian";
import type { Gaussian } from "../belief/prior";
import { slopeOf } from "../belief/update";
import type { YarnNeed } from "../estimate/yarnNeed";
import type { Unknowns } from "../estimate/unknowns";

/** Unknowns as the knitter would name them: drift and gauge are one. */
export type DoubtId =
  "width" | "height" | "loop" | "draw" | "give" | "tail" | "castOff" | "extras" | "amount" | "putUp";

const DOUBT_OF: { readonly [Id in Exclude<UnknownId, `putUp ${string}`>]: DoubtId | null } = {
  width: "width",
  driftWidth: "width",
  height: "height",
  driftHeight: "height",
  // What washing does matters only to what is measured before it; the project is told as it is finished.
  blockWidth: null,
  blockHeight: null,
  loop: "loop",
  drawWidth: "draw",
  drawHeight: "draw",
  give: "give",
  tail: "tail",
  castOff: "castOff",
  extras: "extras",
  amount: "amount",
  // These are off what is weighed, not off what is needed.
  water: null,
  fill: null,
};

const doubtOf = (id: UnknownId): DoubtId | null =>
  id in DOUBT_OF ? DOUBT_OF[id as keyof typeof DOUBT_OF] : "putUp";

export interface Doubt {
  readonly id: DoubtId;
  /** Standard deviation of ln(yarn needed / yarn in a ball) that comes from it. */
  readonly sd: number;
  /** Its share of the variance, 0 to 1. */
  readonly share: number;
}

/** A vector of deviations about a belief's mean, as what is off of the project that was planned at that mean. */
const offFrom = (likely: Unknowns, away: Deviations): Unknowns => {
  const { width, height, loop, give, drawWidth, drawHeight, tail, castOff, extras, amount } = ofProject(away);
  return {
    width,
    height,
    drawWidth,
    drawHeight,
    loop: likely.loop + loop,
    give: likely.give + give,
    tail: likely.tail + tail,
    castOff: likely.castOff + castOff,
    extras: likely.extras + extras,
    amount: likely.amount + amount,
  };
};

/**
 * Slope of ln(yarn needed / yarn in a ball) by each unknown, over one deviation either way, since tails are
 * rounded up in steps. `wasteMm` is what joins take, which hangs on nothing.
 */
export function slopeOfNeed(
  { axes, covariance }: Gaussian,
  likely: Unknowns,
  need: YarnNeed,
  { yarnId, wasteMm }: { readonly yarnId: string; readonly wasteMm: number },
): Float64Array {
  const putUp = axes.indexOf(putUpId(yarnId));
  const read = readerOf(axes);
  const lnBalls = (x: Float64Array) => {
    const needed = need.at(offFrom(likely, read(x))) + wasteMm;
    return Math.log(needed) - (putUp < 0 ? 0 : (x[putUp] ?? 0));
  };
  return slopeOf(lnBalls, new Float64Array(axes.length), (index) =>
    Math.sqrt(covariance[index * axes.length + index] ?? 1),
  );
}

/**
 * The doubt by unknown, largest first. Where a swatch has bound two unknowns together, what they take from one
 * another is shared between them; the shares add up to one.
 */
export function doubtsOf({ axes, covariance }: Gaussian, slope: Float64Array): readonly Doubt[] {
  const carried = times(covariance, slope);
  const variance = dot(slope, carried);
  const byDoubt = new Map<DoubtId, number>();
  for (const [index, id] of axes.entries()) {
    const doubt = doubtOf(id);
    if (doubt === null || ((doubt === "putUp" || doubt === "extras") && (slope[index] ?? 0) === 0)) continue;
    byDoubt.set(doubt, (byDoubt.get(doubt) ?? 0) + (slope[index] ?? 0) * (carried[index] ?? 0));
  }
  const positive = [...byDoubt].map(([id, part]) => ({ id, part: Math.max(0, part) }));
  const all = positive.reduce((sum, { part }) => sum + part, 0);
  return positive
    .map(({ id, part }) => {
      const share = all > 0 ? part / all : 0;
      return { id, share, sd: Math.sqrt(share * variance) };
    })
    .sort((a, b) => b.sd - a.sd);
}
