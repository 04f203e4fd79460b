/** What is believed of a project: its prior, and every measurement of its swatches taken in or asked about. */
import type { PlanBasis } from "../estimate/planPiece";
import { AS_COMPUTED } from "../garment/content";
import type { Gauge } from "../stitches/plainStitch";
import type { Project } from "../project/project";
import { isCabled } from "../project/sections";
import { MEASURE_IDS, type MeasureId, type Swatch } from "../project/swatches";
import { keyOfSection, type Laid, type LaidSections } from "../garment/lay";
import { swatchPieceId } from "../garment/swatchPiece";
import type { ProjectGauge } from "../garment/projectGauge";
import { remembering } from "../remember";
import type { Millimetres } from "../units/brands";
import { countedOnCables } from "./onCables";
import { deviationsOf, ofProject, readerOf, type BeliefId, type Deviations } from "./axes";
import { dot, times } from "./gaussian";
import { KINDS, noiseOf } from "./kinds";
import { marginal, priorOf, type BelievedYarn, type Gaussian } from "./prior";
import { isImpossible, questionOf, surpriseOf } from "./surprise";
import { swatched, type SwatchBasis, type Swatched } from "./swatched";
import { update, type Observation, type Updated } from "./update";

/** A measurement, and what became of it. */
export interface Measured {
  readonly swatchId: string;
  readonly kind: MeasureId;
  /** In mm or g, as its kind says. */
  readonly found: number;
  /** What all else lets one expect; null where the swatch does not say enough of itself. */
  readonly expected: number | null;
  readonly taken: boolean;
  /** What to ask the knitter before it is taken in; null where it is no surprise. */
  readonly question: string | null;
  /** So far off that it is not taken in even where the knitter stands by it. */
  readonly impossible: boolean;
}

export interface Belief extends Gaussian {
  readonly prior: Gaussian;
  readonly measured: readonly Measured[];
  readonly swatches: readonly Swatched[];
  /** Swatch that moved an unknown most; null where none did. */
  readonly movedBy: (id: BeliefId) => string | null;
  /** The gauge of the project, as it is believed. */
  readonly gauge: Gauge;
  readonly likely: Deviations;
  readonly basis: SwatchBasis;
}

interface Basis {
  readonly gauged: ProjectGauge;
  readonly yarns: readonly BelievedYarn[];
  readonly needleMm: Millimetres;
  readonly laid: LaidSections;
}

interface Candidate {
  readonly of: Swatched;
  readonly kind: MeasureId;
  readonly found: number;
  readonly predict: (of: Deviations) => number;
  readonly observation: Observation;
  readonly impossible: boolean;
}

/** Swatches are planned at the gauge that was given, as computed: what is off of it is in the vector. */
function planBasis(gauge: Gauge, needleMm: Millimetres, laid: LaidSections): PlanBasis {
  return { gauge, needleMm, laid, without: [], pull: AS_COMPUTED, drawInSd: 0 };
}

/** Everything that was read off a swatch and can be predicted. */
function candidatesOf(of: Swatched, axes: Gaussian["axes"]): readonly Candidate[] {
  const read = readerOf(axes);
  return MEASURE_IDS.flatMap((id): readonly Candidate[] => {
    const kind = KINDS[id];
    const found = kind.find(of.swatch);
    const predict = found === null ? null : kind.predict(of);
    if (found === null || !predict) return [];
    const atFirst = predict(read(new Float64Array(axes.length)));
    const observation = {
      predict: (x: Float64Array) => Math.log(predict(read(x))),
      found: Math.log(found),
      // A figure that is far too small must not be excused by how roughly so small a thing is measured.
      sd: noiseOf(kind, of, Math.max(found, atFirst)),
    };
    const impossible = isImpossible(found, atFirst);
    return [{ of, kind: id, found, predict, observation, impossible }];
  });
}

const isSeen = ({ of, kind }: Candidate) => of.swatch.seen.includes(kind);

/**
 * Takes in what agrees, and leaves out what does not: the most surprising first, one after the other, each
 * against all that is left. What the knitter has seen and stands by is always taken in.
 */
