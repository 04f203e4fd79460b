import fc from "fast-check";
import { copyFromChart, editChart } from "../instructions/editChart";
import { readPattern } from "../instructions/read";
import { placeOver, worksFor, type Placing } from "./edit";
import { stitchesOf } from "./panel";

const US = { naming: "halves", words: "US" } as const;
const ROPE = "An old one\nRow 1: P2, K4, P2.\nRow 2: K2, P4, K2.";

test("a crossing laid over four columns reaches the text; the remark stays", () => {
  const crossed = editChart(ROPE, { row: 1, from: 2, to: 6 }, { type: "place", placing: "crossLeft" }, US);
  expect(crossed).toBe("An old one\nRow 1: p2, 2/2 LC, p2.\nRow 2: K2, P4, K2.");
  expect(editChart(crossed, { row: 1, from: 4, to: 6 }, { type: "place", placing: "purl" }, US)).toContain(
    "p2, k2, p4.",
  );
});

test.each([
  ["crossRight", 3, "2/1 RC"],
  ["crossLeftPurl", 4, "2/2 LPC"],
  ["bobble", 1, "MB"],
  ["knit", 2, "k2"],
] as const)("%s over %d columns is %s", (placing, columns, expected) => {
  expect(
    editChart("Rnd 1: P8.", { row: 1, from: 2, to: 2 + columns }, { type: "place", placing }, US),
  ).toContain(expected);
});

test("what cannot lie there changes nothing", () => {
  expect(worksFor("crossLeft", 1)).toBeNull();
  for (const selection of [
    { row: 9, from: 0, to: 2 },
    { row: 1, from: 6, to: 12 },
    { row: 1, from: 2, to: 2 },
  ])
    expect(editChart(ROPE, selection, { type: "place", placing: "knit" }, US)).toBe(ROPE);
});

test("a row that cannot be read is not lost to an edit on the chart", () => {
  const text = "Row 1: P2, C3F, P2.\nRow 2: K2, P3, K2.";
  expect(editChart(text, { row: 1, from: 0, to: 2 }, { type: "place", placing: "knit" }, US)).toBe(text);
});

const edit = (
  text: string,
  from: number,
  to: number,
  type: "mirror" | "insertRow" | "deleteRow" | "insertColumn" | "deleteColumns",
) => editChart(text, { row: 1, from, to }, { type }, US);

test("rows and columns are put in and taken out; a crossing that is cut falls back to plain stitches", () => {
  const text = "Rnd 1: P2, C4F, P2.\nRnd 2: P2, K4, P2.";
  expect(edit(text, 0, 1, "insertRow")).toBe("Rnd 1: p2, 2/2 LC, p2.\nRnds 2, 3: p2, k4, p2.");
  expect(edit(text, 0, 1, "deleteRow")).toBe("Rnd 1: p2, k4, p2.");
  expect(edit(text, 1, 2, "insertColumn")).toBe("Rnd 1: p2, k1, 2/2 LC, p2.\nRnd 2: p2, k5, p2.");
  expect(edit(text, 2, 4, "deleteColumns")).toBe("Rnd 1: p2, k2, p2.\nRnd 2: p2, k2, p2.");
  expect(edit("Rnd 1: K2.", 0, 2, "deleteColumns")).toBe("Rnd 1: K2.");
  expect(edit("Rnd 1: K2.", 0, 2, "deleteRow")).toBe("Rnd 1: K2.");
});

test("stitches are copied, pasted and mirrored in place", () => {
  const text = "Rnd 1: P1, C4F, K5.\nRnd 2: K10.";
  const copied = copyFromChart(text, { row: 1, from: 0, to: 5 }, US);
  expect(copied).toBe("Rnd 1: p1, 2/2 LC.");
  expect(editChart(text, { row: 2, from: 3, to: 4 }, { type: "paste", copied }, US)).toContain(
    "Rnd 2: k3, p1, 2/2 LC, k2.",
  );
  expect(edit(text, 0, 5, "mirror")).toContain("Rnd 1: 2/2 RC, p1, k5.");
  expect(copyFromChart(text, { row: 9, from: 0, to: 5 }, US)).toBe("");
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
