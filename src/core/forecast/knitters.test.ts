/** Knitters of two worlds swatch, are told, knit, and the truth is held against it. */
import { patternSwatch, plainSwatch, withSwatches } from "@testing/anySwatch";
import { answerTo } from "@testing/anyProject";
import { harsherWorld, KNITTERS, ownWorld, trulyHolds, trulyTakes, type World } from "@testing/knitters";
import { JOIN_MM, joinWaste } from "../estimate/balls";
import type { Swatch } from "../project/swatches";

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
