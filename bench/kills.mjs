/**
 * What is lost when the browser is killed while somebody types: the whole browser is ended at a random moment, started
 * again on the same data, and what stands there is held against what had been typed. Run `npm run build` first.
 * `node bench/kills.mjs 200` kills it 200 times.
 */
import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { setTimeout as wait } from "node:timers/promises";
import { chromium } from "@playwright/test";
import { LAUNCH } from "../scripts/browser.mjs";
import { startServer } from "../scripts/server.mjs";

const kills = Number(process.argv[2] ?? 20);
/** Between two letters, in ms: somebody quick, somebody slow, and one who never rests long enough to be waited for. */
const PACES = [25, 60, 150, 240, 400];
const LETTERS = "abcdefghijklmnopqrstuvwxyz";
const MOST_LETTERS = 90;

const profile = mkdtempSync(path.join(tmpdir(), "brenok-kills-"));
const server = await startServer(4179);

/** Ends every process of the browser that has this profile, as the machine's own end would. */
function kill() {
  try {
    execFileSync("pkill", ["-9", "-f", `user-data-dir=${profile}`]);
  } catch {
    // None is left.
  }
}

async function open() {
  const context = await chromium.launchPersistentContext(profile, LAUNCH);
  const [page] = context.pages();
  await page.goto(server.address);
  const field = page.getByLabel("Name of the piece");
  await field.waitFor({ timeout: 60_000 });
  return { context, page, field };
}

/** Types until it is killed; what stood in the field when. */
async function typeUntilKilled({ page, field }, paceMs, forMs) {
  const typed = [];
  await field.fill("");
  typed.push({ text: "", at: performance.now() });
  const until = performance.now() + forMs;
  let text = "";
  const killed = wait(forMs).then(kill);
  while (performance.now() < until) {
    if (text.length >= MOST_LETTERS) await wait(until - performance.now());
    else {
      const letter = LETTERS[text.length % LETTERS.length];
      const shown = await page.keyboard
        .press(letter)
        .then(() => field.inputValue())
        .catch(() => null);
      if (shown === null) break;
      text += letter;
      if (shown !== text) astray += 1;
      typed.push({ text: shown, at: performance.now() });
      await wait(paceMs);
    }
  }
  await killed;
  return { typed, at: until };
}

const wasTyped = (text) => LETTERS.repeat(4).startsWith(text);
const losses = [];
let [unopened, strange, astray] = [0, 0, 0];
try {
  let tab = await open();
  const atFirst = await tab.field.inputValue();
  for (let turn = 0; turn < kills; turn += 1) {
    const pace = PACES[turn % PACES.length];
    const { typed, at } = await typeUntilKilled(tab, pace, 300 + Math.random() * 2500);
    try {
      tab = await open();
    } catch {
      unopened += 1;
      kill();
      tab = await open();
    }
    const kept = await tab.field.inputValue();
    const known = typed.findLast(({ text }) => text === kept);
    // Nothing of this turn was kept: what stands is of a turn before.
    const from = known ? typed[typed.indexOf(known) + 1] : typed[0];
    if (!known && kept.length > 0 && !wasTyped(kept) && kept !== atFirst) strange += 1;
    const lost = from && from.at < at ? at - from.at : 0;
    losses.push(lost);
    // The name that stood there before anything was typed is no stranger.
    if (lost > 500 || (!known && kept.length > 0 && !wasTyped(kept)))
      console.log(
        `  kill ${turn + 1}: ${Math.round(lost)} ms lost, “${kept}” stands there, a letter every ${pace} ms`,
      );
  }
  await tab.context.close();
} finally {
  kill();
  server.stop();
  rmSync(profile, { recursive: true, force: true });
}

const sorted = losses.toSorted((a, b) => a - b);
const share = (part) => Math.round(sorted[Math.floor(part * (sorted.length - 1))]);
console.log(
  `${kills} kills: what was typed last is lost for ${share(0.5)} ms in the median, p95 ${share(0.95)} ms, at most ${share(1)} ms; ${sorted.filter((ms) => ms > 500).length} over 500 ms; ${unopened} times it did not open, ${strange} times something stood there that was never typed; ${astray} letters went elsewhere than into the field.`,
);
