import { forecastProject } from "@/core/forecast/projectForecast";
import type { Project } from "@/core/project/project";
import { demoCap } from "./cap";
import { demoProject } from "./slipover";

const known = (project: Project) => {
  const answer = forecastProject(project);
  if (!answer.known) throw new Error("no answer");
  return answer;
};
const spread = (project: Project) => {
  const { p10, p90 } = known(project).yarns[0].quantilesMm;
  return p90 - p10;
};

test("a pattern swatch weighed to a tenth of a gram leaves less than half of the band of the ball band alone", () => {
  const demo = { ...demoProject(), log: [] };
  const pattern = demo.swatches.filter(({ id }) => id === "ropes");
  expect(pattern[0]?.scaleStepG).toBe(0.1);
  expect(spread({ ...demo, swatches: pattern })).toBeLessThan(0.5 * spread({ ...demo, swatches: [] }));
  expect(spread(demo)).toBeLessThan(spread({ ...demo, swatches: pattern }));
});

test("both demos have an answer, all that was measured is taken in, and nothing is amiss", () => {
  for (const demo of [demoProject(), demoCap()]) {
    const { belief, findings } = known(demo);
    expect(belief.measured.every(({ taken }) => taken)).toBe(true);
    expect(belief.knitted.every(({ taken }) => taken)).toBe(true);
    expect(findings).toEqual([]);
  }
});
