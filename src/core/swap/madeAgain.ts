/** A project made again of yarn at hand, in its size: what it takes, and how likely that is enough. */
import { hoursFor, workOf } from "../estimate/workTime";
import { omissionsOf } from "../forecast/omissions";
import { forecasting } from "../forecast/projectForecast";
import { enoughOf } from "../order/enough";
import type { ToUseUp } from "../order/makings";
import { candidateSchema } from "../project/candidates";
import type { Project } from "../project/project";
import type { Steps } from "../steps";
import { swapProject, type LayOf } from "./swapProject";

export interface MadeAgain {
  readonly needM: number;
  readonly chance: number;
  readonly hours: number;
  /** The project in that yarn. */
  readonly project: Project;
}

/**
 * Null where it cannot be worked in that yarn, is not of one yarn, or leaves something out.
 * Example: a slipover that took 784 m of aran takes as much of another aran.
 */
export function* madeAgain(
  project: Project,
  { yarn, inHand, pace }: Pick<ToUseUp, "yarn" | "inHand" | "pace">,
  layOf: LayOf,
): Steps<MadeAgain | null> {
  yield { share: 0 };
  const candidate = candidateSchema.parse({
    id: "at-hand",
    label: { ...yarn, name: yarn.name || "Yarn at hand", colour: project.yarns[0]?.colour ?? "#8a7b5c" },
  });
  const so = swapProject(project, candidate, { keep: "size", layOf });
  if (!so) return null;
  const answer = yield* forecasting(so, layOf(so));
  if (!answer.known || answer.yarns.length > 1 || omissionsOf(so, answer).length > 0) return null;
  const [{ drawn, yarn: planned, totalMm }] = answer.yarns;
  const enough = enoughOf(drawn.needsMm, drawn.putUps, drawn.putUpMean, planned.joinMm);
  return {
    needM: totalMm / 1000,
    chance: enough.chanceOf(inHand.lengthM, inHand.balls),
    hours: hoursFor(workOf(answer.plan), pace),
    project: so,
  };
}
