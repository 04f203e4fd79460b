/** How long the answer takes behind a keystroke, in the built application. Run `npm run build` first. */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const server = await startServer(4178);
const browser = await openBrowser();
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(server.address);
  await page.getByLabel("Rows", { exact: true }).focus();
  const times = await page.evaluate(typeAndTime);
  const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(1);
  console.log(`Answer behind a keystroke: median ${at(0.5)} ms, p95 ${at(0.95)} ms, of ${times.length}`);
} finally {
  await browser.close();
  server.stop();
}

/** In the page: types a new count of rows again and again and waits each time for the answer to be painted. */
async function typeAndTime() {
  const input = document.activeElement;
  const answer = document.querySelector("[aria-label=Answer]");
  const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
  const times = [];
  for (let rows = 400; rows < 500; rows += 1) {
    const changed = new Promise((resolve) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => setTimeout(resolve));
      });
      watch.observe(answer, { subtree: true, childList: true, characterData: true });
    });
    const started = performance.now();
    write.call(input, String(rows));
    input.dispatchEvent(new Event("input", { bubbles: true }));
    await changed;
    times.push(performance.now() - started);
    await new Promise((resolve) => setTimeout(resolve, 30));
  }
  return times.sort((a, b) => a - b);
}
