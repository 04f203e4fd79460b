import fc from "fast-check";
import { knittingDays, rowsByDay, type ToWork } from "./calendar";

test("days of rest are left out, and both ends are counted", () => {
  expect(knittingDays("2026-11-27", "2026-11-30", [0])).toEqual(["2026-11-27", "2026-11-28", "2026-11-30"]);
  expect(knittingDays("2026-12-31", "2027-01-02", [])).toEqual(["2026-12-31", "2027-01-01", "2027-01-02"]);
  expect(knittingDays("2026-03-28", "2026-03-30", [])).toHaveLength(3);
  expect(knittingDays("2026-11-30", "2026-11-27", [])).toEqual([]);
  expect(knittingDays("2026-11-27", "2026-12-27", [0, 1, 2, 3, 4, 5, 6])).toEqual([]);
});

const anyToWork = fc
  .array(fc.record({ from: fc.integer({ min: 1, max: 50 }), rows: fc.integer({ min: 1, max: 90 }) }), {
    maxLength: 5,
  })
  .map((pieces) =>
    pieces.map(({ from, rows }, index): ToWork => ({ key: `p${index}`, from, to: from + rows - 1 })),
  );

test("every row is worked once and in order, and days differ by no more than one row", () => {
  fc.assert(
    fc.property(anyToWork, fc.integer({ min: 1, max: 60 }), (toWork, count) => {
      const days = Array.from({ length: count }, (_, index) => `day ${index}`);
      const plan = rowsByDay(toWork, days);
      const named = (all: readonly ToWork[]) =>
        all.flatMap(({ key, from, to }) =>
          Array.from({ length: to - from + 1 }, (_, row) => `${key} ${from + row}`),
        );
      expect(plan.flatMap(({ rows }) => named(rows))).toEqual(named(toWork));
      const counts = plan.map(({ rows }) => named(rows).length);
      expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
    }),
  );
});
