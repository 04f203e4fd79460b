/** The engine behind a worker's door: it follows the open project and answers what is asked of it, the answer first. */
import { say } from "@/core/words/message";
import { expose } from "comlink";
import { withChanges, type Changes } from "../core/engine/basis";
import { Engine } from "../core/engine/engine";
import { ask, type AskedOf, type PartOf, type QuestionId, type ToldOf } from "../core/engine/questions";
import { finishedOf } from "../core/estimate/finished";
import type { Project } from "../core/project/project";
import { forecasting, type ProjectForecast } from "../core/forecast/projectForecast";
import type { Hand } from "../core/project/hand";
import { addedTo, beginProject, type Beginning } from "../core/templates/beginProject";
import { seenOf, type SeenSection } from "../core/engine/seen";
import { readWhole } from "../core/pattern/readWhole";
import type { WholeOptions, WholePattern } from "../core/pattern/taken";
import { makingOf, type Making, type Measures, type ToUseUp } from "../core/order/makings";
import { compareCandidates, type ComparedCandidate } from "../core/swap/compareCandidates";
import { madeAgain, type MadeAgain } from "../core/swap/madeAgain";
import type { StartId } from "../core/templates/startList";
import type { Steps } from "../core/steps";
import { Sender, type HandedOver } from "../core/engine/handOver";
import type { Reading } from "../core/typed/reading";
import { Desk, pulse, type Done, type TurnedTo, type Urgency } from "./desk";

const engine = new Engine();
/** Whoever watches hears which job is at hand: it may be one that does not come back. */
const desk = new Desk((turnedTo) => postMessage({ turnedTo } satisfies TurnedTo));
const sender = new Sender();
let project: Project | null = null;

/** Questions that take seconds; what is asked beside them goes first. */
const LONG: readonly QuestionId[] = ["sizes", "useUp", "group", "sides", "sizeTable", "rank"];

const urgencyOf = (id: QuestionId): Urgency =>
  id === "answer" ? "answer" : LONG.includes(id) ? "long" : "question";

/**
 * Takes in what has changed of the project. Where its figures have, what was asked before is dropped, and the answer
 * is told; null where it is overtaken, or no figure has changed.
 */
async function change(job: number, changes: Changes, figures: boolean): Promise<HandedOver | null> {
  const before = project;
  project = withChanges(before ?? {}, changes);
  if (figures) desk.dropDated();
  else if (before) engine.takeOver(project, before);
  const done = figures ? await answer(job, "answer", null) : null;
  return done && sender.send(done.told);
}

/** The answer to a question about the project as it stands; null where it was stopped, or the project has changed. */
async function answer<Id extends QuestionId>(
  job: number,
  id: Id,
  asked: AskedOf<Id>,
  onProgress?: (share: number) => void,
  onPart?: (part: PartOf<Id>) => void,
): Promise<Done<ToldOf<Id>> | null> {
  if (!project) return null;
  const steps = ask(engine.at(project), id, asked, onPart);
  return desk.do(steps, {
    id: job,
    urgency: urgencyOf(id),
    dated: true,
    ...(onProgress && { onProgress }),
  });
}

/** A begun project with its answer, told short; or why it cannot be. */
export interface Begun {
  readonly project: Project;
  /** Null for a bare piece, which has no answer yet. */
  readonly answer: BegunAnswer | null;
}

interface BegunAnswer {
  readonly balls: number;
  readonly ballG: number;
  /** Yarn in m: the tenth percentile, the median, the ninetieth. */
  readonly needM: readonly [number, number, number];
  readonly acrossMm: number;
  readonly alongMm: number;
}

