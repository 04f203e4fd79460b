/** What can be made of yarn at hand: one thing after the other, each as large as the yarn lasts. */
import type { Project } from "../project/project";
import type { Certainty } from "../forecast/forecast";
import { forecasting } from "../forecast/projectForecast";
import type { SectionLayouts } from "../garment/sectionLayout";
import type { Cabled } from "../garment/fit";
import { between, type Steps } from "../steps";
import { hoursFor, workOf } from "../estimate/workTime";
import { beginProject, type BegunIn, type Beginning } from "../templates/beginProject";
import type { Start } from "../templates/start";
import { growsBy, STARTS, type StartId } from "../templates/startList";
import { read, type Reading } from "../typed/reading";
import { classOf } from "../yarn/classes";
import type { YarnInHand } from "../yarn/inHand";
import type { Freed } from "./ladder";
import { usingUp, type UsedUp } from "./useUp";

/** Yarn that is to be used up, and how. */
export interface ToUseUp {
  readonly yarn: BegunIn;
  readonly inHand: YarnInHand;
  readonly certainty: Certainty;
  readonly cabled: Cabled;
  /** Stitches in a minute, for the hours. */
  readonly pace: number;
}

/** Measures of a thing; what grows with the yarn begins at them. */
export type Measures = Pick<Beginning, "acrossMm" | "easeMm" | "alongMm">;

export interface Making {
  /** What grows: its length, all of it, or nothing. */
  readonly grows: "length" | "size" | null;
  /** How far the yarn goes; null where it has no answer. */
  readonly used: UsedUp | null;
  /** What it most likely takes, in m, and how long; at the size that it is told in. */
  readonly needM: number;
  readonly hours: number;
  /** As it is told: as large as the yarn lasts, or at its measures. */
  readonly project: Project;
}

const freedOf = ({ grows, scales }: Start): Freed => {
  if (grows) return { by: "length", sections: [grows] };
  return scales ? { by: "size" } : { by: "nothing" };
};

/**
 * One thing of the yarn: as long or as large as it lasts, or as it is measured. Errors: those of `beginProject`.
 * Example: of one ball of 95 m a scarf of 18 cm is some 36 cm long, its gauge only assumed.
 */
export function* makingOf(
  { yarn, inHand, certainty, cabled, pace }: ToUseUp,
  start: StartId,
  measures: Measures,
  layOf: (project: Project) => SectionLayouts,
): Steps<Reading<Making>> {
  const begun = beginProject({ start, ...measures, thickness: classOf(yarn.putUp), yarn, cabled });
  if (!begun.ok) return begun;
  const project = { ...begun.value, certainty };
  const record: Start = STARTS[start];
  const freed = freedOf(record);
  const asked = { freed, inHand: [{ yarnId: project.yarns[0]?.id ?? "", ...inHand }] };
  const used = yield* between(0, 0.9, usingUp(project, asked, layOf));
  const made = used?.project ?? project;
  const answer = yield* between(0.9, 1, forecasting(made, layOf(made)));
  return read({
    grows: growsBy(record),
    used,
    needM: answer.known ? answer.yarns[0].totalMm / 1000 : 0,
    hours: answer.known ? hoursFor(workOf(answer.plan), pace) : 0,
    project: made,
  });
}
