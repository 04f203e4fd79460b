import fc from "fast-check";
import { AXES, clothOf, pairsOf, shortWay } from "./near";

const OPTIONS = { diameter: 0.3, period: 3 };

/** A line that wanders in steps of at most 0.12, which are found however they lie. */
const wandering = fc
  .tuple(
    fc.tuple(
      fc.double({ min: 0, max: 2, noNaN: true }),
      fc.double({ min: -4, max: 4, noNaN: true }),
      fc.double({ min: -0.3, max: 0.3, noNaN: true }),
    ),
    fc.array(
      fc.tuple(
        ...([0, 1, 2].map(() => fc.double({ min: -0.07, max: 0.07, noNaN: true })) as [
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
        ]),
      ),
      { minLength: 2, maxLength: 40 },
    ),
  )
  .map(([start, steps]) => {
    const points = [start as readonly number[]];
    for (const step of steps)
      points.push((points.at(-1) ?? []).map((value, axis) => value + (step[axis] ?? 0)));
    return Float64Array.from(points.flat());
  });

test("the pairs that the grid finds are those that a look at all of them finds", () => {
  fc.assert(
    fc.property(fc.array(wandering, { minLength: 1, maxLength: 5 }), (lines) => {
      const cloth = clothOf(lines);
      const { points, pieces, lineOf, along, lengths } = cloth;
      const found = pairsOf(cloth, OPTIONS);
      const told = new Set<string>();
      for (let at = 0; at < found.length; at += 2)
        told.add([found[at] ?? 0, found[at + 1] ?? 0].sort((a, b) => a - b).join());
      const middle = (piece: number, axis: number) => {
        const at = (pieces[piece] ?? 0) + axis;
        return ((points[at] ?? 0) + (points[at + AXES] ?? 0)) / 2;
      };
      const looked = new Set<string>();
      for (let one = 0; one < pieces.length; one += 1)
        for (let other = one + 1; other < pieces.length; other += 1) {
          const [x = 0, y = 0, z = 0] = [0, 1, 2].map((axis) => middle(other, axis) - middle(one, axis));
          const reach = 1.2 * OPTIONS.diameter + ((lengths[one] ?? 0) + (lengths[other] ?? 0)) / 2;
          const up = Math.min(...[-4, -3, -2, -1, 0, 1, 2, 3, 4].map((round) => Math.abs(y + 3 * round)));
          const bend =
            lineOf[one] === lineOf[other] && (along[other] ?? 0) - (along[one] ?? 0) < 2 * OPTIONS.diameter;
          if (Math.hypot(x, up, z) < reach && !bend)
            looked.add([pieces[one] ?? 0, pieces[other] ?? 0].join());
        }
      expect([...told].sort()).toEqual([...looked].sort());
      // Each of them once.
      expect(told.size).toBe(found.length / 2);
    }),
    { numRuns: 60, endOnFailure: true },
  );
});

test("the short way round is no longer than half a period, and ends where the long one does", () => {
  fc.assert(
    fc.property(fc.double({ min: -20, max: 20, noNaN: true }), (up) => {
      const short = shortWay(up, OPTIONS.period);
      expect(Math.abs(short)).toBeLessThanOrEqual(OPTIONS.period / 2 + 1e-12);
      const rounds = (up - short) / OPTIONS.period;
      expect(rounds).toBeCloseTo(Math.round(rounds), 9);
    }),
  );
});
