/** The shelf: yarns by hand and by table, found, sorted, changed together, and never imported by half. */
import type { Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expect, expectAccessible, openAt, test } from "./bench";

const shelf = (page: Page) => page.getByRole("region", { name: "Your shelf" });
const rows = (page: Page) => shelf(page).locator("tbody tr");
const names = (page: Page) => rows(page).locator("td:nth-child(2)").allInnerTexts();

const bring = (page: Page, name: string, text: string | Buffer) =>
  page.locator("input[accept*=csv]").setInputFiles({
    name,
    mimeType: "text/csv",
    buffer: typeof text === "string" ? Buffer.from(text) : text,
  });

const THREE_BAD = [
  "Yarn;Colour;Put up;Qty;Lot;Price;Mood",
  "Skerrel DK;slate;50 g = 118 m;6;220;5,10;calm",
  "Brumel Super Chunky;ink;200g/120m;2;B7;13,50;",
  "Odd One;red;50 apples;1;;2,00;",
  ";blue;50 g = 100 m;2;;;",
  "Half a Ball;green;50 g = 100 m;2,5;;;",
  "Pellow Sport;shell;3.5 oz 300 yd;4;88;5,60;",
].join("\n");

test("a table with three bad rows: they are told by number, and the good ones come in one step", async ({
  page,
}) => {
  await openAt(page, "/shelf");
  await expect(rows(page)).toHaveCount(5);
  await bring(page, "attic.csv", THREE_BAD);
  const sheet = page.getByRole("dialog", { name: "Put attic.csv on the shelf" });
  await expect(sheet).toContainText("separated by semicolons");
  const bad = sheet.getByRole("region", { name: "Rows that cannot be read" });
  await expect(bad.getByRole("listitem")).toHaveText([
    /Row 4, Put up: “apples” is not a number or a unit/,
    /Row 5: It has no name/,
    /Row 6, Qty: “2,5” is not a whole number/,
  ]);
  await expect(sheet.getByRole("list", { name: "Preview" })).toContainText(
    /Pellow Sport, shell: 4 × 99\.2 g = 274\.3 m/,
  );
  const saved = page.waitForEvent("download");
  await bad.getByRole("button", { name: /Save these rows/ }).click();
  expect(readFileSync(await (await saved).path(), "utf8")).toMatch(/row,what is wrong,Yarn.*\r\n4,/);
  await sheet.getByRole("button", { name: "Put 3 on the shelf, leave 3 out" }).click();
  await expect(rows(page)).toHaveCount(8);
  await page.keyboard.press("Control+z");
  await expect(rows(page)).toHaveCount(5);
  await page.keyboard.press("Control+Shift+z");
  await expect(shelf(page).getByRole("button", { name: "Brumel Super Chunky, ink" })).toBeVisible();
});

test("a column that was not understood is mapped by hand, and a table can be left alone", async ({
  page,
}) => {
  await openAt(page, "/shelf");
  await bring(page, "odd.csv", "Strange,Other\nMoss Stitch Wool,50g/125m\n");
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("Say which column is the name of the yarn");
  await expect(sheet.getByRole("button", { name: /^Put 0/ })).toBeDisabled();
  await sheet.getByLabel(/^Strange/).selectOption("name");
  await sheet.getByLabel(/^Other/).selectOption("put-up");
  await expect(sheet).toContainText(/Moss Stitch Wool: 1 × 50 g = 125 m/);
  await sheet.getByRole("button", { name: "Cancel" }).click();
  await expect(rows(page)).toHaveCount(5);
});

test("ten thousand rows in an older encoding come in, and stay usable", async ({ page }) => {
  await openAt(page, "/shelf");
  const lines = Array.from(
    { length: 10_000 },
    (_, index) => `Café ${index},${index % 12},50 g = ${80 + (index % 90)} m`,
  );
  await bring(page, "many.csv", Buffer.from(["name,balls,put-up", ...lines].join("\n"), "latin1"));
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("Windows-1252", { timeout: 15_000 });
  await sheet.getByRole("button", { name: "Put 10000 on the shelf" }).click();
  await expect(shelf(page)).toContainText("10005 entries");
  await shelf(page).getByLabel("Find on the shelf").fill("café 9876");
  await expect(rows(page)).toHaveCount(1);
  await shelf(page).getByLabel("Find on the shelf").fill("");
  await expect(shelf(page)).toContainText("1 of 201");
  await shelf(page).getByRole("button", { name: "Next" }).click();
  await expect(shelf(page)).toContainText("2 of 201");
});

