/** Every figure says why it is what it is, down to the constants and to what was counted and measured. */
import type { Page } from "@playwright/test";
import { answerIsThere, expect, expectAccessible, openAt, test } from "./bench";

const sheet = (page: Page) => page.getByRole("dialog", { name: /^Why / });
const answer = (page: Page) => page.getByRole("region", { name: "Answer" });

/** Asks on about a line of the reason that is open. */
const on = (page: Page, line: RegExp) =>
  sheet(page).getByRole("row", { name: line }).getByRole("button").click();

test("the yarn needed leads to a loop, the loop to the gauge, and each says what it is from", async ({
  page,
}) => {
  await openAt(page);
  await answerIsThere(page);
  const need = answer(page).getByRole("button", { name: /784\sm, 479\sg/ });
  await need.click();
  await expect(sheet(page)).toContainText("All parts of the work, added up");
  await expect(sheet(page).getByRole("row", { name: /^Together/ })).toContainText(/784\sm/);
  await expectAccessible(page, "[role=dialog]");
  await on(page, /^Plain fabric/);
  await expect(sheet(page)).toContainText(/\d × \d+\.\d+\smm = 561\.8\sm/);
  await on(page, /^yarn in a loop/);
  await expect(sheet(page)).toContainText("Munden (1959)");
  await expect(sheet(page)).toContainText(/√\(20\.5 × /);
  await on(page, /^width of a plain stitch/);
  await expect(sheet(page)).toContainText("measured");
  await sheet(page).getByRole("button", { name: "Back to the figure before" }).click();
  await expect(sheet(page)).toContainText("Munden (1959)");
  await page.keyboard.press("Escape");
  await expect(sheet(page)).toBeHidden();
  await expect(need).toBeFocused();
});

test("what is changed behind an open reason is in it at once, in the chosen units", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await page.getByRole("radio", { name: "Imperial" }).click();
  await answer(page)
    .getByRole("button", { name: /857\syd/ })
    .click();
  await expect(page.getByRole("dialog", { name: /Why 857(\.\d)?\syd\?/ })).toBeVisible();
  await on(page, /^Plain fabric/);
  await expect(sheet(page)).toContainText(/\sin = \d+(\.\d)?\syd/);
});

test("balls, chances, cost, firmness and what is left on a ball can be asked about, by keyboard", async ({
  page,
}) => {
  await openAt(page);
  await answerIsThere(page);
  await answer(page).getByRole("button", { name: "10 balls" }).focus();
  await page.keyboard.press("Enter");
  await expect(sheet(page)).toContainText(/that 10 balls are enough\s*96 in 100/);
  await on(page, /that 10 balls are enough/);
  await expect(sheet(page)).toContainText(/[\d,]+ ÷ 20,000 = 96 in 100/);
  await page.keyboard.press("Escape");
  await page.goto("/swap");
  const firm = page
    .getByRole("row", { name: /^Fabric/ })
    .getByRole("button", { name: /firmer|drapier|like/ })
    .first();
  await firm.click();
  await expect(sheet(page)).toContainText("cover factor");
  await expect(sheet(page)).toContainText(/√\([\d.,]+\) ÷ /);
  await page.keyboard.press("Escape");
  await page.goto("/order");
  await page
    .getByRole("region", { name: "What to buy" })
    .getByRole("button", { name: /37\.60/ })
    .click();
  await expect(sheet(page)).toContainText(/1 × 4\.90 \+ 3 × 9\.40 \+ 4\.50 = 37\.60/);
});
