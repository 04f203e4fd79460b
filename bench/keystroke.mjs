/** How long the answer and the drawing take behind a keystroke, in the built application. Run `npm run build` first. */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const WATCHED = {
  Answer: "[aria-label=Answer]",
  "Piece drawn to scale": "[aria-label='Drawn to scale'] svg",
};

const server = await startServer(4178);
const browser = await openBrowser();
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(server.address);
  await page.getByRole("button", { name: /^On as before/ }).click();
  await page.locator("[aria-label='Drawn to scale'] svg image").first().waitFor({ state: "attached" });
  for (const [name, selector] of Object.entries(WATCHED)) {
    await page.getByLabel("Rows", { exact: true }).focus();
    const times = await page.evaluate(typeAndTime, selector);
    const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(1);
    console.log(
      `${name} behind a keystroke: median ${at(0.5)} ms, p95 ${at(0.95)} ms, of ${times.length} (the demo: four pieces, shaped and divided)`,
    );
  }
} finally {
  await browser.close();
  server.stop();
}

/** In the page: types a new count of rows again and again and waits each time for what is watched to be painted. */
async function typeAndTime(selector) {
  const input = document.activeElement;
  const watched = document.querySelector(selector);
  const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
  const times = [];
  for (let rows = 40; rows < 340; rows += 4) {
    const changed = new Promise((resolve) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => setTimeout(resolve));
      });
      watch.observe(watched, { subtree: true, childList: true, characterData: true, attributes: true });
    });
    const started = performance.now();
    write.call(input, String(rows));
    input.dispatchEvent(new Event("input", { bubbles: true }));
    await changed;
    times.push(performance.now() - started);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times.sort((a, b) => a - b);
}
