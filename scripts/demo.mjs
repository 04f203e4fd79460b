/** npm run demo: installs what is missing, builds when stale, starts the server, prints the address. */
import { spawn } from "node:child_process";
import { readdirSync } from "node:fs";
import { createServer } from "node:net";
import { networkInterfaces } from "node:os";
import path from "node:path";
import { SERVER, root } from "./server.mjs";
import { buildMadeAt, installPackages, run, sourcesChangedAt } from "./steps.mjs";

const port = Number(process.env.PORT ?? 3000);
/** This machine alone, unless somebody says otherwise. */
const host = process.env.HOST ?? "127.0.0.1";

/** Where the phone in the same network finds it. */
const addresses = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && one.family === "IPv4" && !one.internal)
    .map((one) => `http://${one.address}:${port}`);

function fail(words) {
  console.error(words);
  process.exit(1);
}

/** True where nobody listens on the port yet. */
const isFree = () =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });

if (!Number.isInteger(port) || port < 1 || port > 65_535)
  fail(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.`);
if (!(await isFree()))
  fail(`Port ${port} is in use. Stop what listens there, or choose another: PORT=3001 npm run demo`);
if (!installPackages()) fail("The packages could not be installed; the lines above say why.");

const sources = readdirSync(path.join(root, "src"), { recursive: true, encoding: "utf8" }).map(
  (file) => `src/${file}`,
);
const stale = sourcesChangedAt([...sources, "package-lock.json", "next.config.ts"]) > buildMadeAt();
if (stale) {
  console.log("Building …");
  if (!run(process.execPath, "scripts/build.mjs")) fail("The build failed; the lines above say why.");
}

const server = spawn(process.execPath, [SERVER], {
  cwd: root,
  env: { ...process.env, HOST: host, PORT: String(port) },
  stdio: ["ignore", "pipe", "inherit"],
});
let told = false;
/** A line of the server says that it is open; those of requests are of use elsewhere. */
server.stdout.on("data", (lines) => {
  if (told || !String(lines).includes('"event":"open"')) return;
  told = true;
  console.log(`Brenok is open at http://localhost:${port}  (Ctrl+C ends it)`);
  if (host === "127.0.0.1")
    console.log("On this machine alone; HOST=0.0.0.0 npm run demo opens it to your network.");
  else for (const address of addresses()) console.log(`On a phone in your network: ${address}`);
});
server.on("exit", (code) => process.exit(code ?? 0));
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
