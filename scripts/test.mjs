/** npm test: everything that must hold, from types to the browser, and a summary. */
import { installChromium, installPackages, run, runBeside } from "./steps.mjs";

const npm = (name, script, by = run) => ({ name, does: () => by("npm", "run", "--silent", script) });
const beside = (name, script) => npm(name, script, runBeside);

/**
 * Lanes side by side, one such stage after the other; what comes after a failure runs all the same, except where it
 * needs what failed. What runs beside another needs no more than one core.
 */
const STAGES = [
  [[{ name: "packages", does: installPackages, needed: true }]],
  [[{ name: "chromium", does: installChromium }]],
  [
    [
      beside("types", "types"),
      beside("arrows", "arrows"),
      beside("dead code", "dead"),
      beside("formatted", "formatted"),
    ],
    [beside("lint", "lint")],
  ],
  [[npm("unit tests", "unit")]],
  [[{ ...npm("build", "build"), needed: true }]],
  [[{ name: "page weight", does: () => run(process.execPath, "scripts/pageWeight.mjs") }]],
  [[{ name: "image", does: () => run(process.execPath, "scripts/image.mjs") }]],
  [[npm("browser tests", "browser")]],
];

const results = [];
/** Gives false where a step has failed that the later ones need. */
async function go(lane) {
  for (const { name, does, needed } of lane) {
    console.log(`\n=== ${name}`);
    const started = performance.now();
    const ok = await does();
    results.push({ name, ok, seconds: (performance.now() - started) / 1000 });
    if (!ok && needed) return false;
  }
  return true;
}
for (const lanes of STAGES) if ((await Promise.all(lanes.map(go))).includes(false)) break;

console.log("\n=== summary");
for (const { name, ok, seconds } of results)
  console.log(`${ok ? "passed" : "FAILED"}  ${name.padEnd(14)} ${seconds.toFixed(1).padStart(6)} s`);
const failed = results.filter(({ ok }) => !ok).length;
console.log(`\n${results.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
