/** What patterns say between their rows. */
import { timesIn } from "./numerals";
import { readSentence, rowsIn, speaksOfWork } from "./sentences";

test.each([
  ["Rep rows 1-4.", { says: "again", rows: [1, 2, 3, 4], more: null }],
  ["Rep Rows 1–8 five more times, then Rows 1–4 once.", { says: "again", more: 5 }],
  ["Work Rows 1-4 three times.", { says: "again", rows: [1, 2, 3, 4], more: 3 }],
  ["Repeat from row 1.", { says: "again", rows: null }],
  ["Rep last 2 rows once more.", { says: "again", last: 2, more: 1 }],
  ["Rep these 10 rows.", { says: "again", of: 10 }],
  ["*** Rep Rows 1-6 ***", { says: "again", rows: [1, 2, 3, 4, 5, 6] }],
  ["1st to 6th rows form the patt.", { says: "again", rows: [1, 2, 3, 4, 5, 6] }],
  ["Repeat these rows for pattern.", { says: "again", rows: null, of: null }],
  ["Work 4 rows even.", { says: "even", rows: 4 }],
  ["Panel of 12 sts", { says: "stitches", stitches: 12 }],
  ["Worked over 12 sts on a ground of reversed st st.", { says: "stitches", stitches: 12 }],
  ["Using 5mm needles and yarn A, cast on 10 sts.", { says: "stitches", stitches: 10 }],
  ["WANDERING CORD (10 sts)", { says: "stitches", stitches: 10 }],
  ["Gauge: 18 sts and 24 rows = 10 cm", { says: "nothing" }],
  ["Worked in the round.", { says: "manner", round: true }],
  ["Rope for a hat (worked in the round)", { says: "manner", round: true }],
  ["Worked flat; for rounds, knit the even rows.", { says: "manner", round: false }],
  ["Bind off all sts in pattern.", { says: "nothing" }],
  ["Page 3 of 7", { says: "nothing" }],
])("“%s”", (said, expected) => {
  expect(readSentence(said)).toMatchObject(expected);
});

test.each(["Cross on every 8th row.", "Dec 1 st each end of next row", "Turn and work 4 rows on these sts"])(
  "“%s” is not understood, and rows may hang on it",
  (said) => {
    expect(readSentence(said)).toBeNull();
    expect(speaksOfWork(said, false)).toBe(true);
  },
);

test("titles and notes speak of no work; before the rows only what is said of all of them does", () => {
  expect(speaksOfWork("BREEZEWOLD CARDIGAN", false)).toBe(false);
  expect(speaksOfWork("Note: cross on every 8th row.", false)).toBe(false);
  expect(speaksOfWork("Work the chart in rows", true)).toBe(false);
  expect(speaksOfWork("Slip the first st of every row.", true)).toBe(true);
});

test("lists of rows and counts of times, in figures and words", () => {
  expect(rowsIn("1, 3 and 5-7")).toEqual([1, 3, 5, 6, 7]);
  expect(rowsIn("1st to 3rd")).toEqual([1, 2, 3]);
  expect(rowsIn("1-100000000000000000000").length).toBeLessThanOrEqual(2001);
  expect(["twice more", "3 times", "five more times", "x"].map(timesIn)).toEqual([2, 3, 5, null]);
});
