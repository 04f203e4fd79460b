/** The server: the built pages and the calls, heavy work beside them in a pool of threads. */
import { readFileSync } from "node:fs";
import { availableParallelism } from "node:os";
import path from "node:path";
import { fileURLToPath } from "node:url";
import sirv from "sirv";
import { demoProject } from "@/demo/slipover";
import { callsOf } from "./calls";
import type { ScriptHashes } from "./contentPolicy";
import { frontOf } from "./front";
import { logTo, silent } from "./log";
import { Metrics } from "./metrics";
import { Pool } from "./pool";

const here = path.dirname(fileURLToPath(import.meta.url));

/** A whole number from the surroundings, or what is usual. */
function chosen(name: string, usual: number): number {
  const text = process.env[name];
  const value = Number(text ?? usual);
  if (Number.isInteger(value) && value >= 1) return value;
  throw new Error(`${name} must be a whole number over 0, not “${text}”.`);
}

const hostname = process.env.HOST ?? "127.0.0.1";
const port = chosen("PORT", 3000);
const threads = chosen("THREADS", availableParallelism());
const budgetMs = chosen("BUDGET_MS", 2000);
const log =
  process.env.LOG === "none"
    ? silent
    : logTo(
        (line) => process.stdout.write(line),
        () => new Date(),
      );

const pool = new Pool({
  filename: path.join(here, "thread.mjs"),
  threads,
  budgetMs,
  mostWaiting: chosen("QUEUE", 16 * threads),
  memoryMb: chosen("THREAD_MB", 512),
  onEnd: ({ call }, outcome, seconds) => {
    metrics.ended(call, outcome, seconds);
    if (outcome !== "done" && outcome !== "kept" && outcome !== "shared")
      log.say(outcome === "broken" ? "error" : "warn", "task", { call, outcome });
  },
});
const metrics = new Metrics(() => pool);

const pages = path.join(here, "pages");
/** Parts have the hash of what is in them in their names; all else may be another one the next time. */
const cachedFor = (file: string) =>
  file.startsWith("/_next/static/") ? "public, max-age=31536000, immutable" : "no-cache";
const server = frontOf({
  calls: callsOf({ heavy: pool, metrics }),
  metrics,
  log,
  files: sirv(pages, {
    gzip: true,
    brotli: true,
    etag: true,
    setHeaders: (response, file) => response.setHeader("cache-control", cachedFor(file)),
  }),
  missingPage: readFileSync(path.join(pages, "404.html"), "utf8"),
  scripts: JSON.parse(readFileSync(path.join(here, "scripts.json"), "utf8")) as ScriptHashes,
});

// Each thread has seen an estimate before the first comes from outside.
await Promise.all(
  Array.from({ length: threads }, (_, at) =>
    pool.do({ call: "estimate", text: JSON.stringify({ ...demoProject(), name: `Warming up ${at}` }) }),
  ),
);
server.once("error", ({ code }: NodeJS.ErrnoException) => {
  const problem = code === "EADDRINUSE" ? `Port ${port} is in use: choose another by PORT.` : code;
  log.say("error", "notOpen", { problem });
  process.exit(1);
});
server.listen(port, hostname, () => log.say("info", "open", { hostname, port, threads, budgetMs }));

/** What is underway is answered, for so long at most. */
const END_MS = 10_000;
let ending = false;

async function end(): Promise<void> {
  if (ending) return;
  ending = true;
  log.say("info", "ending");
  const closed = new Promise<void>((resolve) => server.close(() => resolve()));
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), END_MS).unref();
  await closed;
  await pool.end();
  log.say("info", "ended");
  process.exit(0);
}
for (const signal of ["SIGINT", "SIGTERM"] as const) process.on(signal, () => void end());
