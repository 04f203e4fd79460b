import { plainStitch } from "./plainStitch";

test("20 stitches and 28 rows to 10 cm: the worked figures", () => {
  const plain = plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 });
  expect(plain.widthMm).toBe(5);
  expect(plain.heightMm).toBeCloseTo(3.571, 3);
  expect(plain.loopMm).toBeCloseTo(19.13, 2);
  expect((560 * plain.loopMm) / 1000).toBeCloseTo(10.71, 2);
});
