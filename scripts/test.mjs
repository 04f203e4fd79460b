/** npm test: everything that must hold, from types to the browser, and a summary. */
import { installChromium, installPackages, run } from "./steps.mjs";

const npm = (script) => () => run("npm", "run", "--silent", script);

/** In this order; what comes after a failure runs all the same, except where it needs what failed. */
const STEPS = [
  { name: "packages", does: installPackages, needed: true },
  { name: "chromium", does: installChromium },
  { name: "types", does: npm("types") },
  { name: "lint", does: npm("lint") },
  { name: "arrows", does: npm("arrows") },
  { name: "dead code", does: npm("dead") },
  { name: "unit tests", does: npm("unit") },
  { name: "build", does: npm("build"), needed: true },
  { name: "page weight", does: () => run(process.execPath, "scripts/pageWeight.mjs") },
  { name: "browser tests", does: npm("browser") },
];

const results = [];
for (const { name, does, needed } of STEPS) {
  console.log(`\n=== ${name}`);
  const started = performance.now();
  const ok = does();
  results.push({ name, ok, seconds: (performance.now() - started) / 1000 });
  if (!ok && needed) break;
}

console.log("\n=== summary");
for (const { name, ok, seconds } of results)
  console.log(`${ok ? "passed" : "FAILED"}  ${name.padEnd(14)} ${seconds.toFixed(1).padStart(6)} s`);
const failed = results.filter(({ ok }) => !ok).length;
console.log(`\n${results.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
