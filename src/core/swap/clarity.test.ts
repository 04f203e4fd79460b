import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { DYED } from "../project/label";
import { grams, metres } from "../units/brands";
import { clarityOf } from "./clarity";
import { luminanceOf } from "../yarn/colour";
import { readFibres, tellBlend } from "../yarn/fibres";
import { heldTogether } from "../yarn/strands";
import { assumedGauge } from "../yarn/thickness";
import { texOf } from "../yarn/putUp";

const best = { colour: "#efe6d2", dyed: "solid", fibres: "100 % wool", plies: 4 } as const;

test("a light, round, springy yarn in one colour shows its cables; a dark fuzzy one hides them", () => {
  expect(clarityOf(best, 1)).toMatchObject({ score: 96, level: "clear" });
  const worst = clarityOf(
    { colour: "#1a1a22", dyed: "variegated", fibres: "60 % mohair, 40 % silk", plies: 1 },
    1,
  );
  expect(worst.level).toBe("hidden");
  expect(worst.score).toBeLessThan(10);
  expect(worst.reasons[0]?.points).toBeLessThan(0);
});

test.each([
  ["one ply", { plies: 1 }],
  ["two plies", { plies: 2 }],
  ["halo", { fibres: "50 % wool 50 % alpaca" }],
  ["drape", { fibres: "silk" }],
  ["heather", { dyed: "heathered" as const }],
  ["many colours", { dyed: "variegated" as const }],
  ["a dark colour", { colour: "#26304a" }],
])("%s shows cables less clearly, and says so", (_, given) => {
  const less = clarityOf({ ...best, ...given }, 1);
  expect(less.score).toBeLessThan(96);
  expect(less.reasons.every(({ says }) => sentence(says).length > 5)).toBe(true);
});

test("strands held together take something, and a score never leaves its scale", () => {
  expect(clarityOf(best, 3).score).toBe(90);
  fc.assert(
    fc.property(
      fc.record({
        colour: fc
          .integer({ min: 0, max: 0xffffff })
          .map((value) => `#${value.toString(16).padStart(6, "0")}`),
        dyed: fc.constantFrom(...DYED),
        fibres: fc.string({ maxLength: 40 }),
        plies: fc.option(fc.integer({ min: 1, max: 24 }), { nil: null }),
      }),
      fc.integer({ min: 1, max: 4 }),
      (label, strands) => {
        const { score } = clarityOf(label, strands);
        expect(Number.isInteger(score) && score >= 0 && score <= 100).toBe(true);
      },
    ),
  );
});

test.each([
  ["70 % wool, 30% Alpaca", "70 % wool, 30 % alpaca"],
  ["Merino 80% / nylon 20 %", "80 % wool, 20 % nylon"],
  ["wool and silk", "50 % wool, 50 % silk"],
  ["baby alpaca, silk", "50 % alpaca, 50 % silk"],
  ["62,5 % linen; cotton", "63 % linen, 38 % cotton"],
])("%s is read as %s", (text, told) => {
  const blend = readFibres(text);
  expect(blend && tellBlend(blend)).toBe(told);
});

test("what names no fibre is no blend", () => {
  expect(readFibres("")).toBeNull();
  expect(readFibres("moon dust")).toBeNull();
});

test("white is as light as can be, black not at all", () => {
  expect(luminanceOf("#ffffff")).toBeCloseTo(1, 9);
  expect(luminanceOf("#000000")).toBe(0);
  expect(luminanceOf("#808080")).toBeCloseTo(0.216, 3);
});

const ball = (massG: number, lengthM: number) => ({ massG: grams(massG), lengthM: metres(lengthM) });

test("two strands of half the thickness are one, to the last figure", () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 200 }), fc.integer({ min: 20, max: 900 }), (massG, lengthM) => {
      const two = heldTogether([{ putUp: ball(massG, 2 * lengthM), strands: 2 }]);
      expect(two).toEqual(ball(massG, lengthM));
      expect(assumedGauge(two)).toEqual(assumedGauge(ball(massG, lengthM)));
    }),
  );
});

test("grams in a metre add up where different yarns are held together", () => {
  const fingering = ball(100, 400);
  const lace = ball(25, 210);
  const both = heldTogether([
    { putUp: fingering, strands: 1 },
    { putUp: lace, strands: 1 },
  ]);
  expect(texOf(both)).toBeCloseTo(texOf(fingering) + texOf(lace), 9);
  const twice = heldTogether([
    { putUp: fingering, strands: 1 },
    { putUp: fingering, strands: 1 },
  ]);
  expect(texOf(twice)).toBeCloseTo(texOf(heldTogether([{ putUp: fingering, strands: 2 }])), 9);
});
