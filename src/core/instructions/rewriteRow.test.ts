import fc from "fast-check";
import { LIBRARY } from "../panels/library";
import { placeOver, worksFor, type Placing, type Selection } from "../panels/edit";
import { sameRow } from "../panels/panel";
import { editChart } from "./editChart";
import { readPattern } from "./read";

const US = { naming: "halves", words: "US" } as const;
const place = (text: string, row: number, from: number, to: number, placing: Placing) =>
  editChart(text, { row, from, to }, { type: "place", placing }, US);

const ROPE = `My grandmother's rope
Row 1 (RS): P2, C4F, P2.
Row 2 and all WS rows: K2, P4, K2.
Rows 3, 5: P2, K 4 sts, P2`;

test("a row of its own is rewritten where it stands; the others keep their wording", () => {
  expect(place(ROPE, 1, 2, 6, "crossRight")).toBe(ROPE.replace("P2, C4F, P2", "p2, 2/2 RC, p2"));
});

test("a row out of a list gets a line of its own", () => {
  const text = place(ROPE, 5, 2, 6, "crossLeft");
  expect(text).toContain("Row 3: P2, K 4 sts, P2.\nRow 5 (RS): p2, 2/2 LC, p2.");
  expect(text).toContain("My grandmother's rope\nRow 1 (RS): P2, C4F, P2.");
});

test("a row named by itself wins over “all WS rows”, whichever of them it is", () => {
  expect(place(ROPE, 4, 0, 1, "knit")).toContain("Row 4 (WS): k2, p4, k1, p1.");
  const second = place(ROPE, 2, 0, 1, "knit");
  expect(second).toContain("Row 4 and all WS rows: K2, P4, K2.\nRow 2 (WS): k2, p4, k1, p1.");
});

test("rows that follow the one below are written out where it changed under them", () => {
  const text = "Row 1: P2, K4.\nRow 2: k the knits and p the purls.";
  expect(place(text, 1, 0, 1, "knit")).toBe("Row 1: k1, p1, k4.\nRow 2: p4, k2.");
});

const anyPlacing = fc.constantFrom<Placing>("knit", "purl", "crossLeft", "crossRightPurl");

test("whatever is placed on a library panel, the text says just that", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...LIBRARY),
      anyPlacing,
      fc.nat(40),
      fc.nat(20),
      fc.integer({ min: 1, max: 6 }),
      ({ text }, placing, row, from, width) => {
        const before = readPattern(text).panel;
        const works = worksFor(placing, width);
        if (!before || !works) return;
        const at: Selection = { row: (row % before.rows.length) + 1, from, to: from + width };
        const after = readPattern(place(text, at.row, at.from, at.to, placing));
        expect(after.findings.filter(({ severity }) => severity === "error")).toEqual([]);
        const wanted = placeOver(before, at, works).rows;
        expect(after.panel?.rows.map((one, index) => sameRow(one, wanted[index] ?? []))).toEqual(
          wanted.map(() => true),
        );
      },
    ),
  );
});
