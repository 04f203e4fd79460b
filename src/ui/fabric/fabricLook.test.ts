import { millimetres } from "@/core/units/brands";
import { THICKEST } from "@/core/fabric/loopShape";
import { drawnThickness } from "./fabricLook";

test("the drawn yarn follows its thickness, within what a fabric presses it to", () => {
  expect(drawnThickness(millimetres(2.5), 5)).toBeCloseTo(0.34, 9);
  expect(drawnThickness(millimetres(9), 5)).toBe(THICKEST);
  expect(drawnThickness(millimetres(0.5), 5)).toBe(0.28);
  expect(drawnThickness(null, 5)).toBe(THICKEST);
});
