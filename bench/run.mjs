/** Runs the benchmarks of the core, all or those whose file begins with a given word; they print, and cannot fail for being slow. */
import { mkdirSync, readdirSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { root } from "../scripts/server.mjs";

const folder = path.join(root, "bench");
const made = path.join(root, "node_modules/.cache/bench");
mkdirSync(made, { recursive: true });

for (const file of readdirSync(folder).filter((name) => name.endsWith(".bench.ts"))) {
  if (!file.startsWith(process.argv[2] ?? "")) continue;
  const outfile = path.join(made, file.replace(/ts$/, "mjs"));
  await build({
    entryPoints: [path.join(folder, file)],
    outfile,
    bundle: true,
    platform: "node",
    format: "esm",
    logLevel: "error",
  });
  await import(pathToFileURL(outfile).href);
}
