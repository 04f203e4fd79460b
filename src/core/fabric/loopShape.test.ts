import { loopAt, THICKEST } from "./loopShape";

const ASPECT = 0.72;
const STEPS = 60;

type Point = readonly [number, number, number];

/** Points of one loop of stockinette, or of reverse stockinette, at a wale and a row. */
const loop = (wale: number, row: number, front: 1 | -1): readonly Point[] =>
  Array.from({ length: STEPS }, (_, step): Point => {
    const turn = Math.PI * ((2 * step) / STEPS - 1);
    const { across, up, leansUp, out } = loopAt(turn, front);
    return [wale + turn / (2 * Math.PI) + across, ASPECT * (row + up + leansUp), out];
  });

const least = (one: readonly Point[], other: readonly Point[]) =>
  Math.min(...one.flatMap(([a, b, c]) => other.map(([d, e, f]) => Math.hypot(a - d, b - e, c - f))));

test.each([1, -1] as const)(
  "plain loops pass one another by four fifths of the thickest yarn, face %s",
  (front) => {
    const one = loop(0, 0, front);
    for (const row of [1, 2])
      for (const wale of [-1, 0, 1])
        expect([row, wale, least(one, loop(wale, row, front)) > 0.8 * THICKEST]).toEqual([row, wale, true]);
    // Beside it, but for the half of each that goes over into the other.
    const [right, left] = [one.slice(STEPS / 2), loop(1, 0, front).slice(STEPS / 2)];
    expect(least(right, left)).toBeGreaterThan(0.8 * THICKEST);
  },
);

test("without its lean the loop would lie deeper in its neighbours than that", () => {
  const upright = (wale: number, row: number) =>
    loop(wale, row, 1).map(([x, y, z], step): Point => {
      const [mirrored, at] = [loop(-wale, row, 1), (STEPS - step) % STEPS];
      const [mx = 0, my = 0, mz = 0] = mirrored[at] ?? [];
      return step === 0 ? [x, y, z] : [(x - mx) / 2, (y + my) / 2, (z + mz) / 2];
    });
  expect(least(upright(0, 0), upright(0, 1))).toBeLessThan(0.8 * THICKEST);
});
