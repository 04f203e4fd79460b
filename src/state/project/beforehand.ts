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

/** What is told of a wish; nothing is asked while there is none. The same wish, by what it says, is asked once. */
function useBeforehand<Wish, Of>(
  wish: Wish | null,
  ask: (job: number, wish: Wish) => Promise<Of | null>,
): Told<Of> {
  const key = JSON.stringify(wish);
  const heard = useToldOf<Of>(key, wish === null ? null : (job) => ask(job, wish), STILL_MS);
  return { told: wish !== null && heard ? heard.told : null, pending: heard?.of !== key };
}

/** All substitutes of a project beside its own yarn. */
export function useSubstitutes(project: Project | null): Told<readonly ComparedCandidate[]> {
  const pace = useSettings((settings) => settings.pace);
  return useBeforehand(project && { project, pace }, (job, wish) =>
    engine().substitutes(job, inThisHand(wish.project), wish.pace),
  );
}

/** One thing made of yarn that is to be used up. */
export const useMaking = (toUse: ToUseUp | null, start: StartId, measures: Measures | null) =>
  useBeforehand(
    toUse && measures && { toUse, start, measures },
    async (job, wish): Promise<Reading<Making> | null> =>
      engine().making(job, wish.toUse, wish.start, wish.measures),
  );

/** A kept project made again of yarn at hand. */
export const useMadeAgain = (toUse: ToUseUp | null, id: string) =>
  useBeforehand(
    toUse && { toUse, id },
    async (job, wish): Promise<{ readonly made: MadeAgain | null } | null> => {
      const project = await keptProject(wish.id);
      return project ? engine().again(job, inThisHand({ ...project, log: [] }), wish.toUse) : { made: null };
    },
  );
