/** Two hundred knitters drawn from the priors: they swatch, are told, knit, and the truth is held against it. */
import { deviationsOf, ofProject } from "../belief/axes";
import { patternSwatch, plainSwatch, readOff, unswatched, withSwatches } from "../belief/anySwatch";
import { answerTo, reckoned } from "../estimate/anyProject";
import { joinWaste } from "../estimate/balls";
import { needOf } from "../estimate/need";
import type { Project } from "../files/project";
import { drawsOf, normalsFrom } from "./draws";

const KNITTERS = 200;
const { belief, plan } = reckoned(unswatched());
const truths = drawsOf(belief);
/** Every hundredth draw: none is its neighbour turned over. */
const truthOf = (knitter: number) => Float64Array.from(truths, (axis) => axis[100 * knitter + 1] ?? 0);
const noises = normalsFrom(77, 12 * KNITTERS * 2);
const noiseOf = (knitter: number, swatch: number) =>
  [0, 1, 2].map((reading) => noises[2 * (12 * knitter + 4 * swatch + reading)] ?? 0);

/** What a knitter really takes, without joins. */
const need = [...needOf(plan).values()][0] ?? (() => NaN);
const trulyTakes = (truth: Float64Array) => need(ofProject(deviationsOf(belief.axes, truth)));

/** How many of the knitters' truths lie in the band that they were told, and how wide it is in the middle. */
function told(projectOf: (knitter: number) => Project) {
  let inside = 0;
  const widths: number[] = [];
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const [yarn] = answerTo(projectOf(knitter)).yarns;
    const { p5, p95 } = yarn.quantilesMm;
    const truth = trulyTakes(truthOf(knitter)) + joinWaste(yarn.balls);
    if (truth >= p5 && truth <= p95) inside += 1;
    widths.push(Math.log(p95 / p5));
  }
  return { share: inside / KNITTERS, width: widths.sort((a, b) => a - b)[KNITTERS / 2] ?? 0 };
}

test("the truth lies in the 90 % band for 84 to 96 in 100, and each swatch narrows it", () => {
  const swatches = Array.from({ length: KNITTERS }, (_, knitter) => ({
    plain: readOff(plainSwatch(), truthOf(knitter), noiseOf(knitter, 0)),
    pattern: readOff(patternSwatch(), truthOf(knitter), noiseOf(knitter, 1)),
  }));
  const none = told(() => unswatched());
  const plain = told((knitter) =>
    withSwatches(...swatches.slice(knitter, knitter + 1).map((one) => one.plain)),
  );
  const both = told((knitter) =>
    withSwatches(...swatches.slice(knitter, knitter + 1).flatMap((one) => [one.plain, one.pattern])),
  );
  for (const { share } of [none, plain, both]) {
    expect(share).toBeGreaterThanOrEqual(0.84);
    expect(share).toBeLessThanOrEqual(0.96);
  }
  expect(plain.width).toBeLessThan(0.6 * none.width);
  expect(both.width).toBeLessThan(plain.width);
}, 180_000);
