/**
 * A worker that is watched while it is asked something: one that is silent for too long is ended, whoever waits for it
 * hears which job it was at, and the next question begins another.
 */
import { wrap, type Remote } from "comlink";
import type { TurnedTo } from "@/workers/desk";

/** The worker did not come back, or could not be loaded. */
export class Lost extends Error {
  /** `job` is what it was doing, null where it never said; `silent` tells one that was waited for in vain. */
  constructor(
    readonly job: number | null,
    readonly silent: boolean,
  ) {
    super("The worker was lost.");
  }
}

/** What each worker answers at once, between two steps of whatever it does. */
export interface Pulsing {
  readonly pulse: () => void;
}

type Methods<Api> = { readonly [Name in keyof Api]: (...given: readonly unknown[]) => Promise<unknown> };

/** Longer than any single step takes on a slow phone. */
export const SILENT_S = 20;
const SECOND_MS = 1000;

/** A second of this page: while it sleeps none goes by. */
const second = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, SECOND_MS);
  });

interface Waiting {
  readonly name: PropertyKey;
  readonly given: readonly unknown[];
  readonly resolve: (told: unknown) => void;
  readonly reject: (problem: unknown) => void;
}

interface Watching {
  /** Whether it remembers nothing between two calls: then only the call that it was at is lost, the others are made anew. */
  readonly stateless: boolean;
  /** Hears of each worker that was lost. */
  readonly onLost: (lost: Lost) => void;
}

/**
 * The methods of a worker that `start` begins when it is first needed.
 * Example: `watched<Reader>(() => new Worker(…), …)` is called as the worker itself would be.
 */
export function watched<Api extends Pulsing>(
  start: () => Worker,
  { stateless, onLost }: Watching,
): Remote<Api> {
  let running: { readonly worker: Worker; readonly remote: Methods<Api & Pulsing> } | null = null;
  let job: number | null = null;
  let watching = false;
  /** Whoever waits for an answer, the longest first. */
  const waiting = new Set<Waiting>();

  function lose(silent: boolean) {
    running?.worker.terminate();
    running = null;
    const lost = new Lost(job, silent);
    job = null;
    const [first, ...others] = waiting;
    waiting.clear();
    first?.reject(lost);
    onLost(lost);
    for (const one of others)
      if (stateless && silent) make(one);
      else one.reject(lost);
  }

  function begin() {
    const worker = start();
    worker.addEventListener("error", () => {
      if (running?.worker === worker) lose(false);
    });
    worker.addEventListener("message", ({ data }: MessageEvent<Partial<TurnedTo> | null>) => {
      if (typeof data?.turnedTo === "number") job = data.turnedTo;
    });
    return { worker, remote: wrap(worker) as unknown as Methods<Api & Pulsing> };
  }

  /** As long as somebody waits the worker is asked for a sign of life, and given so many seconds of the page for it. */
  async function watch() {
    if (watching) return;
    watching = true;
    while (waiting.size > 0 && running) {
      const mine = running;
      let alive = false;
      void mine.remote.pulse().then(() => (alive = true));
      for (let seconds = 0; !alive && waiting.size > 0 && mine === running; seconds += 1) {
        if (seconds === SILENT_S) lose(true);
        else await second();
      }
      await second();
    }
    watching = false;
  }

  function make(one: Waiting) {
    running ??= begin();
    const mine = running;
    waiting.add(one);
    const heard = (tell: (what: unknown) => void) => (what: unknown) => {
      if (running === mine && waiting.delete(one)) tell(what);
    };
    mine.remote[one.name as keyof Api](...one.given).then(heard(one.resolve), heard(one.reject));
    void watch();
  }

  return new Proxy({} as Remote<Api>, {
    get:
      (_, name) =>
      (...given: readonly unknown[]) =>
        new Promise((resolve, reject) => make({ name, given, resolve, reject })),
  });
}
