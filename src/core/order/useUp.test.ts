/** How far yarn goes, against the forecast of every step one by one. */
import fc from "fast-check";
import {
  anyGround,
  anyProject,
  anyRopes,
  answerTo,
  cabledBack,
  pieceOf,
  projectOf,
} from "@testing/anyProject";
import { sentence } from "@testing/sentence";
import { demoProject } from "@/demo/slipover";
import { finishedOf } from "../estimate/finished";
import { CERTAINTIES } from "../forecast/forecast";
import { inSize } from "../forecast/inSize";
import { onlyAsked } from "../templates/onlyAsked";
import { omissionsOf } from "../forecast/omissions";
import { forecastProject } from "../forecast/projectForecast";
import { layProject } from "../garment/panelLayout";
import { newSeam } from "../project/finishing";
import { withSection, type Project } from "../project/project";
import { isFabric, withFabric } from "../project/sectionKinds";
import { newSection } from "../project/sections";
import { toEnd } from "../steps";
import { grams, metres } from "../units/brands";
import { readYarnInHand } from "../yarn/inHand";
import { enoughOf } from "./enough";
import type { Freed } from "./ladder";
import { usingUp, type HandOf } from "./useUp";

const KNOWN = new Map();
const layOf = (project: Project) => layProject(project, KNOWN);
const FABRIC = { pieceId: "piece", sectionId: "fabric" };
const LONG: Freed = { by: "length", sections: [FABRIC] };
const hand = (lengthM: number, balls: number, yarnId = "yarn-1"): HandOf => ({ yarnId, lengthM, balls });
const used = (project: Project, freed: Freed, ...inHand: readonly HandOf[]) =>
  toEnd(usingUp(project, { freed, inHand }, layOf));

/** In how many cases so much is enough for a project, by the draws of its own forecast. */
function chance(project: Project, { lengthM, balls }: Pick<HandOf, "lengthM" | "balls">): number {
  const [{ drawn, yarn }] = answerTo(project).yarns;
  return enoughOf(drawn.needsMm, drawn.putUps, drawn.putUpMean, yarn.joinMm).chanceOf(lengthM, balls);
}

const back = (repeats: number) => cabledBack({ by: "repeats", repeats, endRow: 0, rows: null });

test.each([
  [82, 1],
  [246, 3],
  [820, 10],
])("%d m in %d balls: so many repeats are enough with the certainty, one more is not", (lengthM, balls) => {
  const found = used(cabledBack(), LONG, hand(lengthM, balls))?.found;
  const at = (count: number) => chance(back(count), { lengthM, balls });
  expect(at(found?.count ?? 0)).toBe(found?.chance);
  expect(found?.chance).toBeGreaterThanOrEqual(0.95);
  expect(at((found?.count ?? 0) + 1)).toBeLessThan(0.95);
});

/** A section that grows, in a random project that leaves nothing out, with so much of its first yarn at hand. */
const growingIn = (projects: fc.Arbitrary<Project>) =>
  fc
    .tuple(projects, fc.nat(), fc.double({ min: 0.7, max: 3, noNaN: true }), fc.integer({ min: 1, max: 6 }))
    .map(([project, place, share, balls]) => {
      const answer = forecastProject(project, layOf(project));
      if (!answer.known || omissionsOf(project, answer).length > 0) return null;
      const fabrics = [...answer.worked].flatMap(([pieceId, { sections }]) =>
        sections.flatMap(({ section, rows }) =>
          isFabric(section) && rows.length > 0 ? [{ pieceId, sectionId: section.id }] : [],
        ),
      );
      const one = fabrics[place % Math.max(1, fabrics.length)];
      if (!one) return null;
      const [first, ...others] = answer.yarns;
      const rest = others.map(({ yarn, totalMm }) => hand((3 * totalMm) / 1000, 3, yarn.id));
      return { project, one, inHand: [hand((share * first.totalMm) / 1000, balls, first.yarn.id), ...rest] };
    })
    .filter((found) => found !== null);

/** One piece of ropes or a ground between others. */
const anyStrip: fc.Arbitrary<Project> = fc
  .tuple(anyRopes("grows"), anyGround("below"), anyGround("above"), fc.boolean())
  .map(([grows, below, above, round]) =>
    projectOf([
      pieceOf(
        [newSection("castOn", "on", { stitches: 80 }), below, grows, above, newSection("castOff", "off")],
        { round },
      ),
    ]),
  );

