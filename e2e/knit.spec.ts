/** The knit bench on a phone: rows by the thumb, what is a slip, what is taken back. */
import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { answerIsThere, expect, expectAccessible, expectAccessibleNow, test } from "./bench";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const hand = (page: Page) => page.getByRole("region", { name: "Row in hand" });
const rowNumber = (page: Page) => hand(page).locator("strong").first();
const done = (page: Page) => hand(page).getByRole("button", { name: "Row done" });

const takeFront = (page: Page) => page.getByLabel("Piece in hand").selectOption("front 1");

let now = 0;
/** Time as the page sees it: taps come as far apart as a row takes, without anybody waiting. */
async function later(page: Page, ms: number) {
  now += ms;
  await page.clock.setFixedTime(now);
}

async function knit(page: Page, rows: number) {
  for (let row = 0; row < rows; row += 1) {
    await later(page, 60_000);
    await done(page).click();
  }
}

async function setRows(page: Page, rows: string) {
  await later(page, 60_000);
  await hand(page).getByRole("button", { name: "Rip back" }).click();
  await page.getByLabel("Rows done, as I count them").fill(rows);
  await page.getByRole("button", { name: "Set" }).click();
}

async function weigh(page: Page, mass: string) {
  await later(page, 60_000);
  await hand(page).getByRole("button", { name: "Weigh" }).click();
  await page.getByLabel("The scale shows").fill(mass);
  await page.getByRole("button", { name: "Save" }).click();
}

/** Presses a key a minute later, and expects the row that is then in hand. */
async function press(page: Page, key: string, row: string) {
  await later(page, 60_000);
  await page.locator("body").press(key);
  await expect(rowNumber(page)).toHaveText(row);
}

test.beforeEach(async ({ page }) => {
  now = Date.UTC(2026, 10, 5, 19);
  await page.clock.setFixedTime(now);
  await page.goto("/knit");
  await answerIsThere(page);
  await takeFront(page);
  await expect(rowNumber(page)).toHaveText("1");
});

test("twenty rows by the thumb, a second tap, taken back, ripped back, and all of it again with undo", async ({
  page,
}) => {
  await expect(hand(page)).toContainText("Cast on 94 stitches, long-tail");
  await knit(page, 20);
  await expect(rowNumber(page)).toHaveText("21");
  await later(page, 200);
  await done(page).click();
  await expect(hand(page)).toContainText("That was a second tap: the row counts once.");
  await expect(rowNumber(page)).toHaveText("21");
  await hand(page).getByRole("button", { name: "Take back" }).click();
  await expect(rowNumber(page)).toHaveText("20");
  await hand(page).getByRole("button", { name: "Rip back" }).click();
  await page.getByLabel("Rows ripped back").fill("40");
  await expect(page.getByText("Only 19 are done.")).toBeVisible();
  await page.getByLabel("Rows ripped back").fill("5");
  await page.getByRole("button", { name: "Rip back", exact: true }).last().click();
  await expect(rowNumber(page)).toHaveText("15");
  await page.keyboard.press("Control+z");
  await expect(rowNumber(page)).toHaveText("20");
  await page.keyboard.press("Control+Shift+z");
  await expect(rowNumber(page)).toHaveText("15");
  await page.reload();
  await expect(rowNumber(page)).toHaveText("15");
});

test("keys of the keyboard and of a pedal, and nothing needed outside the lower half", async ({ page }) => {
  await press(page, " ", "2");
  await press(page, "PageDown", "3");
  await press(page, "ArrowLeft", "2");
  await page
    .getByRole("button", { name: "Learn another key" })
    .evaluate((button) => (button as HTMLElement).click());
  await page.locator("body").press("F9");
  await expect(page.getByText("F9 says “row done” too.")).toBeVisible();
  await press(page, "F9", "3");
  await press(page, "ArrowLeft", "2");
  const box = await done(page).boundingBox();
  expect(box?.height).toBeGreaterThan(70);
  expect(box?.y).toBeGreaterThan(422);
  const text = await hand(page)
    .getByRole("list", { name: /from marker to marker/ })
    .boundingBox();
  expect(text?.y).toBeGreaterThan(422);
  const large = await hand(page)
    .getByRole("list", { name: /from marker to marker/ })
    .getByRole("button")
    .first()
    .evaluate((element) => Number.parseFloat(getComputedStyle(element).fontSize));
  expect(large).toBeGreaterThanOrEqual(22);
});

