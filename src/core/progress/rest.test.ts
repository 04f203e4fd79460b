import { knittingSince } from "./rest";

const MINUTE = 60_000;
const at = (...minutes: readonly (number | null)[]) => ({
  doneAt: minutes.map((minute) => (minute === null ? null : minute * MINUTE)),
});

test("rows without a rest between them count from the first, on whatever piece; a rest begins anew", () => {
  expect(knittingSince([at(0, 5, 12)], 15 * MINUTE)).toBe(0);
  expect(knittingSince([at(0, 5), at(20, null, 26)], 30 * MINUTE)).toBe(20 * MINUTE);
  expect(knittingSince([at(0, 5), at(12, 19)], 20 * MINUTE)).toBe(0);
  expect(knittingSince([at(0, 5)], 15 * MINUTE)).toBeNull();
  expect(knittingSince([], 0)).toBeNull();
});
