/** What every script needs: running a command, and installing what is missing. */
import { spawn, spawnSync } from "node:child_process";
import { existsSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { SERVER, root } from "./server.mjs";

process.env.NEXT_TELEMETRY_DISABLED = "1";

/** Runs a command in the project's folder, its output in sight. Gives true where it ended well. */
export function run(command, ...args) {
  return spawnSync(command, args, { cwd: root, stdio: ["ignore", "inherit", "inherit"] }).status === 0;
}

/** The same beside others: its output is shown in one piece when it has ended. */
export function runBeside(command, ...args) {
  const child = spawn(command, args, { cwd: root, stdio: ["ignore", "pipe", "pipe"] });
  let output = "";
  for (const stream of [child.stdout, child.stderr]) stream.on("data", (data) => (output += data));
  return new Promise((resolve) => {
    const end = (ok, words) => {
      process.stdout.write(words);
      resolve(ok);
    };
    child.on("error", (problem) => end(false, `${problem.message}\n`));
    child.on("close", (code) => end(code === 0, output));
  });
}

const inRoot = (name) => path.join(root, name);
const changedAt = (name) => (existsSync(inRoot(name)) ? statSync(inRoot(name)).mtimeMs : 0);

/** Installs the packages of the lockfile where they are missing or older than it. */
export function installPackages() {
  const installed = "node_modules/.package-lock.json";
  const fresh =
    existsSync(inRoot(installed)) && lockedPackages("package-lock.json") === lockedPackages(installed);
  if (fresh) return true;
  console.log("Installing packages …");
  return run("npm", "ci", "--no-audit", "--no-fund");
}

/** Names and versions in a lockfile, without the project itself. Optional ones differ by machine. */
function lockedPackages(file) {
  const { packages } = JSON.parse(readFileSync(inRoot(file), "utf8"));
  return Object.entries(packages)
    .filter(([name, { optional, devOptional, peer }]) => name !== "" && !optional && !devOptional && !peer)
    .map(([name, { version }]) => `${name}@${version}`)
    .sort()
    .join("\n");
}

/** Installs Debian's Chromium and a font where there is none. */
export function installChromium() {
  if (existsSync(process.env.CHROMIUM ?? "/usr/bin/chromium")) return true;
  console.log("Installing Chromium for the browser tests …");
  const installed =
    run("apt-get", "update", "-qq") &&
    run("apt-get", "install", "-y", "-qq", "chromium", "fonts-dejavu-core");
  if (!installed)
    console.error("Chromium could not be installed by apt-get. Install it, or set CHROMIUM to its path.");
  return installed;
}

/** Newest change among the files that the build is made from. */
export function sourcesChangedAt(files) {
  return Math.max(...files.map(changedAt));
}

export const buildMadeAt = () => changedAt(SERVER);