test("a crossing row is told beforehand, and its stretches are tapped off from marker to marker", async ({
  page,
}) => {
  await setRows(page, "18");
  await expect(rowNumber(page)).toHaveText("19");
  await expect(hand(page)).toContainText("In 2 rows: 3/3 LC at markers 1 to 11");
  await expect(hand(page)).toContainText("After this row: increase from 94 to 116 stitches, evenly");
  await knit(page, 2);
  await expect(hand(page)).toContainText("This row: 3/3 LC at markers 1 to 11");
  await hand(page).getByRole("button", { name: "How is 3/3 LC worked?" }).click();
  const sheet = page.getByRole("dialog", { name: "3/3 LC: 3 over 3, leaning left" });
  await expect(sheet).toContainText(
    "Slip the next 3 stitches onto a cable needle and hold it in front of the work.",
  );
  await expect(sheet).toContainText("Work k3 from the left needle.");
  await expect(sheet).toContainText("Let these 6 stitches alone off the needle");
  await page.keyboard.press("Escape");
  const stretches = hand(page)
    .getByRole("list", { name: /from marker to marker/ })
    .getByRole("button");
  await expect(stretches).toHaveCount(14);
  await stretches.nth(1).click();
  await expect(stretches.nth(1)).toHaveAttribute("aria-pressed", "true");
  await knit(page, 1);
  await expect(stretches.nth(1)).toHaveAttribute("aria-pressed", "false");
  await expect(page.getByRole("button", { name: /^Back/ })).toContainText("82 of 162");
});

test("a ball on the scale says how far it goes, warns when it ends, and a new one takes the warning away", async ({
  page,
}) => {
  await setRows(page, "40");
  await hand(page).getByRole("button", { name: "Weigh" }).click();
  await page.getByLabel("The scale shows").fill("12 g");
  await page.getByLabel("of it bag or bowl").fill("2 g");
  const sheet = page.getByRole("dialog", { name: "Weigh the ball in hand" });
  await expect(sheet).toContainText(/[45] more rows are safe: join the next ball before row 4[56]/);
  await expect(sheet).toContainText(/This row: over 99 in 100, takes [23]\.\d\sm/);
  await sheet.getByRole("button", { name: "Save" }).click();
  await expect(hand(page)).toContainText(/1[56]\sm left on this ball/);
  await knit(page, 4);
  await expect(hand(page)).toContainText(/1 more row is safe|It may not last this row/);
  await hand(page).getByRole("button", { name: "New ball" }).click();
  const fresh = page.getByRole("dialog", { name: "A new ball before row 45" });
  await fresh.getByRole("button", { name: "Save" }).click();
  await expect(hand(page)).not.toContainText("left on this ball");
});

test("what rows take moves the answer; a weighing that cannot well be is asked about and left out", async ({
  page,
}) => {
  await hand(page).getByRole("button", { name: "New ball" }).click();
  await page.getByLabel("The new ball weighs").fill("50 g");
  await page.getByRole("button", { name: "Save" }).click();
  await setRows(page, "24");
  await weigh(page, "16 g");
  const yarn = page.getByRole("region", { name: "Yarn so far" });
  await hand(page)
    .getByRole("button", { name: /^Fold the row away/ })
    .click();
  await expect(yarn).toContainText(/Rows 1 to 24 took 34(\.0)?\sg, 33\.\d\sg expected/);
  await expect(yarn).toContainText(/Your rows take \d\s% more than was expected/);
  await setRows(page, "34");
  await weigh(page, "12 g");
  await expect(yarn).toContainText(/Left out: This weighs .* what 10 rows should/);
  await expect(page.getByRole("list", { name: "Left out of this answer" })).toContainText(
    "the weighing of rows 25 to 34, Front",
  );
  await yarn.getByRole("button", { name: "Take it back" }).click();
  await expect(yarn).not.toContainText("Left out");
});

