import fc from "fast-check";
import { paceOf } from "./pace";

const evening = (start: number, rows: number, each: number) =>
  Array.from({ length: rows }, (_, row) => start + row * each);

const seen = (doneAt: readonly (number | null)[], breaks: readonly number[] = []) => ({ doneAt, breaks });

test("rows five minutes apart are twelve an hour, whatever lies between two evenings", () => {
  const doneAt = [...evening(0, 20, 300_000), ...evening(86_400_000, 20, 300_000)];
  expect(paceOf([seen(doneAt)])?.rowsAnHour).toBeCloseTo(12, 9);
});

test("a row that nobody saw says nothing, and neither do a few of them", () => {
  expect(paceOf([seen(Array.from({ length: 40 }, () => null))])).toBeNull();
  expect(paceOf([seen(evening(0, 8, 300_000))])).toBeNull();
  expect(paceOf([])).toBeNull();
});

test("any pace lies among what rows took, in order, and breaks do not slow it", () => {
  const anyGaps = fc.array(fc.integer({ min: 20_000, max: 1_200_000 }), { minLength: 12, maxLength: 60 });
  fc.assert(
    fc.property(anyGaps, fc.nat(11), (gaps, at) => {
      const times = (all: readonly number[]) =>
        all.reduce((done, gap) => [...done, (done.at(-1) ?? 0) + gap], [0]);
      const pace = paceOf([seen(times(gaps))]);
      const { quick, middle, slow } = pace?.rowMs ?? { quick: 2, middle: 1, slow: 0 };
      expect(quick).toBeLessThanOrEqual(middle);
      expect(middle).toBeLessThanOrEqual(slow);
      expect(gaps).toContain(middle);
      const rested = [...gaps.slice(0, at), 7_200_000, ...gaps.slice(at)];
      expect(paceOf([seen(times(rested))])).toEqual(pace);
    }),
  );
});

test("a break that was told does not count, however short", () => {
  const rows = [...evening(0, 10, 60_000), ...evening(10 * 60_000 + 500_000, 2, 60_000)];
  const took = (breaks: readonly number[]) => paceOf([seen(rows, breaks)])?.rowMs.slow;
  expect(took([10])).toBe(60_000);
  const longer = [...evening(0, 10, 60_000), 1_100_000, 1_700_000, 2_300_000, 2_900_000];
  expect(paceOf([seen(longer)])?.rowMs.slow).toBeGreaterThan(60_000);
  expect(paceOf([seen(longer, [10, 11, 12, 13])])?.rowMs.slow).toBe(60_000);
});
