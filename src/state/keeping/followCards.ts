/** The card of the open project is kept up with its answer. */
import { useAnswered } from "../engine/answer";
import { useProjectStore } from "../project/projectStore";
import { answeredOf } from "./cards";
import { changeCard } from "./records";

/** An answer that stands for so long is written on the card. */
const STANDS_MS = 1500;

/** Writes the answer that is seen on the card of its project; one that is behind is not. */
export async function writeCard(): Promise<void> {
  const { seen, revision, seenRevision } = useAnswered.getState();
  const { project } = useProjectStore.getState();
  if (!seen || revision !== seenRevision) return;
  const answered = answeredOf(project, seen);
  // A card is a help: what cannot be written now is written with the next answer.
  await changeCard(project.id, (card) => ({ ...card, ...answered })).catch(() => {});
}

/** From now on each answer that stands is written on its project's card; the result ends that. */
export function followCards(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void writeCard(), STANDS_MS);
  };
  const still = useAnswered.subscribe(soon);
  const alsoStill = useProjectStore.subscribe(soon);
  return () => {
    clearTimeout(timer);
    still();
    alsoStill();
  };
}
