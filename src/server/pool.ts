/**
 * A pool of threads for heavy work: each with a budget of time and a limit of memory, before it a queue that ends. What
 * was answered lately is answered again at once, and what is asked twice at a time is worked once.
 */
import { createHash } from "node:crypto";
import { LRUCache } from "lru-cache";
import { Piscina } from "piscina";
import { broken, notNow, type Answered } from "./answered";
import type { Heavy, Task } from "./heavy";

/** How a task ended. */
export type Outcome = "done" | "kept" | "shared" | "tooLong" | "tooMuch" | "queueFull" | "broken";

interface PoolOptions {
  /** The file of a thread; what it exports is given a task. */
  readonly filename: string;
  readonly threads: number;
  /** From when a thread takes a task to its answer. */
  readonly budgetMs: number;
  /** How many tasks may wait for a thread. */
  readonly mostWaiting: number;
  readonly memoryMb: number;
  /** Hears how each task ended, and how long it was worked on. */
  readonly onEnd?: (task: Task, outcome: Outcome, seconds: number) => void;
}

const KEPT_BYTES = 16_000_000;

const full = notNow(429, "There is too much to do at the moment. Ask again in two seconds.");
const ending = notNow(503, "The server is ending. Ask again in two seconds.");
const tooMuch = notNow(503, "This takes more memory than one answer may have. Send less at a time.");
const tooLong = (budgetMs: number) =>
  notNow(
    503,
    `This takes longer than the ${budgetMs / 1000} s that one answer may take. Send less at a time: fewer pieces, or one repeat.`,
  );

const keyOf = ({ call, text }: Task) => `${call} ${createHash("sha256").update(text).digest("base64")}`;
/** The name of a problem, which may come from another thread. */
function nameOf(problem: unknown): string {
  const { code, name } = (problem ?? {}) as { readonly code?: unknown; readonly name?: unknown };
  return String(name === "AbortError" || name === "TimeoutError" ? name : code);
}

export class Pool implements Heavy {
  readonly #threads: Piscina<Task, Answered>;
  readonly #options: PoolOptions;
  readonly #waiting: { urgent: (() => void)[]; patient: (() => void)[] } = { urgent: [], patient: [] };
  readonly #kept = new LRUCache<string, Answered>({
    maxSize: KEPT_BYTES,
    sizeCalculation: ({ body }, key) => 2 * (body.length + key.length),
  });
  readonly #underway = new Map<string, Promise<Answered>>();
  #working = 0;
  #open = true;

  constructor(options: PoolOptions) {
    this.#options = options;
    this.#threads = new Piscina({
      filename: options.filename,
      minThreads: options.threads,
      maxThreads: options.threads,
      concurrentTasksPerWorker: 1,
      resourceLimits: { maxOldGenerationSizeMb: options.memoryMb },
    });
  }

  get waiting(): number {
    return this.#waiting.urgent.length + this.#waiting.patient.length;
  }

  get working(): number {
    return this.#working;
  }

  async do(task: Task, { patient = false } = {}): Promise<Answered> {
    const key = keyOf(task);
    const kept = this.#kept.get(key);
    if (kept) return this.#ended(task, "kept", 0, kept);
    const underway = this.#underway.get(key);
    if (underway) return this.#ended(task, "shared", 0, await underway);
    if (!patient && this.#waiting.urgent.length >= this.#options.mostWaiting)
      return this.#ended(task, "queueFull", 0, full);
    const answer = this.#inTurn(task, key, patient);
    this.#underway.set(key, answer);
    return answer.finally(() => this.#underway.delete(key));
  }

  /** Lets what is underway come to its end, and takes nothing more. */
  async end(): Promise<void> {
    this.#open = false;
    await Promise.allSettled(this.#underway.values());
    await this.#threads.destroy();
  }

  async #inTurn(task: Task, key: string, patient: boolean): Promise<Answered> {
    if (this.#working < this.#options.threads) this.#working += 1;
    // Whoever goes hands the thread over to whoever waits: nobody comes between.
    else await new Promise<void>((resolve) => this.#waiting[patient ? "patient" : "urgent"].push(resolve));
    const answer = this.#open ? await this.#worked(task) : ending;
    const next = this.#waiting.urgent.shift() ?? this.#waiting.patient.shift();
    if (next) next();
    else this.#working -= 1;
    if (answer.status < 500) this.#kept.set(key, answer);
    return answer;
  }

  async #worked(task: Task): Promise<Answered> {
    const { budgetMs } = this.#options;
    const started = performance.now();
    const end = (outcome: Outcome, answer: Answered) =>
      this.#ended(task, outcome, (performance.now() - started) / 1000, answer);
    try {
      return end("done", await this.#threads.run(task, { signal: AbortSignal.timeout(budgetMs) }));
    } catch (problem) {
      const name = nameOf(problem);
      if (name === "AbortError" || name === "TimeoutError") return end("tooLong", tooLong(budgetMs));
      return name === "ERR_WORKER_OUT_OF_MEMORY" ? end("tooMuch", tooMuch) : end("broken", broken);
    }
  }

  #ended(task: Task, outcome: Outcome, seconds: number, answer: Answered): Answered {
    this.#options.onEnd?.(task, outcome, seconds);
    return answer;
  }
}
