/** How much each unknown adds to the doubt about the yarn: what moves the total when it is off by one sd. */
import { needOf } from "../estimate/need";
import type { PlannedYarn, ProjectPlan } from "../estimate/wholeProject";
import { MOST_LIKELY, type UnknownId } from "../estimate/unknowns";
import type { GaugeSources, Source } from "../garment/projectGauge";

export type DoubtId = UnknownId | "putUp";

export interface Doubt {
  readonly id: DoubtId;
  /** Standard deviation of ln(yarn needed / yarn in a ball) that comes from it. */
  readonly sd: number;
  /** Its share of the variance, 0 to 1. */
  readonly share: number;
}

/** Standard deviations in ln of the gauge, by its source; drift from swatch to project (0.02) included. */
const GAUGE_SD: { readonly [From in Source]: { readonly width: number; readonly height: number } } = {
  measured: { width: Math.hypot(0.015, 0.02), height: Math.hypot(0.015, 0.02) },
  band: { width: Math.hypot(0.05, 0.02), height: Math.hypot(0.06, 0.02) },
  assumed: { width: Math.hypot(0.08, 0.02), height: Math.hypot(0.08, 0.05, 0.02) },
};

const OTHER_SD = { loop: 0.08, give: 0.5, tail: 0.1, castOff: 0.15 / 1.2 } as const;

/** What each yarn needs when one unknown is off by its deviation, either way. */
export interface Swing {
  readonly id: UnknownId;
  readonly more: ReadonlyMap<string, number>;
  readonly less: ReadonlyMap<string, number>;
}

/** Moves each unknown one sd up and down by itself; all yarns are reckoned in one go. */
export function swingsOf(plan: ProjectPlan, sources: GaugeSources): readonly Swing[] {
  const sds: { readonly [Id in UnknownId]: number } = {
    ...OTHER_SD,
    width: GAUGE_SD[sources.width].width,
    height: GAUGE_SD[sources.height].height,
  };
  const need = needOf(plan);
  return Object.entries(sds).map(([id, sd]) => ({
    id: id as UnknownId,
    more: need({ ...MOST_LIKELY, [id]: sd }),
    less: need({ ...MOST_LIKELY, [id]: -sd }),
  }));
}

/**
 * The doubt about one yarn by unknown, largest first; their squares add up to the variance of ln yarn, in
 * first order. `wasteMm` is what joins take, which hangs on nothing.
 */
export function doubtsOf(
  swings: readonly Swing[],
  { id, putUpSd }: PlannedYarn,
  wasteMm: number,
): readonly Doubt[] {
  const need = (needs: ReadonlyMap<string, number>) => (needs.get(id) ?? 0) + wasteMm;
  const moved = swings.map((swing) => ({
    id: swing.id as DoubtId,
    sd: Math.abs(Math.log(need(swing.more) / need(swing.less))) / 2,
  }));
  const all = [...moved, { id: "putUp" as const, sd: putUpSd }];
  const variance = all.reduce((sum, { sd }) => sum + sd ** 2, 0);
  return all.map((doubt) => ({ ...doubt, share: doubt.sd ** 2 / variance })).sort((a, b) => b.sd - a.sd);
}