/** The chance that all yarns are enough, counted draw by draw from its own forecast; none where it cannot be worked. */
function chanceOfAll(project: Project, inHand: readonly HandOf[]): number {
  const answer = forecastProject(project, layOf(project));
  if (!answer.known || omissionsOf(project, answer).length > 0) return 0;
  const each = answer.yarns.map(({ yarn, drawn }) => {
    const mine = inHand.find(({ yarnId }) => yarnId === yarn.id);
    if (!mine) throw new Error("a yarn without a hand");
    const { needsMm, putUps, putUpMean } = drawn;
    return needsMm.map((need, draw) => {
      const holdsMm = 1000 * mine.lengthM * Math.exp((putUps?.[draw] ?? 0) + putUpMean);
      return holdsMm + 1e-3 - (mine.balls - 1) * yarn.joinMm - need;
    });
  });
  const draws = each[0]?.length ?? 0;
  return (
    Array.from({ length: draws }).filter((_, draw) => each.every((left) => (left[draw] ?? 0) >= 0)).length /
    draws
  );
}

test.each([
  ["strips", anyStrip, 300],
  ["garments of any shape", anyProject, 15],
])(
  "of random %s it is the longest whole repeat at that chance: shorter ones are enough, one more is not",
  (_, projects, numRuns) => {
    let found = 0;
    fc.assert(
      fc.property(growingIn(projects), ({ project, one, inHand }) => {
        const told = used(project, { by: "length", sections: [one] }, ...inHand);
        if (!told) return;
        const last = told.found?.count ?? 0;
        found += last > 0 ? 1 : 0;
        const endRow = (told.project && sectionOf(told.project, one)?.endRow) ?? endRowOf(project, one);
        const at = (count: number) =>
          chanceOfAll(
            withSection(project, one, (section) =>
              withFabric(section, () => ({ by: "repeats", repeats: count, endRow })),
            ),
            inHand,
          );
        const wanted = CERTAINTIES[project.certainty];
        for (const count of new Set([1, Math.ceil(last / 2), last - 1, last]))
          if (count > 0 && count <= last) expect(at(count)).toBeGreaterThanOrEqual(wanted);
        if (told.beyond) expect(at(last + 1)).toBeLessThan(wanted);
      }),
      // Always the same ones: that enough of them grow at all is no matter of chance.
      { numRuns, seed: 41, endOnFailure: true },
    );
    expect(found).toBeGreaterThan(numRuns / 2);
  },
  300_000,
);

function sectionOf(project: Project, { pieceId, sectionId }: typeof FABRIC) {
  const section = project.pieces
    .find(({ id }) => id === pieceId)
    ?.sections.find(({ id }) => id === sectionId);
  return section && isFabric(section) ? section : undefined;
}

/** The row of its repeat that a section ends with as it is planned. */
function endRowOf(project: Project, one: typeof FABRIC) {
  const answer = answerTo(project);
  const worked = answer.worked.get(one.pieceId)?.sections.find(({ section }) => section.id === one.sectionId);
  return (worked?.rows.length ?? 0) % (worked?.content?.rows ?? 1);
}

test("more yarn never makes it shorter, more balls of the same length never longer, and daring goes further", () => {
  const count = (lengthM: number, balls: number, certainty: Project["certainty"] = "steady") =>
    used(cabledBack({}, { certainty }), LONG, hand(lengthM, balls))?.found?.count ?? 0;
  const more = [100, 160, 240, 400, 700].map((lengthM) => count(lengthM, 4));
  expect(more).toEqual([...more].sort((a, b) => a - b));
  const parts = [1, 4, 16, 60].map((balls) => count(300, balls));
  expect(parts).toEqual([...parts].sort((a, b) => b - a));
  expect(count(300, 4, "daring")).toBeGreaterThanOrEqual(count(300, 4));
  expect(count(300, 4)).toBeGreaterThanOrEqual(count(300, 4, "careful"));
});

