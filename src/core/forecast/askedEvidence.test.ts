/** What a pattern asks for beside its rows: it sharpens or leaves as it is, and the truth stays in the band. */
import fc from "fast-check";
import { anyProject, answerTo, cabledBack } from "@testing/anyProject";
import { marginal } from "../belief/prior";
import { newAsks } from "../project/asks";
import type { Project } from "../project/project";
import { DESIGNER_SD, SPARE } from "../estimate/asked";
import { NOTHING_OFF } from "../estimate/unknowns";
import { yarnNeeds } from "../estimate/yarnNeed";
import { forecastProject } from "./projectForecast";
import { gradeProject, grading } from "../garment/grade";
import { layProject } from "../garment/panelLayout";
import { usingUp } from "../order/useUp";
import { toEnd } from "../steps";
import { normalsFrom, uniformsFrom } from "./draws";

const asking = (project: Project, balls: number, lengthM: number): Project => ({
  ...project,
  asks: newAsks({ balls, ball: { massG: 50, lengthM } }),
});

const spread = ({ quantilesMm: { p5, p95 } }: ReturnType<typeof answerTo>["yarns"][number]) =>
  Math.log(p95 / p5);

test("beside the rows of any project it is never less sure than the rows alone", () => {
  let sharper = 0;
  fc.assert(
    fc.property(anyProject, fc.integer({ min: 1, max: 30 }), (project, balls) => {
      const rows = forecastProject(project, layProject(project));
      if (!rows.known || rows.yarns.length > 1) return;
      const [first] = rows.yarns;
      const joined = answerTo(asking(project, balls, (1.05 * first.totalMm) / 1000 / balls));
      // What a crossing takes bends with its middle: by less than half a hundredth, where one ball says next to nothing.
      expect(spread(joined.yarns[0])).toBeLessThanOrEqual(spread(first) * 1.005);
      for (const id of ["loop", "give"] as const)
        expect(marginal(joined.belief, id).sd).toBeLessThanOrEqual(marginal(rows.belief, id).sd + 1e-12);
      if (spread(joined.yarns[0]) < spread(first) * 0.999) sharper += 1;
    }),
    { numRuns: 40, seed: 19, endOnFailure: true },
  );
  expect(sharper).toBeGreaterThan(3);
}, 120_000);

test("what is far off the rows is not taken in", () => {
  const rows = answerTo(cabledBack());
  const joined = answerTo(asking(cabledBack(), 20, 82));
  expect(joined.yarns[0].quantilesMm).toEqual(rows.yarns[0].quantilesMm);
});

test("of two yarns, and where nothing is asked for, it says nothing", () => {
  const rows = answerTo(cabledBack());
  expect(answerTo({ ...cabledBack(), asks: newAsks({ balls: 5 }) }).yarns[0].quantilesMm).toEqual(
    rows.yarns[0].quantilesMm,
  );
});

test("another size of it is not judged by what was asked for this one, nor is a longer one of yarn at hand", () => {
  const project = asking(cabledBack({ by: "repeats", repeats: 25, rows: null }), 5, 72);
  const plain = { ...project, asks: newAsks() };
  const larger = (one: Project) =>
    answerTo(gradeProject(one, layProject(one), grading({ across: 1.3, along: 1.3, rows: 1.3 }))).yarns[0];
  expect(larger(project).quantilesMm).toEqual(larger(plain).quantilesMm);
  const freed = { by: "length", sections: [{ pieceId: "piece", sectionId: "fabric" }] } as const;
  const inHand = [{ yarnId: "yarn-1", lengthM: 500, balls: 6 }];
  const far = (one: Project) => toEnd(usingUp(one, { freed, inHand }, (so) => layProject(so)))?.found;
  expect(far(project)).toEqual(far(plain));
});

const PEOPLE = 200;

test("the truth stays in the band that is told for 90 of 100, for 84 to 97 of them", () => {
  const rows = answerTo(cabledBack());
  const need = [...yarnNeeds(rows.plan).values()][0];
  const sd = (id: Parameters<typeof marginal>[1]) => marginal(rows.belief, id).sd;
  const drawn = new Map(
    ["width", "height", "driftWidth", "driftHeight", "give", "tail", "castOff", "model", "mine", "hers"].map(
      (id, place) => [id, normalsFrom(300 + place, 2 * PEOPLE)],
    ),
  );
  const uniform = uniformsFrom(23);
  const modelSd = Math.sqrt(sd("loop") ** 2 - DESIGNER_SD ** 2);
  let inside = 0;
  for (let one = 0; one < PEOPLE; one += 1) {
    const off = (id: string) => drawn.get(id)?.[2 * one] ?? 0;
    const model = modelSd * off("model");
    const give = sd("give") * off("give");
    // What the model is off of a loop and of a crossing is the same for both; each hand is its own.
    const hers = { ...NOTHING_OFF, give, loop: model + DESIGNER_SD * off("hers") };
    const ballM = 30 + 60 * uniform();
    const balls = Math.ceil((need?.at(hers) ?? NaN) / 1000 / ballM) + (uniform() < SPARE ? 1 : 0);
    const mine = {
      ...hers,
      loop: model + DESIGNER_SD * off("mine"),
      width: sd("width") * off("width") + sd("driftWidth") * off("driftWidth"),
      height: sd("height") * off("height") + sd("driftHeight") * off("driftHeight"),
      tail: sd("tail") * off("tail"),
      castOff: sd("castOff") * off("castOff"),
    };
    const { p5, p95 } = answerTo(asking(cabledBack(), balls, ballM)).yarns[0].quantilesMm;
    const takes = need?.at(mine) ?? NaN;
    if (takes >= p5 && takes <= p95) inside += 1;
  }
  expect(inside / PEOPLE).toBeGreaterThanOrEqual(0.84);
  expect(inside / PEOPLE).toBeLessThanOrEqual(0.97);
}, 120_000);
