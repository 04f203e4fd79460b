/** Everything that can be asked of a project, each question by its name: one more is one more row of the table. */
import { rowGaugeOff, type RowGaugeOff } from "../estimate/rowGaugeOff";
import { candidateSources, type CandidateSources } from "../swap/candidateSources";
import type { Leavable, Project } from "../project/project";
import { sweepGauge, type SweepPoint } from "../forecast/gaugeSweep";
import { usingUp, type UsedUp, type UseUpAsked } from "../order/useUp";
import type { BallMap } from "../estimate/ballMap";
import { ballsOf, type BallsAsked } from "../forecast/ballsOf";
import { progressOf } from "../progress/places";
import { burnDown, type BurnDown } from "../forecast/burnDown";
import { closingOf, type Closing } from "../forecast/closing";
import { movedSince, type Moved } from "../forecast/moved";
import { nextMeasures, type NextMeasure } from "../forecast/nextMeasure";
import { savingsOf } from "../forecast/savings";
import { sizeOptions, type SizeOption } from "../forecast/sizeOptions";
import { sectionRows, type SectionRows } from "../garment/sectionRows";
import { orderAdvice, type OrderAdvice } from "../order/advice";
import { calculatingGroup, type GroupCalculated } from "../order/group";
import type { Market } from "../order/market";
import { willItLast, type WeighedBall, type WillItLast } from "../forecast/willItLast";
import { finishingList, type FinishingItem } from "../knitting/finishingList";
import { knitRows, type KnitRows } from "../knitting/knitRows";
import type { Wording } from "../stitches/wording";
import type { Steps } from "../steps";
import { foundWays, type FoundWays, type Ranked, type RankedWays, type WaysAsked } from "../swap/ranked";
import { ranking, rankBasis } from "../swap/rank";
import { compareCandidates, type ComparedCandidate } from "../swap/compareCandidates";
import type { UnitSystem } from "../units/brands";
import type { Reading } from "../typed/reading";
import type { WhyAsked } from "../reasons/asked";
import type { Reason } from "../reasons/reason";
import { whyOf } from "../reasons/why";
import { sizeTable, type SizeCell, type SizeTableAsked } from "../swap/sizeTable";
import { swapProject } from "../swap/swapProject";
import { BARE_SPAN_MM } from "../units/brands";
import type { Revision } from "./engine";
import { seenOf, type Seen } from "./seen";

/** What is asked for with each question, and what is told. */
interface Questions {
  readonly answer: Question<null, Seen>;
  /** What leaving each part out would save, in mm. */
  readonly savings: Question<null, ReadonlyMap<Leavable, number>>;
  readonly sweep: Question<null, readonly SweepPoint[]>;
  /** A piece at one row more and at one fewer, beside itself; null where it is left out. */
  readonly rowGauge: Question<
    { readonly pieceId: string; readonly units: UnitSystem },
    {
      readonly pieceId: string;
      readonly now: Pick<RowGaugeOff, "heightMm" | "totalMm">;
      readonly off: readonly [more: RowGaugeOff, fewer: RowGaugeOff];
    } | null
  >;
  readonly nextMeasures: Question<null, readonly NextMeasure[]>;
  readonly sizes: Question<null, Reading<readonly SizeOption[]>>;
  /** The rows of a section, once for each side; empty where it is left out. */
  readonly rows: Question<
    { readonly pieceId: string; readonly sectionId: string; readonly style: Wording },
    readonly SectionRows[]
  >;
  /** Rows of a piece as they are worked, from one to another, counted from 1; null where it is left out. */
  readonly knit: Question<
    { readonly pieceId: string; readonly from: number; readonly to: number; readonly style: Wording },
    KnitRows | null
  >;
  /** How far a ball goes that was weighed; null where it cannot be told. */
  readonly lasts: Question<
    {
      readonly ball: WeighedBall;
      readonly rows: number;
      readonly to: readonly number[];
      readonly spare?: number;
    },
    WillItLast | null
  >;
  /** What knitting has told against what was expected; null where nothing was read off while knitting. */
  readonly moved: Question<null, Moved | null>;
  /** Yarn of a piece in hand against its rows; null where it cannot be told. */
  readonly burnDown: Question<
    { readonly pieceId: string; readonly copy: number; readonly yarnId: string },
    BurnDown | null
  >;
  /** Which ball works which rows, of what is worked and of what is to come; null where the yarn is not used. */
  readonly ballMap: Question<BallsAsked, BallMap | null>;
  /** What was estimated against what was used, and what that tells; null without an answer. */
  readonly closing: Question<null, Closing | null>;
  /** What finishes the project; empty without an answer. */
  readonly finishing: Question<null, readonly FinishingItem[]>;
  /** How far yarn at hand goes; null where there is no answer, or nothing that grows. */
  readonly useUp: Question<UseUpAsked, UsedUp | null>;
  /** What to buy for a yarn; null where there is no answer, or it is not used. */
  readonly order: Question<{ readonly yarnId: string; readonly market: Market }, OrderAdvice | null>;
  readonly group: Question<{ readonly yarnId: string }, GroupCalculated>;
  /** The pattern's own yarn, and one substitute after the other. */
  readonly sides: Question<
    { readonly markets: Readonly<Record<string, Market>>; readonly pace: number },
    readonly ComparedCandidate[],
    ComparedCandidate
  >;
  /** Every size in every yarn, one after the other. */
  readonly sizeTable: Question<SizeTableAsked, readonly SizeCell[], SizeCell>;
  /** Why a figure is what it is; null where there is no such figure. */
  readonly why: Question<WhyAsked, Reason | null>;
  /** Puts the yarns of shelf and shop in order, which `ways` tells of by their number; null where there is no answer. */
  readonly rank: Question<CandidateSources, RankedWays | null>;
  /** Those of what was put in order that have some words, the first by some measure; null where nothing was. */
  readonly ways: Question<WaysAsked, FoundWays | null>;
}