function agreed(prior: Gaussian, candidates: readonly Candidate[]) {
  let taken = candidates.filter(({ impossible }) => !impossible);
  for (;;) {
    const updated = update(
      prior,
      taken.map(({ observation }) => observation),
    );
    let worst: { index: number; by: number } | null = null;
    for (const [index, candidate] of taken.entries()) {
      const residual = updated.residuals[index];
      const by = residual ? surpriseOf(residual) : 0;
      if (!isSeen(candidate) && by > 1 && by > (worst?.by ?? 0)) worst = { index, by };
    }
    if (worst === null) return { taken, updated };
    const out = worst.index;
    taken = taken.filter((_, index) => index !== out);
  }
}

/** How much each swatch has pulled at each unknown. */
function pulls(belief: Updated, taken: readonly Candidate[]) {
  const moved = new Map<string, Float64Array>();
  for (const [index, { of, observation }] of taken.entries()) {
    const residual = belief.residuals[index];
    if (!residual) continue;
    const gain = times(belief.covariance, residual.slope);
    // What it would have the unknown be, were it alone to speak: its gain, times how far it was from the prior.
    const far = observation.found - observation.predict(belief.mean) + dot(residual.slope, belief.mean);
    const sum = moved.get(of.swatch.id) ?? new Float64Array(gain.length);
    for (const [at, value] of gain.entries())
      sum[at] = (sum[at] ?? 0) + Math.abs((value * far) / observation.sd ** 2);
    moved.set(of.swatch.id, sum);
  }
  return moved;
}

/** An unknown that keeps more of its doubt than this was not moved by anything. */
const NARROWED = 0.9;

function movedBy(belief: Gaussian, prior: Gaussian, moved: ReadonlyMap<string, Float64Array>) {
  return (id: BeliefId): string | null => {
    if (marginal(belief, id).sd > NARROWED * marginal(prior, id).sd) return null;
    const at = belief.axes.indexOf(id);
    let most: { swatchId: string; by: number } | null = null;
    for (const [swatchId, sum] of moved) {
      const by = sum[at] ?? 0;
      if (by > (most?.by ?? -1)) most = { swatchId, by };
    }
    return most?.swatchId ?? null;
  };
}

/** The gauge of a prior with what is off of it. */
const movedGauge = ({ stitchesPer10Cm, rowsPer10Cm }: Gauge, likely: Deviations): Gauge => {
  const { width, height } = ofProject(likely);
  return {
    stitchesPer10Cm: stitchesPer10Cm * Math.exp(-width),
    rowsPer10Cm: rowsPer10Cm * Math.exp(-height),
  };
};

/** How the project will be finished: as its first piece is. */
const finishOf = ({ pieces }: Project) => pieces[0]?.blocking ?? "wetBlocked";

const told = ({ of, kind, found, impossible }: Candidate, expected: number, taken: boolean): Measured => ({
  swatchId: of.swatch.id,
  kind,
  found,
  expected,
  taken,
  question: taken ? null : questionOf(KINDS[kind], of, found / expected),
  impossible,
});

/** Measurements of which nothing can be said, since the swatch does not say enough of itself. */
const unpredicted = (of: Swatched, candidates: readonly Candidate[]): readonly Measured[] =>
  MEASURE_IDS.flatMap((kind) => {
    const found = KINDS[kind].find(of.swatch);
    if (found === null || candidates.some((one) => one.of === of && one.kind === kind)) return [];
    return [
      {
        swatchId: of.swatch.id,
        kind,
        found,
        expected: null,
        taken: false,
        question: null,
        impossible: false,
      },
    ];
  });

/** A swatch of a yarn that is no longer in the project says nothing of it. */
const isOf = ({ yarnId }: Swatch, { yarns }: Project) => yarns.some(({ id }) => id === yarnId);

/** Beliefs of the last few projects: most changes of a project leave what is believed. */
const MOST_BELIEVED = 8;

interface Asked {
  readonly basis: SwatchBasis;
  readonly yarns: readonly BelievedYarn[];
  readonly counted: ReturnType<typeof countedOnCables>;
}

/** What lies across swatches, told apart by a number of its own. */
const numbers = new WeakMap<Laid, number>();
let lastNumber = 0;

function numberOf(laid: Laid | undefined): number {
  if (!laid) return 0;
  const number = numbers.get(laid) ?? (lastNumber += 1);
  numbers.set(laid, number);
  return number;
}

