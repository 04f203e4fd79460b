/** The answer for the open project: its changes are sent to the engine, and what comes back is shown with its revision. */
import { create } from "zustand";
import { changesOf, sameFigures } from "@/core/engine/basis";
import { Receiver, type HandedOver } from "@/core/engine/handOver";
import type { Seen, SeenPiece } from "@/core/engine/seen";
import type { Project } from "@/core/project/project";
import type { Taken } from "@/core/panels/across";
import { useChosenPiece } from "../chosen/chosen";
import { useProjectStore } from "../project/projectStore";
import { nextJob } from "./job";
import { engine, whenLost } from "./workers";

interface Answered {
  /** Number of the project's figures as they are now: another one whenever any of them can have changed. */
  readonly revision: number;
  /** The last answer, and the revision that it is of; null before the first. */
  readonly seen: Seen | null;
  readonly seenRevision: number;
  /** The revision that could not be calculated, by a fault of Brenok's; null for none. */
  readonly failedRevision: number | null;
}

export const useAnswered = create<Answered>()(() => ({
  revision: 0,
  seen: null,
  seenRevision: 0,
  failedRevision: null,
}));

let sent: Project | null = null;

const receiver = new Receiver();

/** Shows an answer, unless it is overtaken. */
async function show(revision: number, answer: Promise<HandedOver | null>) {
  try {
    // What is overtaken is received too: later ones are told by what it said.
    const seen = await answer.then((handed) => handed && receiver.receive(handed));
    if (seen && useAnswered.getState().revision === revision)
      useAnswered.setState({ seen, seenRevision: revision, failedRevision: null });
  } catch {
    if (useAnswered.getState().revision === revision) useAnswered.setState({ failedRevision: revision });
  }
}

function follow({ project, ready }: { readonly project: Project; readonly ready: boolean }) {
  if (!ready || project === sent) return;
  const figures = sent === null || !sameFigures(sent, project);
  const answer = engine().change(nextJob(), changesOf(sent ?? {}, project), figures);
  sent = project;
  const revision = useAnswered.getState().revision + (figures ? 1 : 0);
  if (figures) useAnswered.setState({ revision });
  void show(revision, answer);
}

/** Another engine begins with the project as it stands, unless it is the answer that the former was lost over. */
function beginAnew() {
  const { revision, seenRevision } = useAnswered.getState();
  if (!sent) return;
  if (revision === seenRevision) void show(revision, engine().change(nextJob(), changesOf({}, sent), true));
  else {
    sent = null;
    useAnswered.setState({ failedRevision: revision });
  }
}

/** From now on the engine follows the open project; the result ends that. */
export function followProject(): () => void {
  const deaf = whenLost((worker) => {
    if (worker === "engine") beginAnew();
  });
  follow(useProjectStore.getState());
  const still = useProjectStore.subscribe(follow);
  return () => {
    deaf();
    still();
  };
}

/** Before the first answer nothing is known, and nothing is missing yet. */
const NOTHING: Seen = { known: false, missing: [], findings: [], taken: new Map() };

/** The last answer: the one that stands, or the one before while that is calculated. */
export const useAnswer = (): Seen => useAnswered(({ seen }) => seen ?? NOTHING);

/** Whether there is something to be seen: an answer, or that none could be calculated. */
export const useIsAnswered = () =>
  useAnswered(({ seen, failedRevision }) => seen !== null || failedRevision !== null);

/** Whether the answer that is seen is one before the project as it stands. */
export const useAnswerIsBehind = () => useAnswered(({ revision, seenRevision }) => revision !== seenRevision);

export const useHasFailed = () => useAnswered(({ revision, failedRevision }) => revision === failedRevision);

/** Number of the project's figures: what is asked of them is asked anew with another one. */
export const useRevision = () => useAnswered(({ revision }) => revision);

/** The chosen piece as it is in an answer; null where the answer leaves it out. */
export function usePieceIn(answer: Seen): SeenPiece | null {
  const { id } = useChosenPiece();
  return (answer.known && answer.estimate.pieces.find((piece) => piece.id === id)) || null;
}

const NONE: readonly Taken[] = [];

/** What each place of a section's row of panels comes to; empty while it is being read. */
export const useTaken = (pieceId: string, sectionId: string): readonly Taken[] =>
  useAnswer().taken.get(`${pieceId} ${sectionId}`) ?? NONE;
