/** Work in a worker, in order of how soon it is wanted: done in spells, between which others are heard. */
import type { Steps } from "../core/steps";

/** A sign of life, given between two steps. */
export const pulse = () => {};

/** What a worker says when it turns to a job. */
export interface TurnedTo {
  readonly turnedTo: number;
}

/** How soon a job is wanted; the first goes before all others, however long they have been waiting. */
export const URGENCIES = ["answer", "question", "long"] as const;
export type Urgency = (typeof URGENCIES)[number];

interface Job {
  readonly id: number;
  readonly urgency: number;
  /** Whether it is of no use any more once the project has changed. */
  readonly dated: boolean;
  /** Does one step; true once it has ended. */
  readonly step: () => boolean;
  readonly stop: () => void;
}

interface Asked {
  /** What `stop` knows it by. */
  readonly id: number;
  readonly urgency: Urgency;
  readonly dated?: boolean;
  readonly onProgress?: (share: number) => void;
}

/** What work that was not stopped has told: it may be null. */
export interface Done<Result> {
  readonly told: Result;
}

/** Work goes on for so long before others are let in. */
const SPELL_MS = 8;
/** How far it has come is told no more often than this. */
const TELL_MS = 60;

/** Lets in what waits at the worker's door. A timer would wait longer than a spell takes. */
function breath(): Promise<void> {
  const { port1, port2 } = new MessageChannel();
  return new Promise((resolve) => {
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}

/** A desk on which jobs lie, the most urgent on top; what came first is first among those alike. */
export class Desk {
  /** `turnTo` hears of each job that is turned to, before its next step. */
  constructor(readonly turnTo: (id: number) => void = () => {}) {}

  #jobs: Job[] = [];
  #working = false;

  /** Does steps to their end and gives what they told, if only null; null itself where they were stopped. */
  do<Result>(
    steps: Steps<Result>,
    { id, urgency, dated = false, onProgress }: Asked,
  ): Promise<Done<Result> | null> {
    return new Promise((resolve, reject) => {
      let told = performance.now();
      this.#jobs.push({
        id,
        dated,
        urgency: URGENCIES.indexOf(urgency),
        stop: () => resolve(null),
        step: () => {
          try {
            const { done, value } = steps.next();
            if (done) resolve({ told: value });
            else if (onProgress && performance.now() - told > TELL_MS) {
              told = performance.now();
              onProgress(value.share);
            }
            return done === true;
          } catch (thrown) {
            reject(thrown instanceof Error ? thrown : new Error(String(thrown)));
            return true;
          }
        },
      });
      if (!this.#working) void this.#work();
    });
  }

  stop(id: number): void {
    this.#drop((job) => job.id === id);
  }

  /** Takes away all that was asked of a project as it was. */
  dropDated(): void {
    this.#drop(({ dated }) => dated);
  }

  #drop(which: (job: Job) => boolean): void {
    const dropped = this.#jobs.filter(which);
    this.#jobs = this.#jobs.filter((job) => !which(job));
    for (const job of dropped) job.stop();
  }

  async #work(): Promise<void> {
    this.#working = true;
    // What is asked for in one go is put in order before any of it is begun.
    await Promise.resolve();
    let last: Job | null = null;
    for (let rested = performance.now(); this.#jobs.length > 0;) {
      const job: Job = this.#jobs.reduce((top, one) => (one.urgency < top.urgency ? one : top));
      if (job !== last) this.turnTo(job.id);
      last = job;
      if (job.step()) this.#jobs = this.#jobs.filter((one) => one !== job);
      if (performance.now() - rested < SPELL_MS) continue;
      await breath();
      rested = performance.now();
    }
    this.#working = false;
  }
}