test("a ball that was begun whole is told of when it is first weighed, and a height tells the row gauge", async ({
  page,
}) => {
  await setRows(page, "24");
  await hand(page).getByRole("button", { name: "Weigh" }).click();
  await page.getByLabel("The scale shows").fill("17 g");
  await page.getByLabel(/^I began this piece with it, whole/).check();
  await page.getByRole("button", { name: "Save" }).click();
  const yarn = page.getByRole("region", { name: "Yarn so far" });
  await expect(yarn).toContainText(/Rows 1 to 24 took 33(\.0)?\sg/);
  await hand(page).getByRole("button", { name: "Measure" }).click();
  await page.getByLabel("From its first row to the needles").fill("9.2 cm");
  await expect(page.getByRole("dialog")).toContainText(/24 rows over that are 26\.1\srows/);
  await page.getByRole("button", { name: "Save" }).click();
  await expect(yarn).toContainText(/24 rows measure 9\.2\scm, \d\.\d\scm expected/);
});

test("balls are laid along the rows, one after the other or in turn; what finishes the work is ticked off", async ({
  page,
}) => {
  await hand(page)
    .getByRole("button", { name: /^Fold the row away/ })
    .click();
  const balls = page.getByRole("region", { name: "Ball by ball" });
  await expect(balls.getByRole("row").nth(1)).toContainText("Back, 1 to 33");
  await balls.getByRole("radio", { name: "Two balls in turn, every two rows" }).click();
  await expect(balls).toContainText("in turn");
  const list = page.getByRole("region", { name: "Finishing list" });
  await expect(list).toContainText("0 of 6 done");
  await list.getByRole("checkbox", { name: /^Wash and pin out Back/ }).check();
  await expect(list).toContainText("1 of 6 done");
  await page.reload();
  await expect(list).toContainText("1 of 6 done");
  await list.getByRole("checkbox", { name: /^Wash and pin out Back/ }).uncheck();
  await expect(list).toContainText("0 of 6 done");
});

test("after half an hour without a rest one is advised, and not before", async ({ page }) => {
  await knit(page, 30);
  await expect(hand(page)).not.toContainText("put it down");
  await knit(page, 2);
  await expect(hand(page)).toContainText("You have been knitting for 31 minutes: put it down for ten");
});

test("rows a day until the day that is chosen, with days of rest, and as a calendar file", async ({
  page,
}) => {
  await hand(page)
    .getByRole("button", { name: /^Fold the row away/ })
    .click();
  const card = page.getByRole("region", { name: "By when" });
  await card.getByLabel("To be done by").fill("2026-11-14");
  await expect(card).toContainText(/\d+ to \d+ rows a day, some \d.* h, on 10 days/);
  await card.getByRole("button", { name: "Sunday" }).click();
  await expect(card).toContainText("on 9 days");
  const saved = page.waitForEvent("download");
  await card.getByRole("button", { name: "Save the days as a calendar file" }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe("harrow-slipover.ics");
  const text = await readFile(await file.path(), "utf8");
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(9);
  expect(text.replaceAll(/\r?\n[ \t]/g, "")).toMatch(/SUMMARY:Harrow slipover: Back\\, rows 83 to \d+/);
  await card.getByLabel("To be done by").fill("2026-11-01");
  await expect(card).toContainText("No day of knitting is left until then");
});

test("two tabs lose and double no row", async ({ page, context }) => {
  const other = await context.newPage();
  await other.clock.setFixedTime(now);
  await other.goto("/knit");
  await takeFront(other);
  await knit(page, 3);
  await expect(rowNumber(other)).toHaveText("4");
  await other.clock.setFixedTime(now + 60_000);
  await done(other).click();
  await expect(rowNumber(page)).toHaveText("5");
  await other.close();
});

test("axe finds nothing on the needles, in the light and in the dark, at night and in high contrast", async ({
  page,
}) => {
  await expectAccessible(page);
  for (const look of ["Night", "Contrast"]) {
    await page.keyboard.press(",");
    await page.getByRole("radio", { name: new RegExp(look, "i") }).click();
    await page.keyboard.press("Escape");
    await expect(page.locator("html")).toHaveAttribute("data-look", look.toLowerCase());
    if (look === "Night") await expectAccessibleNow(page, "at night");
    else await expectAccessible(page);
  }
});
