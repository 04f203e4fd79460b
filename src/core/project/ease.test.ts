import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { readEase, tellEase } from "./ease";

test.each([
  ["-4 cm", -40],
  ["−4", -40],
  ["8 cm", 80],
  ["0", 0],
  ["0 cm", 0],
  ["1 in", 25.4],
])("%s is %d mm of ease", (text, mm) => {
  const reading = readEase(text, "metric");
  expect(reading.ok && reading.value).toBeCloseTo(mm, 9);
});

test.each([
  ["", /0 for nothing/],
  ["2 m", /Over 1 m of ease/],
  ["0.2 mm", /type 0/],
  ["a bit", /not a number/],
])("“%s” is told", (text, words) => {
  const reading = readEase(text, "metric");
  expect(reading.ok ? "read" : sentence(reading.message)).toMatch(words);
});

test("any ease is read back from its own words", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -900, max: 900 }),
      fc.constantFrom("metric" as const, "imperial" as const),
      (mm, units) => {
        const reading = readEase(tellEase(mm, units), units);
        expect(Math.abs((reading.ok ? reading.value : NaN) - mm)).toBeLessThan(0.3);
      },
    ),
  );
});
