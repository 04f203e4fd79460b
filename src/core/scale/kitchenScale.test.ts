import { EMPTY_PAN, held, later, put, shown, tared, type PanState } from "./kitchenScale";
import { normalsFrom } from "../forecast/draws";

const normals = normalsFrom(5, 4000);
/** Lets a tenth of a second go by so often. */
function wait(pan: PanState, times: number, stepG: number): PanState {
  let now = pan;
  for (let index = 0; index < times; index += 1)
    now = later(now, stepG, {
      seconds: 0.1,
      tremble: normals[7 * index] ?? 0,
      creep: normals[7 * index + 3] ?? 0,
    });
  return now;
}

test.each([0.1, 1])(
  "a ball settles to its mass on a scale in steps of %d g, and is steady only then",
  (stepG) => {
    const put50 = put(wait(EMPTY_PAN, 20, stepG), 50.3);
    expect(shown(wait(put50, 3, stepG), stepG).steady).toBe(false);
    const rested = shown(wait(put50, 40, stepG), stepG);
    expect(rested.steady).toBe(true);
    expect(Math.abs(rested.massG - 50.3)).toBeLessThanOrEqual(1.01 * stepG);
  },
);

test("taken off again it comes back to nought", () => {
  const off = put(wait(put(EMPTY_PAN, 50), 40, 0.1), 0);
  expect(Math.abs(shown(wait(off, 40, 0.1), 0.1).massG)).toBeLessThanOrEqual(0.1);
});

test("a bowl is tared away, and only what is laid into it is told", () => {
  const bowl = tared(wait(put(EMPTY_PAN, 182), 40, 0.1));
  expect(Math.abs(shown(wait(bowl, 20, 0.1), 0.1).massG)).toBeLessThanOrEqual(0.1);
  const both = shown(wait(put(bowl, 182 + 12.4), 40, 0.1), 0.1);
  expect(Math.abs(both.massG - 12.4)).toBeLessThanOrEqual(0.2);
  expect(shown(wait(put(bowl, 0), 40, 0.1), 0.1).massG).toBeLessThan(-181);
});

test("held, it goes on showing what it showed", () => {
  const kept = held(wait(put(EMPTY_PAN, 30), 40, 1), 1, true);
  expect(shown(wait(put(kept, 0), 40, 1), 1).massG).toBe(30);
  expect(shown(wait(held(put(kept, 0), 1, false), 40, 1), 1).massG).toBe(0);
});

test("more than it bears reads as what it bears", () => {
  expect(shown(wait(put(EMPTY_PAN, 9000), 80, 1), 1).massG).toBeCloseTo(3000, -1);
});
