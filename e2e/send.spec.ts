/** A project sent as a link: to a phone, knitted there, and back, with the rows of both. */
import type { Page } from "@playwright/test";
import { answerIsThere, expect, expectAccessible, openAt, test } from "./bench";

const dialog = (page: Page) => page.getByRole("dialog");

/** The link that the page would send. */
async function linkOf(page: Page): Promise<string> {
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Send to another device …" }).click();
  const link = dialog(page).getByLabel(/^The link/);
  await expect(link).toHaveValue(/#project=/);
  const value = await link.inputValue();
  await dialog(page).getByRole("button", { name: "Close" }).click();
  return value;
}

const row = (page: Page) => page.getByRole("region", { name: "Row in hand" }).locator("strong").first();

test("sent to a phone by a link, knitted there and here, and both logs are one again", async ({
  page,
  browser,
}) => {
  await page.clock.install({ time: Date.UTC(2026, 9, 8, 19) });
  await openAt(page, "/knit");
  await answerIsThere(page);
  const sent = await linkOf(page);

  const pocket = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const phone = await pocket.newPage();
  await phone.clock.install({ time: Date.UTC(2026, 9, 8, 20) });
  await phone.goto(sent);
  await expect(row(phone)).toHaveText("83");
  expect(phone.url()).not.toContain("#");
  for (const number of ["84", "85"]) {
    await phone.clock.fastForward(60_000);
    await phone.getByRole("button", { name: "Row done" }).click();
    await expect(row(phone)).toHaveText(number);
  }
  await page.clock.fastForward(60_000);
  await page.getByRole("button", { name: "Row done" }).click();
  await expect(row(page)).toHaveText("84");

  const back = await linkOf(phone);
  await pocket.close();
  await page.goto(back);
  await expect(row(page)).toHaveText("86");
  await expect(page.getByText("2 entries of the log came in")).toBeVisible();
});

test("over plain http, where there is no clipboard to write to, the link is copied all the same", async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(navigator, "clipboard", { value: undefined });
    window.addEventListener("copy", ({ clipboardData }) => {
      document.documentElement.dataset.copied = clipboardData?.getData("text/plain") ?? "";
    });
  });
  await openAt(page);
  await answerIsThere(page);
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Send to another device …" }).click();
  const link = dialog(page).getByLabel(/^The link/);
  await expect(link).toHaveValue(/#project=/);
  await dialog(page).getByRole("button", { name: "Copy the link" }).click();
  await expect(page.getByText("The link is copied")).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-copied", await link.inputValue());
});

test("where anything else differs it is asked which is to stand; a link that was cut off changes nothing", async ({
  page,
}) => {
  await openAt(page);
  await answerIsThere(page);
  const sent = await linkOf(page);
  await page.getByRole("radio", { name: "Careful" }).click();
  await expect(page.getByRole("radio", { name: "Careful" })).toBeChecked();
  await page.goto(sent);
  await expect(dialog(page)).toContainText("What came differs in how sure you want to be.");
  await expectAccessible(page, "[role=dialog]");
  await dialog(page).getByRole("button", { name: "Take what came" }).click();
  await expect(page.getByRole("radio", { name: "Steady" })).toBeChecked();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("radio", { name: "Careful" })).toBeChecked();
  await page.goto(sent.slice(0, -50));
  await expect(page.getByText("The link was cut off on its way")).toBeVisible();
  await expect(page.getByRole("radio", { name: "Careful" })).toBeChecked();
});

test("a small project fits a picture for the phone’s camera", async ({ page }) => {
  await openAt(page);
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Send to another device …" }).click();
  await expect(dialog(page).getByRole("img", { name: /picture for the phone/ })).toBeVisible();
  await expect(dialog(page)).toContainText("on a phone means the phone");
  await expectAccessible(page, "[role=dialog]");
});
