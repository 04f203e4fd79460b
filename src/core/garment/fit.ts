/** How many ropes and plain stitches make a width: the nearest count that the ropes allow. */
import type { RopeId } from "../panels/ropes";
import { ropeOf } from "../panels/ropes";

/** How much of the width is cabled. */
export const CABLED = {
  one: { name: "one rope", share: 0 },
  half: { name: "about half", share: 0.5 },
  all: { name: "all over", share: 1 },
} as const;
export type Cabled = keyof typeof CABLED;
export const CABLED_IDS = Object.keys(CABLED) as readonly Cabled[];

export interface RopeFit {
  readonly ropes: number;
  readonly edge: number;
}

export interface FitPlan {
  readonly ropeId: RopeId;
  readonly purls: number;
  readonly round: boolean;
  /** Share of its plain width that the cabled part keeps. */
  readonly kept: number;
  /** Width wanted, in plain stitch widths. */
  readonly stitches: number;
  /** Plain stitches that each edge has at least. */
  readonly leastEdge: number;
}

/** Stitches of so many ropes with their purls; in the round the purls behind the last are those before the first. */
const ropeStitches = (ropes: number, { ropeId, purls, round }: Pick<FitPlan, "ropeId" | "purls" | "round">) =>
  ropes * (2 * ropeOf(ropeId).half + purls) + (round ? 0 : purls);

/** Plain stitches at each edge that fill the width beside so many ropes; negative where there is no room. */
const edgeBeside = (ropes: number, plan: FitPlan) =>
  (plan.stitches - plan.kept * ropeStitches(ropes, plan)) / 2;

/** Width of a fit, in plain stitch widths. */
export const fitWidth = ({ ropes, edge }: RopeFit, plan: FitPlan) =>
  plan.kept * ropeStitches(ropes, plan) + 2 * edge;

/** So many ropes, and edges that bring it nearest to the width. */
export const withRopes = (ropes: number, plan: FitPlan): RopeFit => ({
  ropes,
  edge: Math.max(plan.leastEdge, Math.round(edgeBeside(ropes, plan))),
});

/**
 * Ropes over a share of a width, plain stitches beside them. At least one rope, however narrow.
 * Example: all over 90 stitch widths by 3/3 with two purls, which keep 0.73, are 15 ropes and 1 plain stitch at
 * each edge.
 */
export function fitRopes(share: number, plan: FitPlan): RopeFit {
  const each = plan.kept * (2 * ropeOf(plan.ropeId).half + plan.purls);
  const room = plan.stitches * share - 2 * plan.leastEdge;
  let ropes = Math.max(1, Math.round(room / each));
  while (ropes > 1 && edgeBeside(ropes, plan) < plan.leastEdge - 0.5) ropes -= 1;
  return withRopes(ropes, plan);
}
