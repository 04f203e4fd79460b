import { RowParser } from "./grammar";
import { lexerOf } from "./tokens";

test("no token hides another, and no rule of the grammar is ambiguous", () => {
  expect(lexerOf({ validated: true }).lexerDefinitionErrors).toEqual([]);
  expect(() => new RowParser({ validated: true })).not.toThrow();
});
