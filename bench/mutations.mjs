/**
 * Damaged project files, and bodies of every kind: none may end the server, hold it for long, or change what is open.
 * Run `npm run build` first. `node bench/mutations.mjs 10000 2000 1000`: so many files through the API, so many bodies
 * against each call, so many files through the page.
 */
import { randomBytes } from "node:crypto";
import { openBrowser } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const [files, bodies, throughPage] = [2, 3, 4].map((at, index) =>
  Number(process.argv[at] ?? [1000, 200, 50][index]),
);
const CALLS = ["estimate", "estimates", "fabric", "schema", "shop", "demo", "health", "metrics"];
const METHODS = ["GET", "POST", "PUT", "DELETE", "PATCH", "OPTIONS", "HEAD"];
const AT_ONCE = 8;

const pick = (list) => list[Math.floor(Math.random() * list.length)];
const place = (text) => Math.floor(Math.random() * text.length);

/** Numbers, texts and brackets that break what is not asked about them. */
const NASTY = [
  "1e308",
  "-1e308",
  "-1",
  "0",
  "1e-320",
  "99999999999999999999",
  "null",
  "true",
  '""',
  '"\\u0000"',
  '"\\ud800"',
  "[]",
  "{}",
  "[[[[[[[[[[]]]]]]]]]]",
  '{"__proto__":{"a":1}}',
  `"${"x".repeat(5000)}"`,
  `[${"0,".repeat(3000)}0]`,
];
/** Rows of a panel that want to be long. */
const ROWS = [
  "Row 1: [[[k0] 10000 times] 10000 times] 10000 times, k4.",
  "Row 100000000000000000000: P2",
  "Rows 1-2000: ".repeat(100),
  `Row 1: ${"[".repeat(2000)}k1${"]".repeat(2000)}.`,
  `${"k1, ".repeat(4000)}`,
  ".".repeat(50_000),
  "Row 1: as row 2. Row 2: as row 1.",
  "Row 1 (RS): *k2, p2; rep from * to end.",
];

const MUTATIONS = [
  (text) => text.slice(0, place(text)) + text.slice(place(text)),
  (text) => {
    const at = place(text);
    return text.slice(0, at) + String.fromCharCode(32 + Math.random() * 95) + text.slice(at + 1);
  },
  (text) => text.slice(0, place(text)),
  (text) => text.replaceAll(/-?\d+(\.\d+)?/g, (number) => (Math.random() < 0.02 ? pick(NASTY) : number)),
  (text) => text.replaceAll(/"[^"]{0,40}"(?=[,}\]])/g, (one) => (Math.random() < 0.02 ? pick(NASTY) : one)),
  (text) => {
    const project = JSON.parse(text);
    project.panels.push({ id: "nasty", name: "Nasty", text: pick(ROWS), notes: "" });
    for (const piece of project.pieces)
      for (const section of piece.sections)
        if (section.kind === "fabric" && Math.random() < 0.5) {
          section.content = "panels";
          section.across = [{ panelId: "nasty", times: 1 + Math.floor(Math.random() * 9), joined: "whole" }];
        }
    return JSON.stringify(project);
  },
  (text) => {
    const project = JSON.parse(text);
    const from = pick(Object.keys(project));
    project[from] = project[pick(Object.keys(project))];
    return JSON.stringify(project);
  },
  (text) => {
    const project = JSON.parse(text);
    const list = pick([project.pieces, project.yarns, project.seams, project.extras, project.log]);
    if (list.length > 0) for (let more = 0; more < 40; more += 1) list.push(pick(list));
    return JSON.stringify(project);
  },
];

const mutated = (text) => {
  try {
    const once = pick(MUTATIONS)(text);
    return Math.random() < 0.3 ? pick(MUTATIONS.slice(0, 5))(once) : once;
  } catch {
    return pick(MUTATIONS.slice(0, 5))(text);
  }
};

const BODIES = [
  () => randomBytes(1 + Math.floor(Math.random() * 3000)),
  () => "",
  () => "[".repeat(100_000),
  () => pick(NASTY),
  () => `{"a":${"1".repeat(1 + Math.floor(Math.random() * 1e5))}}`,
  () => "x".repeat(Math.floor(Math.random() * 2e6)),
];
const TYPES = [
  "application/json",
  "text/plain",
  "application/x-ndjson",
  "multipart/form-data",
  "",
  "a/b; c=\u0001",
];

const server = await startServer(4180);
const statuses = new Map();
const slow = [];
const healths = [];
let going = true;

