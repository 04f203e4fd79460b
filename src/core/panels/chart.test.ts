import { sentence } from "@testing/sentence";
import { analysePattern, writeOut } from "../instructions/analysePattern";

const US = { naming: "halves", words: "US" } as const;

test("a rope's chart: bumps, a crossing, bumps; wrong-side rows are read from the left", () => {
  const { chart, castOn } = analysePattern("Row 1: P2, C4F, P2.\nRow 2: K2, P4, K2.", US);
  expect(castOn).toBe(8);
  expect(chart?.columns).toBe(8);
  expect(chart?.rows.map(({ wrongSide, stitches }) => [wrongSide, stitches])).toEqual([
    [false, 8],
    [true, 8],
  ]);
  expect(chart?.rows[0]?.runs.map(({ type, column, width, name }) => [type, column, width, name])).toEqual([
    ["run", 0, 2, "p"],
    ["crossing", 2, 4, "2/2 LC"],
    ["run", 6, 2, "p"],
  ]);
});

test("the chart is told in the words and the naming that are asked for", () => {
  const { chart } = analysePattern("Rnd 1: 2/2 LC, yo, skp.", { naming: "total", words: "UK" });
  expect(chart?.rows[0]?.runs.map(({ name, words }) => `${name}: ${words}`)).toEqual([
    "C4F: 2 over 2, leaning left",
    "yrn: yarn round needle",
    "skpo: slip one, knit one, pass slipped stitch over",
  ]);
});

test("marks tell what a stitch is", () => {
  const { chart } = analysePattern("Rnd 1: ssk, k2tog, yo, MB, nupp, m1l, sl 1, k1 tbl, cdd, p1.", US);
  const marks = chart?.rows[0]?.runs.map((run) => (run.type === "run" ? run.mark : "crossing"));
  expect(marks).toEqual([
    "left",
    "right",
    "hole",
    "ball",
    "drop",
    "sprout",
    "slip",
    "twist",
    "centre",
    "bump",
  ]);
});

test("a study is plain data that can be copied between threads, and says what is missing", () => {
  const study = analysePattern("Row 1: flurb.", US);
  expect(study.chart).toBeNull();
  expect(sentence(structuredClone(study).findings[0]?.message)).toMatch(/flurb/);
  expect(writeOut("Rnd 1: T3F, MB.", US)).toContain("2/1 LPC, MB");
});

test("written out, a row that could not be read stands in its place as it is written, and the others keep their numbers", () => {
  const text = "Row 1: K4.\nRow 2: P2, wibble, P1.\nRow 3: K4, C4F to end.\nRow 4: P4.";
  expect(writeOut(text, US).split("\n")).toEqual([
    "Row 1 (RS): k4.",
    "Not read: Row 2: P2, wibble, P1.",
    "Row 3 (RS): k4.",
    "Row 4 (WS): p4.",
  ]);
});
