import fc from "fast-check";
import { editChart } from "../instructions/editChart";
import { readPattern } from "../instructions/read";
import { placeOver, worksFor, type Placing } from "./edit";
import { stitchesOf } from "./panel";

const US = { naming: "halves", words: "US" } as const;
const ROPE = "An old one\nRow 1: P2, K4, P2.\nRow 2: K2, P4, K2.";

test("a crossing laid over four columns reaches the text; the remark stays", () => {
  const crossed = editChart(ROPE, { row: 1, from: 2, to: 6 }, "crossLeft", US);
  expect(crossed).toBe("An old one\nRow 1 (RS): p2, 2/2 LC, p2.\nRow 2 (WS): k2, p4, k2.");
  expect(editChart(crossed, { row: 1, from: 4, to: 6 }, "purl", US)).toContain("p2, k2, p4.");
});

test.each([
  ["crossRight", 3, "2/1 RC"],
  ["crossLeftPurl", 4, "2/2 LPC"],
  ["bobble", 1, "MB"],
  ["knit", 2, "k2"],
] as const)("%s over %d columns is %s", (placing, columns, expected) => {
  expect(editChart("Rnd 1: P8.", { row: 1, from: 2, to: 2 + columns }, placing, US)).toContain(expected);
});

test("what cannot lie there changes nothing", () => {
  expect(worksFor("crossLeft", 1)).toBeNull();
  for (const selection of [
    { row: 9, from: 0, to: 2 },
    { row: 1, from: 6, to: 12 },
    { row: 1, from: 2, to: 2 },
  ])
    expect(editChart(ROPE, selection, "knit", US)).toBe(ROPE);
});

test("a row that cannot be read is not lost to an edit on the chart", () => {
  const text = "Row 1: P2, C3F, P2.\nRow 2: K2, P3, K2.";
  expect(editChart(text, { row: 1, from: 0, to: 2 }, "knit", US)).toBe(text);
});

test("no placing changes how many stitches a row has", () => {
  const panel = readPattern("Rnd 1: P2, C6F, 2/1/2 RPC, MB, K4, T3B.").panel;
  if (!panel) throw new Error("not read");
  const [before] = panel.rows.map(stitchesOf);
  const placings: Placing[] = [
    "knit",
    "purl",
    "bobble",
    "crossLeft",
    "crossRight",
    "crossLeftPurl",
    "crossRightPurl",
  ];
  fc.assert(
    fc.property(
      fc.nat(20),
      fc.integer({ min: 1, max: 12 }),
      fc.constantFrom(...placings),
      (from, columns, placing) => {
        const works = worksFor(placing, columns);
        if (!works) return;
        const changed = placeOver(panel, { row: 1, from, to: from + columns }, works);
        expect(changed.rows.map(stitchesOf)).toEqual([before]);
      },
    ),
  );
});
