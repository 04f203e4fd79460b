import fc from "fast-check";
import { readPattern } from "../instructions/read";
import { LIBRARY } from "./library";
import { stitchesOf, type Panel } from "./panel";
import { endWithRow, joinPanels, mirror, mirrorAboutCentre, repeatAcross, repeatUp } from "./transforms";
import { crossingName } from "../stitches/crossingNames";

const panelOf = (text: string): Panel => {
  const { panel } = readPattern(text);
  if (!panel) throw new Error(text);
  return panel;
};
const told = ({ rows }: Panel) =>
  rows.map((row) =>
    row.map((work) =>
      "crossing" in work ? crossingName(work.crossing) : `${work.operation.abbreviation}${work.times}`,
    ),
  );
const anyPanel = fc.constantFrom(...LIBRARY.map(({ text }) => panelOf(text)));

test("a mirror turns the order, the crossings and the leaning decreases", () => {
  expect(told(mirror(panelOf("Rnd 1: P1, 2/1 LPC, ssk, yo, K3.")))).toEqual([
    ["k3", "yo1", "k2tog1", "2/1 RPC", "p1"],
  ]);
});

test("mirrored about the centre, crossings lean away from each other", () => {
  expect(told(mirrorAboutCentre(panelOf("Rnd 1: P1, 2/2 RC.")) ?? { rows: [] })).toEqual([
    ["p1", "2/2 RC", "2/2 LC", "p1"],
  ]);
});

test("joined side by side, rows meet at their least common multiple", () => {
  const joined = joinPanels([panelOf("Rnd 1: K1.\nRnds 2-4: P1."), panelOf("Rnd 1: MB.\nRnds 2-6: K1.")]);
  expect(joined?.rows).toHaveLength(12);
  expect(joinPanels([])).toBeNull();
  const long = (rows: number) => panelOf(`Rnds 1-${rows}: K1.`);
  expect(joinPanels([long(97), long(89)])).toBeNull();
});

test("a piece ends with the named row of its repeat", () => {
  const six = panelOf("Rnd 1: C4F.\nRnds 2-6: K4.");
  expect(endWithRow(six, 3, 20).rows).toHaveLength(21);
  expect(endWithRow(six, 3, 1).rows).toHaveLength(3);
  expect(endWithRow(six, 6, 12).rows).toHaveLength(12);
});

test("mirroring twice changes nothing but how a decrease is spelt; sizes multiply", () => {
  fc.assert(
    fc.property(anyPanel, fc.integer({ min: 1, max: 4 }), (panel, times) => {
      expect(told(mirror(mirror(panel)))).toEqual(told(panel));
      expect(repeatUp(panel, times).rows).toHaveLength(times * panel.rows.length);
      expect(repeatAcross(panel, times)?.rows.map(stitchesOf)).toEqual(
        panel.rows.map((row) => times * stitchesOf(row)),
      );
    }),
  );
});
