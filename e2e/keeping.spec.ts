import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { answerIsThere, ballsOf, expect, openAt, openBack, openFile, test, undoButtonOf } from "./bench";

const GAUGE = "Plain gauge: stitches";

test("a reload keeps what was typed, even right behind the last keystroke", async ({ page }) => {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await page.getByLabel("Rows", { exact: true }).fill("12o");
  await page.reload();
  await expect(page.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("12o");
  await expect(ballsOf(page)).toHaveText(/\b6 balls/);
});

test("saved to a file, started empty, opened again: the same", async ({ page }, testInfo) => {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await answerIsThere(page);
  const answer = await ballsOf(page).innerText();

  const download = page.waitForEvent("download");
  await page.keyboard.press("Control+s");
  const file = await download;
  expect(file.suggestedFilename()).toBe("harrow-slipover.brenok.json");
  const path = testInfo.outputPath("harrow.brenok.json");
  await file.saveAs(path);
  expect(JSON.parse(await readFile(path, "utf8"))).toMatchObject({ format: "brenok-project", version: 4 });

  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await expect(page.getByText("No answer yet.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Project:.*a demo$/ })).toBeHidden();

  await openFile(page, path);
  await expect(ballsOf(page)).toHaveText(answer);
  await expect(page.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");
});

test("from empty, the two missing figures give an answer that says what is assumed", async ({ page }) => {
  await openBack(page);
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await page.getByRole("button", { name: "what the ball holds" }).click();
  await page.keyboard.type("100 g = 165 m");
  await page.getByRole("button", { name: "how many rows" }).click();
  await page.keyboard.type("240");
  await expect(ballsOf(page)).toHaveText(/\b1 ball of 100/);
  await expect(page.getByText("assumed").first()).toBeVisible();
  await page.evaluate(() => window.scrollTo(0, 0));
  await expect(page.getByText(/To be surer, knit a plain swatch/).first()).toBeVisible();
});

test("a file that is no project is refused in words and changes nothing", async ({ page }) => {
  await openBack(page);
  for (const [name, content, words] of [
    ["shopping.json", "not json", "it is not JSON"],
    ["later.brenok.json", '{"format":"brenok-project","version":99}', "saved by a newer Brenok"],
  ] as const) {
    await openFile(page, { name, content });
    await expect(page.getByText(words)).toBeVisible();
    await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  }
});

test("a storage that refuses is shown, and keeping goes on when it works again", async ({ page }) => {
  await openBack(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    (window as unknown as { mend: () => void }).mend = () => {
      IDBObjectStore.prototype.put = put;
    };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  await page.getByLabel("Rows", { exact: true }).fill("151");
  const alarm = page.getByRole("alert").filter({ hasText: "Not saved" });
  await expect(alarm).toBeVisible();
  await expect(page.getByRole("button", { name: "Try again" })).toBeVisible();
  // In one go: the next try of its own could otherwise take the button away between mending and clicking.
  await alarm.getByRole("button", { name: "Try again" }).evaluate((button: HTMLElement) => {
    (window as unknown as { mend: () => void }).mend();
    button.click();
  });
  await expect(alarm).toBeHidden();
  await page.reload();
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("151");
});

test("a project kept in the browser that cannot be read is set aside, with a word", async ({ page }) => {
  await openBack(page);
  await page.getByLabel("Rows", { exact: true }).fill("151");
  await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
  // Both texts of the project, since of two the one that is whole is opened.
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("brenok-kept");
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const deal = open.result.transaction("texts", "readwrite");
          const cursor = deal.objectStore("texts").openCursor();
          cursor.onsuccess = () => {
            if (!cursor.result) return;
            const written = cursor.result.value as { text: string };
            cursor.result.update({ ...written, text: written.text.slice(1) });
            cursor.result.continue();
          };
          deal.oncomplete = () => resolve();
        };
      }),
  );
  await page.reload();
  await expect(page.getByText(/Your last project could not be read/)).toBeVisible();
});

/** Works on a page whose storage is not what it should be: it says so, goes on in memory, and hands the file out. */
async function worksInMemory(page: Page, word: RegExp, alarm: RegExp) {
  await page.goto("/");
  await expect(page.getByText(word)).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await page.getByRole("radio", { name: "Imperial" }).click();
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await answerIsThere(page);
  const status = page.getByRole("alert").filter({ hasText: "Not saved" });
  await expect(status).toHaveText(alarm, { timeout: 30_000 });
  const download = page.waitForEvent("download");
  await status.getByRole("button", { name: "Save to a file" }).click();
  expect((await download).suggestedFilename()).toBe("harrow-slipover.brenok.json");
  await undoButtonOf(page).click();
  await expect(page.getByLabel(GAUGE)).not.toHaveValue("14 sts 10cm");
}

test("a browser that forbids all storage is told of, and everything works in memory", async ({ page }) => {
  const errors: string[] = [];
  page.on("pageerror", ({ message }) => errors.push(message));
  await page.addInitScript(() => {
    const forbid = (what: string) =>
      Object.defineProperty(window, what, {
        get: () => {
          throw new DOMException("forbidden", "SecurityError");
        },
      });
    for (const what of ["localStorage", "sessionStorage"]) forbid(what);
    IDBFactory.prototype.open = () => {
      throw new DOMException("forbidden", "SecurityError");
    };
  });
  await worksInMemory(
    page,
    /does not let Brenok keep anything; a private window/,
    /does not let Brenok keep/,
  );
  expect(errors).toEqual([]);
});

test("a small storage that is full does no harm", async ({ page }) => {
  const errors: string[] = [];
  page.on("pageerror", ({ message }) => errors.push(message));
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  await openAt(page);
  await page.getByRole("radio", { name: "Imperial" }).click();
  await expect(page.getByRole("radio", { name: "Imperial" })).toBeChecked();
  await page.getByRole("button", { name: "Dark or light" }).click();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  expect(errors).toEqual([]);
});

test("a database that never answers is told of after three seconds", async ({ page }) => {
  await page.addInitScript(() => {
    // A request that was made and never comes back.
    IDBFactory.prototype.open = () => Object.create(IDBOpenDBRequest.prototype) as IDBOpenDBRequest;
    IDBOpenDBRequest.prototype.addEventListener = () => {};
  });
  await worksInMemory(page, /storage does not answer/, /storage does not answer/);
});

test("the name is changed in its sheet, and an empty one is asked about", async ({ page }) => {
  await openBack(page);
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: /Name and notes/ }).click();
  await page.getByLabel("Project", { exact: true }).fill("");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Give the project a name" })).toBeVisible();
  await page.getByLabel("Project", { exact: true }).fill("Ada’s slipover");
  await page.getByLabel("Class on the band").selectOption("chunky");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("button", { name: "Project: Ada’s slipover" })).toBeVisible();
  await expect(page.getByText("chunky by the band, aran by its length")).toBeVisible();
});
