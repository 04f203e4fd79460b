/** How long a large pattern takes to be read and checked. */
import { readdirSync, readFileSync } from "node:fs";
import { readPattern } from "@/core/instructions/read";
import { readWhole } from "@/core/pattern/readWhole";
import patterns from "@testing/patterns/written.json";
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

/** Patterns as people write them, each damaged in three places: the slowest is what a slip of the pen may cost. */
const texts = (patterns as readonly { readonly text: string }[]).map((one) => one.text);
const PUT = ["*", "[", ")", "rep from * to end", "Rows 1-999", "Row 3: ", "k9", "from cn", "as row 2", "\n"];
let slowest = { ms: 0, text: "" };
for (let number = 0; number < 2000; number += 1) {
  let damaged = texts[number % texts.length] ?? "";
  for (let time = 1; time <= 3; time += 1) {
    const at = (number * 7919 * time) % (damaged.length + 1);
    damaged = damaged.slice(0, at) + (PUT[(number + time) % PUT.length] ?? "") + damaged.slice(at);
  }
  const begun = performance.now();
  readPattern(damaged);
  const ms = performance.now() - begun;
  if (ms > slowest.ms) slowest = { ms, text: damaged };
}
console.log(`2000 damaged patterns: the slowest in ${slowest.ms.toFixed(0)} ms`);

/** Whole patterns one behind the other, about 2,500 letters a page: as long as twelve pages. */
const FOLDER = "testing/patterns/whole";
const all = readdirSync(FOLDER).map((file) => readFileSync(`${FOLDER}/${file}`, "utf8"));
const twelve = Array.from({ length: 3 }, () => all.join("\n\n"))
  .join("\n\n")
  .slice(0, 12 * 2500);
const whole = await timesOf(() => readWhole(twelve), 3000);
console.log(
  `A whole pattern of 12 pages: median ${whole.medianMs.toFixed(0)} ms, p95 ${whole.p95Ms.toFixed(0)} ms, of ${whole.runs}`,
);
