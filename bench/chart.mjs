/** How smoothly a chart of 200 stitches by 400 rows scrolls and is edited. Run `npm run build` first. */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const pattern = [
  "multiple of 200",
  ...Array.from({ length: 400 }, (_, index) =>
    index % 2 === 1
      ? `Row ${index + 1}: *K2, P8; rep from * to end.`
      : `Row ${index + 1}: *${index % 4 === 0 ? "C4F, C4B" : "K8"}, P2; rep from * to end.`,
  ),
].join("\n");

const server = await startServer(4177);
const browser = await openBrowser();
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.address}/panels`);
  await page.getByRole("button", { name: "New", exact: true }).click();
  await page.getByRole("textbox", { name: "Rows as text" }).press("ControlOrMeta+a");
  await page.keyboard.insertText(pattern);
  await page.getByText("200 stitches · 400 rows").waitFor();
  const chart = page.getByRole("region", { name: "Chart of New panel" });
  const frames = await chart.evaluate(scrollAndTime);
  report("Scrolling a 200 x 400 chart, time a frame", frames);

  await page.getByRole("textbox", { name: "Rows as text" }).click();
  await page.keyboard.press("Control+Home");
  const { handled, longTasks } = await typeAndTime(page);
  report("Typing into its text, time that a key's handlers hold the page", handled);
  console.log(`Tasks of over 50 ms on the page meanwhile, studying and drawing included: ${longTasks}`);

  report("Placing a stitch on it, from key to chart and text", await chart.evaluate(placeAndTime));
} finally {
  await browser.close();
  server.stop();
}

function report(what, times) {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(1);
  console.log(`${what}: median ${at(0.5)} ms, p95 ${at(0.95)} ms, of ${times.length}`);
}

/** In the page: scrolls by 40 pixels a frame and takes the time between frames. */
async function scrollAndTime(element) {
  const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
  const times = [];
  let before = await frame();
  for (let step = 0; step < 120; step += 1) {
    element.scrollTop -= 40;
    const now = await frame();
    times.push(now - before);
    before = now;
  }
  return times;
}

/**
 * Types one letter at a time; what the browser itself tells of how long each key's handlers ran, and of long
 * tasks. A key that was handled and painted within 16 ms is not told of; it counts as 0.
 */
async function typeAndTime(page) {
  await page.evaluate(() => {
    window.told = [];
    window.longTasks = 0;
    new PerformanceObserver((list) => window.told.push(...list.getEntries())).observe({
      type: "event",
      durationThreshold: 16,
    });
    new PerformanceObserver((list) => (window.longTasks += list.getEntries().length)).observe({
      type: "longtask",
    });
  });
  const handled = [];
  for (const letter of "An old sampler, first part: ") {
    await page.evaluate(() => (window.told.length = 0));
    await page.keyboard.type(letter);
    await page.waitForTimeout(300);
    handled.push(
      await page.evaluate(() =>
        window.told
          .filter(({ name }) => name === "keydown" || name === "keypress")
          .reduce((sum, { processingStart, processingEnd }) => sum + processingEnd - processingStart, 0),
      ),
    );
  }
  return { handled, longTasks: await page.evaluate(() => window.longTasks) };
}

/** In the page: places purls along the second row and waits each time until the chart has changed. */
async function placeAndTime(element) {
  const press = (key) => element.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
  const wait = (time) => new Promise((resolve) => setTimeout(resolve, time));
  element.scrollTo(element.scrollWidth, element.scrollHeight);
  await wait(300);
  const times = [];
  for (let edit = 0; edit < 20; edit += 1) {
    press("ArrowLeft");
    await wait(100);
    const changed = new Promise((resolve) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        resolve();
      });
      watch.observe(element, { subtree: true, childList: true });
    });
    const started = performance.now();
    press(edit % 2 === 0 ? "p" : "b");
    await Promise.race([changed, wait(3000)]);
    times.push(performance.now() - started);
  }
  return times;
}
