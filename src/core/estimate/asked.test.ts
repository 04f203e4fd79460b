/** Designers and knitters of stated habits: what a requirement alone tells of the need, and how sure that is. */
import { answerTo, calculated } from "@testing/anyProject";
import { marginal } from "../belief/prior";
import { normalsFrom, uniformsFrom } from "../forecast/draws";
import { layProject } from "../garment/panelLayout";
import { newAsks, type Asks } from "../project/asks";
import { candidateSchema } from "../project/candidates";
import type { Project } from "../project/project";
import { swapProject } from "../swap/swapProject";
import { onlyAsked } from "../templates/onlyAsked";
import { askedNeed, DESIGNER_SD, SPARE } from "./asked";
import { NOTHING_OFF, type Unknowns } from "./unknowns";
import { yarnNeeds } from "./yarnNeed";

const ball = (lengthM: number) => ({ massG: 50, lengthM });
const LABEL = { name: "Osmuth Chunky", colour: "#8a7b5c" };
const nine: Partial<Asks> = { balls: 9, ball: ball(82), stitchesPer10Cm: 18, rowsPer10Cm: 25 };

test("nine balls were eight to nine, or one fewer", () => {
  const need = askedNeed(newAsks(nine));
  // (0.65 (ln 8 + ln 9) + 0.35 (ln 7 + ln 8)) / 2 balls of 82 m
  expect(need?.middleM).toBeCloseTo(82 * Math.exp((0.65 * Math.log(72) + 0.35 * Math.log(56)) / 2), 6);
  expect(need?.sd).toBeGreaterThan(DESIGNER_SD);
  expect(need?.sd).toBeLessThan(0.12);
});

test("nearly three balls are closer known than three, and a length closer still", () => {
  const sd = (asks: Partial<Asks>) => askedNeed(newAsks(asks))?.sd ?? NaN;
  const three = sd({ balls: 3, ball: ball(210) });
  const nearly = sd({ by: "nearly", balls: 3, ball: ball(210) });
  const length = sd({ by: "length", lengthM: 640 });
  expect(nearly).toBeLessThan(three);
  expect(length).toBeLessThan(nearly);
});

test.each([
  ["no count", { ball: ball(82) }],
  ["no ball", { balls: 9 }],
  ["no balls at all", { balls: 0, ball: ball(82) }],
  ["no length", { by: "length" as const, balls: 9, ball: ball(82) }],
])("%s tells nothing", (_, asks) => {
  expect(askedNeed(newAsks(asks))).toBeNull();
});

test.each([0, 30, 60, 100])(
  "the rows that stand for it take what it says at its gauge, %d %% cabled",
  (cabledPercent) => {
    const { estimate } = calculated(onlyAsked({ asks: nine, cabledPercent }));
    const joins = estimate.lines.filter(({ part }) => part === "ends").reduce((sum, { mm }) => sum + mm, 0);
    const need = askedNeed(newAsks(nine))?.middleM ?? NaN;
    expect((estimate.totalMm - joins) / 1000 / need).toBeCloseTo(1, 2);
  },
);

test("at another gauge it takes as much more as its loop over its height says", () => {
  const at = (stitchesPer10Cm: number, rowsPer10Cm: number) =>
    calculated({
      ...onlyAsked({ asks: nine, cabledPercent: 0 }),
      gauge: { stitchesPer10Cm, rowsPer10Cm, source: "measured" },
    }).estimate.totalMm;
  // Stitches as they are written, rows until it is as long: the loop is the root of width times height.
  expect(at(18, 27) / at(18, 25)).toBeCloseTo(27 / 25 / Math.sqrt(27 / 25), 2);
  expect(at(17, 25) / at(18, 25)).toBeCloseTo(Math.sqrt(18 / 17), 2);
});

const PEOPLE = 1000;

/**
 * Designers of what needs 150 to 1500 m by the model, each in a hand of their own, who round up to balls of 60 to 250 m
 * and partly ask for one to spare; and knitters whose hands are those of the priors. What the model is off of a loop is
 * the same for both.
 */
function* people(
  modelSd: number,
): Iterable<{ readonly project: Project; readonly needM: number; readonly model: number }> {
  const [hands, models] = [normalsFrom(31, 2 * PEOPLE), normalsFrom(37, 2 * PEOPLE)];
  const uniform = uniformsFrom(17);
  for (let one = 0; one < PEOPLE; one += 1) {
    const needM = 150 * Math.exp(Math.log(10) * uniform());
    const ballM = 60 + 190 * uniform();
    const model = modelSd * (models[2 * one] ?? 0);
    const used = needM * Math.exp(model + DESIGNER_SD * (hands[2 * one] ?? 0));
    const balls = Math.ceil(used / ballM) + (uniform() < SPARE ? 1 : 0);
    const asks = { balls, ball: ball(ballM), stitchesPer10Cm: 18, rowsPer10Cm: 25 };
    yield { project: onlyAsked({ asks, cabledPercent: 50 }), needM, model };
  }
}

