/** Part of `npm run arrows`: the folders of the core need one another in one direction only, tests aside. */
import { execFileSync } from "node:child_process";
import { root } from "./server.mjs";

const told = execFileSync(
  process.execPath,
  [
    "node_modules/dependency-cruiser/bin/dependency-cruise.mjs",
    "src/core",
    "--config",
    "--output-type",
    "json",
  ],
  { cwd: root, maxBuffer: 1e8 },
);
const roomOf = (file) => /^src\/core\/([^/]+)\//.exec(file)?.[1];

/** For each room, the rooms that it needs, each with a file that does. */
const needs = new Map();
for (const { source, dependencies } of JSON.parse(told.toString()).modules) {
  const room = roomOf(source);
  if (!room || /\.test\.ts$/.test(source)) continue;
  const mine = needs.get(room) ?? new Map();
  needs.set(room, mine);
  for (const { resolved } of dependencies) {
    const other = roomOf(resolved);
    if (other && other !== room) mine.set(other, `${source} needs ${resolved}`);
  }
}

/** A way from a room back to itself; null where there is none. */
function circleFrom(start) {
  const ways = [[start]];
  const seen = new Set();
  for (const way of ways)
    for (const next of (needs.get(way.at(-1)) ?? new Map()).keys()) {
      if (next === start) return [...way, start];
      if (!seen.has(next)) {
        seen.add(next);
        ways.push([...way, next]);
      }
    }
  return null;
}

const circles = [...needs.keys()].map(circleFrom).filter(Boolean);
const [shortest] = circles.toSorted((a, b) => a.length - b.length);
if (shortest) {
  console.log(`The rooms of the core go round in a circle: ${shortest.join(" → ")}`);
  for (const [at, room] of shortest.slice(0, -1).entries())
    console.log(`  ${needs.get(room).get(shortest[at + 1])}`);
  process.exit(1);
}
console.log(`✔ no circle among the ${needs.size} rooms of the core`);
