/** "Multiple of 12 + 5" is 12 again and again, and 5 once. */
import fc from "fast-check";
import { panelStitches } from "../panels/across";
import { LIBRARY } from "../panels/library";
import { stitchesOf, type Panel } from "../panels/panel";
import { stitchesTaken } from "../panels/repeats";
import { joinPanels } from "../panels/transforms";
import { readPattern } from "./read";
import { repeatOf, takenAcross } from "./repeated";

const textOf = (id: string) => LIBRARY.find((one) => one.id === id)?.text ?? "";
const across = (text: string, times: number) => takenAcross(text, readPattern(text), times);
const width = (panels: readonly Panel[]) => panels.reduce((sum, panel) => sum + panelStitches(panel), 0);

/** A stole as a printed pattern writes it: 12 + 5. */
const STOLE = `Multiple of 12 + 5.
Row 1 (RS): K3, *1/2 RC, K6, 1/2 LC; rep from * to last 2 sts, K2.
Row 2 and all WS rows: purl.
Row 3: K3, *K12; rep from * to last 2 sts, K2.`;

test.each([
  ["a stole of 12 + 5", STOLE, 7, 89],
  ["the same without saying so", STOLE.split("\n").slice(1).join("\n"), 7, 89],
  ["a honeycomb", textOf("honeycomb"), 4, 36],
  ["a lattice, whose rows repeat at different places", textOf("lattice"), 6, 28],
  ["ropes that share the purls between them", textOf("rope-3-3-l-6"), 3, 26],
  [
    "a panel that says nothing of repeats comes again whole",
    "Row 1: P2, 3/3 LC, P2.\nRow 2: K2, P6, K2.",
    3,
    30,
  ],
])("%s", (_, text, times, stitches) => {
  expect(width(across(text, times))).toBe(stitches);
  expect(stitchesTaken(repeatOf(text), times)).toBe(stitches);
});

test.each(LIBRARY.map(({ name, text }) => [name, text]))(
  "%s taken so many times is worked as its own text is over so many stitches",
  (_, text) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 7 }), (times) => {
        const repeat = repeatOf(text);
        const panels = across(text, times);
        expect(width(panels)).toBe(stitchesTaken(repeat, times));
        const whole = joinPanels(panels);
        if (!whole) throw new Error("nothing joined");
        expect(new Set(whole.rows.map(stitchesOf)).size).toBe(1);
        if (repeat.by !== "rows") return;
        const read = readPattern(text, stitchesTaken(repeat, times));
        expect(read.findings).toEqual([]);
        expect(JSON.stringify(whole.rows)).toBe(JSON.stringify(read.panel?.rows));
      }),
      { numRuns: 7 },
    );
  },
);

test("repeats that can be cut are one and the same panel, so that each is relaxed once", () => {
  const [right, one, other, , left] = across(textOf("honeycomb"), 3);
  expect(one).toBe(other);
  expect([right, left].map((panel) => panel && panelStitches(panel))).toEqual([2, 2]);
  // The crossings of a lattice lie over the borders of its repeats: it stays in one piece.
  expect(across(textOf("lattice"), 3)).toHaveLength(1);
});
