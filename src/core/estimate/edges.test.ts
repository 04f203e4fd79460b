import { plainStitch } from "../fabric/plainStitch";
import { millimetres } from "../units/brands";
import {
  CAST_OFF_IDS,
  CAST_ON_IDS,
  castOffYarn,
  castOnYarn,
  seamYarn,
  swatchYarn,
  type EdgeBasis,
} from "./edges";

const plain = plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 });
const edge: EdgeBasis = { stitches: 20, plain, widthMm: millimetres(100) };
const tail = {
  school: "wraps",
  basis: {
    stitches: 20,
    needleMm: millimetres(5),
    thicknessMm: millimetres(2.8311),
    twentyMm: millimetres(400),
    finishedWidthMm: millimetres(100),
  },
  deviation: 0,
} as const;

test.each([
  ["longTail", 20 * 19.133 + 600],
  ["knittedOn", 40 * 19.133 + 150],
  ["cable", 40 * 19.133 + 150],
  ["tubular", 44 * 19.133 + 150],
] as const)("20 stitches cast on, %s", (kind, expected) => {
  expect(castOnYarn(kind, edge, tail) / expected).toBeCloseTo(1, 4);
});

test.each([
  ["plain", 24 * 19.133],
  ["threeNeedle", 25 * 19.133],
  ["sewn", 350],
  ["tubular", 350],
  ["grafted", 22 * 19.133],
] as const)("20 stitches cast off, %s; its doubt moves it", (kind, expected) => {
  expect(castOffYarn(kind, edge) / expected).toBeCloseTo(1, 4);
  expect(castOffYarn(kind, edge, 0.1)).toBeCloseTo(castOffYarn(kind, edge) * Math.exp(0.1), 6);
});

test("two seams of 59 cm take one and a half times their length and four ends", () => {
  expect(seamYarn(2, millimetres(590))).toBe(2 * (885 + 300));
  expect(seamYarn(0, millimetres(590))).toBe(0);
});

test("a swatch of 10 cm holds its 560 stitches and its edges", () => {
  const yarn = swatchYarn(millimetres(100), plain);
  expect(yarn).toBeCloseTo((560 + 40 + 24) * plain.loopMm + 300, 4);
});

test("every kind is in the table once, and none is free", () => {
  for (const kind of CAST_ON_IDS) expect(castOnYarn(kind, edge, tail)).toBeGreaterThan(150);
  for (const kind of CAST_OFF_IDS) expect(castOffYarn(kind, edge)).toBeGreaterThan(0);
});