/** An answer told short; null where nothing is known. */
function inShort(project: Project, told: ProjectForecast): BegunAnswer | null {
  if (!told.known) return null;
  const [{ advised, quantilesMm, yarn }] = told.yarns;
  const { p10, p50, p90 } = quantilesMm;
  const finished = finishedOf(project, told);
  return {
    balls: advised.balls,
    ballG: yarn.putUp.massG,
    needM: [p10 / 1000, p50 / 1000, p90 / 1000],
    acrossMm: finished?.acrossMm ?? 0,
    alongMm: finished?.alongMm ?? 0,
  };
}

function* beginning(wish: Beginning, hand: Hand | null): Steps<Reading<Begun>> {
  yield { share: 0 };
  const built = beginProject(wish);
  if (!built.ok) return built;
  const project = { ...built.value, hand };
  yield { share: 0.5 };
  const told = yield* forecasting(project, yield* engine.laying(project));
  return { ok: true, value: { project, answer: inShort(project, told) } };
}

/** A pattern that is read, with what its project comes to. */
export interface PatternRead extends WholePattern {
  readonly answer: BegunAnswer | null;
  /** How each section is worked, by its name: once, or once for each side. */
  readonly worked: Readonly<Record<string, readonly SeenSection[]>>;
}

function* readingPattern(text: string, options: WholeOptions, hand: Hand | null): Steps<PatternRead> {
  yield { share: 0 };
  const read = readWhole(text, options);
  if (!read.project) return { ...read, answer: null, worked: {} };
  const project = { ...read.project, hand };
  yield { share: 0.3 };
  const laid = yield* engine.laying(project);
  const told = yield* forecasting(project, laid);
  const seen = seenOf(told, laid);
  const worked: Record<string, SeenSection[]> = {};
  for (const { sections } of seen.known ? seen.estimate.pieces : [])
    for (const section of sections) (worked[section.sectionId] ??= []).push(section);
  return { ...read, project, answer: inShort(project, told), worked };
}

/** What a wish comes to in the knitter's hand, where that is known; null where it was stopped. */
const begin = async (job: number, wish: Beginning, hand: Hand | null): Promise<Reading<Begun> | null> =>
  (await desk.do(beginning(wish, hand), { id: job, urgency: "question" }))?.told ?? null;

/** A whole pattern, read; null where it was stopped. */
const pattern = async (
  job: number,
  text: string,
  options: WholeOptions,
  hand: Hand | null,
): Promise<PatternRead | null> =>
  (await desk.do(readingPattern(text, options, hand), { id: job, urgency: "question" }))?.told ?? null;

/** The open project with what is wished for added to it, in its own yarn and gauge. */
const add = (wish: Beginning): Reading<Project> =>
  project ? addedTo(project, wish) : { ok: false, message: say("stillOpening"), at: 0 };

/** One thing made of yarn that is to be used up; null where it was stopped. */
const making = async (
  job: number,
  toUse: ToUseUp,
  start: StartId,
  measures: Measures,
): Promise<Reading<Making> | null> =>
  (await desk.do(makingOf(toUse, start, measures, engine.layOf), { id: job, urgency: "long" }))?.told ?? null;

/** A project that was made before, of yarn at hand; null where it was stopped, or cannot be. */
const again = async (
  job: number,
  wanted: Project,
  toUse: ToUseUp,
): Promise<{ readonly made: MadeAgain | null } | null> => {
  const done = await desk.do(madeAgain(wanted, toUse, engine.layOf), { id: job, urgency: "long" });
  return done && { made: done.told };
};

/** A project that is not open yet beside its substitutes, its own yarn first; null where it was stopped. */
const substitutes = async (
  job: number,
  wanted: Project,
  pace: number,
): Promise<readonly ComparedCandidate[] | null> => {
  const asked = { layOf: engine.layOf, markets: {}, pace, onSide: () => {} };
  return (await desk.do(compareCandidates(wanted, asked), { id: job, urgency: "question" }))?.told ?? null;
};

const stop = (job: number) => desk.stop(job);

const worker = { change, answer, begin, pattern, making, again, substitutes, add, stop, pulse };

export type EngineWorker = typeof worker;

expose(worker);
