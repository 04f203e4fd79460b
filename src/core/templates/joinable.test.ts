/** Garments begin joinable: edges that meet have as many stitches, seams are as long on both sides. */
import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { seamRows } from "../estimate/piece";
import { edgeOf } from "../estimate/seams";
import type { EdgeSide } from "../project/finishing";
import { forecastProject } from "../forecast/projectForecast";
import { YARN_CLASSES } from "../yarn/classes";
import { addedTo, beginProject, type Beginning } from "./beginProject";
import { CABLED_IDS } from "../garment/fit";
import { STARTS, type StartId } from "./startList";

const CLOSED: readonly StartId[] = ["slipover", "jumper", "jumperDrop"];
const OPEN: readonly StartId[] = ["vest", "cardigan", "cardiganSleeves", "cardiganDrop"];

const wish = (starts: readonly StartId[]): fc.Arbitrary<Beginning> =>
  fc.record({
    start: fc.constantFrom(...starts),
    acrossMm: fc.integer({ min: 500, max: 1500 }),
    easeMm: fc.integer({ min: 0, max: 150 }),
    alongMm: fc.integer({ min: 400, max: 800 }),
    thickness: fc.constantFrom(...YARN_CLASSES),
    cabled: fc.constantFrom(...CABLED_IDS),
  });

