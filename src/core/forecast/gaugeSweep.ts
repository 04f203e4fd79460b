/** What if the gauge comes out otherwise: the forecast at gauges around the one that was given. */
import { estimateProject } from "../estimate/wholeProject";
import type { Project } from "../project/project";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { Steps } from "../steps";
import { draw, fewer, forecastYarns } from "./forecast";
import { forecasting } from "./projectForecast";

export interface SweepPoint {
  readonly stitchesPer10Cm: number;
  /** Yarn in m: the tenth percentile, the median, the ninetieth; of the first yarn. */
  readonly p10M: number;
  readonly p50M: number;
  readonly p90M: number;
  readonly balls: number;
}

const STEPS = 12;
/** Enough for a curve, at each of its points. */
const SWEEP_DRAWS = 2000;
/** Furthest change, as a share of the gauge: two stitches in twenty. */
const REACH = 0.1;

/**
 * Forecasts from a tenth looser to a tenth tighter, rows changing with stitches; the stitches cast on and
 * the rows worked stay the same, and so does the draw-in. Empty where the project has no answer.
 */
export function* sweepGauge(project: Project, laid: SectionLayouts): Steps<readonly SweepPoint[]> {
  const base = yield* forecasting(project, laid);
  if (!base.known) return [];
  const { plan, belief } = base;
  const drawn = fewer(draw(belief), SWEEP_DRAWS);
  const points: SweepPoint[] = [];
  for (let index = 0; index <= 2 * STEPS; index += 1) {
    yield { share: index / (2 * STEPS + 1) };
    const scale = 1 + (REACH * (index - STEPS)) / STEPS;
    const gauge = {
      stitchesPer10Cm: plan.gauge.stitchesPer10Cm * scale,
      rowsPer10Cm: plan.gauge.rowsPer10Cm * scale,
    };
    const moved = { ...plan, gauge };
    const [yarn] = forecastYarns(moved, estimateProject(moved), drawn, project);
    if (!yarn) continue;
    const { quantilesMm, advised } = yarn;
    points.push({
      stitchesPer10Cm: gauge.stitchesPer10Cm,
      p10M: quantilesMm.p10 / 1000,
      p50M: quantilesMm.p50 / 1000,
      p90M: quantilesMm.p90 / 1000,
      balls: advised.balls,
    });
  }
  return points;
}
