/** A log of five thousand events: read from its file, worked out, merged. */
import { checkProject, writeProject } from "../src/core/files/projectFile";
import { mergedLogs } from "../src/core/progress/merge";
import { progressOf } from "../src/core/progress/places";
import type { LogEvent } from "../src/core/project/log";
import { demoProject } from "../src/demo/slipover";
import { timesOf } from "./times";

const told = async (name: string, what: () => unknown) => {
  const { medianMs, p95Ms } = await timesOf(what);
  console.log(`${name}: ${medianMs.toFixed(2)} ms, p95 ${p95Ms.toFixed(2)} ms`);
};

const EVENTS = 5000;
const BACK = { pieceId: "back", copy: 1 };

const log = Array.from({ length: EVENTS }, (_, index): LogEvent => {
  const told = { id: `event-${index}`, at: 1_000_000 + 60_000 * index, ...BACK };
  if (index % 50 === 49) return { ...told, kind: "rippedBack", rows: 5 };
  return index % 40 === 39
    ? { ...told, kind: "weighed", yarnId: "yarn-1", massG: 23, stepG: 1 }
    : { ...told, kind: "rowDone" };
});
const text = writeProject({ ...demoProject(), log });

await told(`opening ${EVENTS} events`, () => {
  const opened = checkProject(JSON.parse(text));
  return opened.ok && progressOf(opened.project.log);
});
await told(`working out ${EVENTS} events`, () => progressOf(log));
await told(`merging ${EVENTS} events with half of them`, () => mergedLogs(log.slice(0, EVENTS / 2), log));
