/** Long work in a worker, as the page sees it: begun when typing rests, told how far it is, stopped by a newer wish. */
import { proxy } from "comlink";
import { useEffect, useRef, useState } from "react";
import { reckoner } from "./workers";

let jobs = 0;

/** A number by which a worker knows a job: no two jobs have the same. */
export const nextJob = () => (jobs += 1);

/** Long enough that a word is typed in one go. */
const SETTLE_MS = 250;

export interface Job<Told> {
  /** What came of it last; null before the first. */
  readonly told: Told | null;
  /** Share of the running work that is done; null while none runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

/** Work in the reckoner; null where there is none to be done. Its result is null where it was stopped. */
export type Work<Told> = (job: number, onProgress: (share: number) => void) => Promise<Told | null>;

/** `work` must be the same as long as it is the same work: another one stops it and takes its place. */
export function useJob<Told>(work: Work<Told> | null): Job<Told> {
  const [state, setState] = useState<Omit<Job<Told>, "stop">>({ told: null, progress: null });
  const running = useRef(0);
  useEffect(() => {
    if (!work) return;
    const job = nextJob();
    let listening = true;
    running.current = job;
    const onProgress = (share: number) => {
      if (listening) setState(({ told }) => ({ told, progress: share }));
    };
    const begin = async () => {
      const told = await work(job, proxy(onProgress));
      if (!listening) return;
      // What is told of its progress may come behind the last word: by then nobody listens.
      listening = false;
      setState(({ told: former }) => ({ told: told ?? former, progress: null }));
    };
    const timer = setTimeout(() => void begin(), SETTLE_MS);
    return () => {
      listening = false;
      clearTimeout(timer);
      void reckoner().stopJob(job);
    };
  }, [work]);
  return { ...state, stop: () => void reckoner().stopJob(running.current) };
}
