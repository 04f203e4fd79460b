/** Panels that are named in a text, and put together in its rows. */
import { sentence } from "@testing/sentence";
import { isWrong } from "./findings";
import { printPattern } from "./print";
import { readPattern } from "./read";

const PANELS = `PANEL A (4 sts)
Row 1 (RS): C4B.
Row 2: P4.

PANEL B (6 sts)
Row 1 (RS): C6F.
Row 2: P6.
Row 3: K6.
Row 4: P6.

MAIN PATTERN
`;

function again(text: string): string {
  const read = readPattern(text);
  const wrong = read.findings.find(isWrong);
  if (wrong || !read.panel) return wrong ? sentence(wrong.message) : "nothing read";
  return printPattern({ ...read, panel: read.panel }, { naming: "halves", words: "US" });
}

test("rows work the rows of the panels they name, each panel over and over", () => {
  const main = `Row 1 (RS): P2, work across row 1 of Panel A, p2, work row 1 of Panel B over next 6 sts, p2.
Row 2: K2, work row 2 of Panel B, k2, work row 2 of Panel A, k2.
Continue as set until all 4 rows of Panel B have been worked.`;
  expect(again(PANELS + main).split("\n")).toEqual([
    "Row 1 (RS): p2, 2/2 RC, p2, 3/3 LC, p2.",
    "Rows 2, 4 (WS): k2, p6, k2, p4, k2.",
    "Row 3 (RS): p2, 2/2 RC, p2, k6, p2.",
  ]);
});

test.each([
  ["Row 1: P2, work row 7 of Panel A, p2.", /row 7 of panel A is not written/],
  ["Row 1: P2, work row 1 of Panel C, p2.", /.+/],
])("“%s” says what is missing", (main, problem) => {
  expect(again(PANELS + main + "\nRow 2: K2, work row 2 of Panel A, k2.")).toMatch(problem);
});

test("a panel that does not hold what its title says is told", () => {
  const main = "Row 1 (RS): P2, work row 1 of Panel A, p2.\nRow 2: K2, work row 2 of Panel A, k2.";
  expect(again(PANELS.replace("(4 sts)", "(5 sts)") + main)).toBe(
    "This says 5 stitches, but row 1 is worked on 4.",
  );
});

test("two panels that nothing puts together are not mixed", () => {
  expect(readPattern(PANELS.replace("MAIN PATTERN", "")).findings.some(isWrong)).toBe(true);
});
