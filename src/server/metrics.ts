/** What the server tells of itself, in the Prometheus text format. */
import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from "prom-client";
import type { Answered } from "./answered";
import type { Outcome } from "./pool";

const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2, 5];

interface Busy {
  readonly waiting: number;
  readonly working: number;
}

/** Counts of one server. */
export class Metrics {
  readonly #registry = new Registry();
  readonly #requests = new Histogram({
    name: "brenok_request_seconds",
    help: "How long requests took, by call and status.",
    labelNames: ["route", "method", "status"] as const,
    buckets: SECONDS,
    registers: [this.#registry],
  });
  readonly #work = new Histogram({
    name: "brenok_work_seconds",
    help: "How long threads worked on a task.",
    labelNames: ["call"] as const,
    buckets: SECONDS,
    registers: [this.#registry],
  });
  readonly #outcomes = new Counter({
    name: "brenok_tasks_total",
    help: "How tasks ended: done, kept from before, shared, tooLong, tooMuch, queueFull, broken.",
    labelNames: ["call", "outcome"] as const,
    registers: [this.#registry],
  });

  /** `busy` is looked at whenever somebody asks. */
  constructor(busy: () => Busy) {
    collectDefaultMetrics({ register: this.#registry });
    for (const which of ["waiting", "working"] as const)
      new Gauge({
        name: `brenok_tasks_${which}`,
        help: which === "waiting" ? "Tasks that wait for a thread." : "Tasks that a thread works on.",
        registers: [this.#registry],
        collect() {
          this.set(busy()[which]);
        },
      });
  }

  requested(route: string, method: string, status: number, seconds: number): void {
    this.#requests.observe({ route, method, status }, seconds);
  }

  ended(call: string, outcome: Outcome, seconds: number): void {
    this.#outcomes.inc({ call, outcome });
    if (seconds > 0) this.#work.observe({ call }, seconds);
  }

  /** All of it as text. */
  async told(): Promise<Answered> {
    const headers = { "content-type": this.#registry.contentType };
    return { status: 200, body: await this.#registry.metrics(), headers };
  }
}
