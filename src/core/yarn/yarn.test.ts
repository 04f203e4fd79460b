import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { plainStitch } from "../stitches/plainStitch";
import { grams, metres, millimetres } from "../units/brands";
import { classOf } from "./classes";
import { tellPutUp } from "../units/format";
import { massOf, metresIn100G, readPutUp, texOf } from "./putUp";
import { assumedGauge, assumedStitch, isByHand, thicknessOf, usualNeedle, wrapsPerInch } from "./thickness";

const putUpOf = (text: string) => {
  const reading = readPutUp(text);
  if (!reading.ok) throw new Error(sentence(reading.message));
  return reading.value;
};
const aran = putUpOf("100 g = 165 m");

test.each([
  ["100 g = 165 m", 100, 165],
  ["3.5 oz = 180 yd", 99.223, 164.592],
  ["50g/125m", 50, 125],
  ["165 m per 100 g", 100, 165],
])("%s is a put-up", (text, massG, lengthM) => {
  expect(putUpOf(text).massG).toBeCloseTo(massG, 3);
  expect(putUpOf(text).lengthM).toBeCloseTo(lengthM, 3);
});

test("a length alone is a ball of unknown weight, told as it was typed", () => {
  const ball = putUpOf("480 yd");
  expect([ball.lengthM, ball.noMass]).toEqual([expect.closeTo(438.912, 3), true]);
  expect(tellPutUp(ball, "imperial")).toBe("480 yd");
});

test("giant yarns are yarns, and the hands are their needle", () => {
  for (const lengthM of [25, 52, 100]) {
    const giant = putUpOf(`1000 g = ${lengthM} m`);
    expect(assumedGauge(giant).stitchesPer10Cm).toBeGreaterThan(0.5);
    expect(isByHand(usualNeedle(plainStitch(assumedGauge(giant)).widthMm))).toBe(lengthM < 60);
  }
});

test("a thicker yarn or a thicker needle never gives a finer fabric, and the needle counts", () => {
  const yarn = fc.record({ massG: fc.constant(100), lengthM: fc.double({ min: 5, max: 900, noNaN: true }) });
  const needle = fc.double({ min: 1, max: 25, noNaN: true });
  const thicker = fc.double({ min: 1.001, max: 3, noNaN: true });
  const width = (lengthM: number, needleMm: number) =>
    assumedStitch({ massG: grams(100), lengthM: metres(lengthM) }, needleMm).widthMm;
  fc.assert(
    fc.property(yarn, needle, thicker, ({ lengthM }, needleMm, times) => {
      expect(width(lengthM / times, needleMm)).toBeGreaterThan(width(lengthM, needleMm));
      expect(width(lengthM, needleMm * times)).toBeGreaterThan(width(lengthM, needleMm));
    }),
  );
  // The joint posterior of a yarn at 0.08 and a needle at 0.10, by the second formula that precisions add up to.
  const { widthMm, sd } = assumedStitch(aran, 4);
  expect(sd).toBeCloseTo((0.08 * 0.1) / Math.hypot(0.08, 0.1), 9);
  const byYarn = 100 / assumedGauge(aran).stitchesPer10Cm;
  expect(widthMm).toBeCloseTo(byYarn ** (0.01 / 0.0164) * (4 / 0.92) ** (0.0064 / 0.0164), 6);
});

test.each([
  ["100 g", /length in the ball is missing/],
  ["100 165", /100 has no unit/],
  ["100 g 50 g", /Two weights/],
  ["165 m 165 m", /Two lengths/],
  ["20 sts 100 g", /no stitches/],
  ["0 g = 100 m", /more than zero/],
  ["100 kg = 165 m", /5 g to 2 kg/],
  ["1000 g = 15 m", /thicker than an arm/],
  ["100 g = 16500 m", /finer than cobweb/],
  ["20 g = 3 m", /at least 5 m/],
])("%s is refused as a put-up", (text, problem) => {
  const reading = readPutUp(text);
  expect(reading.ok ? "read" : sentence(reading.message)).toMatch(problem);
});

test("an aran of 165 m in 100 g: tex, thickness, wraps, class, mass, gauge and needle", () => {
  expect(texOf(aran)).toBeCloseTo(606.06, 2);
  expect(metresIn100G(aran)).toBe(165);
  expect(thicknessOf(aran)).toBeCloseTo(2.831, 3);
  expect(wrapsPerInch(thicknessOf(aran))).toBeCloseTo(8.97, 2);
  expect(classOf(aran)).toBe("aran");
  expect(massOf(metres(330), aran)).toBeCloseTo(200, 9);
  expect(assumedGauge(aran).stitchesPer10Cm).toBeCloseTo(17.26, 2);
  expect(assumedGauge(aran).rowsPer10Cm).toBeCloseTo(23.97, 2);
  expect(usualNeedle(millimetres(100 / 18))).toBe(5);
});

test.each([
  [500, "lace"],
  [400, "fingering"],
  [300, "sport"],
  [230, "DK"],
  [200, "worsted"],
  [85.1, "chunky"],
  [84, "super chunky"],
])("%d m in 100 g is %s", (lengthM, expected) => {
  expect(classOf({ massG: grams(100), lengthM: metres(lengthM) })).toBe(expected);
});
