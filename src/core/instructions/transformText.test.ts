import { LIBRARY } from "../panels/library";
import { readPattern } from "./read";
import { TRANSFORMS, endTextWithRow, joinTexts, transformText, type TransformId } from "./transformText";

const US = { naming: "halves", words: "US" } as const;
const ROPE = "Row 1 (RS): P1, 2/2 LC.\nRow 2 and all WS rows: P4, K1.\nRow 3: P1, K4.";

test("a rope mirrored, about the centre, and twice across", () => {
  expect(transformText(ROPE, "mirror", US)).toContain("Row 1 (RS): 2/2 RC, p1.");
  expect(transformText(ROPE, "centre", US)).toContain("Row 1 (RS): p1, 2/2 LC, 2/2 RC, p1.");
  expect(transformText(ROPE, "across", US)).toContain("Row 1 (RS): p1, 2/2 LC, p1, 2/2 LC.");
});

test.each(Object.keys(TRANSFORMS) as TransformId[])(
  "%s of every library panel reads clean again",
  (transform) => {
    for (const { text, name } of LIBRARY) {
      const made = transformText(text, transform, US);
      expect([name, readPattern(made ?? "").findings]).toEqual([name, []]);
      expect(made).not.toBeNull();
    }
  },
);

test("two panels joined, and one ended with a named row", () => {
  expect(joinTexts(ROPE, "Row 1: K2.\nRow 2: K2.", US)).toContain("Row 1 (RS): p1, 2/2 LC, k2.");
  expect(readPattern(endTextWithRow(ROPE, 1, 8, US) ?? "").panel?.rows).toHaveLength(9);
  expect(endTextWithRow(ROPE, 5, 8, US)).toBeNull();
});

test("a text with unread rows is not transformed", () => {
  expect(transformText("Row 1: flurb.\nRow 2: K2.", "mirror", US)).toBeNull();
  expect(joinTexts(ROPE, "nothing", US)).toBeNull();
});
