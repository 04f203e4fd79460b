/** Another yarn for the same thing: side by side, with what decides. */
import type { Page } from "@playwright/test";
import { answerIsThere, answerOf, ballsOf, expect, openAt, test } from "./bench";

const bench = (page: Page) => page.getByRole("region", { name: "Compare yarns" });
const row = (page: Page, name: string) =>
  bench(page)
    .getByRole("row")
    .filter({ has: page.getByRole("rowheader", { name, exact: true }) });
/** What a line says of the n-th yarn; the pattern's own is the first. */
const cell = (page: Page, name: string, column: number) =>
  row(page, name)
    .getByRole("cell")
    .nth(column - 1);

async function openSwap(page: Page) {
  await openAt(page, "/swap");
  await expect(bench(page)).toContainText("3 yarns", { timeout: 20_000 });
}

/** Figures follow in the worker. */
const calculated = (page: Page) =>
  expect(bench(page)).not.toContainText("calculating …", { timeout: 20_000 });

test("a chunky and a fingering held triple beside the aran, the finished size kept", async ({ page }) => {
  await openSwap(page);
  const heads = bench(page).getByRole("columnheader");
  await expect(heads).toHaveText([
    "What is compared",
    /Tarnock Aran, lichen.*the pattern’s own/s,
    /Osmuth Chunky, barley.*from the shop/s,
    /Vessin Fingering, plum, held triple.*from the shelf/s,
  ]);
  await expect(bench(page)).toContainText(
    "Vessin Fingering, plum, held triple costs least; Tarnock Aran, lichen shows its cables most clearly; Osmuth Chunky, barley is knitted soonest.",
  );
  await expect(cell(page, "Balls", 1)).toContainText(/10 × 50\sg/);
  await expect(cell(page, "Balls", 2)).toContainText(/6 × 100\sg/);
  await expect(cell(page, "Balls", 3)).toContainText(/11 × 50\sg/);
  await expect(cell(page, "Cast on, across, rows", 2)).toHaveText("70 st, 8 ropes, 122 rows");
  await expect(cell(page, "Finished size", 2)).toContainText(/−0\.4\scm wide/);
  await expect(cell(page, "Gauge", 1)).toContainText(/measured.*by its own swatch/s);
  await expect(cell(page, "Gauge", 2)).toContainText("from the band");
  await expect(cell(page, "Gauge", 3)).toContainText("assumed");
  await expect(cell(page, "Yarn", 3)).toContainText(/1966\sm, 468\sg.*655\sm of all strands/s);
  await expect(cell(page, "Cost with postage", 2)).toContainText(/54\.90.*6 to buy/s);
  await expect(cell(page, "Cost with postage", 3)).toContainText("7 from the shelf");
  await expect(cell(page, "To be surer", 2)).toContainText(/swatch.*leaves \d+ % of the doubt/s);
  await expect(page.getByRole("img", { name: /^Fabric in .*, to scale$/ })).toHaveCount(3, {
    timeout: 40_000,
  });
});

test("keeping the stitches tells the size that comes out, and keeping the size brings it back", async ({
  page,
}) => {
  await openSwap(page);
  const verdict = cell(page, "Verdict", 2);
  await expect(verdict).toContainText("does as well");
  await page.getByRole("radio", { name: "Keep the stitches" }).click();
  await expect(verdict).toContainText(/Wrong thickness: it would be 67\.8\scm wide instead of 50\.9\scm/, {
    timeout: 20_000,
  });
  await calculated(page);
  await expect(cell(page, "Cast on, across, rows", 2)).toHaveText("94 st, 11 ropes, 162 rows");
  await expect(cell(page, "Cast on, across, rows", 3)).toHaveText("94 st, 11 ropes, 162 rows");
  await expect(cell(page, "Balls", 2)).toContainText(/11 × 100\sg/);
  await page.keyboard.press("u");
  await expect(verdict).toContainText(/26\.69\sin wide instead of 20\.04\sin/);
  await page.getByRole("radio", { name: "Keep the finished size" }).click();
  await expect(verdict).toContainText("does as well", { timeout: 20_000 });
});

