/** What Brenok tells can be typed again and means the same, within the figures it tells. */
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { readPutUp } from "../yarn/putUp";
import { grams, metres, millimetres, type UnitSystem } from "../units/brands";
import {
  formatChance,
  toldChance,
  formatFine,
  formatGauge,
  formatMass,
  formatSize,
  formatYarn,
  tellSize,
} from "../units/format";
import { readGauge } from "./gauge";
import { BARE_LENGTH, readLength } from "./length";
import type { Bounds, Reading } from "./reading";

const systems = fc.constantFrom<UnitSystem>("metric", "imperial");
const bounds: Bounds = { least: 1, most: 1_000_000, tooSmall: "widthTooSmall", tooLarge: "widthTooLarge" };

function valueOf<Value>(reading: Reading<Value>): Value {
  if (!reading.ok) throw new Error(sentence(reading.message));
  return reading.value;
}

test("a size told with two decimals is read back within half a hundredth", () => {
  fc.assert(
    fc.property(fc.double({ min: 5, max: 5000, noNaN: true }), systems, (size, system) => {
      const again = valueOf(readLength(tellSize(millimetres(size), system), BARE_LENGTH[system], bounds));
      expect(Math.abs(again - size)).toBeLessThanOrEqual(0.005 * BARE_LENGTH[system] + 1e-9);
    }),
  );
});

test("a size and a length of yarn told for reading are read back within their last figure", () => {
  fc.assert(
    fc.property(fc.double({ min: 20, max: 5000, noNaN: true }), systems, (size, system) => {
      const shown = valueOf(readLength(formatSize(millimetres(size), system), 1, bounds));
      expect(Math.abs(shown - size)).toBeLessThanOrEqual(0.05 * BARE_LENGTH[system] + 1e-9);
      const yarn = valueOf(readLength(formatYarn(metres(size / 100), system), 1, bounds));
      expect(Math.abs(yarn - size * 10)).toBeLessThanOrEqual(501);
    }),
  );
});

test("a gauge told in either system is read back in either, within a twentieth of a stitch", () => {
  fc.assert(
    fc.property(fc.double({ min: 4, max: 60, noNaN: true }), systems, systems, (gauge, told, read) => {
      for (const counted of ["stitches", "rows"] as const) {
        const again = valueOf(readGauge(formatGauge(gauge, counted, told), counted, read));
        expect(Math.abs(again - gauge)).toBeLessThanOrEqual(0.051);
      }
    }),
  );
});

test("a put-up told as mass and length is read back, whichever comes first", () => {
  fc.assert(
    fc.property(fc.integer({ min: 25, max: 500 }), fc.integer({ min: 50, max: 700 }), (mass, length) => {
      const told = [formatMass(grams(mass), "metric"), formatYarn(metres(length), "metric")];
      for (const text of [told.join(" = "), told.toReversed().join(" / ")])
        expect(valueOf(readPutUp(text))).toEqual({ massG: mass, lengthM: length });
    }),
  );
});

test("needles are told in millimetres without idle noughts", () => {
  expect([2, 2.25, 3.5, 10].map((size) => formatFine(millimetres(size)).replace("\u00a0", " "))).toEqual([
    "2 mm",
    "2.25 mm",
    "3.5 mm",
    "10 mm",
  ]);
});

test("the same measure told in either system is the same measure", () => {
  const inSystem = (system: UnitSystem) => [
    valueOf(readLength(tellSize(millimetres(432), system), 1, bounds)),
    valueOf(readLength(formatYarn(metres(322), system), 1, bounds)),
    valueOf(readGauge(formatGauge(18, "stitches", system), "stitches", system)),
    valueOf(readPutUp(`${formatMass(grams(50), system)} = ${formatYarn(metres(82), system)}`)).massG,
  ];
  const [metric, imperial] = [inSystem("metric"), inSystem("imperial")];
  // The coarsest figure is a tenth of an ounce: half of it is 2.8 % of a ball of 50 g.
  metric.forEach((value, index) => expect(Math.abs((imperial[index] ?? 0) / value - 1)).toBeLessThan(0.029));
});

test("chances are told in whole hundredths, never as certain", () => {
  expect([0.004, 0.5, 0.949, 0.994, 0.996].map((chance) => formatChance(chance, true))).toEqual([
    "under 1 in 100",
    "50 in 100",
    "95 in 100",
    "99 in 100",
    "over 99 in 100",
  ]);
});

test("before a swatch of the pattern is weighed nothing is told as surer than 97 in 100", () => {
  expect([0.5, 0.97, 0.974, 0.976, 0.9999].map((chance) => formatChance(chance, false))).toEqual([
    "50 in 100",
    "97 in 100",
    "97 in 100",
    "97 or more in 100",
    "97 or more in 100",
  ]);
  expect([0.5, 0.9999].map((chance) => toldChance(chance, false))).toEqual([0.5, 0.97]);
});