interface Question<Asked, Told, Part = never> {
  readonly asked: Asked;
  readonly told: Told;
  /** What is told on the way. */
  readonly part: Part;
}

export type QuestionId = keyof Questions;
export type AskedOf<Id extends QuestionId> = Questions[Id]["asked"];
export type ToldOf<Id extends QuestionId> = Questions[Id]["told"];
export type PartOf<Id extends QuestionId> = Questions[Id]["part"];

type Answering<Id extends QuestionId> = (
  revision: Revision,
  asked: AskedOf<Id>,
  onPart: (part: PartOf<Id>) => void,
) => Steps<ToldOf<Id>>;

const nameOfYarn =
  ({ yarns }: Project) =>
  (yarnId: string) =>
    yarns.find(({ id }) => id === yarnId)?.name ?? "";

/** The project in a substitute's yarn, or as it is in its own; null where it cannot be worked in that. */
function* inYarn({ project, layOf }: Revision, candidateId: string): Steps<Project | null> {
  yield { share: 0 };
  if (candidateId === project.yarns[0]?.id) return project;
  const candidate = project.swap.candidates.find(({ id }) => id === candidateId);
  return candidate ? swapProject(project, candidate, { keep: project.swap.keep, layOf }) : null;
}

const QUESTIONS: { readonly [Id in QuestionId]: Answering<Id> } = {
  *answer(revision) {
    return seenOf(yield* revision.answer(), revision.laid);
  },
  savings: ({ project, laid }) => savingsOf(project, laid),
  sweep: ({ project, laid }) => sweepGauge(project, laid),
  *rowGauge(revision, { pieceId, units }) {
    const answer = yield* revision.answer();
    const piece = answer.known ? answer.estimate.pieces.find(({ id }) => id === pieceId) : undefined;
    if (!answer.known || !piece) return null;
    const one = 100 / BARE_SPAN_MM[units];
    const { heightMm, totalMm } = piece.estimate;
    return {
      pieceId,
      now: { heightMm, totalMm },
      off: [rowGaugeOff(piece, answer.plan, one), rowGaugeOff(piece, answer.plan, -one)],
    };
  },
  *nextMeasures(revision) {
    const answer = yield* revision.answer();
    return answer.known ? nextMeasures(answer, revision.project.certainty) : [];
  },
  sizes: ({ project, layOf }) => sizeOptions(project, layOf),
  *rows(revision, { pieceId, sectionId, style }) {
    const answer = yield* revision.answer();
    const worked = answer.known ? answer.worked.get(pieceId)?.sections : undefined;
    return (worked ?? [])
      .filter(({ section, rows }) => section.id === sectionId && rows.length > 0)
      .map((section) => sectionRows(section, style));
  },
  *knit(revision, { pieceId, ...wanted }) {
    const answer = yield* revision.answer();
    const worked = answer.known ? answer.worked.get(pieceId)?.sections : undefined;
    const piece = revision.project.pieces.find(({ id }) => id === pieceId);
    return worked && piece
      ? knitRows(worked, piece, { ...wanted, nameOf: nameOfYarn(revision.project) })
      : null;
  },
  *lasts(revision, { ball, ...asked }) {
    const answer = yield* revision.answer();
    const { certainty } = revision.project;
    return answer.known ? willItLast(answer, ball, { ...asked, certainty }) : null;
  },
  *moved(revision) {
    const answer = yield* revision.answer();
    if (!answer.known || answer.reads.length === 0) return null;
    const before = yield* revision.unknitted();
    return before && movedSince(before, answer);
  },
  *burnDown(revision, asked) {
    const answer = yield* revision.answer();
    if (!answer.known) return null;
    const before = answer.reads.length === 0 ? answer : yield* revision.unknitted();
    return before && burnDown(before, answer, asked);
  },
  *ballMap(revision, asked) {
    const answer = yield* revision.answer();
    return answer.known ? ballsOf(answer, progressOf(revision.project.log), asked) : null;
  },
  *closing(revision) {
    const answer = yield* revision.answer();
    const before = answer.known && answer.reads.length > 0 ? yield* revision.unknitted() : answer;
    return answer.known && before?.known ? closingOf(before, answer) : null;
  },
  *finishing(revision) {
    const answer = yield* revision.answer();
    return answer.known ? finishingList(revision.project, answer) : [];
  },
  useUp: ({ project, layOf }, asked) => usingUp(project, asked, layOf),
  *order(revision, asked) {
    const answer = yield* revision.answer();
    return answer.known ? orderAdvice(revision.project, answer, asked) : null;
  },
  group: ({ project, layOf }, { yarnId }) => calculatingGroup(project, { yarnId, layOf }),
  sides: ({ project, layOf }, asked, onSide) => compareCandidates(project, { ...asked, layOf, onSide }),
  sizeTable: ({ project, layOf }, asked, onCell) => sizeTable(project, asked, { layOf, onCell }),
  *why(revision, asked) {
    const { candidateId } = asked;
    const project =
      candidateId === undefined
        ? revision.project
        : yield* revision.once(`in ${candidateId}`, () => inYarn(revision, candidateId));
    if (!project) return null;
    const answer = yield* revision.engine.at(project).answer();
    if (!answer.known) return null;
    return whyOf({ project, answer, ...(candidateId !== undefined && { candidateId }) }, asked);
  },
  *rank(revision, sources) {
    const answer = yield* revision.answer();
    if (!answer.known) return null;
    const { swap, certainty, yarns } = revision.project;
    const basis = rankBasis(answer, { keep: swap.keep, certainty });
    const { candidates, passedOver } = candidateSources(yarns[0]?.name ?? "", basis.tex, sources);
    const ranked = yield* ranking(candidates, basis);
    return { number: revision.lists.keep(ranked), ways: ranked.length, passedOver };
  },
  *ways(revision, asked) {
    yield { share: 0 };
    const ranked = revision.lists.of(asked.of) as readonly Ranked[] | undefined;
    return ranked ? foundWays(ranked, asked) : null;
  },
};

/**
 * The answer to a question, in steps. Asked again of the same revision it is told at once; `onPart` hears what is told
 * on the way, but not of an answer that is known.
 */
export function ask<Id extends QuestionId>(
  revision: Revision,
  id: Id,
  asked: AskedOf<Id>,
  onPart: (part: PartOf<Id>) => void = () => {},
): Steps<ToldOf<Id>> {
  const answering: Answering<Id> = QUESTIONS[id];
  return revision.once(`${id} ${JSON.stringify(asked)}`, () => answering(revision, asked, onPart));
}
