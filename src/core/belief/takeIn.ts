/** Takes what swatches and knitting have measured into a prior; what disagrees with all else is left out and asked about. */
import { askedNeed } from "../estimate/asked";
import type { PlanBasis } from "../estimate/planPiece";
import { AS_COMPUTED } from "../garment/stitchContent";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { Project } from "../project/project";
import { hasAsked } from "../project/sectionKinds";
import { MEASURE_IDS, type MeasureId, type Swatch } from "../project/swatches";
import type { Gauge } from "../stitches/plainStitch";
import type { Millimetres } from "../units/brands";
import { deviationsOf, ofProject, readerOf, type UnknownId, type Deviations } from "./unknowns";
import type { Belief, Measured } from "./belief";
import { dot, times } from "./gaussian";
import { MEASUREMENT_KINDS, noiseOf } from "./measurementKinds";
import { FILL_SD, WATER_SD, type KnitModel, type KnitRead } from "./knitModel";
import { isBackwards, knitModel, knitted, type Knitted } from "./knitted";
import type { countedOnCables } from "./onCables";
import { handEvidence } from "./handEvidence";
import { priorByHand } from "./priorByHand";
import { marginal, NARROWED, priorOf, type BelievedYarn, type Gaussian } from "./prior";
import { isImpossible, questionOf, isOutlier } from "./outliers";
import { gramsPerMetre, swatchModel, type SwatchBasis, type SwatchModel } from "./swatchModel";
import { say } from "../words/message";
import { update, type Observation, type Updated } from "./update";

/** Swatches are planned at the gauge that was given, as computed: what is off of it is in the vector. */
export function planBasis(gauge: Gauge, needleMm: Millimetres, laid: SectionLayouts): PlanBasis {
  return { gauge, needleMm, laid, without: [], pull: AS_COMPUTED, drawInSd: 0 };
}

export interface Asked {
  readonly basis: SwatchBasis;
  readonly yarns: readonly BelievedYarn[];
  readonly counted: ReturnType<typeof countedOnCables>;
  /** Read off while knitting. */
  readonly reads: readonly KnitRead[];
}

/** Something that was read off and can be predicted. */
interface Candidate {
  /** Name of the swatch or of the event that says it. */
  readonly by: string;
  readonly seen: boolean;
  readonly found: number;
  readonly predict: (of: Deviations) => number;
  readonly observation: Observation;
  readonly impossible: boolean;
}

interface SwatchCandidate extends Candidate {
  readonly of: SwatchModel;
  readonly kind: MeasureId;
}

interface KnitCandidate extends Candidate {
  readonly model: KnitModel;
}

/** A reading, ready to be weighed against all others. `sd` is in ln, where it should be so much. */
function candidate(
  axes: Gaussian["axes"],
  { found, predict, sd }: Pick<KnitModel, "found" | "predict" | "sd">,
): Pick<Candidate, "found" | "predict" | "observation" | "impossible"> {
  const read = readerOf(axes);
  const atFirst = predict(read(new Float64Array(axes.length)));
  const observation = {
    predict: (x: Float64Array) => Math.log(predict(read(x))),
    found: Math.log(found),
    // A figure that is far too small must not be excused by how roughly so small a thing is measured.
    sd: sd(Math.max(found, atFirst)),
  };
  return { found, predict, observation, impossible: isImpossible(found, atFirst) };
}

/** Everything that was read off a swatch and can be predicted. */
function candidatesOf(of: SwatchModel, axes: Gaussian["axes"]): readonly SwatchCandidate[] {
  return MEASURE_IDS.flatMap((id): readonly SwatchCandidate[] => {
    const kind = MEASUREMENT_KINDS[id];
    const found = kind.find(of.swatch);
    const predict = found === null ? null : kind.predict(of);
    if (found === null || !predict) return [];
    const sd = (expected: number) => noiseOf(kind, of, expected);
    const { id: by, seen } = of.swatch;
    return [{ of, kind: id, by, seen: seen.includes(id), ...candidate(axes, { found, predict, sd }) }];
  });
}

/** What was read off while knitting and can be held against what was expected. */
const knitCandidatesOf = (models: readonly KnitModel[], axes: Gaussian["axes"]): readonly KnitCandidate[] =>
  models
    .filter((model) => !isBackwards(model))
    .map((model) => {
      const { id, seen } = model.read.reading;
      return { model, by: id, seen, ...candidate(axes, model) };
    });

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
      const by = residual ? isOutlier(residual) : 0;
      if (!candidate.seen && by > 1 && by > (worst?.by ?? 0)) worst = { index, by };
    }
    if (worst === null) return { taken, updated };
    const out = worst.index;
    taken = taken.filter((_, index) => index !== out);
  }
}

/**
 * The same by the hand that the project begins with, unless what was measured speaks for a hand that has changed: then
 * it is as if nothing were known of it. What is measured tells of the hand beside all of that: `evidence`.
 */
