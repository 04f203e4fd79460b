/** How far yarn at hand goes, reckoned in the worker when typing rests. */
import { useMemo } from "react";
import type { HowFar } from "@/core/forecast/howFar";
import type { Project } from "@/core/files/project";
import type { YarnInHand } from "@/core/yarn/inHand";
import { useChosenPiece, useChosenSection } from "./chosenPiece";
import { useProject } from "./projectStore";
import { useSettled } from "./settled";
import { reckoner } from "./workers";

interface Question {
  readonly project: Project;
  readonly pieceId: string;
  readonly sectionId: string;
  readonly yarnId: string;
  readonly inHand: YarnInHand;
}

/** The answer goes with its question, so that none is shown beside another text. */
async function ask(question: Question | null) {
  if (!question) return null;
  const { project, ...asked } = question;
  return { question, far: await reckoner().howFarGoes(project, asked) };
}

/** For the chosen section and its piece's yarn; undefined until it is reckoned, null where there is no answer. */
export function useHowFar(lengthM: number | null, balls: number): HowFar | null | undefined {
  const project = useProject();
  const { id: pieceId, yarnId } = useChosenPiece();
  const { id: sectionId } = useChosenSection();
  const question = useMemo(
    () => (lengthM === null ? null : { project, pieceId, sectionId, yarnId, inHand: { lengthM, balls } }),
    [project, pieceId, sectionId, yarnId, lengthM, balls],
  );
  const told = useSettled(question, ask);
  return question && told?.question === question ? told.far : undefined;
}
