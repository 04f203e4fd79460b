import fc from "fast-check";
import { toEnd } from "../steps";
import { pushingApart } from "./contact";
import { AXES } from "./near";

const OPTIONS = { diameter: 0.3, period: 4 };

/** A straight yarn from the left to the right, at a height and a depth. */
const straight = (y: number, z: number, turn = 0): Float64Array =>
  Float64Array.from(
    Array.from({ length: 40 }, (_, at) => {
      const along = (at - 20) * 0.1;
      return [along * Math.cos(turn), y + along * Math.sin(turn), z];
    }).flat(),
  );

/** Between the middles of two yarns, going round from the top to the bottom. */
function middlesApart(one: Float64Array, other: Float64Array) {
  const at = 20 * AXES;
  const [x, y, z] = [0, 1, 2].map((axis) => (one[at + axis] ?? 0) - (other[at + axis] ?? 0));
  const round = (((((y ?? 0) + 2) % 4) + 4) % 4) - 2;
  return Math.hypot(x ?? 0, round, z ?? 0);
}

test("yarns that lie in one another come apart, those that do not stay where they are", () => {
  const [one, other, far] = [straight(1, 0), straight(1.05, 0.05), straight(3, 0)];
  const before = far.slice();
  toEnd(pushingApart([one, other, far], OPTIONS));
  expect(middlesApart(one, other)).toBeGreaterThan(0.24);
  expect([...far].every((value, at) => Math.abs(value - (before[at] ?? 0)) < 1e-9)).toBe(true);
});

test("what lies at the top meets what lies at the bottom, since all comes again", () => {
  const [low, high] = [straight(0.02, 0), straight(3.95, 0.02)];
  toEnd(pushingApart([low, high], OPTIONS));
  expect(middlesApart(low, high)).toBeGreaterThan(0.24);
});

test("of two yarns that cross the one that lies before the other stays before it, whatever the turn", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.3, max: 1.5, noNaN: true }), (turn) => {
      const [one, other] = [straight(2, 0), straight(2, 0.08, turn)];
      toEnd(pushingApart([one, other], OPTIONS));
      const depth = (line: Float64Array) => line[20 * AXES + 2] ?? 0;
      expect(depth(other) - depth(one)).toBeGreaterThan(0.12);
    }),
    { numRuns: 30 },
  );
});

test("the same yarn is pushed alike each time", () => {
  const pushed = () => {
    const lines = [straight(1, 0), straight(1.1, 0.1, 0.4)];
    toEnd(pushingApart(lines, OPTIONS));
    return lines.map((line) => [...line]);
  };
  expect(pushed()).toEqual(pushed());
});
