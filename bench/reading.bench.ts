/** How long a large pattern takes to be read and checked. */
import { readPattern } from "@/core/instructions/read";

const RUNS = 30;

/** 200 rows of 200 stitches, cables on every fourth row. */
const pattern = Array.from({ length: 200 }, (_, index) => {
  const row = index + 1;
  if (row % 2 === 0) return `Row ${row}: *K2, P8; rep from * to end.`;
  return `Row ${row}: *${row % 4 === 1 ? "C4F, C4B" : "K4, K4"}, P2; rep from * to end.`;
}).join("\n");

test("reading 200 rows of 200 stitches", () => {
  const text = `multiple of 200\n${pattern}`;
  const times = Array.from({ length: RUNS }, () => {
    const started = performance.now();
    const { panel, findings } = readPattern(text);
    expect([panel?.rows.length, findings]).toEqual([200, []]);
    return performance.now() - started;
  }).sort((a, b) => a - b);
  const at = (share: number) => times[Math.floor(share * (RUNS - 1))]?.toFixed(1);
  process.stdout.write(`Reading 200 x 200 stitches: median ${at(0.5)} ms, p95 ${at(0.95)} ms, of ${RUNS}\n`);
});
