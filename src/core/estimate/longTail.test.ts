import fc from "fast-check";
import { millimetres } from "../units/brands";
import { castOnCounts } from "./edges";
import { END_MM, TAIL_RULES, tailLength, type TailBasis, type TailRule } from "./longTail";

const schools = Object.keys(TAIL_RULES) as TailRule[];
const basis: TailBasis = {
  stitches: 96,
  needleMm: millimetres(5),
  thicknessMm: millimetres(2.84),
  twentyMm: millimetres(400),
  finishedWidthMm: millimetres(435),
};

test.each([
  ["wraps", 96 * Math.PI * (5 + 0.7 * 2.84)],
  ["twenty", (96 / 20) * 400],
  ["widths", 3 * 435],
] as const)("the school of %s calculates its stitches' part", (school, expected) => {
  expect(TAIL_RULES[school].lengthMm(basis)).toBeCloseTo(expected, 6);
});

test("a tail is long enough, holds its end, and is a whole number of 5 cm", () => {
  fc.assert(
    fc.property(fc.constantFrom(...schools), fc.integer({ min: 1, max: 600 }), (school, stitches) => {
      const tail = tailLength(school, { ...basis, stitches });
      const exact = TAIL_RULES[school].lengthMm({ ...basis, stitches }) + END_MM;
      expect(tail % 50).toBe(0);
      expect(tail).toBeGreaterThanOrEqual(exact - 1e-6);
      expect(tail - exact).toBeLessThan(50);
    }),
  );
});

test("a thicker needle or yarn wants a longer tail by wraps, and leaves the other schools alone", () => {
  const thicker = { ...basis, needleMm: millimetres(8), thicknessMm: millimetres(4) };
  expect(tailLength("wraps", thicker)).toBeGreaterThan(tailLength("wraps", basis));
  expect(tailLength("twenty", thicker)).toBe(tailLength("twenty", basis));
  expect(tailLength("widths", thicker)).toBe(tailLength("widths", basis));
});

test("a deviation acts on the stitches, not on the end", () => {
  const longer = tailLength("twenty", basis, Math.log(2));
  expect(longer).toBe(2 * 1920 + 160);
});

test("the needle side is one loop a stitch", () => {
  expect(castOnCounts("longTail", { stitches: 96, scale: 1 })).toEqual({ loops: 96 });
});
