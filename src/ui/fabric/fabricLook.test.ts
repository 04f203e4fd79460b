import { millimetres } from "@/core/units/brands";
import { mixed } from "@/core/yarn/colour";
import { drawnThickness, yarnScale } from "./fabricLook";

test("colours mix by their channels", () => {
  expect(mixed("#000000", "#ffffff", 0.5)).toBe("#808080");
  expect(mixed("#102030", "#405060", 0)).toBe("#102030");
  expect(mixed("#102030", "#405060", 1)).toBe("#405060");
});

test("a plain stitch is undyed; dearer ones redden, cheaper ones turn green, the furthest most", () => {
  const colourOf = yarnScale(0.55, 1.2);
  const channels = (colour: string) => [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16));
  const [plainRed = 0, plainGreen = 0] = channels(colourOf(1));
  const [red = 0, green = 0] = channels(colourOf(1.2));
  const [yarnOverRed = 0, yarnOverGreen = 0] = channels(colourOf(0.55));
  expect(red / green).toBeGreaterThan(plainRed / plainGreen);
  expect(yarnOverRed / yarnOverGreen).toBeLessThan(plainRed / plainGreen);
  expect(colourOf(1.1)).not.toBe(colourOf(1.2));
  expect(colourOf(9)).toBe(yarnScale(0.55, 9)(9));
});

test("the drawn yarn follows its thickness, within what a fabric presses it to", () => {
  expect(drawnThickness(millimetres(2), 5)).toBeCloseTo(0.36, 9);
  expect(drawnThickness(millimetres(9), 5)).toBe(0.5);
  expect(drawnThickness(millimetres(0.5), 5)).toBe(0.34);
  expect(drawnThickness(null, 5)).toBe(0.5);
});
