/** Without a network after one visit, and with a newer Brenok that waits until it is taken. */
import { spawn, type ChildProcess } from "node:child_process";
import { appendFileSync, cpSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { Page } from "@playwright/test";
import { beenHere } from "../scripts/browser.mjs";
import { answerIsThere, answerOf, expect, openAt, test } from "./bench";

test.use({ serviceWorkers: "allow" });

/** Waits until everything is kept in the browser. */
const isKept = (page: Page) =>
  page.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === "activated");

/** One visit, after which there is no network. */
async function visitOnce(page: Page) {
  await openAt(page);
  await isKept(page);
  await page.context().setOffline(true);
}

const hand = (page: Page) => page.getByRole("region", { name: "Row in hand" });
const rowInHand = (page: Page) => hand(page).locator("strong").first();

/** Taps the row off, and waits until the next one is there and kept. */
async function rowDone(page: Page): Promise<string> {
  const before = (await rowInHand(page).textContent()) ?? "";
  await hand(page).getByRole("button", { name: "Row done" }).click();
  await expect(rowInHand(page)).not.toHaveText(before);
  await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
  return (await rowInHand(page).textContent()) ?? "";
}

test("after one visit every bench works without a network, on reload too, and so do reader and sheets", async ({
  page,
}) => {
  await visitOnce(page);
  for (const [address, shown] of [
    ["/", "Schematic"],
    ["/swatches", "What your swatches say"],
    ["/swap", "Verdict"],
    ["/order", "No price list yet"],
    ["/knit", "Pieces in hand"],
    ["/shelf", /^Tarnock Aran, lichen/],
    ["/help", "Where are my projects?"],
    ["/panels", "Honeycomb"],
  ] as const) {
    await openAt(page, address);
    await expect(page.getByRole("main").getByText(shown, { exact: true }).first()).toBeVisible();
    await answerIsThere(page);
    await expect(page.getByText("does not work just now")).toHaveCount(0);
  }
  // Reading, drawing and the editor come with workers and parts of their own.
  await page.getByLabel("Find a panel").fill("Honeycomb");
  await page.getByRole("button", { name: "Honeycomb" }).first().click();
  await page.getByRole("radio", { name: "Fabric" }).click();
  await expect(page.getByRole("region", { name: "Fabric of Honeycomb" })).toBeVisible();
  await page.getByRole("button", { name: "Settings" }).click();
  await expect(page.getByRole("dialog", { name: "Settings" })).toBeVisible();
  await page.keyboard.press("Escape");
  // The fonts are the page's own.
  expect(await page.evaluate(() => document.fonts.check("16px 'Fraunces Variable'"))).toBe(true);
});

test("from bench to bench without a network, by keys, and what changes is kept", async ({ page }) => {
  await visitOnce(page);
  await page.keyboard.press("5");
  const row = await rowDone(page);
  await page.reload();
  await expect(rowInHand(page)).toHaveText(row);
});

/** A copy of the built application, served on a port of its own: another version of it can come in its place. */
async function served(folder: string, port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ["main.mjs"], {
    cwd: folder,
    env: { ...process.env, PORT: String(port), THREADS: "1", LOG: "all" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise<void>((resolve) =>
    server.stdout?.on("data", (lines) => String(lines).includes('"event":"open"') && resolve()),
  );
  return server;
}

const ended = (server: ChildProcess) =>
  new Promise((resolve) => {
    server.once("exit", resolve);
    server.kill();
  });

test.describe("a newer version", () => {
  test.use({ baseURL: "http://127.0.0.1:4190", storageState: beenHere("http://127.0.0.1:4190") });

  test("is offered while a row is in hand, taken when asked for, and loses nothing; other tabs are told", async ({
    page,
    context,
  }) => {
    const folder = mkdtempSync(path.join(tmpdir(), "brenok-newer-"));
    cpSync("build", folder, { recursive: true });
    let server = await served(folder, 4190);
    try {
      await openAt(page, "/knit");
      await isKept(page);
      await page.reload();
      const other = await context.newPage();
      await openAt(other, "/swap");
      await ended(server);
      appendFileSync(path.join(folder, "pages/sw.js"), "\n// newer\n");
      for (const kind of ["gz", "br"]) rmSync(path.join(folder, `pages/sw.js.${kind}`), { force: true });
      server = await served(folder, 4190);
      await page.reload();
      await expect(page.getByText("A newer Brenok is ready")).toBeVisible();
      // It waits: the row is tapped off in the one that is open.
      const row = await rowDone(page);
      await page.getByRole("button", { name: "Reload to use it" }).click();
      await expect(page.getByText("A newer Brenok is ready")).toHaveCount(0);
      await expect(rowInHand(page)).toHaveText(row);
      await expect(other.getByText("A newer Brenok has been taken in another tab")).toBeVisible();
      await answerIsThere(other);
    } finally {
      await ended(server);
      rmSync(folder, { recursive: true });
    }
  });
});

test("a part that cannot be loaded says so in its place, the rest works, and it comes when it is tried again", async ({
  browser,
}) => {
  // Over plain http in a home network a browser keeps nothing: the network is all there is.
  const context = await browser.newContext({ serviceWorkers: "block" });
  const page = await context.newPage();
  await openAt(page);
  await answerIsThere(page);
  await page.route("**/_next/static/**", (route) => route.abort());
  await page.getByRole("button", { name: "Settings" }).click();
  const word = page.getByRole("alert").filter({ hasText: "Settings: this part does not work just now" });
  await expect(word).toBeVisible();
  await page.getByRole("radio", { name: "Imperial" }).click();
  await expect(answerOf(page)).toContainText("yd");
  await page.unroute("**/_next/static/**");
  await word.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("dialog", { name: "Settings" })).toBeVisible();
  await context.close();
});
