/** Times of many runs of one thing. */
import { Bench } from "tinybench";

export interface Times {
  readonly medianMs: number;
  readonly p95Ms: number;
  readonly runs: number;
}

/** Runs something warm for about so long and takes its times. */
export async function timesOf(what: () => unknown, ms = 600): Promise<Times> {
  const bench = new Bench({
    time: ms,
    warmupTime: ms / 2,
    retainSamples: true,
    iterations: 5,
    warmupIterations: 2,
  });
  bench.add("it", () => {
    what();
  });
  await bench.run();
  const result = bench.tasks[0]?.result;
  if (!result || !("latency" in result)) throw new Error("not measured");
  const samples = [...(result.latency.samples ?? [])].sort((a, b) => a - b);
  const at = (share: number) => samples[Math.floor(share * (samples.length - 1))] ?? NaN;
  return { medianMs: at(0.5), p95Ms: at(0.95), runs: samples.length };
}
