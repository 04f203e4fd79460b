/** What a substitute comes to: size, yarn, balls, fabric and time, beside the pattern's yarn. */
import { say, type Says } from "../words/message";
import { isFilling } from "../panels/grounds";
import { candidateName, type Candidate, type Keep } from "../project/candidates";
import { hasAsked, isCabled, isFabric } from "../project/sectionKinds";
import type { FabricSection } from "../project/sections";
import type { Project } from "../project/project";
import type { BallChance } from "../forecast/ballCounts";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import { nextMeasures, type NextMeasure } from "../forecast/nextMeasure";
import { forecastProject, type KnownForecast } from "../forecast/projectForecast";
import { finishedOf } from "../estimate/finished";
import type { Source } from "../garment/projectGauge";
import { toMetres, type Metres, type Millimetres } from "../units/brands";
import type { Clarity } from "./clarity";
import { candidateClarity } from "./candidateClarity";
import { massOf, texOf, type PutUp } from "../yarn/putUp";
import { hoursFor, workOf } from "../estimate/workTime";
import { strandNeeds, totalOf, type OffersOf, type StrandNeed } from "./strandNeeds";
import { swapProject, type LayOf } from "./swapProject";
import { heldOf, strandOf } from "./candidateYarn";

export interface Outcome {
  readonly id: string;
  readonly name: string;
  readonly colour: string;
  readonly swatched: boolean;
  readonly gauge: Gauge;
  readonly sources: { readonly width: Source; readonly height: Source; readonly needle: Source };
  readonly needleMm: Millimetres;
  /** Null where only what a pattern asks for is known. */
  readonly castOn: number | null;
  /** What comes again across the first cabled piece, and how often. */
  readonly across: { readonly count: number; readonly things: "ropes" | "panels" } | null;
  readonly rows: number;
  /** Nought where nobody said how large it is. */
  readonly acrossMm: number;
  readonly alongMm: number;
  /** Against the pattern's yarn. */
  readonly offAcrossMm: number;
  readonly offAlongMm: number;
  /** Of the strand that is knitted with, whatever it is made of; of the first yarn. */
  readonly needM: Metres;
  readonly spreadM: readonly [Metres, Metres];
  readonly grams: number;
  readonly strands: readonly StrandNeed[];
  readonly balls: number;
  /** Chances of other counts of its balls; none where several yarns are held. */
  readonly chances: readonly BallChance[];
  readonly cost: number | null;
  /** Weight of a square metre of the plain fabric. */
  readonly plainG: number;
  /** √tex over the loop in cm, the cover factor of knitted fabric; and against that of the pattern's yarn. */
  readonly firmness: number;
  readonly firmnessRatio: number;
  readonly clarity: Clarity;
  readonly hours: number;
  /** Stitches in a minute, by which the hours are. */
  readonly pace: number;
  readonly next: NextMeasure | null;
  /** Whether a swatch of the pattern in this yarn was weighed. */
  readonly weighed: boolean;
  /** What cannot be worked in this yarn, in words; null where nothing is left out. */
  readonly leftOut: Says | null;
  /** The project in this yarn. */
  readonly project: Project;
  /** The piece and section that its fabric is drawn from, and how that lies. */
  readonly fabric: FabricPlace | null;
}

interface FabricPlace {
  readonly pieceId: string;
  readonly sectionId: string;
  readonly widthMm: number;
  /** Height of one repeat of it. */
  readonly repeatMm: number;
}

export interface Comparison {
  readonly keep: Keep;
  readonly layOf: LayOf;
  readonly offersOf: OffersOf;
  /** Stitches in a minute. */
  readonly pace: number;
}

/** How often what is cabled comes again across its piece. */
function repeatsOf(section: FabricSection | undefined): Outcome["across"] {
  if (!section) return null;
  return section.content === "ropes"
    ? { count: section.ropes, things: "ropes" }
    : {
        count: section.across.reduce((sum, { panelId, times }) => sum + (isFilling(panelId) ? 0 : times), 0),
        things: "panels",
      };
}

/** The first cabled fabric that is worked, or the first fabric where none is. */
function fabricOf(answer: KnownForecast): FabricPlace | null {
  const fabrics = answer.estimate.pieces.flatMap((piece) =>
    piece.sections.flatMap(({ worked }) => {
      const { section, content, rows, scale } = worked;
      return isFabric(section) && section.content !== "asBefore" && content && rows.length > 0
        ? [{ piece, section, content, stitches: content.stitches ?? worked.to, scale }]
        : [];
    }),
  );
  const one = fabrics.find(({ section }) => isCabled(section)) ?? fabrics[0];
  if (!one) return null;
  const { widthMm, heightMm } = plainStitch(answer.plan.gauge);
  const { piece, section, content, stitches, scale } = one;
  return {
    pieceId: piece.id,
    sectionId: section.id,
    widthMm: stitches * widthMm * scale * content.kept.all,
    repeatMm: content.rows * heightMm * scale * content.heightFactor,
  };
}

