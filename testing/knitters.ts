/** Knitters of two worlds, whose true hands are known. One world is that of the priors; the other is harsher. */
import { deviationsOf, ofProject, putUpId, readerOf } from "@/core/belief/unknowns";
import { MEASUREMENT_KINDS } from "@/core/belief/measurementKinds";
import { yarnNeeds } from "@/core/estimate/yarnNeed";
import { drawsOf, normalsFrom } from "@/core/forecast/draws";
import type { Swatch } from "@/core/project/swatches";
import { calculated } from "./anyProject";
import { beliefOf, readOff, unswatched, withSwatches } from "./anySwatch";

export const KNITTERS = 200;

const { belief, plan } = calculated(unswatched());
const { axes } = belief;

/** What is off of a knitter's project. */
export const trulyOff = (truth: Float64Array) => ofProject(deviationsOf(axes, truth));

/** What a knitter really takes, without joins; and what one of the balls really holds, in mm. */
const need = [...yarnNeeds(plan).values()][0];
export const trulyTakes = (truth: Float64Array) => need?.at(trulyOff(truth)) ?? NaN;
export const trulyHolds = (truth: Float64Array) =>
  1000 *
  (plan.yarns[0]?.putUp.lengthM ?? NaN) *
  Math.exp(truth[axes.indexOf(putUpId(plan.yarns[0]?.id ?? ""))] ?? 0);

export interface World {
  /** What a ball holds against its label, in length and weight alike. */
  readonly ball: number;
  readonly truthOf: (knitter: number) => Float64Array;
  /** The swatch as this knitter reads it off. */
  readonly read: (swatch: Swatch, knitter: number) => Swatch;
  /** Noise of its tapes and scales, of variance 1. */
  readonly noise: () => number;
}

const draws = drawsOf(belief);
const noises = normalsFrom(77, 12 * KNITTERS * 2);
const placeOf = ({ id }: Swatch, knitter: number) => 2 * (12 * knitter + (id === "plain" ? 0 : 4));

/** Standard normals one after the other. Every second one is its forerunner turned over: one of each pair. */
function oneByOne(seed: number): () => number {
  const normals = normalsFrom(seed, 400_000);
  let at = 0;
  return () => normals[(at += 2)] ?? 0;
}

/** As the priors have it. Every hundredth draw: none is its neighbour turned over. */
export const ownWorld: World = {
  ball: 1,
  truthOf: (knitter) => Float64Array.from(draws, (axis) => axis[100 * knitter + 1] ?? 0),
  read: (swatch, knitter) =>
    readOff(
      swatch,
      ownWorld.truthOf(knitter),
      [0, 1, 2].map((reading) => noises[placeOf(swatch, knitter) + 2 * reading] ?? 0),
    ),
  noise: oneByOne(5151),
};

/** Student's t with four degrees of freedom, of variance 1: a normal over the root of a mean of four squares. */
function heavyTails(seed: number): () => number {
  const next = oneByOne(seed);
  return () => {
    const top = next();
    const squares = [next(), next(), next(), next()].reduce((sum, one) => sum + one ** 2, 0);
    return top / Math.sqrt(squares / 4) / Math.SQRT2;
  };
}

/** Heavy tails, cables that pull 35 % harder, balls 3 % light, a tape 3 mm off, a scale in whole grams, moisture 2 %. */
export function harsherWorld(): World {
  const tails = heavyTails(4242);
  const truths = Array.from({ length: KNITTERS }, () => {
    const truth = Float64Array.from(axes, (_, axis) => {
      const sd = Math.sqrt(belief.covariance[axis * axes.length + axis] ?? 0);
      return sd * tails();
    });
    for (const pull of ["drawWidth", "drawHeight"] as const) {
      const axis = axes.indexOf(pull);
      truth[axis] = (truth[axis] ?? 0) + Math.log(1.35);
    }
    const [height, width] = [axes.indexOf("height"), axes.indexOf("width")];
    const pair = belief.covariance[height * axes.length + width] ?? 0;
    if (pair > 0) throw new Error("the rows of this project would hang on its stitches");
    return truth;
  });
  const truthOf = (knitter: number) => truths[knitter] ?? new Float64Array(axes.length);
  return {
    ball: 0.97,
    noise: tails,
    truthOf,
    read: (swatch, knitter) => {
      const [of] = beliefOf(withSwatches(swatch)).swatches;
      const unknowns = readerOf(axes)(truthOf(knitter));
      const exactly = (id: "finishedWidth" | "finishedHeight" | "mass") => {
        const predict = of && MEASUREMENT_KINDS[id].predict(of);
        if (!predict) throw new Error(`no ${id}`);
        return predict(unknowns);
      };
      const taped = (mm: number) => mm * Math.exp(0.015 * tails()) + 3 * tails();
      return {
        ...swatch,
        scaleStepG: 1,
        finished: {
          widthMm: taped(exactly("finishedWidth")),
          stitches: null,
          heightMm: taped(exactly("finishedHeight")),
          rows: null,
        },
        massG: Math.round(exactly("mass") * Math.exp(0.02 * tails())),
      };
    },
  };
}
