/** What is not understood, or contradicts itself, is asked about: none of these may be read in silence. */
import { sentence } from "@testing/sentence";
import { isWrong } from "./findings";
import { readPattern } from "./read";

const ROPE = "Row 1: P2, K4, P2.\nRow 2: K2, P4, K2.\nRow 3: P2, C4B, P2.\nRow 4: K2, P4, K2.\n";

test.each([
  ["For the left-leaning cable work C4F instead of C4B.", /not understood, and the rows may hang on it/],
  ["Cross on every 8th row.", /not understood, and the rows may hang on it/],
  ["Rep rows 1-8.", /speaks of 8 rows, but only 4 are written/],
  ["Row 4: P2, K4, P2.", /Row 4 is named twice/],
])("behind a rope: “%s”", (said, problem) => {
  const wrong = readPattern(ROPE + said).findings.filter(isWrong);
  expect(wrong.map(({ message }) => sentence(message)).join(" ")).toMatch(problem);
});

test.each([
  ["Slip the first st of every row.", /not understood, and the rows may hang on it/],
  ["Notes: The first stitch of every row is slipped.", /not understood/],
  ["Panel of 9 sts", /This says 9 stitches, but row 1 is worked on 8/],
  ["K = purl", /What “K” is to mean is not understood/],
  ["k2tog = knit 2 tog through back loops", /What “k2tog” is to mean is not understood/],
  ["C4B = juggle four stitches", /What “C4B” is to mean is not understood/],
  ["C4B: sl 2 sts to cn and hold in back, k2, k3 from cn.", /2 stitches on the cable needle, but 3 worked/],
  ["Foundation row (WS): K3, P4, K2.", /leaves 9 stitches, but row 1 is worked on 8/],
])("before a rope: “%s”", (said, problem) => {
  const wrong = readPattern(`${said}\n${ROPE}`).findings.filter(isWrong);
  expect(wrong.map(({ message }) => sentence(message)).join(" ")).toMatch(problem);
});

test.each([
  ["Row 1: P2, [C4B, p2] twice more.\nRow 2: K2, [p4, k2] twice more.", /worked 2 or 3 times in all/],
  ["Row 1: K1, p1 across.\nRow 2: K1, p1 across.", /alone worked to the end, or all that stands before it/],
  ["Row 1: K2 (4, 6, 8), C4B.\nRow 2: P6.", /Row 1 gives 4 sizes/],
  [
    "Rnd 1: P2, C4B, P2.\nRow 2: K2, P4, K2.\nRow 3: P8.\nRow 4: K8.",
    /Some of these are rows, and some are rounds/,
  ],
  ["Row 1: P2, C4B, P2.\nRow 2: P2, K4, P2.", /would turn the cable over. Are these rounds/],
  [
    "Row 1: P2, K4, P2.\nRow 2: K2, P4, K2.\nRow 3: P4, C4B.\nRow 4: K2, P4, K2.",
    /2 stitches beside the cable/,
  ],
  [
    "Row 1: *P3, K4; rep from * to end.\nRow 2: *K2, P4; rep from * to end.",
    /repeats over 6 stitches, and the row beside it over 7/,
  ],
  ["Row 1: P2, K4, P2. (9 sts)\nRow 2: K2, P4, K2.", /Row 1 leaves 8 stitches, but says that it leaves 9/],
  ["Row 1 (RS): P2, K4, P2.\nRow 2 (RS): K2, P4, K2.", /said to be on the right side/],
  ["Rows 1-3: K4.\nRow 4: P4.\nRows 5-8: Rep rows 1-3.", /4 rows cannot be worked as 3/],
  [
    "Row 1: K4.\nRow 2: P4.\nRep rows 1-2 once more.\nRow 3: K4.\nRow 4: P4.",
    /Rows are repeated here, but row 3 goes on/,
  ],
  ["Row l (RS): P2, k4, p2.\nRow 2: K2, p4, k2.", /the letter l where a row has its number/],
  ["Row 1: P2, KI, P2.\nRow 2: K5.", /Did you mean K1/],
])("%j", (text, problem) => {
  const wrong = readPattern(text).findings.filter(isWrong);
  expect(wrong.map(({ message }) => sentence(message)).join(" ")).toMatch(problem);
});