test("the curve falls, and stands on what is worked through at what is found", () => {
  const told = used(cabledBack(), LONG, hand(246, 3));
  const chances = told?.curve.map((step) => step.chance) ?? [];
  expect(chances.length).toBeGreaterThan(4);
  expect(chances).toEqual([...chances].sort((a, b) => b - a));
  for (const { count, chance: read, alongMm } of told?.curve ?? []) {
    expect(Math.abs(read - chance(back(count), { lengthM: 246, balls: 3 }))).toBeLessThan(0.01);
    const finished = answerTo(back(count)).estimate.pieces[0]?.estimate.heightMm ?? NaN;
    expect(alongMm ?? NaN).toBeCloseTo(finished, 3);
  }
});

test("squares: as many as there is yarn for, seams of each one counted", () => {
  const square = cabledBack({ rows: 30 });
  const told = used(square, { by: "times", pieceId: "piece" }, hand(410, 5));
  const times = (count: number) => ({
    ...square,
    pieces: square.pieces.map((one) => ({ ...one, times: count })),
  });
  const found = told?.found?.count ?? 0;
  expect(chance(times(found), { lengthM: 410, balls: 5 })).toBeGreaterThanOrEqual(0.95);
  expect(chance(times(found + 1), { lengthM: 410, balls: 5 })).toBeLessThan(0.95);
});

test("in the same shape it grows both ways; more yarn never makes it smaller", () => {
  const sizes = [2, 4, 8].map(
    (balls) => used(cabledBack(), { by: "size" }, hand(82 * balls, balls))?.found?.size,
  );
  const areas = sizes.map((size) => (size ? size.acrossMm * size.alongMm : 0));
  expect(areas[0]).toBeGreaterThan(0);
  expect(areas).toEqual([...areas].sort((a, b) => a - b));
});

const graded = (
  id: string,
  acrossMm: number | null,
  alongMm: number | null,
  balls: number | null = null,
) => ({
  id,
  name: id,
  acrossMm,
  alongMm,
  balls,
});

test.each([
  [1, 82],
  [3, 246],
  [5, 410],
  [30, 2460],
])("of its sizes %d balls are enough for the largest whose own forecast says so", (balls, lengthM) => {
  const back = cabledBack({ by: "length", lengthMm: 600, rows: null });
  const now = finishedOf(back, answerTo(back)) ?? { acrossMm: 0, alongMm: 0 };
  const sizes = [1.6, 0.3, 1, 0.6].map((times) =>
    graded(String(times), now.acrossMm * times, now.alongMm * Math.min(1, times)),
  );
  const project = { ...back, sizes };
  const enough = ["0.3", "0.6", "1", "1.6"].filter((name) => {
    const size = sizes.find((one) => one.name === name);
    const sized = size && toEnd(inSize(project, size, { layOf }));
    return sized && chance(sized.project, { lengthM, balls }) >= 0.95;
  });
  const told = used(project, { by: "sizes" }, hand(lengthM, balls));
  expect(told?.found?.name).toBe(enough.at(-1));
});

test("of what is only asked for, sizes go by the balls of each", () => {
  const asks = { balls: 9, ball: { massG: 50, lengthM: 82 } };
  const project = {
    ...onlyAsked({ asks, cabledPercent: 0 }),
    sizes: [graded("L", null, null, 12), graded("S", null, null, 9), graded("M", null, null, 10)],
  };
  const lasts = (balls: number) => used(project, { by: "sizes" }, hand(82 * balls, balls));
  expect(lasts(4)?.found).toBeNull();
  expect(lasts(4)?.beyond?.name).toBe("S");
  expect([10, 12, 20].map((balls) => lasts(balls)?.found?.name)).toEqual(["S", "M", "L"]);
  expect(lasts(12)?.project?.asks.balls).toBe(10);
  const unmeasured = { ...project, sizes: [...project.sizes, graded("XL", null, null)] };
  expect(used(unmeasured, { by: "sizes" }, hand(984, 12))).toMatchObject({
    unworked: ["XL"],
    found: { name: "M" },
  });
});

