/** How clearly cables will show in a yarn: nought to a hundred, with what raises and lowers it. */
import { say, type Message } from "../words/message";
import type { YarnLabel } from "../project/label";
import { luminanceOf } from "../yarn/colour";
import { readFibres, type Blend } from "../yarn/fibres";

interface ClarityReason {
  readonly says: Message;
  /** Added to the score, or taken from it. */
  readonly points: number;
}

export interface Clarity {
  readonly score: number;
  readonly level: "clear" | "soft" | "hidden";
  /** What weighs most comes first. */
  readonly reasons: readonly ClarityReason[];
}

type Label = Pick<YarnLabel, "colour" | "dyed" | "fibres" | "plies">;
type Seen = Pick<Label, "colour" | "dyed" | "plies"> & { readonly blend: Blend | null };
type Judge = (seen: Seen, strands: number) => ClarityReason | null;

const reason = (says: Message, points: number): ClarityReason => ({ says, points });

/** Four plies and more are as good as each other. */
const POINTS_OF_PLIES: { readonly [plies: number]: number } = { 1: -18, 2: -4, 3: 6 };

/** An estimate of ours, from what hand knitters see: each line is one thing that they look for. */
const JUDGES: readonly Judge[] = [
  ({ plies }) => {
    if (plies === null) return null;
    return reason(say("plies", { plies }), POINTS_OF_PLIES[plies] ?? 12);
  },
  ({ blend }) => {
    const halo = blend?.halo ?? 0;
    return halo < 0.05 ? null : reason(say("halo"), -40 * halo);
  },
  ({ blend }) => {
    const drape = blend?.drape ?? 0;
    return drape < 0.1 ? null : reason(say("drape"), -20 * drape);
  },
  ({ blend }) => {
    const spring = blend?.spring ?? 0;
    return spring < 0.3 ? null : reason(say("spring"), 10 * spring);
  },
  ({ dyed }) => {
    if (dyed === "variegated") return reason(say("variegated"), -24);
    return dyed === "heathered" ? reason(say("heathered"), -8) : reason(say("oneColour"), 6);
  },
  ({ colour }) => {
    const luminance = luminanceOf(colour);
    if (luminance < 0.03) return reason(say("nearlyBlack"), -26);
    if (luminance < 0.08) return reason(say("dark"), -14);
    if (luminance > 0.3) return reason(say("light"), 8);
    return null;
  },
  (_, strands) => (strands > 1 ? reason(say("strandsSideBySide", { strands }), -6) : null),
];

/** What a yarn has of which nothing is known. */
export const USUAL_CLARITY = 60;
const CLEAR = 70;
const SOFT = 45;

/**
 * Clarity of one colour of a yarn, held in so many strands; `blend` is what all strands are spun of together, where
 * another yarn is among them.
 * Example: a solid light wool of four plies is 96; a dark one-ply with mohair under 20.
 */
export function clarityOf(label: Label, strands: number, blend = readFibres(label.fibres)): Clarity {
  const reasons = JUDGES.flatMap((judge) => judge({ ...label, blend }, strands) ?? []);
  const sum = reasons.reduce((score, { points }) => score + points, USUAL_CLARITY);
  const score = Math.round(Math.min(100, Math.max(0, sum)));
  return {
    score,
    level: score >= CLEAR ? "clear" : score >= SOFT ? "soft" : "hidden",
    reasons: reasons.toSorted((a, b) => Math.abs(b.points) - Math.abs(a.points)),
  };
}