test("a yarn is typed in as its band says, in either units, and is still there after a reload", async ({
  page,
}) => {
  await openAt(page, "/shelf");
  await shelf(page).getByRole("button", { name: "A yarn" }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Name of the yarn").fill("Hollin Tweed");
  await sheet.getByLabel("One ball holds").fill("3.5 oz 220 yd");
  await sheet.getByLabel("Whole balls").fill("7");
  await sheet.getByLabel("Dye lot").fill("H9");
  await sheet.getByLabel("Part balls, by weight").fill("1 oz; 14 g");
  await sheet.getByLabel("Fibres").fill("85 % wool 15 % alpaca");
  await expect(sheet).toContainText("understood as 85 % wool, 15 % alpaca");
  await sheet.getByLabel("Price of a ball").fill("dear");
  await expect(sheet).toContainText(/“dear” is not an amount/);
  // What cannot be read is not thrown away when the sheet is closed.
  await page.keyboard.press("Escape");
  await shelf(page).getByRole("button", { name: "Hollin Tweed" }).click();
  await expect(sheet.getByLabel("Price of a ball")).toHaveValue("dear");
  await expect(sheet).toContainText(/“dear” is not an amount/);
  await sheet.getByLabel("Price of a ball").fill("9,40");
  await page.keyboard.press("Escape");
  const row = rows(page).filter({ hasText: "Hollin Tweed" });
  await expect(row).toContainText(/H9.*7.*42\sg.*worsted.*99\.2 g = 201\.2 m.*9\.40/s);
  await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
  await page.reload();
  await expect(rows(page).filter({ hasText: "Hollin Tweed" })).toContainText("H9");
  await page.keyboard.press("u");
  await expect(rows(page).filter({ hasText: "Hollin Tweed" })).toContainText("3.5 oz = 220 yd");
});

test("the table is sorted by any column, filtered, and lots of a yarn stand together", async ({ page }) => {
  await openAt(page, "/shelf");
  expect((await names(page)).map((name) => name.trim())).toEqual([
    "Gossim Lace, chalk",
    "Skerrel DK, flax",
    "Tarnock Aran, lichen",
    "Tarnock Aran, lichen",
    "Vessin Fingering, plum",
  ]);
  await shelf(page).getByLabel("lots of a yarn together").uncheck();
  await shelf(page).getByRole("button", { name: "In all", exact: true }).click();
  await expect(rows(page).first()).toContainText("Vessin");
  await expect(page.getByRole("columnheader", { name: "In all" })).toHaveAttribute("aria-sort", "descending");
  await shelf(page).getByLabel("Class").selectOption("aran");
  await expect(rows(page)).toHaveCount(2);
  await shelf(page).getByLabel("Find on the shelf").fill("t398 oak");
  await expect(rows(page)).toHaveCount(1);
  await shelf(page).getByLabel("Find on the shelf").fill("nowhere");
  await expect(shelf(page)).toContainText("Nothing on the shelf matches that");
  // What is typed changes what is shown, never how it is sorted.
  await shelf(page).getByLabel("Find on the shelf").fill("");
  await shelf(page).getByLabel("Class").selectOption("all classes");
  await expect(rows(page).first()).toContainText("Vessin");
  await expect(page.getByRole("columnheader", { name: "In all" })).toHaveAttribute("aria-sort", "descending");
});

test("several are changed at once, and what leaves as CSV comes back the same", async ({ page }) => {
  await openAt(page, "/shelf");
  await shelf(page).getByLabel("Choose Tarnock Aran, lichen, lot T417").check();
  await shelf(page).getByLabel("Choose Tarnock Aran, lichen, lot T398").check();
  const bulk = page.getByRole("group", { name: "With those chosen" });
  await expect(bulk).toContainText("2 yarns chosen");
  await bulk.getByLabel("to").fill("=attic");
  await bulk.getByRole("button", { name: "Set", exact: true }).click();
  await expect(rows(page).filter({ hasText: "=attic" })).toHaveCount(2);
  const saved = page.waitForEvent("download");
  await shelf(page).getByRole("button", { name: "Save as CSV" }).click();
  const text = readFileSync(await (await saved).path(), "utf8");
  expect(text).toContain("'=attic");
  expect(text).not.toMatch(/[,"]=attic/);
  await bulk.getByRole("button", { name: "Remove from the shelf" }).click();
  await expect(rows(page)).toHaveCount(3);
  await bring(page, "again.csv", text);
  await page.getByRole("button", { name: "Put 5 on the shelf" }).click();
  await expect(rows(page).filter({ hasText: "=attic" })).toHaveCount(2);
});

test("an empty shelf says what it is for; starting empty leaves a shelf of one's own alone", async ({
  page,
}) => {
  await openAt(page, "/shelf");
  await page.getByRole("button", { name: "Empty the shelf" }).click();
  await expect(shelf(page)).toContainText("Nothing is on the shelf yet");
  await page.keyboard.press("Control+z");
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await expect(shelf(page)).toContainText("Nothing is on the shelf yet");
  await shelf(page).getByRole("button", { name: "A yarn" }).click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: /Start empty/ }).click();
  await expect(rows(page)).toHaveCount(1);
});

test("axe finds nothing on the shelf, in the light and in the dark", async ({ page }) => {
  await openAt(page, "/shelf");
  await shelf(page).getByLabel("Choose Tarnock Aran, lichen, lot T417").check();
  await expectAccessible(page);
});
