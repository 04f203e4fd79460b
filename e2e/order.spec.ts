/** Buying: the cheapest plan, what more certainty costs, a shop that fails, and kits for a group. */
import type { Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expect, openAt, openBack, test } from "./bench";

const plan = (page: Page) => page.getByRole("region", { name: "What to buy" });
const bought = (page: Page) => plan(page).getByRole("status");
const sources = (page: Page) => page.getByRole("region", { name: "Where to buy" });
const group = (page: Page) => page.getByRole("region", { name: "For a group" });
const shop = (page: Page) => page.getByRole("group", { name: "Shop" });

async function openOrder(page: Page) {
  await openAt(page, "/order");
  await expect(bought(page)).toHaveText(/^4 balls for 37\.60, 3 from your shelf$/, { timeout: 20_000 });
}

test("one dye lot, the shelf first, the cheapest put-ups; and what mixing lots would save", async ({
  page,
}) => {
  await openOrder(page);
  await expect(plan(page)).toContainText("all of dye lot T417");
  const list = plan(page).getByRole("table", { name: "Shopping list" });
  await expect(list.getByRole("row")).toHaveText([
    /Balls/,
    /3Tarnock Aran, lichen50\sg, 82\smT417your shelfyours/,
    /1Tarnock Aran, lichen50\sg, 82\smT417Quillet Wool Room4\.90/,
    /3Tarnock Aran, lichen100\sg, 164\smT417Quillet Wool Room28\.20/,
    /Together, 4\.50 of it postage37\.60/,
  ]);
  const steps = page.getByRole("region", { name: "A ball more or fewer" });
  await expect(steps).toContainText(/saves 4\.90, from 97 in 100 to [5-7]\d in 100/);
  await expect(steps).toContainText("takes unopened balls back within 28 days");
  await steps.getByRole("button", { name: "Mix them" }).click();
  await expect(bought(page)).toHaveText(/for 28\.20/, { timeout: 20_000 });
  await expect(plan(page)).toContainText(/[23] dye lots: knit rows from two balls in turn/);
  await page.keyboard.press("Control+z");
  await expect(bought(page)).toHaveText(/37\.60/, { timeout: 20_000 });
});

test("an order goes through an outage of the shop: what was known stands, and it is told how old it is", async ({
  page,
}) => {
  await openOrder(page);
  await shop(page).getByRole("radio", { name: "The stand-in shop is closed" }).click();
  const alarm = shop(page).getByRole("alert");
  await expect(alarm).toContainText(/closed for a moment.*prices and stock of/s);
  await expect(bought(page)).toHaveText(/37\.60/);
  await expect(shop(page).getByRole("button", { name: "Ask again" })).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await expect(bought(page)).toHaveText(/37\.60/, { timeout: 20_000 });
  await expect(shop(page).getByRole("alert")).toHaveCount(0, { timeout: 20_000 });
});

test("with no shop at all the plan goes by the shelf and by what is typed in", async ({ page }) => {
  await page.route("**/api/shop*", (route) => route.abort());
  await openAt(page, "/order");
  await expect(shop(page).getByRole("alert")).toContainText(/cannot be reached.*until it answers/s, {
    timeout: 20_000,
  });
  await expect(bought(page)).toHaveText("Not enough to buy");
  await expect(plan(page)).toContainText(/are missing to be as sure as you wish/);
  await sources(page).getByRole("button", { name: "Balls in another shop" }).click();
  const typed = sources(page).getByRole("group", { name: "Balls in another shop" });
  await typed.getByLabel("Price of a ball").fill("5");
  await typed.getByLabel("How many there are").fill("12");
  await typed.getByLabel("Dye lot").fill("K1");
  await expect(bought(page)).toHaveText("10 balls for 50.00", { timeout: 20_000 });
  await sources(page).getByLabel("Its postage").fill("6");
  await sources(page).getByLabel("Free post from").fill("54");
  await expect(bought(page)).toHaveText("11 balls for 55.00", { timeout: 20_000 });
  await page.unroute("**/api/shop*");
  await shop(page).getByRole("button", { name: "Ask again" }).click();
  await expect(bought(page)).toHaveText(/37\.60/, { timeout: 20_000 });
});

test("a slow shop is waited for without holding anything up, and waiting can be stopped", async ({
  page,
}) => {
  await openOrder(page);
  await shop(page).getByRole("radio", { name: "The stand-in shop is slow" }).click();
  await expect(shop(page)).toContainText("asking …");
  await expect(bought(page)).toHaveText(/37\.60/);
  await shop(page).getByRole("button", { name: "Stop asking" }).click();
  await expect(shop(page)).not.toContainText("asking …");
  await shop(page).getByRole("button", { name: "Ask again" }).click();
  await expect(shop(page)).not.toContainText("asking …", { timeout: 15_000 });
  await expect(shop(page).getByRole("alert")).toHaveCount(0);
});

