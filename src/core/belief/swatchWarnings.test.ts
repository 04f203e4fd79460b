import { sentence } from "@testing/sentence";
import { newSection } from "../project/sections";
import type { Swatch } from "../project/swatches";
import { beliefOf, plainSwatch, withSwatches } from "@testing/anySwatch";
import { swatchWarnings } from "./swatchWarnings";
import { needleAdvice } from "./needleAdvice";

const hints = (given: Partial<Swatch>) => {
  const [of] = beliefOf(withSwatches(plainSwatch(given))).swatches;
  return of ? swatchWarnings(of, "wetBlocked") : [];
};
const about = (given: Partial<Swatch>) => hints(given).map((hint) => hint.about);
const measured = (widthMm: number) => ({ widthMm, stitches: null, heightMm: 120, rows: null });

test("a good swatch is told nothing", () => {
  expect(hints({ finished: measured(140), massG: 13.1 })).toEqual([]);
});

test("a swatch under 10 cm is told what its tape costs", () => {
  expect(sentence(hints({ finished: measured(60) })[0]?.message)).toMatch(
    /^Over 6\.0 cm a tape is 5\.2 % uncertain; over 20 cm it would be 2\.1 %/,
  );
});

test("a scale too coarse for the swatch says its error in per cent", () => {
  expect(sentence(hints({ massG: 13, scaleStepG: 1 })[0]?.message)).toMatch(
    /^Steps of 1 g on 13 g can be 3\.8 % off/,
  );
  expect(about({ massG: 13, scaleStepG: 0.1 })).toEqual([]);
  expect(about({ massG: 90, scaleStepG: 1 })).toEqual([]);
});

test("a gauge from before the bath is not used as one from behind it without a word", () => {
  expect(about({ asKnit: measured(140) })).toEqual(["blocking"]);
  expect(about({ asKnit: measured(140), finished: measured(142) })).toEqual([]);
});

test("ribbing is no place to count, and a swatch without rows cannot be weighed", () => {
  const fabric = newSection("fabric", "plain/fabric", { content: "ground", ground: "rib2" });
  expect(about({ fabric, finished: measured(140) })).toEqual(["ribbing"]);
  expect(about({ rows: null })).toEqual(["rows"]);
});

test("more stitches than asked want a thicker needle, fewer a thinner one, and near enough none", () => {
  expect(needleAdvice(20, 18, 5)).toMatchObject({ needleMm: 6 });
  expect(needleAdvice(20, 18, 5)?.gives).toBeCloseTo(18.26, 2);
  expect(needleAdvice(17, 18, 5)).toMatchObject({ needleMm: 4.5 });
  expect(needleAdvice(18.2, 18, 5)).toBeNull();
});