function worked(beginning: Beginning) {
  const begun = beginProject(beginning);
  if (!begun.ok) throw new Error(sentence(begun.message));
  const answer = forecastProject(begun.value);
  if (!answer.known) throw new Error(JSON.stringify(answer));
  expect(answer.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
  // Every seam is of two edges that are there, and as long as each other.
  expect(answer.finishing.map(({ id, message }) => `${id}: ${message}`)).toEqual([]);
  const pieceOf = (id: string) => {
    const found = answer.estimate.pieces.find((one) => one.id === id);
    if (!found) throw new Error(`no ${id}`);
    return found;
  };
  /** Stitches that a piece ends on at each shoulder. */
  const shoulders = (id: string) =>
    pieceOf(id)
      .sections.filter(({ worked: { section } }) => /\/shoulders?$/.test(section.id))
      .map(({ worked: { from } }) => from);
  const sideRows = (id: string) => seamRows(pieceOf(id).sections);
  const section = (id: string, part: string) => {
    const found = pieceOf(id).sections.find(({ worked: { section: one } }) => one.id === `${id}/${part}`);
    if (!found) throw new Error(`no ${id}/${part}`);
    return found.worked;
  };
  const { gauge } = answer.plan;
  /** Length of an edge as it is worked, and of as many plain stitches as a band picks up. */
  const edge = (id: string, side: EdgeSide) => edgeOf(pieceOf(id), side, gauge)?.lengthMm ?? 0;
  const picked = (id: string) =>
    ((pieceOf(id).estimate.castOn || pieceOf(id).estimate.stitches) * 100) / gauge.stitchesPer10Cm;
  return { edge, picked, section, shoulders, sideRows, rows: (id: string) => pieceOf(id).estimate.heightMm };
}

test("back and front of what is closed meet stitch by stitch at the shoulders, row by row at the sides", () => {
  fc.assert(
    fc.property(wish(CLOSED), (beginning) => {
      const { shoulders, sideRows, rows } = worked(beginning);
      const [back, front] = [shoulders("back"), shoulders("front")];
      expect(back).toHaveLength(2);
      expect(front).toEqual(back);
      expect(back[0]).toBe(back[1]);
      expect(sideRows("front")).toBeCloseTo(sideRows("back"), 9);
      expect(Math.abs(rows("front") / rows("back") - 1)).toBeLessThan(0.06);
    }),
    { numRuns: 60 },
  );
});

test("both fronts of what is open meet the back's shoulders", () => {
  fc.assert(
    fc.property(wish(OPEN), (beginning) => {
      const { shoulders, sideRows } = worked(beginning);
      const [one] = shoulders("back");
      expect([shoulders("right"), shoulders("left")]).toEqual([[one], [one]]);
      // Fronts have cables of their own, so that a row of theirs is a little lower or higher: worked to the same
      // length, they end within two rows of the back.
      expect(Math.abs(sideRows("right") - sideRows("back"))).toBeLessThanOrEqual(2);
      expect(sideRows("left")).toBeCloseTo(sideRows("right"), 9);
    }),
    { numRuns: 60 },
  );
});

test("bands pick up as many stitches as the edges that they go along have room for", () => {
  fc.assert(
    fc.property(wish(["slipover", "vest"]), (beginning) => {
      const { edge, picked, rows } = worked(beginning);
      const front = beginning.start === "vest" ? "right" : "front";
      const round = edge("back", "above") + edge(front, "above");
      expect(Math.abs(picked("arm") / round - 1)).toBeLessThan(0.12);
      if (beginning.start !== "vest") return;
      // Up one front, down the other, and the back of the neck between them.
      const fronts = rows("right") + rows("left");
      expect(picked("bands")).toBeGreaterThan(fronts);
      expect(picked("bands")).toBeLessThan(fronts + 0.5 * edge("back", "start"));
    }),
    { numRuns: 40 },
  );
});

test("a mitt's gusset rests on a thread, is taken up with what its rib wants, and leaves the hand as it was", () => {
  const hands = fc.record({
    start: fc.constant<StartId>("mitts"),
    acrossMm: fc.integer({ min: 140, max: 260 }),
    easeMm: fc.integer({ min: -20, max: 10 }),
    alongMm: fc.integer({ min: 120, max: 320 }),
    thickness: fc.constantFrom(...YARN_CLASSES),
    cabled: fc.constantFrom(...CABLED_IDS),
  });
  fc.assert(
    fc.property(hands, (beginning) => {
      const { section } = worked(beginning);
      for (const id of ["right", "left"]) {
        const [ropes, gusset, held] = [
          section(id, "ropes"),
          section(id, "gusset"),
          section(id, "thumb-hold"),
        ];
        expect([gusset.from, held.to, section(id, "upper").to]).toEqual([ropes.to, ropes.to, ropes.to]);
        const thumb = section(id, "thumb").to;
        expect(thumb % 4).toBe(0);
        expect(thumb).toBeGreaterThan(gusset.to - gusset.from);
      }
    }),
    { numRuns: 40 },
  );
});

test("sleeves are added to a body in its own yarn and gauge, and all of it is worked", () => {
  const begun = beginProject({ ...usual("vest"), thickness: "chunky" });
  if (!begun.ok) throw new Error(sentence(begun.message));
  const body = { ...begun.value, gauge: { stitchesPer10Cm: 13, rowsPer10Cm: 18, source: "band" as const } };
  const added = addedTo(body, { ...usual("sleeve"), thickness: "fingering" });
  if (!added.ok) throw new Error(sentence(added.message));
  expect(added.value.yarns).toEqual(body.yarns);
  expect(added.value.pieces.slice(0, body.pieces.length)).toEqual(body.pieces);
  const answer = forecastProject(added.value);
  if (!answer.known) throw new Error("no answer");
  expect(answer.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
  // Their caps fit the armholes that were there.
  const caps = added.value.seams.filter(({ of }) => of?.side === "cap");
  expect(caps.map(({ to, times }) => `${to?.pieceId} ${times}`)).toEqual(["back 2", "right 1", "left 1"]);
  expect(answer.finishing).toEqual([]);
  const sleeve = answer.estimate.pieces.at(-1);
  // As wide as its arm at the project's gauge, not at that of the yarn that was chosen for something else.
  expect(Math.abs((sleeve?.estimate.widths.widest?.widthMm ?? 0) / 360 - 1)).toBeLessThan(0.06);
  // Twice added, each has a name of its own.
  const again = addedTo(added.value, usual("sleeve"));
  if (!again.ok) throw new Error(sentence(again.message));
  const ids = again.value.pieces.flatMap(({ id, sections }) => [id, ...sections.map((one) => one.id)]);
  expect(new Set(ids).size).toBe(ids.length);
});

const usual = (start: StartId): Beginning => ({
  start,
  acrossMm: STARTS[start].across.usualMm,
  easeMm: STARTS[start].easeMm,
  alongMm: STARTS[start].along.usualMm,
  thickness: "aran",
  cabled: "all",
});

test("what is added leaves the caps of sleeves that are there as the knitter has them", () => {
  const begun = beginProject(usual("jumper"));
  if (!begun.ok) throw new Error(sentence(begun.message));
  const shaped = {
    ...begun.value,
    pieces: begun.value.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) =>
        section.id === "sleeve/cap" && section.kind === "shape" ? { ...section, lengthMm: 60 } : section,
      ),
    })),
  };
  const added = addedTo(shaped, usual("hat"));
  if (!added.ok) throw new Error(sentence(added.message));
  expect(added.value.pieces.slice(0, shaped.pieces.length)).toEqual(shaped.pieces);
});
