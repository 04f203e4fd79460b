/** How smoothly a fabric of 24 x 24 stitches, twice in each direction, follows the slider. Run `npm run build` first. */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const rows = Array.from({ length: 24 }, (_, row) =>
  row % 6 === 0 ? `Rnd ${row + 1}: [P2, 2/2 LC, P2] 3 times.` : `Rnd ${row + 1}: [P2, K4, P2] 3 times.`,
);

const server = await startServer(4186);
const browser = await openBrowser();
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.address}/panels`);
  await page.getByRole("button", { name: "New", exact: true }).click();
  await page.getByRole("radio", { name: "Fabric" }).click();
  await page.getByText("Every row adds up.").waitFor();
  await page.getByRole("textbox", { name: "Rows as text" }).press("ControlOrMeta+a");
  await page.keyboard.insertText(rows.join("\n"));
  const canvas = page.getByRole("img", { name: /^48 stitches by 48 rows/ });
  await canvas.waitFor();
  // On a first visit the application is fetched as a whole once it has answered: that is over before steps are timed.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => null));
  await page.evaluate(() => {
    window.longTasks = [];
    new PerformanceObserver((list) =>
      window.longTasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: "longtask" });
  });
  const slider = page.getByRole("slider", { name: /^Finished/ });
  await slider.focus();
  const times = [];
  for (let step = 0; step < 30; step += 1) {
    // The page tells by itself: asking it over and over would take of its time.
    await canvas.evaluate((element) => {
      const { width } = element.style;
      window.moved = new Promise((resolve) => {
        let pressed = 0;
        addEventListener("keydown", ({ timeStamp }) => (pressed = timeStamp), { capture: true, once: true });
        const look = new MutationObserver(() => {
          if (element.style.width === width || element.ariaBusy !== "false") return;
          look.disconnect();
          requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - pressed)));
        });
        look.observe(element, { attributes: true });
      });
    });
    await slider.press("ArrowLeft");
    times.push(await page.evaluate(() => window.moved));
  }
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.floor(share * (times.length - 1))].toFixed(0);
  const long = await page.evaluate(() => window.longTasks);
  console.log(
    `A step of the slider, from key to moved fabric: median ${at(0.5)} ms, p95 ${at(0.95)} ms, of ${times.length}; tasks of over 50 ms on the page: ${long.length}`,
  );
} finally {
  await browser.close();
  server.stop();
}
