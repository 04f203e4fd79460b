import { proxy } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { RelaxOptions } from "@/core/fabric/relax";
import { nextJob } from "@/state/engine/job";
import { loom } from "@/state/engine/workers";
import type { Woven } from "@/workers/loom.worker";
import { resting } from "./resting";

export interface Weaving {
  /** The last fabric that was drawn, or why there is none; null before the first. */
  readonly woven: Woven | null;
  /** Share of the running work that is done; null while none runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

/**
 * Relaxes and draws a text in the worker; a newer wish stops an older one, and the former picture stands. What is being
 * moved follows at once; when it rests its yarn is pushed out of other yarn.
 */
export function useWoven(text: string, { aspect, blocking }: RelaxOptions): Weaving {
  const [woven, setWoven] = useState<Woven | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const running = useRef(0);
  useEffect(() => {
    const job = nextJob();
    let current = true;
    running.current = job;
    const work = async () => {
      const tell = (share: number) => {
        if (current) setProgress(share);
      };
      for (const quick of [true, false]) {
        if (!quick) await resting();
        if (!current) return;
        const made = await loom().weave(job, text, { aspect, blocking, quick }, proxy(tell));
        if (!current) return;
        setProgress(null);
        // Where settling is stopped, what was drawn at once stands.
        if (quick || made.ok) setWoven(made);
        if (!made.ok || made.settled) break;
      }
      current = false;
    };
    void work();
    return () => {
      current = false;
      void loom().stopWeaving(job);
    };
  }, [text, aspect, blocking]);
  const stop = () => void loom().stopWeaving(running.current);
  return { woven, progress, stop };
}