test("two sections grow in proportion, and the chance is that of the yarn that ends first", () => {
  const strip = (id: string, rows: number) =>
    newSection("fabric", id, { content: "ground", ground: "stockinette", rows });
  const [main] = projectOf([]).yarns;
  if (!main) throw new Error("no yarn");
  const project = projectOf(
    [
      pieceOf(
        [
          newSection("castOn", "a/on", { stitches: 60 }),
          strip("a/body", 200),
          newSection("castOff", "a/off"),
        ],
        { id: "body" },
      ),
      pieceOf(
        [
          newSection("castOn", "b/on", { stitches: 40 }),
          strip("b/body", 100),
          newSection("castOff", "b/off"),
        ],
        {
          id: "sleeve",
          times: 2,
          yarnId: "yarn-2",
        },
      ),
    ],
    { yarns: [main, { ...main, id: "yarn-2", name: "Other" }] },
  );
  const both: Freed = {
    by: "length",
    sections: [
      { pieceId: "body", sectionId: "a/body" },
      { pieceId: "sleeve", sectionId: "b/body" },
    ],
  };
  const told = used(project, both, hand(300, 2), hand(80, 1, "yarn-2"));
  const rows = (id: string) => {
    const section = told?.project?.pieces.find((one) => one.id === id)?.sections[1];
    return section && isFabric(section) ? section.repeats : 0;
  };
  expect(rows("body")).toBeGreaterThan(2);
  expect(Math.abs(rows("body") / 2 - rows("sleeve"))).toBeLessThanOrEqual(0.5);
  const alone = used(project, both, hand(300, 2));
  expect(alone?.unsaid).toEqual(["yarn-2"]);
  expect(alone?.found?.count ?? 0).toBeGreaterThan(told?.found?.count ?? 0);
});

test("where it is not enough for a repeat, that is said", () => {
  const told = used(cabledBack(), LONG, hand(2, 1));
  expect(told?.found).toBeNull();
  expect(told?.beyond?.chance).toBe(0);
  expect(used(cabledBack(), LONG, hand(500, 6))?.asItIs).toBeGreaterThan(0.95);
});

test("a section that is cut short is told by its own width, though others are more of the piece by then", () => {
  const demo = { ...demoProject(), log: [] };
  const told = used(
    demo,
    { by: "length", sections: [{ pieceId: "back", sectionId: "back/ropes" }] },
    hand(656, 8),
  );
  // 49.9 cm as it stands: fewer rows leave it as wide as it is.
  expect((told?.found?.size?.acrossMm ?? 0) / 499).toBeCloseTo(1, 2);
});

test("it stops in the log behind the rows before it and its own", () => {
  const demo = { ...demoProject(), log: [] };
  const told = used(
    demo,
    { by: "length", sections: [{ pieceId: "back", sectionId: "back/ropes" }] },
    hand(656, 8),
  );
  const { worked } = answerTo(told?.project ?? demo);
  const sections = worked.get("back")?.sections ?? [];
  const at = sections.findIndex(({ section }) => section.id === "back/ropes");
  expect(told?.stop).toEqual({
    pieceId: "back",
    rows: sections[at]?.rows.length,
    inPiece: sections.slice(0, at + 1).reduce((sum, { rows }) => sum + rows.length, 0),
  });
});

test("while something of the project is left out, nothing is told for it", () => {
  const seams = [newSeam("nowhere", { of: { pieceId: "gone", side: "side" } })];
  expect(used(cabledBack({}, { seams }), LONG, hand(500, 6))).toBeNull();
  expect(used(cabledBack({}, { typed: { needle: "about five" } }), LONG, hand(500, 6))).toBeNull();
});

const ball = { massG: grams(50), lengthM: metres(82) };

test.each([
  ["3", 246, 3],
  ["3 balls", 246, 3],
  ["95 m", 95, 1],
  ["48 g, 35 g, 22 g", 172.2, 3],
  ["2 balls and 10 g", 180.4, 3],
  ["100 yd", 91.44, 1],
])("%s at hand", (text, lengthM, balls) => {
  const reading = readYarnInHand(text, ball);
  if (!reading.ok) throw new Error(sentence(reading.message));
  expect(reading.value.lengthM).toBeCloseTo(lengthM, 6);
  expect(reading.value.balls).toBe(balls);
});

test.each(["", "half", "2.5", "20 st", "0"])("“%s” at hand is asked about", (text) => {
  const reading = readYarnInHand(text, ball);
  expect(reading.ok ? "" : sentence(reading.message)).toMatch(/Type|give|no stitches|check/);
});
