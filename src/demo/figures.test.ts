/** Every figure of the two demo projects, as it was before the code behind it moved: none of them may move with it. */
import { sentence } from "@testing/sentence";
import { toEnd } from "@/core/steps";
import { sweepGauge } from "@/core/forecast/gaugeSweep";
import { nextMeasures } from "@/core/forecast/nextMeasure";
import { forecastProject } from "@/core/forecast/projectForecast";
import { savingsOf } from "@/core/forecast/savings";
import { layStrand } from "@/core/estimate/layStrand";
import type { Project } from "@/core/project/project";
import { layProject } from "@/core/garment/panelLayout";
import { demoCap } from "./cap";
import { demoProject } from "./slipover";

/** To seven figures: what adding in another order leaves of a number is far below them. */
const rounded = (value: unknown): unknown => {
  if (typeof value === "number") return Number(value.toPrecision(7));
  if (value instanceof Map) return rounded([...value]);
  if (Array.isArray(value) || value instanceof Float64Array) return Array.from(value as number[], rounded);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)]));
};

/** A list of many figures, told by a few of them and its sum. */
const told = (all: Float64Array | readonly number[]) => ({
  count: all.length,
  sum: Array.from(all).reduce((sum, one) => sum + one, 0),
  some: [0, 1, 7, 100, all.length - 1].map((at) => all[at] ?? null),
});

function figuresOf(project: Project) {
  const laid = layProject(project);
  const answer = forecastProject(project, laid);
  if (!answer.known) return null;
  const { estimate, yarns, plan, belief } = answer;
  return rounded({
    gauge: plan.gauge,
    likely: plan.likely,
    needleMm: plan.needleMm,
    mean: belief.mean,
    covariance: told(belief.covariance),
    lines: estimate.lines,
    ledger: estimate.ledger,
    pieces: estimate.pieces.map(
      ({ id, estimate: { castOn, rows, widths, heightMm, tailBasis, aboveRib } }) => ({
        id,
        castOn,
        rows,
        heightMm,
        tailBasis,
        aboveRib,
        widths: [widths.narrowest, widths.main, widths.widest].map((one) => one?.widthMm),
      }),
    ),
    yarns: yarns.map((yarn) => ({
      id: yarn.yarn.id,
      putUp: yarn.yarn.putUp,
      totalMm: yarn.totalMm,
      balls: yarn.balls,
      advised: yarn.advised,
      around: yarn.around,
      atWidth: yarn.atWidth,
      chances: yarn.chances,
      leftOver: yarn.leftOver,
      percentilesMm: told(yarn.percentilesMm),
      byModel: yarn.byModel,
      byAllowance: yarn.byAllowance,
      needsMm: told(yarn.drawn.needsMm),
      doubts: yarn.doubts,
      slope: yarn.slope,
    })),
    strands: yarns.map((yarn) => {
      const { stretches, rowEndsMm, crosses, totalMm } = layStrand(estimate, yarn);
      return {
        totalMm,
        rowEndsMm: told(rowEndsMm),
        crossed: crosses.reduce((sum, one) => sum + one, 0),
        stretches: stretches.map(({ part, fromMm, toMm, rows }) => [part, fromMm, toMm, rows]),
      };
    }),
    next: nextMeasures(answer, project.certainty).map(({ says, ...figures }) => ({
      ...figures,
      words: sentence(says),
    })),
    savings: toEnd(savingsOf(project, laid)),
    sweep: toEnd(sweepGauge(project, laid)),
  });
}

test.each([
  ["the slipover", { ...demoProject(), log: [] }],
  ["the cap", demoCap()],
])("every figure of %s is what it was", (_, project) => {
  expect(figuresOf(project)).toMatchSnapshot();
});
