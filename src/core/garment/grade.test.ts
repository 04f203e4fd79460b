import fc from "fast-check";
import { cabledBack } from "@testing/anyProject";
import type { Project } from "../project/project";
import type { FabricSection } from "../project/sections";
import { gradeProject, grading } from "./grade";
import type { Grading } from "./kinds/grading";
import { layProject } from "./panelLayout";

/** A back with a row of panels: seed at its sides, ropes between them, so many plain stitches at either edge. */
const row = (ropes: number, edge: number): Project =>
  cabledBack({
    content: "panels",
    edge,
    across: [
      { panelId: "seed", times: 2, joined: "repeat" },
      { panelId: "rope-2-2-l-4", times: ropes, joined: "repeat" },
      { panelId: "seed", times: 2, joined: "repeat" },
    ],
    measured: { widthMm: null, stitches: null },
  });

const fabricOf = (project: Project): FabricSection => {
  const found = project.pieces[0]?.sections.find(({ kind }) => kind === "fabric");
  if (found?.kind !== "fabric") throw new Error("no fabric");
  return found;
};

/** Its width in plain stitches: what its panels keep of theirs. */
function widthOf(project: Project): number {
  const [laid] = layProject(project).values();
  if (!laid?.ok) throw new Error("not laid");
  return laid.fabric.panels.reduce((sum, { stitches, widthFactor }) => sum + stitches * widthFactor, 0);
}

const graded = (project: Project, by: Partial<Grading>) =>
  gradeProject(project, layProject(project), grading(by));

test("a wider row has more of the panel that is repeated most, and its edges make up the width", () => {
  const project = row(6, 8);
  const wider = graded(project, { across: 1.4 });
  expect(fabricOf(wider).across.map(({ times }) => times)).toEqual([2, expect.any(Number), 2]);
  expect(fabricOf(wider).across[1]?.times).toBeGreaterThan(7);
  expect(Math.abs(widthOf(wider) - 1.4 * widthOf(project))).toBeLessThan(1.5);
});

test("whatever the size, the width is met within a stitch at either edge, or a repeat where no edge can give", () => {
  const cases = fc.tuple(
    fc.integer({ min: 2, max: 12 }),
    fc.integer({ min: 0, max: 14 }),
    fc.double({ min: 0.7, max: 1.8, noNaN: true }),
  );
  fc.assert(
    fc.property(cases, ([ropes, edge, across]) => {
      const project = row(ropes, edge);
      const now = graded(project, { across });
      const each = widthOf(row(ropes + 1, edge)) - widthOf(project);
      const off = Math.abs(widthOf(now) - across * widthOf(project));
      const atLeast = fabricOf(now).edge === Math.min(edge, 2);
      expect(off).toBeLessThan(atLeast ? each + 3 : 2);
      expect(fabricOf(now).across[1]?.times).toBeGreaterThanOrEqual(1);
    }),
    { numRuns: 60 },
  );
});

test("a repeat more than what comes nearest is one more, and the edges give it room", () => {
  const project = row(6, 10);
  const [nearest, more] = [0, 1].map((repeats) => fabricOf(graded(project, { across: 1.2, repeats })));
  expect((more?.across[1]?.times ?? 0) - (nearest?.across[1]?.times ?? 0)).toBe(1);
  expect(more?.edge).toBeLessThan(nearest?.edge ?? 0);
});

test("counted rows and whole repeats go with the row gauge, lengths with the length; an edge keeps its depth", () => {
  const extent = (part: Partial<FabricSection>, by: Partial<Grading>) => {
    const { rows, lengthMm, repeats } = fabricOf(graded(cabledBack(part), by));
    return { rows, lengthMm, repeats };
  };
  expect(extent({ by: "rows", rows: 200, lengthMm: 300, repeats: 10 }, { rows: 0.5, along: 2 })).toEqual({
    rows: 100,
    lengthMm: 600,
    repeats: 5,
  });
  const rib = { content: "ground", ground: "rib2", by: "rows", rows: 20 } as const;
  expect(extent(rib, { rows: 1.5, along: 1.5 }).rows).toBe(20);
  expect(extent(rib, { edgeRows: 0.7 }).rows).toBe(14);
  expect(extent({ ...rib, rows: 80 }, { rows: 1.5 }).rows).toBe(120);
});

test("the same size is the same project, and what was typed for a count goes with the count", () => {
  const project = row(4, 6);
  expect(graded(project, {})).toBe(project);
  const { id } = fabricOf(project);
  const typed = { ...project, typed: { [`ropes ${id}`]: "six?", name: "kept" } };
  expect(graded(typed, { across: 1.2 }).typed).toEqual({ name: "kept" });
});
