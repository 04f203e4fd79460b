/**
 * What one server answers, and two behind the proxy of deploy/nginx.conf: `node bench/instances.mjs [seconds]`. It needs
 * nginx (Debian: apt-get install nginx-light) and the built application, and prints; it cannot fail for being slow.
 */
import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { Agent, request } from "node:http";
import { tmpdir } from "node:os";
import path from "node:path";
import { SERVER, root } from "../scripts/server.mjs";

const SECONDS = Number(process.argv[2] ?? 30);
const CONNECTIONS = 200;
const PROXY = 4180;
const PORTS = [4181, 4182];

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function listening(port) {
  for (let tries = 0; tries < 100; tries += 1) {
    if (
      await fetch(`http://127.0.0.1:${port}/api/health`).then(
        () => true,
        () => false,
      )
    )
      return;
    await wait(100);
  }
  throw new Error(`Nobody answers on ${port}.`);
}

async function startServers(ports, threads) {
  const servers = ports.map((port) =>
    spawn(process.execPath, [SERVER], {
      cwd: root,
      env: { ...process.env, PORT: String(port), THREADS: String(threads), LOG: "none" },
      stdio: ["ignore", "ignore", "inherit"],
    }),
  );
  await Promise.all(ports.map(listening));
  return servers;
}

/** The proxy as it is deployed, but for the servers behind it and its limit for one address: all requests come from one. */
async function startProxy(folder) {
  const conf = readFileSync(path.join(root, "deploy/nginx.conf"), "utf8")
    .replace("server app:3000;", PORTS.map((port) => `server 127.0.0.1:${port};`).join(" "))
    .replace("listen 8080;", `listen 127.0.0.1:${PROXY};`)
    .replace(/^.*limit_req.*$/gm, "")
    .replaceAll("/tmp/", `${folder}/`);
  const file = path.join(folder, "nginx.conf");
  writeFileSync(file, conf);
  const proxy = spawn("nginx", ["-c", file, "-g", "daemon off;"], { stdio: ["ignore", "ignore", "inherit"] });
  await listening(PROXY);
  return proxy;
}

const stop = (child) =>
  new Promise((resolve) => {
    child.once("exit", resolve);
    child.kill("SIGTERM");
  });

/** Memory of a process in MB. */
const memoryOf = ({ pid }) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0) / 1000;

const quantile = (sorted, share) => sorted[Math.floor(share * (sorted.length - 1))] ?? NaN;

/** Asks for estimates from many connections at once: each as soon as the last is answered, or when it was told to ask again. */
async function load(port, body) {
  const agent = new Agent({ keepAlive: true, maxSockets: CONNECTIONS });
  const until = performance.now() + 1000 * SECONDS;
  const statuses = {};
  const times = [];
  const ask = () =>
    new Promise((resolve) => {
      const started = performance.now();
      const count = (status, retryAfter = 0) => {
        statuses[status] = (statuses[status] ?? 0) + 1;
        if (status === 200) times.push(performance.now() - started);
        setTimeout(resolve, 1000 * retryAfter);
      };
      const text = body();
      const headers = { "content-type": "application/json", "content-length": Buffer.byteLength(text) };
      const out = request(
        { host: "127.0.0.1", port, path: "/api/estimate", method: "POST", agent, headers },
        (answer) => {
          answer.resume();
          answer.on("end", () => count(answer.statusCode, Number(answer.headers["retry-after"] ?? 0)));
        },
      );
      out.on("error", ({ code }) => count(code));
      out.end(text);
    });
  await Promise.all(
    Array.from({ length: CONNECTIONS }, async () => {
      while (performance.now() < until) await ask();
    }),
  );
  agent.destroy();
  times.sort((a, b) => a - b);
  const ms = (share) => `${quantile(times, share).toFixed(0)} ms`;
  return `${(times.length / SECONDS).toFixed(1)} answers a second, p50 ${ms(0.5)}, p95 ${ms(0.95)}; ${JSON.stringify(statuses)}`;
}

const folder = mkdtempSync(path.join(tmpdir(), "brenok-proxy-"));
// The workers of the proxy are somebody else.
chmodSync(folder, 0o777);
let count = 0;
async function measured(name, port, servers) {
  const demo = await (await fetch(`http://127.0.0.1:${port}/api/demo`)).json();
  const same = JSON.stringify(demo);
  const other = () => JSON.stringify({ ...demo, name: `Project ${(count += 1)}` });
  const mb = () => servers.map((one) => memoryOf(one).toFixed(0)).join(" and ");
  // Memory grows while a server warms up: it is told from then on.
  for (const [kind, body] of [
    ["warming up", other],
    ["each another project", other],
    ["the same project", () => same],
  ]) {
    const before = mb();
    console.log(`${name}, ${kind}: ${await load(port, body)}; memory ${before} → ${mb()} MB`);
  }
}

try {
  const [alone] = await startServers(PORTS.slice(0, 1), 2);
  await measured("One server of two threads", PORTS[0], [alone]);
  await stop(alone);
  const both = await startServers(PORTS, 1);
  const proxy = await startProxy(folder);
  await measured("Two servers of one thread each, behind nginx", PROXY, both);
  await stop(proxy);
  await Promise.all(both.map(stop));
} finally {
  rmSync(folder, { recursive: true });
}
