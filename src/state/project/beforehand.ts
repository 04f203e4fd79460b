/** What the engine tells of things that are no project yet: substitutes for a yarn, what yarn can be made into. */
import type { Making, Measures, ToUseUp } from "@/core/order/makings";
import type { Project } from "@/core/project/project";
import type { ComparedCandidate } from "@/core/swap/compareCandidates";
import type { MadeAgain } from "@/core/swap/madeAgain";
import type { StartId } from "@/core/templates/startList";
import type { Reading } from "@/core/typed/reading";
import { useToldOf } from "../engine/toldOf";
import { engine } from "../engine/workers";
import { keptProject } from "../keeping/home";
import { inThisHand } from "../keeping/knitterHand";
import { useSettings } from "../keeping/settings";

/** While somebody types, only what stands still for so long is asked. */
const STILL_MS = 150;

interface Told<Of> {
  /** What came of it last; null before the first. */
  readonly told: Of | null;
  /** Whether that is of an earlier wish. */
  readonly pending: boolean;
}

/** All substitutes of a project beside its own yarn; nothing is asked while there is none. */
export function useSubstitutes(project: Project | null): Told<readonly ComparedCandidate[]> {
  const pace = useSettings((settings) => settings.pace);
  const key = JSON.stringify([project, pace]);
  const ask = (job: number) => engine().substitutes(job, inThisHand(project as Project), pace);
  const heard = useToldOf(key, project && ask, STILL_MS);
  return { told: project && heard ? heard.told : null, pending: heard?.of !== key };
}

/** One thing made of yarn that is to be used up; nothing is asked while that is not said. */
export function useMaking(
  toUse: ToUseUp | null,
  start: StartId,
  measures: Measures | null,
): Told<Reading<Making>> {
  const key = JSON.stringify([toUse, start, measures]);
  const ask = async (job: number): Promise<Reading<Making> | null> =>
    engine().making(job, toUse as ToUseUp, start, measures as Measures);
  const heard = useToldOf<Reading<Making>>(key, toUse && measures && ask, STILL_MS);
  return { told: toUse && measures && heard ? heard.told : null, pending: heard?.of !== key };
}

/** A kept project made again of yarn at hand; nothing is asked while that is not said. */
export function useMadeAgain(toUse: ToUseUp | null, id: string): Told<{ readonly made: MadeAgain | null }> {
  const key = JSON.stringify([toUse, id]);
  const ask = async (job: number) => {
    const project = await keptProject(id);
    return project
      ? engine().again(job, inThisHand({ ...project, log: [] }), toUse as ToUseUp)
      : { made: null };
  };
  const heard = useToldOf<{ readonly made: MadeAgain | null }>(key, toUse && ask, STILL_MS);
  return { told: toUse && heard ? heard.told : null, pending: heard?.of !== key };
}
