import { sentence } from "@testing/sentence";
import { toEnd } from "../steps";
import fc from "fast-check";
import { forecastProject } from "../forecast/projectForecast";
import { layProject } from "../garment/panelLayout";
import { finishedOf } from "../estimate/finished";
import { sizeOptions } from "../forecast/sizeOptions";
import type { Project } from "../project/project";
import { thingKind } from "../project/thingKind";
import { checkProject } from "../files/projectFile";
import { YARN_CLASSES } from "../yarn/classes";
import { beginProject, type Beginning } from "./beginProject";
import { CABLED_IDS, fitRopes, fitWidth } from "../garment/fit";
import { START_LIST, STARTS, type StartId } from "./startList";

const usual = (start: StartId, given: Partial<Beginning> = {}): Beginning => ({
  start,
  acrossMm: STARTS[start].across.usualMm,
  easeMm: STARTS[start].easeMm,
  alongMm: STARTS[start].along.usualMm,
  thickness: "aran",
  cabled: "all",
  ...given,
});

function begun(beginning: Beginning) {
  const reading = beginProject(beginning);
  if (!reading.ok) throw new Error(sentence(reading.message));
  return reading.value;
}

const KNITTED = START_LIST.filter(({ id }) => id !== "empty").map(({ id }) => id);

test.each(KNITTED)(
  "a %s comes out at its measures, all of it can be worked, and its file is a project",
  (start) => {
    for (const thickness of ["chunky", "aran", "fingering"] as const)
      for (const cabled of CABLED_IDS) {
        const wanted = usual(start, { thickness, cabled });
        const project = begun(wanted);
        const answer = forecastProject(project);
        if (!answer.known) throw new Error(JSON.stringify(answer));
        expect(answer.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
        const finished = finishedOf(project, answer);
        expect(Math.abs((finished?.acrossMm ?? 0) / (wanted.acrossMm + wanted.easeMm) - 1)).toBeLessThan(
          0.06,
        );
        expect(Math.abs((finished?.alongMm ?? 0) / wanted.alongMm - 1)).toBeLessThan(0.08);
        expect(checkProject(JSON.parse(JSON.stringify(project)))).toEqual({ ok: true, project });
      }
  },
);

test("what kind of thing it is shows from how it is built", () => {
  const kinds = KNITTED.map((start) => [start, thingKind(begun(usual(start)))]);
  expect(Object.fromEntries(kinds)).toEqual({
    blanket: "flatThing",
    cardigan: "sleevelessTop",
    cardiganDrop: "sleevedTop",
    cardiganSleeves: "sleevedTop",
    cowl: "tube",
    cushion: "flatThing",
    hat: "hat",
    jumper: "sleevedTop",
    jumperDrop: "sleevedTop",
    mat: "flatThing",
    mitts: "tube",
    scarf: "flatThing",
    shawl: "flatThing",
    sleeve: "tube",
    slipover: "sleevelessTop",
    socks: "tube",
    vest: "sleevelessTop",
  });
});

test("an answer from a wish is wide: what was not said is assumed", () => {
  const answer = forecastProject(begun(usual("slipover")));
  if (!answer.known) throw new Error("no answer");
  const [{ quantilesMm }] = answer.yarns;
  expect(quantilesMm.p90 / quantilesMm.p10).toBeGreaterThan(1.2);
  expect(answer.sources).toEqual({ width: "assumed", height: "assumed", needle: "assumed" });
});

test("a larger size, and more cables, never take less yarn", () => {
  const need = (given: Partial<Beginning>) => {
    const answer = forecastProject(begun(usual("hat", given)));
    return answer.known ? answer.estimate.totalMm : 0;
  };
  const sizes = [480, 520, 560, 600].map((acrossMm) => need({ acrossMm }));
  expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
  const cabled = CABLED_IDS.map((one) => need({ cabled: one }));
  expect(cabled).toEqual([...cabled].sort((a, b) => a - b));
});

test("any wish is a project or says in words why it cannot be", () => {
  const anyWish: fc.Arbitrary<Beginning> = fc.record({
    start: fc.constantFrom(...START_LIST.map(({ id }) => id)),
    acrossMm: fc.integer({ min: 10, max: 3000 }),
    easeMm: fc.integer({ min: -900, max: 900 }),
    alongMm: fc.integer({ min: 1, max: 4000 }),
    thickness: fc.constantFrom(...YARN_CLASSES),
    cabled: fc.constantFrom(...CABLED_IDS),
  });
  fc.assert(
    fc.property(anyWish, (wish) => {
      const reading = beginProject(wish);
      if (!reading.ok) return expect(sentence(reading.message).length).toBeGreaterThan(20);
      expect(checkProject(JSON.parse(JSON.stringify(reading.value))).ok).toBe(true);
      const answer = forecastProject(reading.value);
      if (answer.known) expect(Number.isFinite(answer.estimate.totalMm)).toBe(true);
    }),
    { numRuns: 60 },
  );
});

test("negative ease that leaves nothing, and a length of no rows, are told", () => {
  const told = (given: Partial<Beginning>) => {
    const reading = beginProject(usual("hat", given));
    return reading.ok ? "" : sentence(reading.message);
  };
  expect(told({ easeMm: -560 })).toMatch(/nothing is left/);
  expect(told({ alongMm: 5 })).toMatch(/under four rows/);
});

test("ropes and edges come within half a stitch of a width where there is room beside the ropes", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 30, max: 300, noNaN: true }),
      fc.double({ min: 0.6, max: 0.9, noNaN: true }),
      (stitches, kept) => {
        const plan = { ropeId: "rope-3-3", purls: 2, round: false, kept, stitches, leastEdge: 2 } as const;
        expect(Math.abs(fitWidth(fitRopes(0.5, plan), plan) - stitches)).toBeLessThanOrEqual(1 + 1e-9);
      },
    ),
  );
});

