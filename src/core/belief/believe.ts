/** What is believed of a project: its prior, and every measurement of its swatches taken in or asked about. */
import { keyOfSection, type Layout, type SectionLayouts } from "../garment/sectionLayout";
import type { ProjectGauge } from "../garment/projectGauge";
import { swatchPieceId } from "../garment/swatchPiece";
import type { PiecePlan } from "../estimate/plan";
import { isWeighed } from "../progress/readings";
import type { Project } from "../project/project";
import { hasAsked, isCabled } from "../project/sectionKinds";
import { remembering } from "../remember";
import type { Millimetres } from "../units/brands";
import type { Belief } from "./belief";
import type { KnitRead } from "./knitModel";
import { countedOnCables } from "./onCables";
import type { BelievedYarn } from "./prior";
import type { SwatchBasis } from "./swatchModel";
import { takeIn, type Asked, planBasis } from "./takeIn";

interface Given {
  readonly gauged: ProjectGauge;
  readonly yarns: readonly BelievedYarn[];
  readonly needleMm: Millimetres;
  readonly laid: SectionLayouts;
  /** What was read off while knitting; none where the plan of the pieces is still to be made. */
  readonly reads?: readonly KnitRead[];
}

/** How the project will be finished: as its first piece is. */
const finishOf = ({ pieces }: Project) => pieces[0]?.blocking ?? "wetBlocked";

/** Beliefs of the last few projects: most changes of a project leave what is believed. */
const MOST_BELIEVED = 8;

/** What lies across swatches, and plans of pieces, told apart by a number of their own. */
const numbers = new WeakMap<object, number>();
let lastNumber = 0;

function numberOf(one: Layout | PiecePlan | undefined): number {
  if (!one) return 0;
  const number = numbers.get(one) ?? (lastNumber += 1);
  numbers.set(one, number);
  return number;
}

/** All that a belief hangs on, as a text. */
function keyOf({
  basis: { project, gauge, sources, plan, blocking: finish },
  yarns,
  counted,
  reads,
}: Asked): string {
  const { swatches, yarns: own, hand } = project;
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
  const knitted = reads.map((read) => [
    read.reading,
    "piece" in read
      ? [numberOf(read.piece), read.pull]
      : [read.of.map(numberOf), read.worked, read.beside, read.joinMm],
  ]);
  return JSON.stringify([
    swatches,
    own,
    gauge,
    sources,
    plan.needleMm,
    finish,
    yarns,
    lying,
    onCables,
    knitted,
    hand,
    hasAsked(project) && project.asks,
  ]);
}

const believed = remembering(MOST_BELIEVED, keyOf, takeIn);

/**
 * What is believed of a project. All its swatches and readings are taken in at once, so their order does not matter; a
 * measurement that is more than three deviations off what all others say is asked about and left out, until the
 * knitter stands by it. Example: without a swatch the belief is the prior.
 */
export function believe(project: Project, { gauged, yarns, needleMm, laid, reads = [] }: Given): Belief {
  const { gauge, sources } = gauged;
  const basis: SwatchBasis = {
    project,
    gauge,
    sources,
    plan: planBasis(gauge, needleMm, laid),
    blocking: finishOf(project),
  };
  return { ...believed({ basis, yarns, counted: countedOnCables(project, laid), reads }), basis };
}

/**
 * Whether yarn of the pattern has been weighed and taken in: of the work itself, or of a swatch that is worked as the
 * project is, cabled where that is.
 */
export function isPatternWeighed({ measured, knitted, swatches, basis }: Belief): boolean {
  if (knitted.some(({ kind, taken }) => taken && isWeighed(kind))) return true;
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
      taken && (kind === `finished${which}` || (basis.blocking === "asKnit" && kind === `asKnit${which}`)),
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
