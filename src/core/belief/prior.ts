/** What is believed before anything is measured: engineering estimates, wide on purpose. */
import { DRAW_IN_SD } from "../fabric/drawIn";
import { BATH_SD, type GaugeSources, type Source } from "../garment/projectGauge";
import { shareOfModel } from "../estimate/asked";
import type { HandId } from "../project/hand";
import { putUpId, SHARED_IDS, type UnknownIds, type UnknownId, type SharedId, type RareId } from "./unknowns";
import { zeros, type Matrix } from "./gaussian";

/** A Gaussian belief about a vector of unknowns. */
export interface Gaussian {
  readonly axes: UnknownIds;
  readonly mean: Float64Array;
  readonly covariance: Matrix;
}

/** Standard deviations of the gauge in ln by where it comes from; a measured one is a tape over some 12 cm. */
const WIDTH_SD: { readonly [From in Exclude<Source, "assumed">]: number } = { measured: 0.03, band: 0.05 };
const HEIGHT_SD: { readonly [From in Exclude<Source, "assumed">]: number } = { measured: 0.03, band: 0.06 };
/** Rows that are only assumed follow the stitches by the usual aspect, and stray from it so far. */
export const ASPECT_SD = 0.05;

/** Of those that hang on nothing that was typed. */
const USUAL_SD: { readonly [Id in Exclude<SharedId, "width" | "height">]: number } = {
  // Half of this left only 77 in 100 truths of a harsher world in the band that was told for 90 (knitters.test.ts).
  driftWidth: 0.04,
  driftHeight: 0.04,
  blockWidth: BATH_SD,
  blockHeight: BATH_SD,
  loop: 0.08,
  drawWidth: DRAW_IN_SD,
  drawHeight: DRAW_IN_SD,
  give: 0.5,
  tail: 0.1,
  castOff: 0.15 / 1.2,
  extras: 0.25,
};

/** By how much knitters differ in what each takes from project to project, in ln; gauge against a band. */
export const GENERAL_SD: { readonly [Id in HandId]: number } = {
  ...USUAL_SD,
  width: WIDTH_SD.band,
  height: HEIGHT_SD.band,
};

/** A yarn of the project, and the standard deviation in ln of what its balls hold. */
export interface BelievedYarn {
  readonly id: string;
  readonly putUpSd: number;
}

/**
 * The belief of a project about which nothing more is known than its gauge and its yarns. Its mean is nought. `rare` is
 * what is unknown only here, with its standard deviation: of what is weighed on the needles, of what is only asked for.
 */
export function priorOf(
  sources: GaugeSources,
  yarns: readonly BelievedYarn[],
  rare: { readonly [Id in RareId]?: number } = {},
): Gaussian {
  const { width, height, assumedSd, awaySd } = sources;
  const widthSd = width === "assumed" ? assumedSd : Math.hypot(WIDTH_SD[width], awaySd);
  const sds = new Map<UnknownId, number>(yarns.map(({ id, putUpSd }) => [putUpId(id), putUpSd]));
  for (const [id, sd] of Object.entries(USUAL_SD)) sds.set(id as SharedId, sd);
  sds.set("width", widthSd);
  if (height !== "assumed") sds.set("height", Math.hypot(HEIGHT_SD[height], awaySd));
  // What comes last draws last: extras leave the drawn figures of a project without any as they were.
  const shared = SHARED_IDS.filter((id) => id !== "extras");
  const axes: UnknownId[] = [...shared, ...yarns.map(({ id }) => putUpId(id)), "extras"];
  for (const [id, sd] of Object.entries(rare)) {
    sds.set(id as RareId, sd);
    axes.push(id as RareId);
  }
  const covariance = zeros(axes.length);
  for (const [index, id] of axes.entries()) covariance[index * axes.length + index] = (sds.get(id) ?? 0) ** 2;
  const prior = { axes, mean: new Float64Array(axes.length), covariance };
  if (height === "assumed") follow(prior, { one: "height", other: "width", slope: 1, sd: ASPECT_SD });
  if (rare.amount !== undefined) {
    // What the model is off of a loop is off alike in the need that was asked for: of the amount it is taken away.
    const { share, restSd } = shareOfModel(USUAL_SD.loop);
    follow(prior, { one: "amount", other: "loop", slope: -share, sd: Math.hypot(rare.amount, restSd) });
  }
  return prior;
}

interface Following {
  readonly one: UnknownId;
  readonly other: UnknownId;
  readonly slope: number;
  readonly sd: number;
}

/** Writes into a belief that one unknown is a slope times another, give or take its own deviation. */
export function follow({ axes, mean, covariance }: Gaussian, { one, other, slope, sd }: Following): void {
  const size = axes.length;
  const [at, from] = [axes.indexOf(one), axes.indexOf(other)];
  mean[at] = slope * (mean[from] ?? 0);
  for (let place = 0; place < size; place += 1) {
    const along = slope * (covariance[from * size + place] ?? 0);
    covariance[at * size + place] = along;
    covariance[place * size + at] = along;
  }
  covariance[at * size + at] = slope ** 2 * (covariance[from * size + from] ?? 0) + sd ** 2;
}

/** An unknown that keeps more of its doubt than this was not told of. */
export const NARROWED = 0.9;

/** One unknown of a belief by itself. */
export interface Marginal {
  readonly mean: number;
  readonly sd: number;
}

/** Example: the loop of a prior is 0 with a deviation of 0.08. */
export function marginal({ axes, mean, covariance }: Gaussian, id: UnknownId): Marginal {
  const at = axes.indexOf(id);
  return { mean: mean[at] ?? 0, sd: Math.sqrt(covariance[at * axes.length + at] ?? 0) };
}
