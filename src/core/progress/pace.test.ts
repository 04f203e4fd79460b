import fc from "fast-check";
import { paceOf } from "./pace";

const evening = (start: number, rows: number, each: number) =>
  Array.from({ length: rows }, (_, row) => start + row * each);

test("rows five minutes apart are twelve an hour, whatever lies between two evenings", () => {
  const doneAt = [...evening(0, 20, 300_000), ...evening(86_400_000, 20, 300_000)];
  expect(paceOf([{ doneAt }])?.rowsAnHour).toBeCloseTo(12, 9);
});

test("a row that nobody saw says nothing, and neither do a few of them", () => {
  expect(paceOf([{ doneAt: Array.from({ length: 40 }, () => null) }])).toBeNull();
  expect(paceOf([{ doneAt: evening(0, 8, 300_000) }])).toBeNull();
  expect(paceOf([])).toBeNull();
});

test("any pace lies among what rows took, in order, and breaks do not slow it", () => {
  const anyGaps = fc.array(fc.integer({ min: 20_000, max: 1_200_000 }), { minLength: 12, maxLength: 60 });
  fc.assert(
    fc.property(anyGaps, fc.nat(11), (gaps, at) => {
      const times = (all: readonly number[]) =>
        all.reduce((done, gap) => [...done, (done.at(-1) ?? 0) + gap], [0]);
      const pace = paceOf([{ doneAt: times(gaps) }]);
      const { quick, middle, slow } = pace?.rowMs ?? { quick: 2, middle: 1, slow: 0 };
      expect(quick).toBeLessThanOrEqual(middle);
      expect(middle).toBeLessThanOrEqual(slow);
      expect(gaps).toContain(middle);
      const rested = [...gaps.slice(0, at), 7_200_000, ...gaps.slice(at)];
      expect(paceOf([{ doneAt: times(rested) }])).toEqual(pace);
    }),
  );
});