/** All that a belief hangs on, as a text. */
function keyOf({ basis: { project, gauge, sources, plan, finish }, yarns, counted }: Asked): string {
  const { swatches, yarns: own } = project;
  const lying = swatches
    .flatMap((swatch) =>
      [swatchPieceId(swatch, "asKnit"), swatchPieceId(swatch, swatch.finish)].map((id) =>
        keyOfSection({ id }, swatch.fabric),
      ),
    )
    .map((key) => numberOf(plan.laid.get(key)));
  const onCables = counted && [
    counted.swatch,
    numberOf(
      counted.laid.get(keyOfSection({ id: swatchPieceId(counted.swatch, "asKnit") }, counted.swatch.fabric)),
    ),
  ];
  return JSON.stringify([swatches, own, gauge, sources, plan.needleMm, finish, yarns, lying, onCables]);
}

const believed = remembering(MOST_BELIEVED, keyOf, takeIn);

/** Takes all swatches in. */
function takeIn({ basis, yarns, counted }: Asked): Belief {
  const { project, gauge, sources, plan } = basis;
  const prior = priorOf(sources, yarns);
  const swatches = [
    ...project.swatches.filter((one) => isOf(one, project)).map((one) => swatched(one, basis)),
    ...(counted
      ? [swatched(counted.swatch, { ...basis, plan: planBasis(gauge, plan.needleMm, counted.laid) })]
      : []),
  ];
  const candidates = swatches.flatMap((one) => candidatesOf(one, prior.axes));
  const { taken, updated } = agreed(prior, candidates);
  const likely = deviationsOf(updated.axes, updated.mean);
  const measured = [
    ...candidates.map((one) => {
      const index = taken.indexOf(one);
      const off = updated.residuals[index]?.off;
      return told(one, off === undefined ? one.predict(likely) : one.found * Math.exp(-off), index >= 0);
    }),
    ...swatches.flatMap((one) => unpredicted(one, candidates)),
  ];
  const { axes, mean, covariance } = updated;
  return {
    axes,
    mean,
    covariance,
    prior,
    measured,
    swatches,
    movedBy: movedBy(updated, prior, pulls(updated, taken)),
    gauge: movedGauge(gauge, likely),
    likely,
    basis,
  };
}

/**
 * What is believed of a project. All its swatches are taken in at once, so their order does not matter; a
 * measurement that is more than three deviations off what all others say is asked about and left out, until the
 * knitter stands by it. Example: without a swatch the belief is the prior.
 */
export function believe(project: Project, { gauged, yarns, needleMm, laid }: Basis): Belief {
  const { gauge, sources } = gauged;
  const basis: SwatchBasis = {
    project,
    gauge,
    sources,
    plan: planBasis(gauge, needleMm, laid),
    finish: finishOf(project),
  };
  return { ...believed({ basis, yarns, counted: countedOnCables(project, laid) }), basis };
}

/** Whether the weight of a swatch has been taken in that is worked as the project is: cabled where that is. */
export function isPatternWeighed({ measured, swatches, basis }: Belief): boolean {
  const cabled = basis.project.pieces.some(
    ({ leftOut, sections }) => !leftOut && sections.some((one) => isCabled(one) && !one.leftOut),
  );
  const weighed = measured.filter(({ kind, taken }) => taken && kind === "mass");
  return swatches.some(
    ({ swatch }) =>
      weighed.some(({ swatchId }) => swatchId === swatch.id) && (!cabled || isCabled(swatch.fabric)),
  );
}

/**
 * Whether a width or a height has been taken in that was measured as the project will be: then its gauge is measured.
 * One from before the bath says nothing for sure of what will be washed.
 */
export const isGaugeMeasured = ({ measured, basis }: Belief, which: "Width" | "Height") =>
  measured.some(
    ({ kind, taken }) =>
      taken && (kind === `finished${which}` || (basis.finish === "asKnit" && kind === `asKnit${which}`)),
  );

/** Whether one swatch was measured both before and after it was finished: then it says what that does. */
export const isWashingMeasured = ({ measured, swatches }: Belief) =>
  swatches.some(({ swatch }) =>
    (["Width", "Height"] as const).some((which) =>
      [`asKnit${which}`, `finished${which}`].every((state) =>
        measured.some(({ swatchId, kind, taken }) => taken && swatchId === swatch.id && kind === state),
      ),
    ),
  );
