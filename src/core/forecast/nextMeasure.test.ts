import { patternSwatch, plainSwatch, readOff, unswatched, withSwatches } from "@testing/anySwatch";
import { answerTo } from "@testing/anyProject";
import type { Project } from "../project/project";
import { normalsFrom } from "./draws";
import { nextMeasures } from "./nextMeasure";
import { chanceBelow } from "./normal";

const next = (project: Project) => nextMeasures(answerTo(project), "steady");
const spread = (project: Project) => {
  const { p10, p90 } = answerTo(project).yarns[0].quantilesMm;
  return p90 - p10;
};

test("the normal distribution against tabled values", () => {
  expect(chanceBelow(0)).toBeCloseTo(0.5, 7);
  expect(chanceBelow(1.644854)).toBeCloseTo(0.95, 6);
  expect(chanceBelow(-2.326348)).toBeCloseTo(0.01, 6);
});

test("draws are the same for the same seed, and standard normal", () => {
  const [one, other] = [normalsFrom(1), normalsFrom(1)];
  expect(one).toEqual(other);
  expect(normalsFrom(2)).not.toEqual(one);
  const mean = one.reduce((sum, value) => sum + value, 0) / one.length;
  const variance = one.reduce((sum, value) => sum + value ** 2, 0) / one.length;
  expect(mean).toBeCloseTo(0, 12);
  expect(variance).toBeCloseTo(1, 1);
  expect(one.filter((value) => value < 1.644854).length / one.length).toBeCloseTo(0.95, 2);
});

test("more repeats tell more, and a swatch tells what was said of it beforehand", () => {
  const options = next(unswatched());
  const left = (id: string) => options.find((one) => one.id === id)?.left ?? NaN;
  expect(left("pattern 3")).toBeLessThan(left("pattern 2"));
  expect(left("pattern 2")).toBeLessThan(left("pattern 1"));
  const swatched = withSwatches(readOff({ ...plainSwatch({ stitches: 22, rows: 30 }), scaleStepG: 1 }));
  const told = options.find(({ id }) => id === "plain")?.spreadM ?? NaN;
  expect(spread(swatched) / 1000 / told).toBeCloseTo(1, 1);
});

test("most is told first, and what would save a ball says so", () => {
  const options = next(unswatched());
  expect(options.map(({ left }) => left)).toEqual(options.map(({ left }) => left).sort((a, b) => a - b));
  for (const { left, savesChance } of options) {
    expect(left).toBeGreaterThan(0);
    expect(left).toBeLessThanOrEqual(1);
    expect(savesChance).toBeLessThanOrEqual(1);
  }
});

test("of a swatch that is there, only what was not done is proposed", () => {
  const unweighed = { ...readOff(patternSwatch()), massG: null };
  expect(next(withSwatches(unweighed)).map(({ id }) => id)).toContain("pattern weigh");
  const coarse = readOff({ ...patternSwatch(), scaleStepG: 1 });
  const ids = next(withSwatches(coarse)).map(({ id }) => id);
  expect(ids).toContain("pattern finer");
  expect(ids).not.toContain("pattern weigh");
  expect(ids).not.toContain("pattern finished");
});

test("the school of the allowance buys plain fabric and so many per cent, and says how sure that is", () => {
  const ruled = (percent: number) =>
    answerTo({ ...unswatched(), school: { by: "allowance", percent } }).yarns[0];
  const { ledger, totalMm, byAllowance, advised } = ruled(25);
  const plain = totalMm - ledger.drawIn - ledger.crossings - ledger.texture;
  expect(byAllowance.needMm).toBeCloseTo(1.25 * plain, 6);
  expect(advised.balls).toBe(byAllowance.balls);
  expect(ruled(60).advised.balls).toBeGreaterThan(ruled(0).advised.balls);
  expect(ruled(60).advised.chance).toBeGreaterThan(ruled(0).advised.chance);
});
