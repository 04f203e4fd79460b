/** Charts in signs: printed ones read back, typed ones read as they are meant, and nothing else taken for one. */
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import fc from "fast-check";
import patterns from "@testing/patterns/written.json";
import { readPattern } from "../instructions/read";
import { repeatOf } from "../instructions/repeated";
import { LIBRARY } from "../panels/library";
import { stitchesUsedBy } from "../panels/panel";
import { english } from "../words/english";
import { tell } from "../words/tell";
import { printSigns } from "./printSigns";
import { readSigns, type SignOptions } from "./readSigns";

const STYLE = { naming: "halves", words: "US" } as const;

const only = (text: string, options: SignOptions = {}) => {
  const { charts } = readSigns(text, options);
  expect(charts).toHaveLength(1);
  const [chart] = charts;
  if (!chart) throw new Error("there is one");
  return chart;
};

const faultsOf = (text: string, options: SignOptions = {}) =>
  only(text, options).faults.map(({ why }) => tell(why, { words: "US", units: "metric" }, english));

const texts: readonly (readonly [id: string, text: string])[] = [
  ...LIBRARY.map(({ id, text }) => [id, text] as const),
  ...patterns.map(({ id, text }) => [id, text] as const),
];

test.each(texts)("%s, printed in signs, reads back stitch by stitch", (_, text) => {
  const read = readPattern(text);
  const { panel } = read;
  if (!panel || !read.complete) return;
  const repeat = repeatOf(text, read);
  const printed = printSigns({ ...read, panel }, repeat.by === "panel" ? null : repeat, STYLE);
  expect(printed).not.toBeNull();
  const { rows, faults } = only(printed ?? "");
  expect(faults).toEqual([]);
  const [first] = panel.rows;
  const again = readPattern(rows ?? "", first ? stitchesUsedBy(first) : null);
  expect(again.panel?.rows).toEqual(panel.rows);
  // Where sides are told amiss in the text, they are told so on paper, and are not followed.
  const inTurns = read.wrongSide.every((wrong, row) => wrong !== read.wrongSide[row - 1]);
  if (inTurns) expect(again.wrongSide).toEqual(read.wrongSide);
});

test("a key may use abbreviations that the text explains in its own way", () => {
  const grid = "2 - v v v -\n1 - x x x -\nv = k\n- = p\n";
  const meant = "T3B = slip next st to cable needle and hold in back, k2, then p1 from cable needle\n";
  for (const key of ["x = T3B\n", "x T3B\n"])
    for (const text of [grid + key + meant, meant + grid + key])
      expect(only(text).rows).toMatch(/Row 1 \(RS\): p1, 2\/1 RPC, p1\./);
});

test("what repeats between bars repeats in the rows", () => {
  const chart = only("2 - | v v v v | -\n  - | A A A A | -  1\nv = k, - = p, A = 2/2 LC");
  expect(chart.rows).toBe(
    "Multiple of 4 + 2\nRow 1 (RS): p1, *2/2 LC; rep from * to last 1 st, p1.\nRow 2 (WS): k1, *p4; rep from * to last 1 st, k1.",
  );
  expect(readPattern(chart.rows ?? "").findings).toEqual([]);
});

test.each([
  [
    "a sign of as many letters as columns",
    "..||||..\n..<<>>..\n| = knit\n. = purl\n<<>> = 2/2 RC",
    "Row 1 (RS): p2, 2/2 RC, p2.\nRow 2 (WS): k2, p4, k2.",
  ],
  [
    "cells of a copied table, with a crossing in prose over four of them",
    "p\tk\tk\tk\tk\tp\t2\np\tC4F\t\t\t\tp\t1\np = purl; k = knit; C4F = slip 2 sts to cn and hold in front, k2, k2 from cn",
    "Rnd 1: p1, 2/2 LC, p1.\nRnd 2: p1, k4, p1.",
  ],
  [
    "a crossing in one cell, where the other rows have a cell for each stitch",
    "- - A - -  2\n- - v v v v - -  1\nA: C4B\nv: k\n-: p",
    "Rnd 1: p2, k4, p2.\nRnd 2: p2, 2/2 RC, p2.",
  ],
  [
    "right-side rows alone, with what is worked between them",
    "On WS rows work sts as they appear.\nR3  x x c c c c x x\nR1  x x o o o o x x\no: knit st\nx: purl st\nc: sl 2 sts to cable needle, hold to front, k2, k2 from cable needle",
    "Row 1 (RS): p2, k4, p2.\nRows 2, 4 (WS): k2, p4, k2.\nRow 3 (RS): p2, 2/2 LC, p2.",
  ],
  [
    "signs that have two meanings, one for each side",
    "2 | x - x - |\n  | x - x - | 1\nx = k on RS, p on WS\n- = k on both sides",
    "Row 1 (RS): k4.\nRow 2 (WS): p1, k1, p1, k1.".replace("p1, k1, p1, k1", "[p1, k1] twice"),
  ],
  [
    "blank cells between bars",
    "2 |  --  |\n  |      | 1\nblank = knit on RS, purl on WS\n- : purl on RS, knit on WS",
    "Row 1 (RS): k6.\nRow 2 (WS): p2, k2, p2.",
  ],
  [
    "names in the cells, and a key without a sign between",
    "| k | k | p | p | k2tog | yo | 2\n| k | k | p | p | k | k | 1\nk knit\np purl",
    "Rnd 1: k2, p2, k2.\nRnd 2: yo, k2tog, p2, k2.",
  ],
  [
    "numbers that go down the page",
    "1 v - v\n2 v v -\nv = k\n- = p",
    "Row 1 (RS): k1, p1, k1.\nRow 2 (WS): k1, p2.".replace("k1, p2", "p2, k1"),
  ],
  ["no stitch", "2 . v v\n  v v v  1\nv = k\n. = no stitch", "Row 1 (RS): k3.\nRow 2 (WS): p2."],
])("%s", (_, text, rows) => {
  const { rows: read } = only(text);
  const stitches = ({ panel }: ReturnType<typeof readPattern>) => panel?.rows;
  expect(stitches(readPattern(read ?? ""))).toEqual(stitches(readPattern(rows)));
  expect(read).not.toBeNull();
});

