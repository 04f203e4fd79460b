/** Starts the built application for a script and stops it again. */
import { spawn } from "node:child_process";
import { fileURLToPath } from "node:url";

export const root = fileURLToPath(new URL("..", import.meta.url));

/** What `npm run build` makes of src/server/main.ts. */
export const SERVER = "build/main.mjs";

/** Starts the production server; resolves when it answers. */
export async function startServer(port) {
  const server = spawn(process.execPath, [SERVER], {
    cwd: root,
    env: { ...process.env, HOST: "127.0.0.1", PORT: String(port), LOG: "none", NEXT_TELEMETRY_DISABLED: "1" },
    stdio: ["ignore", "ignore", "inherit"],
  });
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 100; tries += 1) {
    if (server.exitCode !== null) throw new Error(`The server ended with code ${server.exitCode}.`);
    const answers = await fetch(`${address}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (answers) return { address, stop: () => server.kill() };
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  server.kill();
  throw new Error("The server did not answer within 15 s.");
}
