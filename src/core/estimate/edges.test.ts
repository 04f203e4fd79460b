import { plainStitch } from "../stitches/plainStitch";
import { millimetres } from "../units/brands";
import { CAST_OFF_IDS, CAST_ON_IDS, type CastOff, type CastOn } from "../project/edgeKinds";
import { castOffCounts, castOnCounts, seamCounts, swatchYarn } from "./edges";
import { lengthOf, measuresOf } from "./measures";
import { tailMm, type Tail } from "./uses";

const plain = plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 });
const edge = { stitches: 20, scale: 1, width: 100 / plain.widthMm };
const at = (castOff = 0) => measuresOf(plain, { castOff, give: 0, extras: 0 });
const tail: Tail = {
  school: "wraps",
  basis: {
    stitches: 20,
    needleMm: millimetres(5),
    thicknessMm: millimetres(2.8311),
    twentyMm: millimetres(400),
  },
  width: edge.width,
};
const castOnYarn = (kind: CastOn) =>
  lengthOf(castOnCounts(kind, edge), at()) + (kind === "longTail" ? tailMm(tail, plain, 0) : 0);
const castOffYarn = (kind: CastOff, off = 0) => lengthOf(castOffCounts(kind, edge), at(off));

test.each([
  ["longTail", 20 * 19.133 + 600],
  ["knittedOn", 40 * 19.133 + 150],
  ["cable", 40 * 19.133 + 150],
  ["tubular", 44 * 19.133 + 150],
] as const)("20 stitches cast on, %s", (kind, expected) => {
  expect(castOnYarn(kind) / expected).toBeCloseTo(1, 4);
});

test.each([
  ["plain", 24 * 19.133],
  ["threeNeedle", 25 * 19.133],
  ["sewn", 350],
  ["tubular", 350],
  ["grafted", 22 * 19.133],
] as const)("20 stitches cast off, %s; its doubt moves it", (kind, expected) => {
  expect(castOffYarn(kind) / expected).toBeCloseTo(1, 4);
  expect(castOffYarn(kind, 0.1)).toBeCloseTo(castOffYarn(kind) * Math.exp(0.1), 6);
});

test("two seams of 59 cm take one and a half times their length and four ends", () => {
  const seamYarn = (times: number) => lengthOf(seamCounts(times, { mm: 590 }), at());
  expect(seamYarn(2)).toBe(2 * (885 + 300));
  expect(seamYarn(0)).toBe(0);
});

test("a swatch of 10 cm holds its 560 stitches and its edges", () => {
  const yarn = swatchYarn(100, plain.widthMm, plain.heightMm, plain.loopMm);
  expect(yarn).toBeCloseTo((560 + 40 + 24) * plain.loopMm + 300, 4);
});

test("every kind is in the table once, and none is free", () => {
  for (const kind of CAST_ON_IDS) expect(castOnYarn(kind)).toBeGreaterThan(150);
  for (const kind of CAST_OFF_IDS) expect(castOffYarn(kind)).toBeGreaterThan(0);
});