async function ask(path, init) {
  const from = performance.now();
  let status = "broken off";
  try {
    const response = await fetch(`${server.address}${path}`, init);
    await response.arrayBuffer();
    status = response.status;
  } catch (error) {
    // A header that cannot be sent never reaches the server.
    if (error instanceof TypeError && /invalid|header/i.test(String(error.cause ?? error)))
      status = "not sent";
  }
  const took = performance.now() - from;
  statuses.set(status, (statuses.get(status) ?? 0) + 1);
  slow.push(took);
}

/** Asks whether the server is well, all the time. */
async function watchHealth() {
  while (going) {
    const from = performance.now();
    await fetch(`${server.address}/api/health`).then((response) => response.arrayBuffer());
    healths.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 40));
  }
}

async function many(count, does) {
  let left = count;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (left > 0) {
        left -= 1;
        await does();
      }
    }),
  );
}

function tell(what) {
  const at = (list, share) =>
    list.toSorted((a, b) => a - b)[Math.floor(share * (list.length - 1))]?.toFixed(0);
  const told = [...statuses].map(([status, count]) => `${status}: ${count}`).join(", ");
  console.log(
    `${what}: ${told}; p50 ${at(slow, 0.5)}, p95 ${at(slow, 0.95)}, slowest ${at(slow, 1)} ms, ${slow.filter((ms) => ms > 1000).length} over 1 s; health p95 ${at(healths, 0.95)}, slowest ${at(healths, 1)} ms of ${healths.length}`,
  );
  statuses.clear();
  slow.length = 0;
  healths.length = 0;
}

try {
  const demo = JSON.stringify(await (await fetch(`${server.address}/api/demo`)).json());
  const watching = watchHealth();
  await many(files, () =>
    ask("/api/estimate", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: mutated(demo),
    }),
  );
  tell(`${files} damaged files to estimate`);
  for (const call of CALLS) {
    await many(bodies, () => {
      const method = pick(METHODS);
      const type = pick(TYPES);
      const carries = method !== "GET" && method !== "HEAD";
      return ask(`/api/${call}`, {
        method,
        ...(type && { headers: { "content-type": type } }),
        ...(carries && { body: pick(BODIES)() }),
      });
    });
    tell(`${bodies} bodies to ${call}`);
  }
  going = false;
  await watching;
  await pageTakes(demo);
} finally {
  server.stop();
}

/** What came of a file: asked again and again, since nothing else is sure to change. */
async function cameOf(page, file, before) {
  for (let tries = 0; tries < 1500; tries += 1) {
    const became = await page.evaluate(
      ([asked, former]) => {
        const now = document.querySelector("button[aria-label^='Project:']")?.textContent;
        const refused = [...document.querySelectorAll("[data-sonner-toast]")].some((one) =>
          one.textContent.includes(`${asked} was not opened`),
        );
        return refused ? "refused" : now !== former ? "opened" : null;
      },
      [file, before],
    );
    if (became) return became;
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  throw new Error(`Nothing came of ${file}.`);
}

/** Damaged files through the page: what is refused changes nothing, and what is opened has an answer or says why not. */
async function pageTakes(demo) {
  const browser = await openBrowser();
  try {
    const page = await browser.newPage();
    const errors = [];
    page.on("pageerror", ({ message }) => errors.push(message));
    page.on("crash", () => errors.push("the page crashed"));
    await page.goto(server.address);
    const answer = page.getByRole("region", { name: "Answer" });
    await answer.waitFor();
    const input = page.locator("input[type=file][accept*=json]");
    const name = page.getByRole("button", { name: /^Project:/ });
    let [opened, refused, changed] = [0, 0, 0];
    const times = [];
    for (let turn = 0; turn < throughPage; turn += 1) {
      const before = await name.textContent();
      const title = `File ${turn}`;
      const file = `file-${turn}.json`;
      const text = mutated(demo).replace("Harrow slipover", title);
      const from = performance.now();
      await input.setInputFiles({ name: file, mimeType: "application/json", buffer: Buffer.from(text) });
      // Either it is open under its name, or a word says why it is not.
      const became = await cameOf(page, file, before);
      times.push(performance.now() - from);
      if (became === "opened") opened += 1;
      else {
        refused += 1;
        if ((await name.textContent()) !== before) changed += 1;
      }
      if (turn % 50 === 49) {
        await page.reload();
        await answer.waitFor();
      }
    }
    const sorted = times.toSorted((a, b) => a - b);
    console.log(
      `${throughPage} damaged files through the page: ${opened} opened, ${refused} refused, ${changed} changed what they should not; slowest word ${sorted.at(-1)?.toFixed(0)} ms; errors: ${errors.join("; ") || "none"}`,
    );
  } finally {
    await browser.close();
  }
}
