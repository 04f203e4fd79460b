/** Finding things by name, being led through the demo, and the page of help. */
import type { Page } from "@playwright/test";
import { answerIsThere, ballsOf, expect, expectAccessible, openAt, test } from "./bench";

const palette = (page: Page) => page.getByRole("dialog", { name: "Find anything" });

/** Writes a name, and does what comes first. */
async function go(page: Page, words: string) {
  await page.keyboard.press("Control+k");
  await palette(page).getByRole("combobox").fill(words);
  await expect(palette(page).getByRole("option").first()).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(palette(page)).toBeHidden();
}

test("benches, pieces, panels, projects and acts are found by name, with the keyboard alone", async ({
  page,
}) => {
  await openAt(page);
  await answerIsThere(page);
  await page.keyboard.press("Control+k");
  await expectAccessible(page, "[role=dialog]");
  await page.keyboard.press("Escape");
  await go(page, "knit");
  await expect(page).toHaveURL(/\/knit$/);
  await go(page, "neckband");
  await expect(page.getByLabel("Name of the piece")).toHaveValue("Neckband");
  await go(page, "horseshoe");
  await expect(page.getByRole("region", { name: "Chart of Horseshoe" })).toBeVisible();
  await go(page, "small demo");
  await expect(page.getByRole("button", { name: /Project: (?!Harrow)/ })).toBeVisible();
  await go(page, "undo");
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await go(page, "print and files");
  await expect(page.getByRole("dialog", { name: "Print and files" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await palette(page).getByRole("combobox").fill("no such thing at all");
  await expect(palette(page).getByText("Nothing has this name.")).toBeVisible();
});

test("six short steps lead through the demo, and are left at any point", async ({ page }) => {
  await openAt(page);
  await page.getByRole("button", { name: /^Project:.*a demo$/ }).click();
  await page.getByRole("menuitem", { name: "First steps with this demo" }).click();
  const steps = page.getByRole("region", { name: "First steps" });
  await expect(steps).toContainText("Step 1 of 6");
  await expectAccessible(page, "[aria-label='First steps']");
  for (const path of [/\/$/, /\/swatches$/, /\/swap$/, /\/order$/, /\/knit$/]) {
    await steps.getByRole("button", { name: "Next" }).click();
    await expect(page).toHaveURL(path);
  }
  await steps.getByRole("button", { name: "Back" }).click();
  await expect(page).toHaveURL(/\/order$/);
  await steps.getByRole("button", { name: "Leave" }).click();
  await expect(steps).toBeHidden();
});

test("the page of help answers what people ask, and is found from the list of keys", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await page.getByRole("button", { name: "Shortcuts" }).click();
  await page.getByRole("link", { name: "Help: what people ask" }).click();
  await expect(page).toHaveURL(/\/help$/);
  await expect(page).toHaveTitle(/^Help/);
  await page.getByText("Where are my projects?").click();
  await page.getByRole("button", { name: "Your projects" }).click();
  await expect(page.getByRole("dialog", { name: "Your projects" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expectAccessible(page);
});
