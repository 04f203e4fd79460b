import { loopAt, THICKEST } from "./loopShape";

const ASPECT = 0.72;
const STEPS = 60;

type Point = readonly [number, number, number];

/** Points of one loop of stockinette, or of reverse stockinette, at a wale and a row. */
const loop = (wale: number, row: number, front: 1 | -1, leans = 1): readonly Point[] =>
  Array.from({ length: STEPS }, (_, step): Point => {
    const turn = Math.PI * ((2 * step) / STEPS - 1);
    const { across, up, leansUp, out } = loopAt(turn, front, leans);
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

test("upright it would lie deeper in its neighbours than that", () => {
  expect(least(loop(0, 0, 1, 0), loop(0, 1, 1, 0))).toBeLessThan(0.8 * THICKEST);
});

test("a purl is a knit stitch seen from the back, and a loop is as long as its yarn within 8 in 100", () => {
  const [knit, purl] = [loop(0, 0, 1), loop(0, 0, -1)];
  // Turned about the upright axis the yarn runs the other way: step by step from the other foot.
  for (let step = 1; step < STEPS; step += 1) {
    const [[x = NaN, y = NaN, z = NaN] = [], [mx, my, mz] = []] = [knit[step], purl[STEPS - step]];
    expect([x, y, z]).toEqual(
      [-(mx ?? NaN), my, -(mz ?? NaN)].map((value) => expect.closeTo(value ?? NaN, 9)),
    );
  }
  const closed = [...knit, ...loop(1, 0, 1).slice(0, 1)];
  const length = closed.slice(1).reduce((sum, [x, y, z], at) => {
    const [px, py, pz] = closed[at] ?? [x, y, z];
    return sum + Math.hypot(x - px, y - py, z - pz);
  }, 0);
  expect(Math.abs(length / Math.sqrt(20.5 * ASPECT) - 1)).toBeLessThan(0.08);
});
