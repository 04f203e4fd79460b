import { printPattern } from "../instructions/print";
import { readPattern } from "../instructions/read";
import { allStitches, cabledStitches, ropesAcross, withEdges, type RopesPlan } from "./across";
import { stitchesOf } from "./panel";
import { joinPanels } from "./transforms";
import { ropeId, ROPES, ropeOf } from "./ropes";

const plan: RopesPlan = { rope: ropeOf("rope-2-2"), lean: "left", ropes: 2, purls: 2, edge: 1 };
const US = { naming: "halves", words: "US" } as const;
const wholeRow = (one: RopesPlan) => {
  const panel = joinPanels(withEdges(ropesAcross(one)));
  if (!panel) throw new Error("nothing joined");
  return panel;
};
const textOf = (one: RopesPlan) => {
  const panel = wholeRow(one);
  return printPattern({ panel, wrongSide: panel.rows.map((_, index) => index % 2 === 1), round: false }, US);
};

test("two ropes between purls, with an edge stitch at both sides", () => {
  expect(textOf(plan)).toBe(
    [
      "Row 1 (RS): k1, p2, 2/2 LC, p2, 2/2 LC, p2, k1.",
      "Rows 2, 4 (WS): p1, k2, p4, k2, p4, k2, p1.",
      "Row 3 (RS): k1, p2, k4, p2, k4, p2, k1.",
    ].join("\n"),
  );
});

test("the cabled part runs from the first purl to the last, the edges beside it", () => {
  expect(cabledStitches(ropesAcross(plan))).toBe(14);
  expect(allStitches(ropesAcross(plan))).toBe(16);
  expect(stitchesOf(wholeRow(plan).rows[0] ?? [])).toBe(16);
});

test("leaning right turns every crossing; no purls and no edge leave the ropes alone", () => {
  expect(textOf({ ...plan, lean: "right" })).toContain("2/2 RC, p2, 2/2 RC");
  expect(textOf({ ...plan, purls: 0, edge: 0 })).toContain("Row 1 (RS): 2/2 LC, 2/2 LC.");
});

test.each(ROPES.map(({ id, half, everyRows }) => [id, half, everyRows] as const))(
  "%s crosses %d over as many every %d rows, and its text reads clean",
  (id, half, everyRows) => {
    const read = readPattern(textOf({ ...plan, rope: ropeOf(id) }));
    expect(read.findings).toEqual([]);
    expect(read.panel?.rows).toHaveLength(everyRows);
    expect(JSON.stringify(read.panel)).toContain(`"front":${half},"centre":0,"back":${half}`);
  },
);

test("any width and spacing has a name, and the name says which", () => {
  for (const half of [1, 3, 9, 20])
    for (const every of [2, 6, 14, 80])
      expect(ropeOf(ropeId(half, every))).toMatchObject({ half, everyRows: every });
  expect([ropeId(3, 6), ropeId(3, 8), ropeOf("rope-9-9").everyRows]).toEqual(["rope-3-3", "rope-3-3-8", 20]);
});

test("what is no name of a rope is a bug, not an input", () => {
  for (const id of ["rope-0-0", "rope-3-4", "rope-21-21", "rope-3-3-1", "rope"])
    expect(() => ropeOf(id)).toThrow(`No rope ${id}`);
});
