/** How long a large pattern takes to be read and checked. */
import { readPattern } from "@/core/instructions/read";
import { timesOf } from "./times";

/** 200 rows of 200 stitches, cables on every fourth row. */
const rows = Array.from({ length: 200 }, (_, index) => {
  const row = index + 1;
  if (row % 2 === 0) return `Row ${row}: *K2, P8; rep from * to end.`;
  return `Row ${row}: *${row % 4 === 1 ? "C4F, C4B" : "K4, K4"}, P2; rep from * to end.`;
});
const text = `multiple of 200\n${rows.join("\n")}`;

const { panel, findings } = readPattern(text);
if (panel?.rows.length !== 200 || findings.length > 0) throw new Error("the pattern does not read clean");
const { medianMs, p95Ms, runs } = await timesOf(() => readPattern(text), 2000);
console.log(
  `Reading 200 x 200 stitches: median ${medianMs.toFixed(1)} ms, p95 ${p95Ms.toFixed(1)} ms, of ${runs}`,
);
