import { mixed } from "./colour";

test("colours mix by their channels", () => {
  expect(mixed("#000000", "#ffffff", 0.5)).toBe("#808080");
  expect(mixed("#102030", "#405060", 0)).toBe("#102030");
  expect(mixed("#102030", "#405060", 1)).toBe("#405060");
});