test("one is found by name among the shelf and the shop, put beside, given another strand, and taken out", async ({
  page,
}) => {
  await openSwap(page);
  await page.getByRole("button", { name: "From shelf or shop" }).click();
  const sheet = page.getByRole("dialog", { name: "Find another yarn" });
  const ways = sheet.getByRole("list", { name: "Yarns that could do" }).getByRole("listitem");
  await expect(ways.filter({ hasText: "Tarnock Aran" }).first()).toBeVisible({ timeout: 20_000 });
  await sheet.getByRole("radio", { name: "lightest" }).click();
  await expect(ways.first()).toContainText("Gossim Lace");
  await sheet.getByLabel("Find a yarn").fill("skerrel flax double");
  await expect(ways.first()).toContainText("Skerrel DK, flax, held double");
  await sheet.getByRole("button", { name: "Compare Skerrel DK, flax, held double", exact: true }).click();
  await page.keyboard.press("Escape");
  await expect(bench(page)).toContainText("4 yarns", { timeout: 20_000 });
  await expect(cell(page, "Gauge", 4)).toContainText("assumed");
  await page.getByRole("button", { name: "Change Skerrel DK, flax, held double" }).click();
  await page.getByRole("radio", { name: "One strand" }).click();
  await page.keyboard.press("Escape");
  await expect(bench(page).getByRole("columnheader").nth(4)).toContainText(/Skerrel DK, flaxfrom/, {
    timeout: 20_000,
  });
  await page.getByRole("button", { name: "Delete Skerrel DK, flax" }).click();
  await expect(bench(page).getByRole("columnheader")).toHaveCount(4);
  await page.keyboard.press("Control+z");
  await expect(bench(page).getByRole("columnheader")).toHaveCount(5);
});

test("a yarn is typed in: without a put-up it says what is missing, with a price it says what it costs", async ({
  page,
}) => {
  await openSwap(page);
  await page.getByRole("button", { name: "Type in a yarn" }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Name of the yarn").fill("Hollin Tweed");
  await page.keyboard.press("Escape");
  await expect(cell(page, "Balls", 4)).toContainText("Say what a ball of it holds", { timeout: 20_000 });
  await page.getByRole("button", { name: "Change Hollin Tweed" }).click();
  await sheet.getByLabel("One ball holds").fill("50g/90m");
  await sheet.getByLabel("Price of a ball").fill("6");
  await sheet.getByLabel("held with another yarn, such as a lace").check();
  await sheet.getByLabel("held with another yarn, such as a lace").uncheck();
  await page.keyboard.press("Escape");
  await expect(cell(page, "Cost with postage", 4)).toContainText(/\d\d\.00/, { timeout: 20_000 });
});

test("a swatch of a substitute speaks for it alone, and knitting it in that yarn can be undone", async ({
  page,
}) => {
  await openSwap(page);
  await answerIsThere(page);
  const before = (await answerOf(page).textContent()) ?? "";
  await cell(page, "And now", 2).getByRole("button", { name: "Swatch it" }).click();
  await expect(page.getByLabel("Name of the swatch")).toHaveValue("Plain, Osmuth Chunky, barley");
  await expect(page.getByText("It counts for this substitute only")).toBeVisible();
  const finished = page.getByRole("group", { name: "Finished" });
  await finished.getByLabel("Width").fill("17.5 cm");
  await page.getByLabel("Weight").fill("26 g");
  await expect(answerOf(page)).toHaveText(before);
  await page.getByRole("link", { name: /^Swap/ }).click();
  await expect(cell(page, "Gauge", 2)).toContainText(/measured.*by its own swatch/s, { timeout: 20_000 });
  await calculated(page);
  await cell(page, "And now", 2).getByRole("button", { name: "Knit it in this" }).click();
  await expect(ballsOf(page)).toHaveText(/\b\d balls of 100\sg/);
  await expect(bench(page).getByRole("columnheader").nth(1)).toContainText("Osmuth Chunky, barley", {
    timeout: 20_000,
  });
  await expect(bench(page).getByRole("columnheader").nth(2)).toContainText("Tarnock Aran, lichen", {
    timeout: 20_000,
  });
  await expect(cell(page, "Gauge", 2)).toContainText("by its own swatch", { timeout: 20_000 });
  await page.keyboard.press("Control+z");
  await expect(answerOf(page)).toHaveText(before);
});

test("what is said of the pattern's own yarn changes how clearly its cables show", async ({ page }) => {
  await openSwap(page);
  await expect(cell(page, "Cables show", 1)).toContainText("clear, 88 of 100");
  await page.getByRole("button", { name: "Change Tarnock Aran, lichen" }).click();
  await page.getByLabel("Fibres").fill("60 % mohair 40 % silk");
  await page.getByLabel("Dyed in").selectOption("variegated");
  await page.keyboard.press("Escape");
  await expect(cell(page, "Cables show", 1)).toContainText(/hidden.*colours hide the ropes/s, {
    timeout: 20_000,
  });
  await expect(cell(page, "Verdict", 2)).toContainText("Cables show more clearly");
});
