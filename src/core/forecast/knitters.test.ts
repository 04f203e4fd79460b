/**
 * Knitters of two worlds: they swatch, are told, knit, and the truth is held against it. One world is that of the
 * priors; the other is harsher than they are.
 */
import { deviationsOf, ofProject, putUpId, readerOf } from "../belief/unknowns";
import { beliefOf, patternSwatch, plainSwatch, readOff, unswatched, withSwatches } from "@testing/anySwatch";
import { MEASUREMENT_KINDS } from "../belief/measurementKinds";
import { answerTo, calculated } from "@testing/anyProject";
import { JOIN_MM, joinWaste } from "../estimate/balls";
import { yarnNeeds } from "../estimate/yarnNeed";
import type { Swatch } from "../project/swatches";
import { drawsOf, normalsFrom } from "./draws";

const KNITTERS = 200;
const { belief, plan } = calculated(unswatched());
const { axes } = belief;

/** What a knitter really takes, without joins; and what one of the balls really holds, in mm. */
const need = [...yarnNeeds(plan).values()][0];
const trulyTakes = (truth: Float64Array) => need?.at(ofProject(deviationsOf(axes, truth))) ?? NaN;
const trulyHolds = (truth: Float64Array) =>
  1000 *
  (plan.yarns[0]?.putUp.lengthM ?? NaN) *
  Math.exp(truth[axes.indexOf(putUpId(plan.yarns[0]?.id ?? ""))] ?? 0);

interface World {
  /** What a ball holds against its label, in length and weight alike. */
  readonly ball: number;
  readonly truthOf: (knitter: number) => Float64Array;
  /** The swatch as this knitter reads it off. */
  readonly read: (swatch: Swatch, knitter: number) => Swatch;
}

const draws = drawsOf(belief);
const noises = normalsFrom(77, 12 * KNITTERS * 2);
const placeOf = ({ id }: Swatch, knitter: number) => 2 * (12 * knitter + (id === "plain" ? 0 : 4));

/** As the priors have it. Every hundredth draw: none is its neighbour turned over. */
const ownWorld: World = {
  ball: 1,
  truthOf: (knitter) => Float64Array.from(draws, (axis) => axis[100 * knitter + 1] ?? 0),
  read: (swatch, knitter) =>
    readOff(
      swatch,
      ownWorld.truthOf(knitter),
      [0, 1, 2].map((reading) => noises[placeOf(swatch, knitter) + 2 * reading] ?? 0),
    ),
};

/** Student's t with four degrees of freedom, of variance 1: a normal over the root of a mean of four squares. */
function heavyTails(seed: number): () => number {
  const normals = normalsFrom(seed, 400_000);
  let at = 0;
  // Every second normal is its forerunner turned over: one of each pair.
  const next = () => normals[(at += 2)] ?? 0;
  return () => {
    const top = next();
    const squares = [next(), next(), next(), next()].reduce((sum, one) => sum + one ** 2, 0);
    return top / Math.sqrt(squares / 4) / Math.SQRT2;
  };
}

/** Heavy tails, cables that pull 35 % harder, balls 3 % light, a tape 3 mm off, a scale in whole grams, moisture 2 %. */
function harsherWorld(): World {
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

/** What the knitters of a world were told, held against what they really took. */
function told(world: World, swatches: readonly Swatch[]) {
  let [inside, sure, short] = [0, 0, 0];
  const widths: number[] = [];
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const read = swatches.map((swatch) => world.read(swatch, knitter));
    const { yarns, weighed } = answerTo(withSwatches(...read));
    const [{ quantilesMm, balls, chances }] = yarns;
    const { p5, p95 } = quantilesMm;
    const truth = world.truthOf(knitter);
    const takes = trulyTakes(truth);
    if (takes + joinWaste(balls) >= p5 && takes + joinWaste(balls) <= p95) inside += 1;
    widths.push(Math.log(p95 / p5));
    const first = chances.find(({ chance }) => weighed && chance > 0.995);
    if (!first) continue;
    sure += 1;
    if (takes > JOIN_MM + first.balls * (world.ball * trulyHolds(truth) - JOIN_MM)) short += 1;
  }
  return { share: inside / KNITTERS, width: widths.sort((a, b) => a - b)[KNITTERS / 2] ?? 0, sure, short };
}

const covers = (share: number) => {
  expect(share).toBeGreaterThanOrEqual(0.84);
  expect(share).toBeLessThanOrEqual(0.97);
};

test("by the priors the truth lies in the 90 % band for 84 to 97 in 100, and each swatch narrows it", () => {
  const none = told(ownWorld, []);
  const plain = told(ownWorld, [plainSwatch()]);
  const both = told(ownWorld, [plainSwatch(), patternSwatch()]);
  for (const { share } of [none, plain, both]) covers(share);
  expect(plain.width).toBeLessThan(0.6 * none.width);
  expect(both.width).toBeLessThan(plain.width);
  // Over 99 is told to those alone who weighed a swatch of the pattern, and then it holds.
  expect([none.sure, plain.sure, both.sure]).toEqual([0, 0, KNITTERS]);
  expect(both.short).toBeLessThanOrEqual(KNITTERS / 100);
}, 240_000);

test("in a harsher world it still does, with a plain swatch and with both", () => {
  const world = harsherWorld();
  const plain = told(world, [plainSwatch()]);
  const both = told(world, [plainSwatch(), patternSwatch()]);
  for (const { share } of [plain, both]) covers(share);
  expect(both.short).toBeLessThanOrEqual(Math.max(1, both.sure / 100));
}, 240_000);