const GRID = "2 o o x x\n  o o x x  1";

test("a sign that no key explains is asked about; what the knitter links it with holds", () => {
  expect(faultsOf(GRID)).toEqual([
    "No key says what “o” stands for, which is drawn 4 times.",
    "No key says what “x” stands for, which is drawn 4 times.",
  ]);
  const links = { o: "knit", x: "purl" };
  expect(only(GRID, { links }).rows).toBe("Row 1 (RS): p2, k2.\nRow 2 (WS): p2, k2.");
  // A key of the text goes before what was linked once.
  const keyed = only(`${GRID}\nx = k\no = p`, { links });
  expect(keyed.rows).toBe("Row 1 (RS): k2, p2.\nRow 2 (WS): k2, p2.");
  expect(keyed.signs.map(({ from }) => from)).toEqual(["key", "key"]);
  expect(only(GRID, { links: { o: "no such stitch", x: "purl" } }).rows).toBeNull();
});

test.each([
  ["a key that is not understood", `${GRID}\no = knit\nx = dance`, /“x” is not understood: dance/],
  [
    "a row that is short",
    "3 v - v -\n2 v - v\n1 v - v -\nv = k\n- = p",
    /Row 2 of the chart has 3 cells, and the others have 4/,
  ],
  [
    "a crossing that is cut",
    "2 v v v v\n1 v A A A\nv = k\nA = 2/2 LC",
    /Row 1: “A” lies over 4 cells, but there are 3/,
  ],
  ["numbers that begin late", "8 v -\n7 v -\nv = k\n- = p", /numbered 7 to 8: they have to begin with 1/],
  ["rows that are not drawn", "5 v -\n3 v -\n1 v -\nv = k\n- = p", /in row 2 and those like it is not said/],
])("%s is told, and nothing is guessed", (_, text, message) => {
  expect(only(text).rows).toBeNull();
  expect(faultsOf(text).join(" ")).toMatch(message);
});

test("rows between are as the knitter says", () => {
  const drawn = "3 v -\n1 v -\nv = k\n- = p";
  expect(only(drawn, { between: "shown" }).rows).toBe("Rows 1, 3 (RS): p1, k1.\nRows 2, 4 (WS): p1, k1.");
  expect(only(drawn, { between: "purl" }).rows).toBe("Rows 1, 3 (RS): p1, k1.\nRows 2, 4 (WS): p2.");
});

const folder = path.join(process.cwd(), "testing", "patterns", "whole");
const wholes = readdirSync(folder).map(
  (name) => [name, readFileSync(path.join(folder, name), "utf8")] as const,
);

const NO_CHARTS: readonly (readonly [of: string, text: string])[] = [
  ...wholes.filter(([, text]) => !/chart/i.test(text)),
  ...patterns.map(({ id, text }) => [id, text] as const),
  ["a table of sizes", "Size S M L\nChest 90 100 110\n34 38 42\n36 40 44"],
  ["rows without headings", "P2 K6 P2\nK2 P6 K2\nP2 C6F P2"],
  ["rows of letters and counts", "P 2 K 4 P 2\nK 2 P 4 K 2\nP 2 K 4 P 2"],
  ["a list", "- knit 2 rows\n- purl 2 rows\n- knit 2 rows"],
  [
    "a sheet with headings over rules",
    "Yarn\n----\n\nYarn  A ball holds\nTarnock  50 g = 82 m\n\nUse  Yarn\n---- ----\n- = p on RS, k on WS\n",
  ],
  ["a rule", "Back\n----\nCast on 90 sts.\n====\n====\n"],
];

test.each(NO_CHARTS)("nothing of %s is taken for a chart", (_, text) => {
  expect(readSigns(text).charts).toEqual([]);
});

const BITS =
  "v v - -\n|- |v|| ||\n|12 |= |k on RS, p on WS|\t|  |A = C4F\n|AAAA|\n\n|....|□|blank = k|(k1, yo, k1)|9|row |1\n|C4F |Row 1: k2.|\r\n|no stitch|; |, |😀|o: yo\n|x x x x  3\n".split(
    "|",
  );

test("whatever the text, it does not throw, and places lie inside it", () => {
  const text = fc
    .array(fc.constantFrom(...BITS, "|", "| "), { maxLength: 80 })
    .map((parts) => parts.join(""));
  fc.assert(
    fc.property(text, fc.constantFrom("shown" as const, null), (written, between) => {
      for (const { from, to, faults } of readSigns(written, { between }).charts)
        for (const place of [{ from, to }, ...faults]) {
          expect(place.from).toBeGreaterThanOrEqual(0);
          expect(place.to).toBeGreaterThanOrEqual(place.from);
          expect(place.to).toBeLessThanOrEqual(written.length);
        }
    }),
    { numRuns: 500 },
  );
});
