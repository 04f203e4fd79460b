import { millimetres } from "@/core/units/brands";
import { drawnThickness } from "./fabricLook";

test("the drawn yarn follows its thickness, within what a fabric presses it to", () => {
  expect(drawnThickness(millimetres(2), 5)).toBeCloseTo(0.36, 9);
  expect(drawnThickness(millimetres(9), 5)).toBe(0.5);
  expect(drawnThickness(millimetres(0.5), 5)).toBe(0.34);
  expect(drawnThickness(null, 5)).toBe(0.5);
});
