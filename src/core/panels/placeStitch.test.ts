import fc from "fast-check";
import { readPattern } from "../instructions/read";
import { bobble, operationOf } from "../stitches/operations";
import { stitchesOf, stitchesUsedBy, type Panel, type Work } from "./panel";
import { placeable } from "./placeable";
import { placeStitch } from "./placeStitch";

const panelOf = (text: string): Panel => {
  const { panel, complete } = readPattern(text);
  if (!panel || !complete) throw new Error(`not read: ${text}`);
  return panel;
};
const stitch = (id: string): Work => ({ operation: operationOf(id), times: 1 });
const told = ({ rows }: Panel) =>
  rows.map((row) =>
    row
      .map((work) =>
        "crossing" in work
          ? `${work.crossing.front}/${work.crossing.back}`
          : `${work.operation.id.split(" ")[0]} ${work.times}`,
      )
      .join(", "),
  );

const PLAIN = "Rnds 1-3: K6.";

test("a decrease takes a column out of the rows above, an increase puts one in", () => {
  expect(told(placeStitch(panelOf(PLAIN), { row: 1, from: 1, to: 3 }, stitch("k2tog")))).toEqual([
    "knit 1, k2tog 1, knit 3",
    "knit 5",
    "knit 5",
  ]);
  expect(told(placeStitch(panelOf(PLAIN), { row: 2, from: 1, to: 2 }, stitch("kfb")))).toEqual([
    "knit 6",
    "knit 1, kfb 1, knit 4",
    "knit 7",
  ]);
});

test("a yarn over comes to stand at the left of the selection; with a decrease before it nothing moves above", () => {
  const hole = placeStitch(panelOf(PLAIN), { row: 1, from: 1, to: 3 }, stitch("yo"));
  expect(told(hole)).toEqual(["knit 3, yo 1, knit 3", "knit 7", "knit 7"]);
  expect(told(placeStitch(hole, { row: 1, from: 1, to: 3 }, stitch("k2tog")))).toEqual([
    "knit 1, k2tog 1, yo 1, knit 3",
    "knit 6",
    "knit 6",
  ]);
});

test("what needs more columns than are selected takes them at the left, and at the edge at the right", () => {
  const { crossing } = panelOf("Rnd 1: 2/2 LC.").rows[0]?.[0] as Extract<Work, { crossing: unknown }>;
  expect(told(placeStitch(panelOf("Rnd 1: K6."), { row: 1, from: 1, to: 2 }, { crossing }))).toEqual([
    "knit 1, 2/2, knit 1",
  ]);
  expect(told(placeStitch(panelOf("Rnd 1: K6."), { row: 1, from: 5, to: 6 }, { crossing }))).toEqual([
    "knit 2, 2/2",
  ]);
  expect(told(placeStitch(panelOf("Rnd 1: K3."), { row: 1, from: 0, to: 1 }, { crossing }))).toEqual([
    "knit 3",
  ]);
});

test("a crossing that is cut falls back to plain stitches, below and above", () => {
  const cut = placeStitch(
    panelOf("Rnd 1: P2, 2/2 LC, P2.\nRnd 2: P2, 2/2 RC, P2."),
    { row: 1, from: 1, to: 3 },
    stitch("k2tog"),
  );
  expect(told(cut)).toEqual(["purl 1, k2tog 1, knit 3, purl 2", "purl 2, knit 3, purl 2"]);
});

test("whatever is laid wherever, every row uses just what the row below it leaves", () => {
  const all = placeable().map(({ work }) => work);
  const ground = panelOf(
    "Rnd 1: P2, C6F, P2, K4.\nRnd 2: P2, K6, P2, K4.\nRnd 3: P2, K2tog, yo, K4, P2, 2/2 RC.\nRnds 4, 5: P2, K6, P2, K4.",
  );
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          row: fc.integer({ min: 1, max: 5 }),
          from: fc.nat(16),
          wide: fc.integer({ min: 1, max: 7 }),
          work: fc.nat(all.length - 1),
        }),
        { minLength: 1, maxLength: 8 },
      ),
      (placings) => {
        let panel = ground;
        for (const { row, from, wide, work } of placings)
          panel = placeStitch(panel, { row, from, to: from + wide }, all[work] ?? stitch("knit"));
        expect(stitchesUsedBy(panel.rows[0] ?? [])).toBe(14);
        panel.rows.forEach((row, index) => {
          const below = panel.rows[index - 1];
          if (below) expect(stitchesUsedBy(row)).toBe(stitchesOf(below));
        });
      },
    ),
    { numRuns: 400 },
  );
});

test("a bobble stays one stitch", () => {
  expect(
    told(placeStitch(panelOf(PLAIN), { row: 2, from: 2, to: 3 }, { operation: bobble(5, 2), times: 1 }))[1],
  ).toBe("knit 2, bobble 1, knit 3");
});
