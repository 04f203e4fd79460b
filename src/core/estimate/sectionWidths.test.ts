/** A width belongs to a section: the one told first is that of most of the piece. */
import { finishedOf } from "../estimate/finished";
import { newSection, type ProjectSection } from "../project/sections";
import { answerTo, estimated, pieceOf, projectOf } from "@testing/anyProject";

const widthsOf = (...sections: readonly ProjectSection[]) =>
  estimated(projectOf([pieceOf([...sections, newSection("castOff", "off")])])).estimate;

const on = (stitches: number) => newSection("castOn", "on", { stitches });
const ground = (id: string, kind: "rib2" | "stockinette" | "garter", rows: number) =>
  newSection("fabric", id, { content: "ground", ground: kind, rows });
const ropes = (rows: number) =>
  newSection("fabric", "ropes", { content: "ropes", ropeId: "rope-3-3", ropes: 8, purls: 2, edge: 3, rows });

test("one plain row between rib and cables is not the width of the piece", () => {
  const { widths, widthMm } = widthsOf(
    on(72),
    ground("rib", "rib2", 12),
    ground("row", "stockinette", 1),
    ropes(200),
  );
  expect(widths.main?.sectionId).toBe("ropes");
  expect(widthMm).toBe(widths.main?.widthMm);
  expect(widthMm).toBeLessThan(300);
  // It is there to be seen beside it: 72 plain stitches of 5 mm.
  expect(widths.widest).toMatchObject({ sectionId: "row" });
  expect(widths.widest?.widthMm).toBeCloseTo(360, 6);
  // And the draw-in, the plain width and the likely range are those of the same section.
  expect(widths.main?.plainWidthMm).toBeCloseTo(360, 6);
  expect((widths.main?.widthMm ?? 0) / (widths.main?.plainWidthMm ?? 1)).toBeCloseTo(
    widths.main?.kept.all ?? 0,
    9,
  );
  expect(widths.main?.bandMm.narrow).toBeLessThan(widthMm);
  expect(widths.main?.bandMm.wide).toBeLessThan(360);
});

test("a rib does not stand for a shawl that is widened above it", () => {
  const shawl = [
    newSection("fabric", "lace", { content: "ground", ground: "stockinette", rows: 2 }),
    newSection("shape", "wider", { way: "increase", stitches: 2, every: 2, times: 100 }),
    newSection("fabric", "upper", { content: "asBefore", rows: 20 }),
  ];
  const { widths } = widthsOf(on(20), ground("rib", "rib2", 30), ...shawl);
  expect(widths.main?.sectionId).toBe("wider");
  expect(widths.main?.widthMm).toBeCloseTo(220 * 5, 6);
  expect(widths.narrowest?.sectionId).toBe("rib");
});

test("a piece that is all shaping is as wide as its widest row", () => {
  const { widths } = widthsOf(
    on(3),
    newSection("fabric", "start", { content: "ground", ground: "garter", rows: 1 }),
    newSection("shape", "wider", { way: "increase", stitches: 2, every: 2, times: 50 }),
  );
  expect(widths.main).toMatchObject({ sectionId: "wider", stitches: 103 });
  expect(widths.main?.widthMm).toBeCloseTo(103 * 5, 6);
  expect(widths.narrowest).toMatchObject({ sectionId: "start", stitches: 3 });
});

test("a size may be asked of another section, and follows it", () => {
  const sections = [on(72), ground("rib", "rib2", 12), ropes(100), newSection("castOff", "off")];
  const project = projectOf([pieceOf(sections)]);
  const answer = answerTo(project);
  const { widths } = answer.estimate.pieces[0]?.estimate ?? {};
  const of = { pieceId: "piece", sectionId: "rib" };
  const rib = widths?.sections.find(({ sectionId }) => sectionId === "rib");
  expect(finishedOf(project, answer)?.acrossMm).toBe(widths?.main?.widthMm);
  expect(finishedOf({ ...project, size: { ...project.size, of } }, answer)?.acrossMm).toBe(rib?.widthMm);
  // One that is gone gives way to the fabric that makes up most.
  const gone = { ...project, size: { ...project.size, of: { pieceId: "piece", sectionId: "gone" } } };
  expect(finishedOf(gone, answer)?.acrossMm).toBe(widths?.main?.widthMm);
});
