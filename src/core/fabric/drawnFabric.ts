/** A panel's fabric ready to be drawn: how it lies, twice in each direction, and its figures. */
import type { Panel } from "../panels/panel";
import { repeatAcross } from "../panels/transforms";
import { ribPullOf } from "./blocking";
import { meshOf } from "./mesh";
import { between, type Steps } from "../steps";
import { ALL_PASSES, FEW_PASSES } from "./contact";
import { relaxing, type KnownFabrics, type Relaxed, type RelaxOptions, type Unrelaxed } from "./relax";
import { stitchYarn } from "./stitchYarn";
import { COARSE, FINE, followingYarn, type PathOptions, type YarnPath } from "./yarnPath";

/** What is told of a panel's fabric; one repeat, in plain stitch widths and shares. */
export interface FabricFigures {
  readonly stitches: number;
  readonly rows: number;
  readonly widthFactor: number;
  readonly heightFactor: number;
  readonly crossingExtra: number;
  readonly narrowest: number;
  readonly widest: number;
  readonly widthOfNarrowest: number;
  readonly widthOfWidest: number;
}

export interface DrawnFabric {
  readonly ok: true;
  readonly figures: FabricFigures;
  readonly path: YarnPath;
  /** Whether the path is all that it can be: yarn that would lie in other yarn was pushed out of it. */
  readonly settled: boolean;
  /** How often the repeat is drawn in each direction: once where it is large. */
  readonly times: number;
  /** Least and most yarn of a stitch, in plain loops. */
  readonly leastYarn: number;
  readonly mostYarn: number;
}

/** Panels of more stitches than this are drawn once in each direction. */
const MOST_TWICE = 2_000;

/** How finely a fabric is drawn: looked at closely, from afar, or so small that nothing is seen of how yarn lies in yarn. */
type Fineness = Pick<PathOptions, "pieces" | "passes">;
const CLOSE: Fineness = { pieces: FINE, passes: ALL_PASSES };
const FROM_AFAR: Fineness = { pieces: FINE, passes: FEW_PASSES };
export const TINY: Fineness = { pieces: COARSE, passes: 0 };

/** Drawings of more stitches than these are looked at from afar, and tiny. */
const MOST_CLOSE = 1_000;
const MOST_AFAR = 4_000;
/** How finely so many stitches are drawn that are looked at from afar. Example: 16,000 are tiny. */
export const finenessFromAfar = (stitches: number) => (stitches <= MOST_AFAR ? FROM_AFAR : TINY);
const finenessOf = (stitches: number) => (stitches <= MOST_CLOSE ? CLOSE : finenessFromAfar(stitches));

/** The yarn's path through a panel that was relaxed with these options, followed step by step. */
export function* followingThrough(
  panel: Panel,
  { aspect, blocking }: RelaxOptions,
  lying: Relaxed,
  drawn: PathOptions,
): Steps<YarnPath> {
  const mesh = meshOf(panel, { aspect, ribPull: ribPullOf(blocking) });
  // Whatever was relaxed has a mesh.
  if ("message" in mesh) throw new Error(mesh.message.code);
  return yield* followingYarn(panel, mesh, lying, drawn);
}

export interface DrawOptions extends RelaxOptions {
  /** Whether it is drawn at once rather than well: what is being moved. */
  readonly quick?: boolean;
}

/** Relaxing the repeat, relaxing what is drawn and following its yarn take about such shares of the time. */
const RELAXED = 0.2;
const ALL_RELAXED = 0.4;

/**
 * Relaxes and draws a panel step by step, yielding progress.
 * Example: a rope 2/2 of 8 stitches by 4 rows is drawn as 16 by 8.
 */
export function* drawingFabric(
  panel: Panel,
  { quick = false, ...options }: DrawOptions,
  known?: KnownFabrics,
): Steps<DrawnFabric | Unrelaxed> {
  const one = yield* between(0, RELAXED, relaxing(panel, options, known));
  if (!one.ok) return one;
  const stitches = one.stitches * one.rows;
  const times = stitches <= MOST_TWICE ? 2 : 1;
  const drawn = repeatAcross(panel, times) ?? panel;
  const lying = times === 1 ? one : yield* between(RELAXED, ALL_RELAXED, relaxing(drawn, options, known));
  if (!lying.ok) return lying;
  const yarn = stitchYarn(drawn, options.aspect);
  const all = stitches * times ** 2;
  const well = finenessOf(all);
  const fineness = quick ? { pieces: all <= MOST_CLOSE ? FINE : COARSE, passes: 0 } : well;
  const follows = { up: times, yarn, ...fineness };
  const path = yield* between(ALL_RELAXED, 1, followingThrough(drawn, options, lying, follows));
  const { narrowest, widest, widthOfRow, widthFactor, heightFactor, crossingExtra, rows } = one;
  return {
    ok: true,
    figures: {
      stitches: one.stitches,
      rows,
      widthFactor,
      heightFactor,
      crossingExtra,
      narrowest,
      widest,
      widthOfNarrowest: widthOfRow[narrowest - 1] ?? 1,
      widthOfWidest: widthOfRow[widest - 1] ?? 1,
    },
    path,
    settled: fineness.passes === well.passes,
    times,
    leastYarn: yarn.reduce((least, loops) => Math.min(least, loops), Infinity),
    mostYarn: yarn.reduce((most, loops) => Math.max(most, loops), 0),
  };
}
