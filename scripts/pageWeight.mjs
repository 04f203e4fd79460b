/** Weighs the script that the main page loads at first, as it goes over the wire; over 230 kB is too much. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { root } from "./server.mjs";

const MOST_KB = 230;

const page = readFileSync(path.join(root, "build/pages/index.html"), "utf8");
const scripts = new Set(
  [...page.matchAll(/<script[^>]*?src="\/_next\/([^"?]+)[^>]*>/g)]
    .filter(([tag]) => !tag.includes("noModule"))
    .map(([, file]) => file),
);
const kilobytes = [...scripts]
  .map((file) => gzipSync(readFileSync(path.join(root, "build/pages/_next", file))).length / 1000)
  .reduce((sum, size) => sum + size, 0);

console.log(
  `First load of the main page: ${kilobytes.toFixed(1)} kB of compressed script in ${scripts.size} files (at most ${MOST_KB}).`,
);
if (scripts.size === 0 || kilobytes > MOST_KB) process.exit(1);
