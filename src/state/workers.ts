/** The two workers of the page, each started when it is first needed. */
import { wrap, type Remote } from "comlink";
import type { Loom } from "../workers/loom.worker";
import type { Reckoner } from "../workers/reckoner.worker";

let reckoning: Remote<Reckoner> | undefined;
let weaving: Remote<Loom> | undefined;

/** Reads patterns and reckons; it answers soon. */
export function reckoner(): Remote<Reckoner> {
  reckoning ??= wrap<Reckoner>(
    new Worker(new URL("../workers/reckoner.worker.ts", import.meta.url), { type: "module" }),
  );
  return reckoning;
}

/** Relaxes and draws fabrics; a large one may take it seconds, which keeps nobody else waiting. */
export function loom(): Remote<Loom> {
  weaving ??= wrap<Loom>(
    new Worker(new URL("../workers/loom.worker.ts", import.meta.url), { type: "module" }),
  );
  return weaving;
}
