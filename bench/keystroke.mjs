/**
 * How long the answer and the drawing take behind a keystroke, and how long the page itself is busy meanwhile, in the
 * built application. Run `npm run build` first.
 */
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const WATCHED = {
  Answer: "[aria-label=Answer]",
  "Piece drawn to scale": "[aria-label='Schematic'] svg",
};
/** Rows that are typed first: those of the demo, and so many that the project has more than 60,000 stitches. */
const FIRST_ROWS = { demo: 40, large: 640, "40 pieces": 40 };

/** The demo with its back worked as so many pieces, each of its own. */
async function manyPieces(address, many) {
  const demo = await (await fetch(`${address}/api/demo`)).json();
  const [back, ...others] = demo.pieces;
  const copies = Array.from({ length: many - demo.pieces.length }, (_, index) => ({
    ...back,
    id: `back ${index}`,
    name: `Back ${index + 2}`,
    sections: back.sections.map((section) => ({ ...section, id: `${section.id} ${index}` })),
  }));
  return { ...demo, name: "Many pieces", demo: false, log: [], pieces: [back, ...others, ...copies] };
}

const server = await startServer(4178);
const browser = await openBrowser();
try {
  for (const [project, from] of Object.entries(FIRST_ROWS))
    for (const [name, selector] of Object.entries(WATCHED)) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
      await page.goto(server.address);
      if (project === "40 pieces") {
        await page.getByRole("region", { name: "Answer" }).waitFor();
        const content = JSON.stringify(await manyPieces(server.address, 40));
        await page
          .locator("input[type=file][accept*=json]")
          .setInputFiles({ name: "many.json", mimeType: "application/json", buffer: Buffer.from(content) });
        await page.getByRole("button", { name: "Back 37" }).waitFor();
      }
      await page.getByRole("button", { name: /^Continue in pattern/ }).click();
      await page.locator("[aria-label='Schematic'] svg image").first().waitFor({ state: "attached" });
      await page.getByLabel("Rows", { exact: true }).focus();
      // Listening for long tasks keeps the page busy itself: what takes how long is measured apart from it.
      const { times } = await page.evaluate(typeAndTime, { selector, from, listen: false });
      const { tasks } = await page.evaluate(typeAndTime, { selector, from, listen: true });
      const at = (all, share) => all[Math.floor(share * (all.length - 1))].toFixed(1);
      console.log(
        `${name} behind a keystroke: median ${at(times, 0.5)} ms, p95 ${at(times, 0.95)} ms, of ${times.length}; tasks of the page: p95 ${at(tasks, 0.95)} ms, longest ${at(tasks, 1)} ms, ${tasks.filter((ms) => ms > 16).length} over 16 ms of ${tasks.length} (${project})`,
      );
      await page.close();
    }
} finally {
  await browser.close();
  server.stop();
}

/**
 * In the page: types a new count of rows again and again and waits each time for what is watched to be painted. How
 * long a task of the page takes is seen by how late a message comes that it sends to itself.
 */
async function typeAndTime({ selector, from, listen }) {
  const input = document.activeElement;
  const watched = document.querySelector(selector);
  const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
  const times = [];
  const tasks = [];
  let beating = listen;
  const { port1, port2 } = new MessageChannel();
  let beat = performance.now();
  port1.onmessage = () => {
    const now = performance.now();
    if (now - beat > 4) tasks.push(now - beat);
    beat = now;
    if (beating) port2.postMessage(null);
  };
  if (listen) port2.postMessage(null);
  for (let rows = from; rows < from + 300; rows += 4) {
    const changed = new Promise((resolve) => {
      const watch = new MutationObserver(() => {
        watch.disconnect();
        requestAnimationFrame(() => setTimeout(resolve));
      });
      // The answer says with an attribute that it is behind: that is not yet an answer.
      watch.observe(watched, {
        subtree: true,
        childList: true,
        characterData: true,
        attributes: !selector.includes("Answer"),
      });
    });
    const started = performance.now();
    write.call(input, String(rows));
    input.dispatchEvent(new Event("input", { bubbles: true }));
    await changed;
    times.push(performance.now() - started);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  beating = false;
  const sorted = (all) => all.sort((a, b) => a - b);
  return { times: sorted(times), tasks: sorted(tasks.length > 0 ? tasks : [0]) };
}
