import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { readQuantities } from "./quantities";

const told = (text: string) => {
  const reading = readQuantities(text);
  return reading.ok
    ? reading.value.map(({ number, unit }) => [number, unit ? `${unit.kind} ${unit.factor}` : "bare"])
    : sentence(reading.message);
};

test.each([
  ["24 cm", [[24, "length 10"]]],
  ["3 1/2 in", [[3.5, "length 25.4"]]],
  ['3½"', [[3.5, "length 25.4"]]],
  ["½ in", [[0.5, "length 25.4"]]],
  ["1/2in", [[0.5, "length 25.4"]]],
  ["3,5 oz", [[3.5, "mass 28.349523125"]]],
  [
    "50g/125m",
    [
      [50, "mass 1"],
      [125, "length 1000"],
    ],
  ],
  [
    "20 sts in 4 in",
    [
      [20, "stitches 1"],
      [4, "length 25.4"],
    ],
  ],
  [
    "20/10cm",
    [
      [20, "bare"],
      [10, "length 10"],
    ],
  ],
  [
    "5 st per inch",
    [
      [5, "stitches 1"],
      [1, "length 25.4"],
    ],
  ],
  [
    "5 st/in",
    [
      [5, "stitches 1"],
      [1, "length 25.4"],
    ],
  ],
  [
    "5 ft 4 in",
    [
      [5, "length 304.79999999999995"],
      [4, "length 25.4"],
    ],
  ],
  [
    "100 g - 165 m",
    [
      [100, "mass 1"],
      [165, "length 1000"],
    ],
  ],
])("%s is understood", (text, expected) => {
  expect(told(text)).toEqual(expected);
});

test.each([
  ["", /Nothing is typed/],
  ["-5 cm", /cannot be negative/],
  ["1,200 yd", /can mean 1200 or 1.200/],
  ["1.2.3", /not a number/],
  ["12 parsecs", /“parsecs” is not/],
  ["cm", /“cm” is not/],
])("%s is refused in words", (text, problem) => {
  expect(told(text)).toMatch(problem);
});

test("any text is read or refused with a place inside it, never thrown at", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", maxLength: 40 }), (text) => {
      const reading = readQuantities(text);
      if (!reading.ok)
        return reading.at >= 0 && reading.at <= text.length && sentence(reading.message).length > 0;
      return reading.value.every(({ number }) => Number.isFinite(number) && number >= 0);
    }),
    { numRuns: 2000 },
  );
});

test("a decimal number comes back as typed, with point or comma", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 99_999 }), fc.integer({ min: 0, max: 99 }), (whole, part) => {
      const decimals = String(part).padStart(2, "0");
      const expected = [[Number(`${whole}.${decimals}`), "length 10"]];
      expect(told(`${whole}.${decimals} cm`)).toEqual(expected);
      expect(told(`${whole},${decimals} cm`)).toEqual(expected);
    }),
  );
});
