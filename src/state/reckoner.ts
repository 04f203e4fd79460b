/** The one worker of the page, started when it is first needed. */
import { wrap, type Remote } from "comlink";
import type { Reckoner } from "../workers/reckoner.worker";

let started: Remote<Reckoner> | undefined;

export function reckoner(): Remote<Reckoner> {
  started ??= wrap<Reckoner>(
    new Worker(new URL("../workers/reckoner.worker.ts", import.meta.url), { type: "module" }),
  );
  return started;
}
