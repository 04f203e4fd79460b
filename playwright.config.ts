import { defineConfig } from "@playwright/test";
import { beenHere, LAUNCH } from "./scripts/browser.mjs";

const port = Number(process.env.PORT ?? 4173);

export default defineConfig({
  testDir: "e2e",
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // A machine that draws without a graphics card, two tests at once, may take its time over a page.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [["list"], ["./e2e/failures.ts"]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // As for somebody who was here before: the demo is open. What a newcomer meets has tests of its own.
    storageState: beenHere(`http://127.0.0.1:${port}`),
    // What is kept in the browser has tests of its own; elsewhere each test meets the server.
    serviceWorkers: "block",
    launchOptions: LAUNCH,
  },
  webServer: {
    command: "node build/main.mjs",
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    env: { HOST: "127.0.0.1", PORT: String(port), LOG: "none", NEXT_TELEMETRY_DISABLED: "1" },
  },
});
