/** Long work in a worker: done in spells, between which it is told how far it is and hears whether it is to stop. */
import type { Progress } from "../core/fabric/newton";

/** Jobs that are being worked on, and whether they are to stop. */
const running = new Map<number, { stop: boolean }>();

/** Work goes on for so long before other calls are let in. */
const SPELL_MS = 25;

const breath = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

/** Works through steps, telling the share that is done, until they end or the job is stopped (null). */
export async function workOn<Result>(
  job: number,
  steps: Generator<Pick<Progress, "share">, Result>,
  onProgress: (share: number) => void,
): Promise<Result | null> {
  const state = { stop: false };
  running.set(job, state);
  try {
    for (let rested = performance.now(); ;) {
      const { done, value } = steps.next();
      if (done) return value;
      if (performance.now() - rested < SPELL_MS) continue;
      onProgress(value.share);
      await breath();
      rested = performance.now();
      if (state.stop) return null;
    }
  } finally {
    running.delete(job);
  }
}

export function stopJob(job: number) {
  const state = running.get(job);
  if (state) state.stop = true;
}