const firmnessOf = (putUp: PutUp, loopMm: number) => Math.sqrt(texOf(putUp)) / (loopMm / 10);

function forecast(project: Project, layOf: LayOf): KnownForecast | null {
  const answer = forecastProject(project, layOf(project));
  return answer.known ? answer : null;
}

/** Figures that hang on a project alone, not on what it is compared with. */
function figuresOf(project: Project, candidate: Candidate, answer: KnownForecast, comparison: Comparison) {
  const { plan, estimate, sources, belief } = answer;
  const [first] = answer.yarns;
  const plain = plainStitch(plan.gauge);
  const loopMm = plain.loopMm * Math.exp(plan.likely.loop);
  const { putUp } = first.yarn;
  const [piece] = estimate.pieces;
  const cabled = project.pieces.flatMap(({ sections }) => sections).find(isCabled);
  const strands = strandNeeds(candidate, answer, {
    certainty: project.certainty,
    offersOf: comparison.offersOf,
  });
  const finished = finishedOf(project, answer);
  return {
    id: candidate.id,
    colour: candidate.label.colour,
    swatched: belief.measured.some(({ taken }) => taken),
    gauge: plan.gauge,
    sources,
    needleMm: plan.needleMm,
    castOn: hasAsked(project) ? null : (piece?.estimate.castOn ?? 0),
    across: repeatsOf(cabled),
    rows: piece?.estimate.rows ?? 0,
    acrossMm: finished?.acrossMm ?? 0,
    alongMm: finished?.alongMm ?? 0,
    needM: toMetres(first.totalMm),
    spreadM: [toMetres(first.quantilesMm.p10), toMetres(first.quantilesMm.p90)] as const,
    grams: massOf(toMetres(first.totalMm), putUp),
    strands,
    ...totalOf(strands),
    chances: strands.length === 1 ? first.chances : [],
    plainG: (texOf(putUp) * loopMm) / (plain.widthMm * plain.heightMm),
    firmness: firmnessOf(putUp, loopMm),
    clarity: candidateClarity(candidate),
    hours: hoursFor(workOf(plan), comparison.pace),
    pace: comparison.pace,
    weighed: answer.weighed,
    leftOut: answer.findings.find(({ leftOut }) => leftOut)?.message ?? null,
    next: nextMeasures(answer, project.certainty)[0] ?? null,
    project,
    fabric: fabricOf(answer),
  };
}

export type Figures = ReturnType<typeof figuresOf>;

export type Compared =
  | { readonly ok: true; readonly outcome: Outcome }
  | { readonly ok: false; readonly id: string; readonly name: string; readonly message: Says };

/**
 * One substitute beside the pattern's own yarn. `own` is the project's own outcome, as `patternFigures` gives it.
 * Errors, in words: no put-up, a project without an answer in this yarn.
 */
export function compare(
  project: Project,
  candidate: Candidate,
  own: Figures,
  comparison: Comparison,
): Compared {
  const name = candidateName(candidate);
  const fails = (message: Says): Compared => ({ ok: false, id: candidate.id, name, message });
  if (!heldOf(candidate)) return fails(say("sayWhatItHolds"));
  if (!strandOf(candidate)) return fails(say("tooThickTogether"));
  const so = swapProject(project, candidate, comparison);
  const answer = so && forecast(so, comparison.layOf);
  if (!so || !answer) return fails(say("cannotBeWorked"));
  return { ok: true, outcome: outcomeOf(figuresOf(so, candidate, answer, comparison), own, name) };
}

/** What the pattern's own yarn comes to; null without an answer. */
export function patternFigures(project: Project, own: Candidate, comparison: Comparison): Figures | null {
  const answer = forecast(project, comparison.layOf);
  return answer && figuresOf(project, own, answer, comparison);
}

/** Figures beside those of the pattern's yarn. */
export const outcomeOf = (figures: Figures, own: Figures, name: string): Outcome => ({
  ...figures,
  name,
  offAcrossMm: figures.acrossMm - own.acrossMm,
  offAlongMm: figures.alongMm - own.alongMm,
  firmnessRatio: figures.firmness / own.firmness,
});
