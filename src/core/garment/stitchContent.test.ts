import fc from "fast-check";
import { newSection } from "../project/sections";
import { emptyPiece } from "../project/project";
import { crossingsOf, facesOfRow, stitchesOf, stitchesUsedBy } from "../panels/panel";
import { AS_COMPUTED, stitchContent, type StitchContent } from "./stitchContent";
import { layUnread } from "./layout";

function content(given: Parameters<typeof newSection<"fabric">>[2]): StitchContent {
  const section = newSection("fabric", "f", given);
  const laid = layUnread(emptyPiece("p", "P"), section, 0.72);
  if (!laid?.ok) throw new Error("not laid");
  return stitchContent(laid, {
    fills: section.content === "ground",
    tape: null,
    raised: true,
    pull: AS_COMPUTED,
  });
}

const ropes = content({ content: "ropes", ropeId: "rope-3-3", ropes: 3, purls: 2, edge: 3 });

test("cut to any columns, every row uses and leaves as many stitches as there are columns", () => {
  const columns = fc
    .uniqueArray(fc.integer({ min: -5, max: 40 }), { minLength: 1 })
    .map((all) => all.sort((a, b) => a - b));
  fc.assert(
    fc.property(columns, fc.nat(30), (on, row) => {
      const cut = ropes.rowOn(row, on);
      expect([stitchesUsedBy(cut), stitchesOf(cut)]).toEqual([on.length, on.length]);
    }),
  );
});

test("whole rows are the panels' own; a crossing that lost stitches crosses with what is left, then is plain", () => {
  const all = Array.from({ length: ropes.stitches ?? 0 }, (_, column) => column);
  const crossed = (from: number, to: number) =>
    crossingsOf(ropes.rowOn(0, all.slice(from, to))).map(({ front, back }) => `${front}/${back}`);
  expect(crossed(0, 32)).toEqual(["3/3", "3/3", "3/3"]);
  // The first rope stands in columns 5 to 10: what leans left lies at the left behind the crossing.
  expect(crossed(6, 32)).toEqual(["3/2", "3/3", "3/3"]);
  expect(crossed(7, 32)[0]).toBe("3/1");
  expect(crossed(8, 32)).toEqual(["3/3", "3/3"]);
});

test("a ground goes on over any columns, in both directions", () => {
  const rib = content({ content: "ground", ground: "rib2" });
  const faces = facesOfRow(rib.rowOn(0, [-2, -1, 0, 1, 2, 3, 4]));
  expect(faces).toEqual(["purl", "purl", "knit", "knit", "purl", "purl", "knit"]);
  expect(rib.stitches).toBeNull();
  expect(rib.kept.all).toBeLessThan(0.95);
});

test("columns beside the panels are plain and keep their width; the others keep what the mesh says", () => {
  expect(ropes.widthOf(-1)).toBe(1);
  expect(ropes.widthOf(99)).toBe(1);
  const widths = Array.from({ length: 32 }, (_, column) => ropes.widthOf(column));
  expect(widths.reduce((sum, width) => sum + width, 0) / 32).toBeCloseTo(ropes.kept.all, 9);
});
