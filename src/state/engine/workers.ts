/** The workers of the page, each started when it is first needed, and another in the place of one that is lost. */
import type { Remote } from "comlink";
import type { EngineWorker } from "@/workers/engine.worker";
import type { Loom } from "@/workers/loom.worker";
import type { Reader } from "@/workers/reader.worker";
import { watched, type Lost } from "./watched";

export type WorkerName = "engine" | "reader" | "loom";

const listeners = new Set<(worker: WorkerName, lost: Lost) => void>();

/** Hears of workers that were lost; the result ends that. */
export function whenLost(tell: (worker: WorkerName, lost: Lost) => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

const losing = (worker: WorkerName) => (lost: Lost) => {
  for (const tell of listeners) tell(worker, lost);
};

const calculating = watched<EngineWorker>(
  () => new Worker(new URL("../../workers/engine.worker.ts", import.meta.url), { type: "module" }),
  { stateless: false, onLost: losing("engine") },
);
const reading = watched<Reader>(
  () => new Worker(new URL("../../workers/reader.worker.ts", import.meta.url), { type: "module" }),
  { stateless: true, onLost: losing("reader") },
);
const weaving = watched<Loom>(
  () => new Worker(new URL("../../workers/loom.worker.ts", import.meta.url), { type: "module" }),
  { stateless: true, onLost: losing("loom") },
);

/** Follows the open project and answers what is asked of it. */
export const engine = (): Remote<EngineWorker> => calculating;

/** Reads patterns and tables; it answers soon. */
export const reader = (): Remote<Reader> => reading;

/** Relaxes and draws fabrics; a large one may take it seconds, which keeps nobody else waiting. */
export const loom = (): Remote<Loom> => weaving;
