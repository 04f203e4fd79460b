/** Does what the Dockerfile's last stage does, without Docker: an empty folder, what is copied into it, its commands. */
import { spawn, spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { root } from "./server.mjs";

const PORT = "4174";
const END_MS = 15_000;

const lines = readFileSync(path.join(root, "Dockerfile"), "utf8").split("\n");
const stage = lines.slice(lines.findLastIndex((line) => line.startsWith("FROM ")));
const commandOf = (word) => {
  const line = stage.find((one) => new RegExp(`^${word}\\b`).test(one));
  return JSON.parse(line.slice(line.indexOf("[")));
};
const home = mkdtempSync(path.join(tmpdir(), "brenok-image-"));
for (const line of stage) {
  const [, from, to] = /^COPY --from=build \/brenok\/(\S+) (\S+)$/.exec(line) ?? [];
  if (from) cpSync(path.join(root, from), path.join(home, to), { recursive: true });
}

const env = { PATH: process.env.PATH, NODE_ENV: "production", HOST: "127.0.0.1", PORT };
const [program, ...rest] = commandOf("CMD");
const server = spawn(program, rest, { cwd: home, env, stdio: ["ignore", "pipe", "inherit"] });
process.on("exit", () => server.kill("SIGKILL"));
const ended = new Promise((resolve) => server.once("exit", resolve));
const failures = [];
const holds = (what, holding) => {
  console.log(`${holding ? "✔" : "✘"} ${what}`);
  if (!holding) failures.push(what);
};

const opened = await Promise.race([
  new Promise((resolve) =>
    server.stdout.on("data", (lines) => String(lines).includes('"event":"open"') && resolve("open")),
  ),
  ended,
]);
holds("it opens, and says so in its log", opened === "open");
if (opened === "open") {
  const [check, ...given] = commandOf("HEALTHCHECK");
  holds("its health check passes", spawnSync(check, given, { cwd: home, env }).status === 0);
  const address = `http://127.0.0.1:${PORT}`;
  const page = await fetch(`${address}/knit`);
  holds("it has its pages", page.ok && (await page.text()).includes("<html"));
  const demo = await (await fetch(`${address}/api/demo`)).text();
  const headers = { "content-type": "application/json" };
  const answer = await fetch(`${address}/api/estimate`, { method: "POST", headers, body: demo });
  holds("it answers an estimate", answer.ok && (await answer.json()).yarns.length > 0);
}
const late = setTimeout(() => server.kill("SIGKILL"), END_MS);
server.kill("SIGTERM");
holds("it ends by itself when it is told to", (await ended) === 0);
clearTimeout(late);
rmSync(home, { recursive: true });
process.exit(failures.length === 0 ? 0 : 1);
