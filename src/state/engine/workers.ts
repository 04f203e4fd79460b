/** The workers of the page, each started when it is first needed. */
import { wrap, type Remote } from "comlink";
import type { EngineWorker } from "@/workers/engine.worker";
import type { Loom } from "@/workers/loom.worker";
import type { Reader } from "@/workers/reader.worker";

let calculating: Remote<EngineWorker> | undefined;
let reading: Remote<Reader> | undefined;
let weaving: Remote<Loom> | undefined;

let broken: () => void = () => {};

/** Whoever shows answers hears when there will be none any more: the engine could not be loaded, or has ended. */
export const whenEngineBreaks = (tell: () => void) => {
  broken = tell;
};

/** Follows the open project and answers what is asked of it. */
export function engine(): Remote<EngineWorker> {
  if (calculating) return calculating;
  const worker = new Worker(new URL("../../workers/engine.worker.ts", import.meta.url), { type: "module" });
  worker.addEventListener("error", () => broken());
  calculating = wrap<EngineWorker>(worker);
  return calculating;
}

/** Reads patterns and tables; it answers soon. */
export function reader(): Remote<Reader> {
  reading ??= wrap<Reader>(
    new Worker(new URL("../../workers/reader.worker.ts", import.meta.url), { type: "module" }),
  );
  return reading;
}

/** Relaxes and draws fabrics; a large one may take it seconds, which keeps nobody else waiting. */
export function loom(): Remote<Loom> {
  weaving ??= wrap<Loom>(
    new Worker(new URL("../../workers/loom.worker.ts", import.meta.url), { type: "module" }),
  );
  return weaving;
}
