import { statementsOf } from "./statements";
import { tokensOf } from "./tokens";

/** Kind and text of each statement. */
const told = (text: string) =>
  statementsOf(text, tokensOf(text)).map(({ kind, tokens }) => {
    const [first, last] = [tokens[0], tokens.at(-1)];
    return [kind, text.slice(first?.startOffset, (last?.endOffset ?? 0) + 1)];
  });

test("rows start on a line of their own or behind a full stop", () => {
  expect(told("Row 1: K2. Row 2: P2.\nRow 3: K2")).toEqual([
    ["row", "Row 1: K2."],
    ["row", "Row 2: P2."],
    ["row", "Row 3: K2"],
  ]);
});

test("a row goes on over the end of its line, an empty one too", () => {
  expect(told("Row 1: K2,\nP2,\n\nK2.\nRow 2: P6.")).toEqual([
    ["row", "Row 1: K2,\nP2,\n\nK2."],
    ["row", "Row 2: P6."],
  ]);
});

test("a row that is spoken of inside a row starts nothing", () => {
  expect(told("Row 3: as row 1.")).toEqual([["row", "Row 3: as row 1."]]);
});

test("what is not a row is told apart", () => {
  expect(
    told(
      "My rope\nmultiple of 8 + 4\nWorked in rounds\nRow 1: K2.\nRepeat rows 1-4.\nRows 1-4 form the pattern.",
    ),
  ).toEqual([
    ["remark", "My rope"],
    ["multiple", "multiple of 8 + 4"],
    ["remark", "Worked in rounds"],
    ["row", "Row 1: K2."],
    ["remark", "Repeat rows 1-4."],
    ["remark", "Rows 1-4 form the pattern."],
  ]);
});

test("headings that name a side or all rows start a row", () => {
  for (const heading of [
    "All WS rows: P2.",
    "WS rows: P2.",
    "Rnds 1-4: K2.",
    "Rounds 1, 2: K2.",
    "Row IV: K2.",
  ])
    expect(told(heading).map(([kind]) => kind)).toEqual(["row"]);
});

test("a page number may cut a row in two and is lifted out of it", () => {
  const text = "Row 1: K2,\n12\nP2.";
  const statements = statementsOf(text, tokensOf(text));
  expect(statements.map(({ kind, tokens }) => [kind, tokens.length])).toEqual([
    ["row", 7],
    ["pageNumber", 1],
  ]);
});

test("nothing at all has no statements", () => {
  expect(told("")).toEqual([]);
  expect(told("\n \n")).toEqual([]);
});