test("balls are put by and given free, and what is bought comes home", async ({ page }) => {
  await openOrder(page);
  await plan(page).getByRole("button", { name: "Reserve these on the shelf" }).click();
  await expect(plan(page).getByRole("button", { name: "Release the reserved balls" })).toBeVisible();
  // Under another name they are still reserved for the same project, and still its own.
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: /Name and notes/ }).click();
  await page.getByLabel("Project", { exact: true }).fill("Ada’s slipover");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("button", { name: "Project: Ada’s slipover" })).toBeVisible();
  await expect(plan(page).getByRole("button", { name: "Release the reserved balls" })).toBeVisible();
  await expect(bought(page)).toHaveText(/^4 balls for 37\.60, 3 from your shelf$/, { timeout: 20_000 });
  await plan(page).getByRole("button", { name: "Mark as bought" }).click();
  await expect(bought(page)).toHaveText(/^Nothing to buy, 7 from your shelf$/, { timeout: 20_000 });
  await page.getByRole("link", { name: /^Shelf/ }).click();
  const rows = page.getByRole("region", { name: "Your shelf" }).locator("tbody tr");
  await expect(rows).toHaveCount(7);
  await expect(rows.filter({ hasText: "100 g = 164 m" })).toContainText("T417");
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(rows).toHaveCount(5);
});

test("the list is saved as CSV and plain text, and printed by itself", async ({ page }) => {
  await openOrder(page);
  const text = page.waitForEvent("download");
  await plan(page).getByRole("button", { name: "Plain text" }).click();
  expect(readFileSync(await (await text).path(), "utf8")).toMatch(/Together 37\.60, 4\.50 of it postage/);
  const csv = page.waitForEvent("download");
  await plan(page).getByRole("button", { name: "CSV" }).click();
  expect(readFileSync(await (await csv).path(), "utf8")).toMatch(
    /^from,yarn,dye lot,one ball,balls,price\r\n/,
  );
  await page.emulateMedia({ media: "print" });
  await expect(plan(page).getByRole("table")).toBeVisible();
  await expect(plan(page).getByRole("button", { name: "CSV" })).toBeHidden();
  await expect(page.getByRole("heading", { name: "Brenok" })).toBeHidden();
  await expect(group(page)).toBeHidden();
});

test("kits of several sizes: balls in each, and fewer for the group than for kits packed apart", async ({
  page,
}) => {
  await openOrder(page);
  await expect(group(page).getByRole("status")).toContainText("for all 6 together", { timeout: 30_000 });
  await group(page).getByRole("button", { name: "Add kits of another size" }).click();
  const second = group(page).getByRole("listitem").nth(1);
  await second.getByLabel("Kits").fill("4");
  await second.getByLabel("Across").fill("56 cm");
  await expect(group(page).getByRole("status")).toContainText("for all 10 together", { timeout: 30_000 });
  await expect(second).toContainText(/1[12] balls in each.*56\.\d\scm/s);
  const words = await group(page).getByRole("status").innerText();
  const [together, apart] = [/^(\d+) balls/.exec(words), /it would take (\d+)/.exec(words)].map((found) =>
    Number(found?.[1]),
  );
  expect(together).toBeLessThan(apart ?? 0);
  await second.getByLabel("Across").fill("1 m too much");
  await expect(second).toContainText(/not a number or a unit/);
  await group(page).getByRole("button", { name: "Delete Size 2" }).click();
  await group(page).getByRole("button", { name: "Delete Her size" }).click();
  await expect(group(page)).toContainText("Add kits to see");
});

test("a yarn that nobody has says where to go from there", async ({ page }) => {
  await openBack(page);
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: /Start empty/ }).click();
  await page.keyboard.press("4");
  await expect(plan(page)).toContainText("the project needs an answer first");
  await page.keyboard.press("3");
  await expect(page.getByText("There is nothing to compare yet")).toBeVisible();
});

test("kits of a group are told by the width that is chosen", async ({ page }) => {
  await openOrder(page);
  const kit = group(page).getByRole("listitem").first();
  await expect(kit).toContainText(/50\.9\scm/, { timeout: 30_000 });
  const width = group(page).getByLabel("Whose width");
  const rib = await width.locator("option", { hasText: /^Back: Rib/ }).getAttribute("value");
  await width.selectOption(rib);
  await expect(kit).not.toContainText(/50\.9\scm/, { timeout: 30_000 });
});

test("a yarn held together is bought in all its strands, its balls as they are sold", async ({ page }) => {
  await openAt(page, "/swap");
  const bench = page.getByRole("region", { name: "Compare yarns" });
  await expect(bench).toContainText("3 yarns", { timeout: 20_000 });
  await page.getByRole("button", { name: /^Change Vessin Fingering/ }).click();
  await page.getByLabel("held with another yarn, such as a lace").check();
  await page.keyboard.press("Escape");
  await expect(bench.getByRole("columnheader").nth(3)).toContainText("held triple, with A lace", {
    timeout: 20_000,
  });
  await expect(bench).toContainText("3 yarns", { timeout: 20_000 });
  await bench.getByRole("button", { name: "Knit it in this" }).last().click();
  await page.keyboard.press("4");
  await expect(bought(page)).toHaveText(/from your shelf$/, { timeout: 20_000 });
  await expect(plan(page).getByRole("table")).toContainText(/50\sg, 210\sm/);
  await page.getByRole("group", { name: "Yarns" }).getByRole("button", { name: "A lace" }).click();
  await expect(bought(page)).toHaveText("Not on sale anywhere", { timeout: 20_000 });
  await sources(page).getByRole("button", { name: "Balls in another shop" }).click();
  await sources(page).getByLabel("One ball holds").fill("25 g = 210 m");
  // Of an unknown price it is not planned with.
  await expect(bought(page)).toHaveText("Not on sale anywhere", { timeout: 20_000 });
  await sources(page).getByLabel("Price of a ball").fill("3");
  await expect(bought(page)).toHaveText(/^[34] balls for (9|12)\.00$/, { timeout: 20_000 });
});
