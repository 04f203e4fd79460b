/**
 * How far each bench moves while its figures come, and how soon its largest part is painted, on a desk and on a phone, from
 * an empty browser. Run `npm run build` first.
 */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const BENCHES = ["/", "/swatches", "/swap", "/order", "/knit", "/panels", "/shelf", "/help"];
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
];
/** By then all that comes by itself has come. */
const COME_MS = 5000;

const server = await startServer(4187);
const browser = await openBrowser();
try {
  for (const viewport of SIZES)
    for (const path of BENCHES) {
      const context = await browser.newContext({ viewport });
      const page = await context.newPage();
      await page.addInitScript(() => {
        window.seen = { moved: 0, paintedMs: 0 };
        const watch = (type, see) =>
          new PerformanceObserver((list) => list.getEntries().forEach(see)).observe({ type, buffered: true });
        watch("layout-shift", ({ hadRecentInput, value }) => {
          if (!hadRecentInput) window.seen.moved += value;
        });
        watch("largest-contentful-paint", ({ startTime }) => {
          window.seen.paintedMs = startTime;
        });
      });
      await page.goto(server.address + path);
      await page.waitForTimeout(COME_MS);
      const { moved, paintedMs } = await page.evaluate(() => window.seen);
      console.log(
        `${viewport.width} x ${viewport.height}, ${path}: moves by ${moved.toFixed(4)}, largest part painted after ${Math.round(paintedMs)} ms`,
      );
      await context.close();
    }
} finally {
  await browser.close();
  server.stop();
}
