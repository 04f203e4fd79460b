/**
 * A browser full of knitting: 50 projects of 2 MB and a shelf of 10,000 yarns. How long the page takes to open, 20 tabs one
 * after the other, the home of projects, and what 200 edits and undos leave in memory. Run `npm run build` first.
 */
import { crc32 } from "node:zlib";
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const PROJECTS = 50;
const YARNS = 10_000;
const TABS = 20;
const EDITS = 200;
const SIZE = 2_000_000;

const sumOf = (text) => crc32(Buffer.from(text, "utf16le"));
const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];

/** The demo with a log and panels that make it as large as it is asked for. */
function largeProject(demo, at) {
  const note = { kind: "note", pieceId: "front", copy: 1, text: "Row after row, as the day goes by." };
  const first = demo.log.at(-1)?.at ?? 0;
  const log = [...demo.log];
  for (let event = 0; event < 8000; event += 1)
    log.push({ ...note, id: `note-${at}-${event}`, at: first + 1 + event });
  const project = { ...demo, id: `large-${at}`, name: `Large project ${at}`, demo: false, log };
  const left = SIZE - JSON.stringify(project).length;
  const text = "Row 1 (RS): P2, 2/2 LC, P2. ".repeat(Math.ceil(Math.min(left, 900_000) / 28));
  const panels = Array.from({ length: Math.ceil(left / text.length) }, (_, panel) => ({
    id: `panel-${panel}`,
    name: `Panel ${panel}`,
    text,
    notes: "",
  }));
  return { ...project, panels };
}

/** In the page: puts a record where the application looks for it. */
async function keep({ of, text, sum, card, by }) {
  const base = await new Promise((resolve, reject) => {
    const open = indexedDB.open("brenok-kept");
    open.onsuccess = () => resolve(open.result);
    open.onerror = () => reject(open.error);
  });
  await new Promise((resolve, reject) => {
    const deal = base.transaction(["texts", "heads", "cards"], "readwrite");
    deal.objectStore("texts").put({ version: 1, sum, text, by }, [of, 1]);
    deal.objectStore("heads").put({ version: 1 }, of);
    if (card) deal.objectStore("cards").put(card);
    deal.oncomplete = resolve;
    deal.onerror = () => reject(deal.error);
  });
  base.close();
}

/** In the page: the schema under which something is kept already. */
const schemaOfKept = () =>
  new Promise((resolve, reject) => {
    const open = indexedDB.open("brenok-kept");
    open.onerror = () => reject(open.error);
    open.onsuccess = () => {
      const all = open.result.transaction("texts").objectStore("texts").getAll();
      all.onsuccess = () => {
        open.result.close();
        resolve(all.result[0]?.by);
      };
    };
  });

const server = await startServer(4181);
const browser = await openBrowser();
try {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const seed = await context.newPage();
  await seed.goto(server.address);
  await seed.getByRole("region", { name: "Answer" }).waitFor();
  const demo = await (await fetch(`${server.address}/api/demo`)).json();
  // What the application itself has kept says by which schema it was checked.
  await seed.getByLabel("Plain gauge: stitches").fill("17 sts 10cm");
  await seed.getByRole("banner").getByText("Saved", { exact: true }).waitFor();
  await seed.waitForTimeout(1000);
  const by = await seed.evaluate(schemaOfKept);
  let size = 0;
  for (let at = 0; at < PROJECTS; at += 1) {
    const text = JSON.stringify(largeProject(demo, at));
    size += text.length;
    await seed.evaluate(keep, {
      of: `project large-${at}`,
      text,
      sum: sumOf(text),
      by,
      card: {
        id: `large-${at}`,
        name: `Large project ${at}`,
        madeFor: "",
        demo: false,
        yarn: { name: "A yarn", colour: "#7a8b6f" },
        need: { balls: 10, lengthM: 784 },
        stage: "knitting",
        share: 0.3,
        picture: null,
        changedAt: at + 1,
        archived: false,
        goneAt: null,
      },
    });
  }
  const entries = Array.from({ length: YARNS }, (_, at) => ({
    id: `shelf-${at}`,
    label: {
      name: `Yarn ${at}`,
      colour: "#8a7b5c",
      putUp: { massG: 50, lengthM: 60 + (at % 300) },
    },
    lot: String(at),
    balls: at % 20,
  }));
  const shelf = JSON.stringify({ format: "brenok-shelf", version: 1, demo: false, entries });
  await seed.evaluate(keep, { of: "shelf", text: shelf, sum: sumOf(shelf), by });
  await seed.evaluate(() => localStorage.setItem("brenok-open", "large-7"));
  await seed.close();

  const times = [];
  let last = null;
  for (let tab = 0; tab < TABS; tab += 1) {
    const page = await context.newPage();
    const from = performance.now();
    await page.goto(server.address);
    await page.getByRole("button", { name: "Project: Large project" }).waitFor();
    await page.getByRole("region", { name: "Answer" }).waitFor();
    times.push(performance.now() - from);
    if (last) await last.close();
    last = page;
  }
  console.log(
    `${PROJECTS} projects of ${(size / PROJECTS / 1e6).toFixed(1)} MB, ${YARNS} yarns: ${TABS} tabs opened in ${median(times).toFixed(0)} ms in the median, the slowest in ${Math.max(...times).toFixed(0)} ms.`,
  );

  const page = last;
  await page.getByRole("button", { name: /^Project:/ }).click();
  const from = performance.now();
  await page.getByRole("menuitem", { name: "Your projects" }).click();
  await page.getByRole("button", { name: "Open Large project 9", exact: true }).waitFor();
  console.log(`The home of ${PROJECTS} projects is there in ${(performance.now() - from).toFixed(0)} ms.`);
  await page.keyboard.press("Escape");

  const client = await context.newCDPSession(page);
  const heap = async () => {
    await client.send("HeapProfiler.collectGarbage");
    const { usedSize } = await client.send("Runtime.getHeapUsage");
    return usedSize / 1e6;
  };
  const field = page.getByLabel("Plain gauge: stitches");
  const edit = async (count) => {
    for (let turn = 0; turn < count; turn += 1) await field.fill(`${17 + (turn % 20) / 10} sts 10cm`);
    await page.waitForTimeout(3000);
  };
  await edit(20);
  const before = await heap();
  await edit(EDITS);
  for (let turn = 0; turn < EDITS; turn += 1) await page.keyboard.press("Control+z");
  await page.waitForTimeout(5000);
  const after = await heap();
  console.log(
    `Memory of the page: ${before.toFixed(1)} MB, after ${EDITS} edits and as many undos ${after.toFixed(1)} MB (${((after / before - 1) * 100).toFixed(0)} % more).`,
  );
} finally {
  await browser.close();
  server.stop();
}
