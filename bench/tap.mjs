/**
 * How long a row that is tapped off takes to be told anew, in the built application, with the demo and with a project of
 * over 60,000 stitches and a log of 5,000 events. Run `npm run build` first.
 */
import { mkdirSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { openBrowser } from "../scripts/browser.mjs";
import { root, startServer } from "../scripts/server.mjs";

const made = path.join(root, "node_modules/.cache/bench");
mkdirSync(made, { recursive: true });
const outfile = path.join(made, "demo.mjs");
await build({
  entryPoints: [path.join(root, "src/demo/slipover.ts")],
  outfile,
  bundle: true,
  platform: "node",
  format: "esm",
  logLevel: "error",
});
const { demoProject } = await import(pathToFileURL(outfile).href);

/** The same garment with so many rows that it has over 60,000 stitches, and 5,000 events behind it. */
function large() {
  const demo = demoProject();
  const longer = (section) =>
    section.kind === "fabric" && section.by === "rows" && section.rows > 20
      ? { ...section, rows: 380 }
      : section;
  const log = Array.from({ length: 5000 }, (_, index) => ({
    id: `event-${index}`,
    at: 1_000_000 + 60_000 * index,
    kind: index % 20 === 19 ? "rippedBack" : "rowDone",
    pieceId: "back",
    copy: 1,
    ...(index % 20 === 19 && { rows: 18 }),
  }));
  return {
    ...demo,
    pieces: demo.pieces.map((piece) => ({ ...piece, sections: piece.sections.map(longer) })),
    log,
  };
}

const server = await startServer(4176);
const browser = await openBrowser();
try {
  for (const [name, project] of [
    ["demo", demoProject()],
    ["60,000 stitches, 5,000 events", large()],
  ]) {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await page.goto(`${server.address}/knit`);
    await page.getByRole("button", { name: "Row done" }).waitFor();
    await page.locator("input[type=file][accept*=json]").setInputFiles({
      name: "bench.brenok.json",
      mimeType: "application/json",
      buffer: Buffer.from(JSON.stringify(project)),
    });
    await page.getByLabel("Piece in hand").waitFor();
    await page.waitForTimeout(4000);
    const times = await page.evaluate(tapAndTime);
    const at = (share) => times.toSorted((a, b) => a - b)[Math.floor(share * (times.length - 1))].toFixed(1);
    console.log(
      `A row tapped off is told anew: median ${at(0.5)} ms, p95 ${at(0.95)} ms, longest ${at(1)} ms, of ${times.length} (${name})`,
    );
    await page.close();
  }
} finally {
  await browser.close();
  server.stop();
}

/** In the page: taps rows off, half a second apart, and waits each time until the next row is painted. */
async function tapAndTime() {
  const hand = document.querySelector("[aria-label='Row in hand']");
  const done = [...hand.querySelectorAll("button")].find((one) => one.textContent.includes("Row done"));
  const times = [];
  for (let tap = 0; tap < 40; tap += 1) {
    const changed = new Promise((resolve) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => setTimeout(resolve));
      });
      watch.observe(hand.querySelector("strong"), { childList: true, characterData: true, subtree: true });
    });
    const started = performance.now();
    done.click();
    await changed;
    times.push(performance.now() - started);
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  return times;
}