describe("ways to another size", () => {
  const project = begun(usual("hat"));
  const larger = { ...project, size: { ...project.size, acrossMm: 620 } };
  const options = (sized: Project = larger) => {
    const reading = toEnd(sizeOptions(sized, (graded) => layProject(graded)));
    if (!reading.ok) throw new Error(sentence(reading.message));
    return reading.value;
  };

  test("the nearest count comes within a stitch or two, a repeat more or fewer stand beside it, and a needle", () => {
    const [nearest, fewer, more, needle] = options();
    expect(Math.abs(nearest?.offAcrossMm ?? Infinity)).toBeLessThan(12);
    expect([fewer?.id, more?.id, needle?.id]).toEqual(["fewer", "more", "needle"]);
    expect(needle?.project.pieces[0]?.sections.every(({ needleMm }) => needleMm !== null)).toBe(true);
    const ropes = (option: typeof nearest) =>
      option?.project.pieces[0]?.sections.flatMap((section) =>
        section.kind === "fabric" && section.content === "ropes" ? [section.ropes] : [],
      )[0];
    expect([ropes(fewer), ropes(more)]).toEqual([(ropes(nearest) ?? 0) - 1, (ropes(nearest) ?? 0) + 1]);
    expect(ropes(needle)).toBe(ropes({ ...nearest, project } as typeof nearest));
  });

  test("the size that it has is the size that it keeps", () => {
    const [same] = options(project);
    expect(Math.abs(same?.offAlongMm ?? Infinity)).toBeLessThan(8);
    expect(Math.abs(same?.offAcrossMm ?? Infinity)).toBeLessThan(8);
  });

  test("a slipover grows in all its pieces, and all of it can still be worked", () => {
    const slipover = begun(usual("slipover"));
    const grown = { ...slipover, size: { ...slipover.size, acrossMm: 1160, alongMm: 660 } };
    for (const option of options(grown).slice(0, 3)) {
      const answer = forecastProject(option.project);
      if (!answer.known) throw new Error("no answer");
      expect(answer.findings.filter(({ leftOut }) => leftOut)).toEqual([]);
      expect(Math.abs(option.offAcrossMm)).toBeLessThan(60);
      const [back, front] = answer.estimate.pieces;
      expect(front?.estimate.widthMm).toBeCloseTo(back?.estimate.widthMm ?? 0, 6);
    }
  });

  test("ease that leaves nothing, and a project without an answer, are told", () => {
    const none = toEnd(
      sizeOptions({ ...project, size: { ...project.size, easeMm: -600 } }, (one) => layProject(one)),
    );
    expect(none.ok || sentence(none.message)).toMatch(/nothing is left/);
    const unsaid = toEnd(
      sizeOptions({ ...project, size: { ...project.size, acrossMm: null } }, (one) => layProject(one)),
    );
    expect(unsaid.ok || sentence(unsaid.message)).toMatch(/Say a measure/);
  });
});