function agreedByHand(
  general: Gaussian,
  candidates: readonly Candidate[],
  { project, sources }: SwatchBasis,
) {
  const { hand } = project;
  const byMost = agreed(general, candidates);
  const evidence = handEvidence(general, byMost.updated, sources);
  if (hand === null) return { prior: general, evidence, handChanged: null, ...byMost };
  const gramsPerM = gramsPerMetre(project);
  const { prior, changed } = priorByHand(general, hand, { evidence, sources, gramsPerM });
  return { prior, evidence, handChanged: changed, ...agreed(prior, candidates) };
}

/** How much each swatch and each reading has pulled at each unknown. */
function pulls(prior: Gaussian, belief: Updated, taken: readonly Candidate[]) {
  const moved = new Map<string, Float64Array>();
  for (const [index, { by, observation }] of taken.entries()) {
    const residual = belief.residuals[index];
    if (!residual) continue;
    const gain = times(belief.covariance, residual.slope);
    // What it would have the unknown be, were it alone to speak: its gain, times how far it was from the prior.
    const away = belief.mean.map((value, at) => value - (prior.mean[at] ?? 0));
    const far = observation.found - observation.predict(belief.mean) + dot(residual.slope, away);
    const sum = moved.get(by) ?? new Float64Array(gain.length);
    for (const [at, value] of gain.entries())
      sum[at] = (sum[at] ?? 0) + Math.abs((value * far) / observation.sd ** 2);
    moved.set(by, sum);
  }
  return moved;
}

function movedBy(belief: Gaussian, prior: Gaussian, moved: ReadonlyMap<string, Float64Array>) {
  return (id: UnknownId): string | null => {
    if (marginal(belief, id).sd > NARROWED * marginal(prior, id).sd) return null;
    const at = belief.axes.indexOf(id);
    let most: { id: string; pulled: number } | null = null;
    for (const [source, sum] of moved) {
      const pulled = sum[at] ?? 0;
      if (pulled > (most?.pulled ?? -1)) most = { id: source, pulled };
    }
    return most?.id ?? null;
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

const told = (
  { of, kind, found, impossible }: SwatchCandidate,
  expected: number,
  taken: boolean,
): Measured => ({
  swatchId: of.swatch.id,
  kind,
  found,
  expected,
  taken,
  question: taken
    ? null
    : questionOf({ ...MEASUREMENT_KINDS[kind], over: MEASUREMENT_KINDS[kind].over(of) }, found / expected),
  impossible,
});

const toldKnitted = (
  { model, found, impossible }: KnitCandidate,
  expected: number,
  taken: boolean,
): Knitted =>
  knitted(model, {
    expected,
    taken,
    question: taken ? null : questionOf(model.asks, found / expected),
    impossible,
  });

/** Measurements of which nothing can be said, since the swatch does not say enough of itself. */
const unpredicted = (of: SwatchModel, candidates: readonly SwatchCandidate[]): readonly Measured[] =>
  MEASURE_IDS.flatMap((kind) => {
    const found = MEASUREMENT_KINDS[kind].find(of.swatch);
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

/** Takes all swatches in, and all that was read off while knitting. */
export function takeIn({ basis, yarns, counted, reads }: Asked): Belief {
  const { project, gauge, sources, plan } = basis;
  const models = reads.flatMap((read) => knitModel(read, basis) ?? []);
  const asked = hasAsked(project) ? askedNeed(project.asks) : null;
  const general = priorOf(sources, yarns, {
    ...(models.length > 0 && { water: WATER_SD, fill: FILL_SD }),
    ...(asked && { amount: asked.sd }),
  });
  const swatches = [
    ...project.swatches.filter((one) => isOf(one, project)).map((one) => swatchModel(one, basis)),
    ...(counted
      ? [swatchModel(counted.swatch, { ...basis, plan: planBasis(gauge, plan.needleMm, counted.laid) })]
      : []),
  ];
  const candidates = swatches.flatMap((one) => candidatesOf(one, general.axes));
  const whileKnitting = knitCandidatesOf(models, general.axes);
  const all = [...candidates, ...whileKnitting];
  const { prior, taken, updated, evidence, handChanged } = agreedByHand(general, all, basis);
  const likely = deviationsOf(updated.axes, updated.mean);
  /** What all others would have a reading be. */
  const expectedOf = (one: Candidate) => {
    const off = updated.residuals[taken.indexOf(one)]?.off;
    return off === undefined ? one.predict(likely) : one.found * Math.exp(-off);
  };
  const isTaken = (one: Candidate) => taken.includes(one);
  const measured = [
    ...candidates.map((one) => told(one, expectedOf(one), isTaken(one))),
    ...swatches.flatMap((one) => unpredicted(one, candidates)),
  ];
  const { axes, mean, covariance } = updated;
  return {
    axes,
    mean,
    covariance,
    prior,
    handChanged,
    evidence,
    measured,
    knitted: models.map((model) => {
      const one = whileKnitting.find((each) => each.model === model);
      if (one) return toldKnitted(one, expectedOf(one), isTaken(one));
      const expected = model.predict(likely);
      return knitted(model, { expected, taken: false, question: say("ballGrew"), impossible: true });
    }),
    swatches,
    movedBy: movedBy(updated, prior, pulls(prior, updated, taken)),
    gauge: movedGauge(gauge, likely),
    likely,
    basis,
  };
}
