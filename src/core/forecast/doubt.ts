/** How much each unknown adds to the doubt about the yarn: what moves the total when it is off by one sd. */
import { estimateProject, type ProjectPlan } from "../estimate/wholeProject";
import { MOST_LIKELY, type UnknownId } from "../estimate/unknowns";

/** Where a figure comes from: it decides how far it can be off. */
export type Source = "measured" | "band" | "assumed";

/** Stitches and rows may be known from different places. */
export interface GaugeSources {
  readonly width: Source;
  readonly height: Source;
}

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

/** Ball length of one lot against its band. */
const PUT_UP_SD = 0.02;
const OTHER_SD = { loop: 0.08, give: 0.5, tail: 0.1, castOff: 0.15 / 1.2 } as const;

/**
 * The doubt by unknown, largest first; their squares add up to the variance of ln yarn.
 * First order: each unknown is moved one sd up and down by itself.
 */
export function doubtsOf(plan: ProjectPlan, sources: GaugeSources): readonly Doubt[] {
  const sds: { readonly [Id in UnknownId]: number } = {
    ...OTHER_SD,
    width: GAUGE_SD[sources.width].width,
    height: GAUGE_SD[sources.height].height,
  };
  const yarnWith = (id: UnknownId, deviation: number) =>
    estimateProject(plan, { ...MOST_LIKELY, [id]: deviation }).totalMm;
  const moved = Object.entries(sds).map(([id, sd]) => ({
    id: id as DoubtId,
    sd: Math.abs(Math.log(yarnWith(id as UnknownId, sd) / yarnWith(id as UnknownId, -sd))) / 2,
  }));
  const all = [...moved, { id: "putUp" as const, sd: PUT_UP_SD }];
  const variance = all.reduce((sum, { sd }) => sum + sd ** 2, 0);
  return all.map((doubt) => ({ ...doubt, share: doubt.sd ** 2 / variance })).sort((a, b) => b.sd - a.sd);
}
