/** Sizes side by side, against each of them graded and forecast by itself. */
import { answerTo, cabledBack } from "@testing/anyProject";
import { finishedOf } from "../estimate/finished";
import { gradeProject, grading } from "../garment/grade";
import { layProject } from "../garment/panelLayout";
import { candidateSchema } from "../project/candidates";
import { newAsks } from "../project/asks";
import type { Project } from "../project/project";
import { onlyAsked } from "../templates/onlyAsked";
import { toEnd } from "../steps";
import { swapProject } from "./swapProject";
import { ballsParagraph, sizeTable, type SizeCell } from "./sizeTable";

const layOf = (project: Project) => layProject(project);
const size = (id: string, acrossMm: number | null, alongMm: number | null, balls: number | null = null) => ({
  id,
  name: id,
  acrossMm,
  alongMm,
  balls,
});
const chunky = candidateSchema.parse({
  id: "chunky",
  label: {
    name: "Osmuth Chunky",
    colour: "#884422",
    putUp: { massG: 100, lengthM: 110 },
    stitchesPer10Cm: 14,
    rowsPer10Cm: 20,
  },
});

function told(project: Project) {
  const heard: SizeCell[] = [];
  const cells = toEnd(sizeTable(project, { markets: {} }, { layOf, onCell: (cell) => heard.push(cell) }));
  expect(heard).toEqual(cells);
  return cells;
}

const back = cabledBack({
  by: "length",
  lengthMm: 600,
  rows: null,
  measured: { widthMm: null, stitches: null },
});
const now = finishedOf(back, answerTo(back)) ?? { acrossMm: 0, alongMm: 0 };

test("each size is what it is worked through by itself, in each yarn", () => {
  const wide = Math.round(now.acrossMm * 1.2);
  const project: Project = {
    ...back,
    size: { ...back.size, easeMm: 20 },
    sizes: [size("as it is", now.acrossMm - 20, now.alongMm), size("wider", wide - 20, 700)],
    swap: { keep: "size", candidates: [chunky] },
  };
  const cells = told(project);
  expect(cells.map(({ yarnId, size: { id } }) => `${yarnId} ${id}`)).toEqual([
    "yarn-1 as it is",
    "yarn-1 wider",
    "chunky as it is",
    "chunky wider",
  ]);
  const [asItIs, wider, thick] = cells;
  const [own] = answerTo(back).yarns;
  expect(asItIs?.told?.balls).toBe(own.advised.balls);
  expect(asItIs?.told?.needM).toBeCloseTo(own.totalMm / 1000, 6);
  const graded = gradeProject(
    back,
    layOf(back),
    grading({ across: wide / now.acrossMm, along: 700 / now.alongMm }),
  );
  expect((wider?.told?.needM ?? 0) / (answerTo(graded).yarns[0].totalMm / 1000)).toBeCloseTo(1, 1);
  expect(Math.abs((wider?.told?.acrossMm ?? 0) / wide - 1)).toBeLessThan(0.04);
  expect(thick?.told?.needM).toBeLessThan(asItIs?.told?.needM ?? 0);
});

test("of what is only asked for, sizes follow the size that it is asked for in", () => {
  const asks = newAsks({ balls: 9, ball: { massG: 50, lengthM: 82 }, acrossMm: 1000, alongMm: 600 });
  const project: Project = {
    ...onlyAsked({ asks, cabledPercent: 0 }),
    sizes: [size("M", 1000, 600), size("L", 1100, 630)],
  };
  const [medium, large] = told(project);
  expect((large?.told?.needM ?? 0) / (medium?.told?.needM ?? 1)).toBeCloseTo(1.1 * 1.05, 2);
  const unsaid = told({ ...project, asks: newAsks({ ...asks, acrossMm: null }) });
  expect(unsaid.map((cell) => cell.told)).toEqual([null, null]);
});

test("of what is only asked for, a substitute takes in the size of the pattern what the swap says", () => {
  const asks = newAsks({
    balls: 9,
    ball: { massG: 50, lengthM: 82 },
    stitchesPer10Cm: 18,
    rowsPer10Cm: 25,
    acrossMm: 1000,
    alongMm: 600,
  });
  const project: Project = {
    ...onlyAsked({ asks, cabledPercent: 0 }),
    swap: { keep: "size", candidates: [chunky] },
    sizes: [size("M", 1000, 600)],
  };
  const [, inChunky] = told(project);
  const so = swapProject(project, chunky, { keep: "size", layOf });
  expect(inChunky?.told?.acrossMm).toBeCloseTo(1000, 3);
  expect((inChunky?.told?.needM ?? 0) / (so ? answerTo(so).yarns[0].totalMm / 1000 : NaN)).toBeCloseTo(1, 2);
});

test("of what is only asked for, the pattern's own balls of a size go before its measures", () => {
  const asks = newAsks({ balls: 9, ball: { massG: 50, lengthM: 82 } });
  const asking = (balls: number): Project => ({
    ...onlyAsked({ asks: { ...asks, balls }, cabledPercent: 0 }),
    swap: { keep: "size", candidates: [chunky] },
  });
  const project = { ...asking(9), sizes: [size("S", null, null, 9), size("L", 1100, 630, 12)] };
  const cells = told(project);
  expect(cells.map((cell) => cell.told?.acrossMm)).toEqual([null, 1100, null, expect.closeTo(1100, -1)]);
  for (const [place, balls] of [9, 12].entries()) {
    const [own] = answerTo(asking(balls)).yarns;
    expect(cells[place]?.told).toMatchObject({ balls: own.advised.balls, needM: own.totalMm / 1000 });
    const so = swapProject(asking(balls), chunky, { keep: "size", layOf });
    expect(cells[2 + place]?.told?.needM).toBeCloseTo(so ? answerTo(so).yarns[0].totalMm / 1000 : NaN, 6);
  }
});

test("of a garment that is described, balls without measures tell no size", () => {
  expect(told({ ...back, sizes: [size("S", null, null, 9)] })[0]?.told).toBeNull();
});

test("a size that cannot be worked is told as such, and then there is no paragraph", () => {
  const cells = told({ ...back, sizes: [size("S", 400, 500), size("none", 10, 5)] });
  expect(cells[0]?.told).not.toBeNull();
  expect(ballsParagraph(cells.slice(0, 1))).toBe(String(cells[0]?.told?.balls));
  const three = [9, 10, 12].map((balls) => ({ ...cells[0], told: { ...cells[0]?.told, balls } }) as SizeCell);
  expect(ballsParagraph(three)).toBe("9 (10, 12)");
  expect(ballsParagraph([...three, { ...three[0], told: null } as SizeCell])).toBeNull();
});