test("the band that is told for 90 of 100 knitters holds the truth of 84 to 96, by what is asked for alone", () => {
  let inside = 0;
  let knitter = 0;
  const ids = ["width", "height", "loop", "give"] as const;
  const off = new Map(ids.map((id, place) => [id, normalsFrom(100 + place, 2 * PEOPLE)]));
  const drifts = [normalsFrom(201, 2 * PEOPLE), normalsFrom(202, 2 * PEOPLE)] as const;
  const loopSd = marginal(answerTo(onlyAsked({ asks: nine, cabledPercent: 50 })).belief, "loop").sd;
  for (const { project, needM, model } of people(Math.sqrt(loopSd ** 2 - DESIGNER_SD ** 2))) {
    const answer = answerTo(project);
    const { belief, plan, yarns } = answer;
    const [first] = yarns;
    const sd = (id: Parameters<typeof marginal>[1]) => marginal(belief, id).sd;
    const of = (id: (typeof ids)[number]) => sd(id) * (off.get(id)?.[2 * knitter] ?? 0);
    const hand: Unknowns = {
      ...NOTHING_OFF,
      width: of("width") + sd("driftWidth") * (drifts[0][2 * knitter] ?? 0),
      height: of("height") + sd("driftHeight") * (drifts[1][2 * knitter] ?? 0),
      loop: model + (DESIGNER_SD * of("loop")) / sd("loop"),
      give: of("give"),
    };
    knitter += 1;
    const need = [...yarnNeeds(plan).values()][0];
    const takesMm = 1000 * needM * ((need?.at(hand) ?? NaN) / (need?.at(NOTHING_OFF) ?? NaN));
    const { p5, p95 } = first.quantilesMm;
    if (takesMm >= p5 && takesMm <= p95) inside += 1;
  }
  expect(inside / PEOPLE).toBeGreaterThanOrEqual(0.84);
  expect(inside / PEOPLE).toBeLessThanOrEqual(0.96);
}, 600_000);

test("in another yarn of the same size it takes as much as a loop over its area says", () => {
  const project = onlyAsked({ asks: nine, cabledPercent: 0 });
  const chunky = candidateSchema.parse({
    id: "chunky",
    label: { ...LABEL, putUp: { massG: 100, lengthM: 110 }, stitchesPer10Cm: 14, rowsPer10Cm: 20 },
  });
  const so = swapProject(project, chunky, { keep: "size", layOf: (one) => layProject(one) });
  const before = calculated(project).estimate.totalMm;
  expect(so && calculated(so).estimate.totalMm / before).toBeCloseTo(Math.sqrt((14 * 20) / (18 * 25)), 2);
});

test("a pattern that says no gauge is at the one that its yarn usually has, in another yarn too", () => {
  const project = onlyAsked({ asks: { balls: 9, ball: ball(82) }, cabledPercent: 0 });
  const fine = candidateSchema.parse({
    id: "fine",
    label: { ...LABEL, putUp: { massG: 50, lengthM: 200 }, stitchesPer10Cm: 26, rowsPer10Cm: 36 },
  });
  const so = swapProject(project, fine, { keep: "size", layOf: (one) => layProject(one) });
  const before = calculated(project);
  const { stitchesPer10Cm, rowsPer10Cm } = before.plan.gauge;
  expect(so && calculated(so).estimate.totalMm / before.estimate.totalMm).toBeCloseTo(
    Math.sqrt((26 * 36) / (stitchesPer10Cm * rowsPer10Cm)),
    1,
  );
});

test("what half of it took sharpens the answer, and moves it to what was weighed", () => {
  const project = onlyAsked({ asks: nine, cabledPercent: 0 });
  const before = answerTo(project);
  const all = before.estimate.pieces[0]?.estimate.rows ?? 0;
  const event = (id: string, at: number) => ({ id, at });
  const halfDone = answerTo({
    ...project,
    log: [
      { ...event("a", 1), kind: "atRow", pieceId: "asked", copy: 1, rows: Math.round(all / 2) },
      { ...event("b", 2), kind: "leftOver", yarnId: "yarn-1", balls: 4, leftG: 10, stepG: 1 },
    ],
  });
  const [expected, now] = [before.yarns[0].quantilesMm, halfDone.yarns[0].quantilesMm];
  const used = (4 * 50 - 10) / 50;
  // Half of the work took 3.8 balls of 82 m: all of it takes some 623 m.
  expect(now.p50 / 1000 / (2 * used * 82)).toBeGreaterThan(0.98);
  expect(now.p50).toBeLessThan(expected.p50);
  expect(Math.log(now.p90 / now.p10)).toBeLessThan(0.7 * Math.log(expected.p90 / expected.p10));
});
