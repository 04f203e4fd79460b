/** A panel's fabric ready to be drawn: how it lies, twice in each direction, and its figures. */
import type { Panel } from "../panels/panel";
import { repeatAcross } from "../panels/transforms";
import { ribPullOf } from "./blocking";
import { meshOf } from "./mesh";
import type { Progress } from "./newton";
import { relaxing, type KnownFabrics, type Relaxed, type RelaxOptions, type Unrelaxed } from "./relax";
import { stitchYarn } from "./stitchYarn";
import { followingYarn, type PathOptions, type YarnPath } from "./yarnPath";

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
  /** How often the repeat is drawn in each direction: once where it is large. */
  readonly times: number;
  /** Least and most yarn of a stitch, in plain loops. */
  readonly leastYarn: number;
  readonly mostYarn: number;
}

/** Panels of more stitches than this are drawn once in each direction. */
const MOST_TWICE = 2_000;
/** Drawings of more stitches than this show them so small that straighter yarn looks the same. */
const MOST_BENT = 1_000;

/** The yarn's path through a panel that was relaxed with these options, followed step by step. */
export function* followingThrough(
  panel: Panel,
  { aspect, blocking }: RelaxOptions,
  lying: Relaxed,
  drawn: PathOptions,
): Generator<Progress, YarnPath> {
  const mesh = meshOf(panel, { aspect, ribPull: ribPullOf(blocking) });
  // Whatever was relaxed has a mesh.
  if ("message" in mesh) throw new Error(mesh.message.code);
  return yield* followingYarn(panel, mesh, lying, drawn);
}

/**
 * Relaxes and draws a panel step by step, yielding progress.
 * Example: a rope 2/2 of 8 stitches by 4 rows is drawn as 16 by 8.
 */
export function* drawingFabric(
  panel: Panel,
  options: RelaxOptions,
  known?: KnownFabrics,
): Generator<Progress, DrawnFabric | Unrelaxed> {
  const one = yield* relaxing(panel, options, known);
  if (!one.ok) return one;
  const stitches = one.stitches * one.rows;
  const times = stitches <= MOST_TWICE ? 2 : 1;
  const drawn = repeatAcross(panel, times) ?? panel;
  const lying = times === 1 ? one : yield* relaxing(drawn, options, known);
  if (!lying.ok) return lying;
  const yarn = stitchYarn(drawn, options.aspect);
  const bent = stitches * times ** 2 <= MOST_BENT;
  const path = yield* followingThrough(drawn, options, lying, {
    up: times,
    pieces: bent ? 24 : 8,
    yarn,
    contact: bent,
  });
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
    times,
    leastYarn: yarn.reduce((least, loops) => Math.min(least, loops), Infinity),
    mostYarn: yarn.reduce((most, loops) => Math.max(most, loops), 0),
  };
}
