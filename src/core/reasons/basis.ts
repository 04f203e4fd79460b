/** What reasons are read off: an answer, and the project that it is of. */
import { nextMeasures } from "../forecast/nextMeasure";
import { WORTH_NAMING } from "../forecast/worthNaming";
import type { KnownForecast } from "../forecast/projectForecast";
import type { Project } from "../project/project";
import { say, type Message } from "../words/message";
import type { WhyAsked } from "./asked";

export interface ReasonBasis {
  readonly project: Project;
  readonly answer: KnownForecast;
  /** The substitute that the project is worked in; not said of the open project. */
  readonly candidateId?: string;
}

/** The same question of the same project. */
export const within = <Asked extends WhyAsked>({ candidateId }: ReasonBasis, asked: Asked): Asked =>
  candidateId === undefined ? asked : { ...asked, candidateId };

/** What would narrow the need most, of what can be done now; null where nothing is worth it. */
export function sharpest({ project, answer }: ReasonBasis): Message | null {
  const [best] = nextMeasures(answer, project.certainty);
  return best && best.left < WORTH_NAMING ? best.says : null;
}

export const yarnOf = ({ answer }: ReasonBasis, yarnId: string) =>
  answer.yarns.find(({ yarn }) => yarn.id === yarnId) ?? null;

/** A yarn of the project as it is called. */
export const nameOfYarn = ({ project }: ReasonBasis, yarnId: string): Message =>
  say("yarnNamed", { yarn: project.yarns.find(({ id }) => id === yarnId)?.name ?? "" });
