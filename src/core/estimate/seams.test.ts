/** Seams against the measures of the pieces that they join. */
import { sentence } from "@testing/sentence";
import { newSeam, type Seam } from "../project/finishing";
import { newSection } from "../project/sections";
import { omissionsOf } from "../forecast/omissions";
import { answerTo, pieceOf, projectOf } from "@testing/anyProject";
import { meeting } from "./plan";

/** A plain rectangle at 20 x 28: 5 mm and 3.571 mm a stitch. */
const plain = (id: string, stitches: number, rows: number) =>
  pieceOf(
    [
      newSection("castOn", `${id}/on`, { stitches }),
      newSection("fabric", `${id}/fabric`, { content: "ground", ground: "stockinette", rows }),
      newSection("castOff", `${id}/off`),
    ],
    { id, name: id },
  );

const side = (pieceId: string) => ({ pieceId, side: "side" as const });
const start = (pieceId: string) => ({ pieceId, side: "start" as const });
const end = (pieceId: string) => ({ pieceId, side: "end" as const });

const sewn = (seams: readonly Seam[], pieces = [plain("one", 80, 168), plain("other", 60, 140)]) => {
  const project = projectOf(pieces, { seams: [...seams] });
  const answer = answerTo(project);
  return { ...answer, project, omissions: omissionsOf(project, answer) };
};

test("a side, a cast-on and a cast-off edge are as long as the piece is high and wide", () => {
  const seams = [side("one"), start("one"), end("one")].map((of, index) => newSeam(`${index}`, { of }));
  const lengths = sewn(seams).plan.seams.map(({ lengthMm }) => lengthMm);
  expect(lengths).toEqual([600, 400, 400].map((mm) => expect.closeTo(mm, 6) as number));
});

test("each seam takes one and a half times its length and two ends, as often as it is sewn", () => {
  const { yarns } = sewn([newSeam("sides", { of: side("one"), to: side("one"), times: 2, openMm: 30 })]);
  expect(yarns[0].ledger.seams).toBeCloseTo(2 * (1.5 * 570 + 300), 6);
});

test("a short side sewn to a long one is as long as the short one, and says that they differ", () => {
  const { plan, finishing, omissions } = sewn([newSeam("corner", { of: end("one"), to: side("other") })]);
  expect(plan.seams[0]?.lengthMm).toBeCloseTo(400, 6);
  expect(sentence(finishing[0]?.message)).toMatch(/25 % longer/);
  expect(omissions).toEqual([]);
  const long = plain("long", 80, 280);
  expect(
    sewn([newSeam("a", { of: end("one"), to: side("long") })], [plain("one", 80, 168), long]).finishing,
  ).toEqual([]);
  // 80 stitches of 40 cm meet the rows that 40 cm of the side have: 112.
  expect(plan.seams[0] && meeting(plan.seams[0])).toEqual([80, 112]);
});

test("a length that is told stands in place of the edges'", () => {
  const { plan, yarns } = sewn([newSeam("zip", { of: side("one"), lengthMm: 200 })]);
  expect(plan.seams[0]?.lengthMm).toBe(200);
  expect(yarns[0].ledger.seams).toBeCloseTo(600, 6);
});

test.each([
  ["of no edge", newSeam("a"), /Say which edge/],
  ["of a piece that is gone", newSeam("a", { of: side("one"), to: side("nowhere") }), /not there any more/],
  ["all left open", newSeam("a", { of: side("one"), openMm: 600 }), /nothing would be sewn/],
  ["above an armhole that is none", newSeam("a", { of: { pieceId: "one", side: "above" } }), /no such edge/],
])("a seam %s is owned up to and takes nothing", (_, seam, message) => {
  const { omissions, yarns } = sewn([seam]);
  expect(omissions).toMatchObject([{ kind: "finishing", of: "seams", id: "a" }]);
  expect(sentence(omissions[0]?.message)).toMatch(message);
  expect(yarns[0].ledger.seams).toBe(0);
});

test("a seam of a piece that is said to be left out is not sewn, and is no omission", () => {
  const pieces = [plain("one", 80, 168), { ...plain("other", 60, 140), leftOut: true }];
  const { omissions, plan } = sewn([newSeam("a", { of: side("one"), to: side("other") })], pieces);
  expect([omissions, plan.seams]).toEqual([[], []]);
});

test("an armhole is as long as its slope, cast off and decreased, and what goes straight up", () => {
  const shaped = pieceOf(
    [
      newSection("castOn", "on", { stitches: 100 }),
      newSection("fabric", "body", { content: "ground", ground: "stockinette", rows: 84 }),
      newSection("castOffAt", "armhole", { at: "edges", stitches: 5 }),
      newSection("fabric", "upper", { content: "asBefore", rows: 56 }),
      newSection("castOff", "off"),
    ],
    { id: "one", name: "one" },
  );
  const edges = [side("one"), { pieceId: "one", side: "above" as const }];
  const [below, above] = sewn(
    edges.map((of, index) => newSeam(`${index}`, { of })),
    [shaped],
  ).plan.seams;
  expect(below?.lengthMm).toBeCloseTo(300, 6);
  // Five stitches of 5 mm sideways and 56 to 58 rows of 3.571 mm up.
  expect(above?.lengthMm).toBeGreaterThan(200 + 24);
  expect(above?.lengthMm).toBeLessThan(200 + 25 + 2 * 3.572);
});
