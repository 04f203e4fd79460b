import { changedRows } from "./changedRows";

const ROPE = "Row 1: P2, C4F, P2.\nRow 2 and all WS rows: K2, P4, K2.\nRows 3, 5: P2, K4, P2.";

test.each([
  [ROPE, ""],
  [ROPE.toLowerCase().replace("c4f", "2/2 LC"), ""],
  [ROPE.replace("C4F", "C4B"), "row 1"],
  [ROPE.replace("P2, K4, P2", "P3, K2, P3"), "rows 3, 5"],
  [ROPE.replaceAll("2, ", "1, K1, "), "rows 1, 3, 5"],
  [`${ROPE}\nRow 7: P2, C4F, P2.`, "2 rows more"],
  [ROPE.replaceAll("P4", "K1, P2, K1").replaceAll("K4", "P4").replace("C4F", "P4"), "rows 1 to 6"],
  ["Row 1: P2, C4B, P2.", "row 1, 5 rows fewer"],
])("told by what is worked, not by how it is written", (after, words) => {
  expect(changedRows(ROPE, after)).toBe(words);
});
