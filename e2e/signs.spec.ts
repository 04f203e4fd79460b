/** Charts in letters and signs: pasted with or without a key, printed by the application and opened again. */
import type { Page } from "@playwright/test";
import {
  answerIsThere,
  expect,
  expectAccessible,
  filesSheetOf,
  openAt,
  openFiles,
  saved,
  test,
} from "./bench";

const GRID =
  "4  x x o o o o x x\n   x x c c c c x x  3\n2  x x o o o o x x\n   x x o o o o x x  1\nc = 2/2 LC";
const ROWS =
  /Row 1 \(RS\): p2, k4, p2\.[^]*Rows? 2, 4 \(WS\): k2, p4, k2\.[^]*Row 3 \(RS\): p2, 2\/2 LC, p2\./;

async function openSheet(page: Page) {
  await openAt(page, "/panels");
  await page.getByRole("button", { name: "From a chart in letters and signs" }).click();
  const sheet = page.getByRole("dialog", { name: "A chart in letters and signs" });
  await expect(sheet.getByRole("textbox")).toBeVisible();
  return sheet;
}

test("a pasted chart asks for the stitches of its signs, is drawn, and becomes a panel; the links hold", async ({
  page,
}) => {
  const sheet = await openSheet(page);
  await sheet.getByRole("textbox").fill("Once upon a time");
  await expect(sheet.getByText(/No chart is found in this text/)).toBeVisible();
  await sheet.getByRole("textbox").fill(GRID);
  await expect(sheet.getByText("It is drawn as soon as each sign has its stitch.")).toBeVisible();
  await expectAccessible(page, "[role=dialog]");
  await sheet.getByRole("combobox", { name: /What o/ }).selectOption("knit");
  await sheet.getByRole("combobox", { name: /What x/ }).selectOption("purl");
  await expect(sheet.getByRole("region", { name: "Chart as it is read" })).toBeVisible();
  await expect(sheet.getByText("Read flat, from the bottom up, on 8 stitches.")).toBeVisible();
  await sheet.getByRole("button", { name: "Take it as a panel" }).click();
  await expect(page.getByRole("textbox", { name: "Rows as text" })).toContainText(ROWS);

  await page.getByRole("button", { name: "From a chart in letters and signs" }).click();
  const again = page.getByRole("dialog", { name: "A chart in letters and signs" });
  await again.getByRole("textbox").fill("3 x o o x\n1 x o o x");
  await expect(again.getByRole("combobox", { name: /What o/ })).toHaveValue("knit");
  await again.getByRole("radio", { name: "as the stitches show" }).click();
  await expect(again.getByText("Read flat, from the bottom up, on 4 stitches.")).toBeVisible();
});

test("charts that were printed read back: from the sheet as pages, and as text", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await openFiles(page);
  const kept = [];
  for (const button of ["Knitting sheet: PDF", "Knitting sheet: Text"]) {
    const { name, bytes } = await saved(page, () =>
      filesSheetOf(page).getByRole("button", { name: button, exact: true }).click(),
    );
    kept.push({ name, mimeType: "", buffer: bytes });
  }
  await page.keyboard.press("Escape");
  const sheet = await openSheet(page);
  for (const file of kept) {
    await sheet.getByRole("textbox").fill("");
    await sheet.getByLabel("File of a chart").setInputFiles(file);
    await expect(sheet.getByRole("region", { name: /^Chart( \d)?$/ })).toHaveCount(1);
    await expect(sheet.getByRole("button", { name: "Take it as a panel" })).toHaveCount(1);
    await expect(sheet.getByRole("combobox")).toHaveCount(0);
  }
});

test("a chart in a pattern is linked sign by sign, and its panel is worked", async ({ page }) => {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByRole("radio", { name: "Pattern" }).click();
  await sheet
    .getByRole("textbox")
    .fill(
      `Rope scarf\n\nChart A\n${GRID}\n\nScarf\nCast on 64 sts.\nWork chart A over all sts.\nRepeat rows 1-4 29 times more.\nBind off.`,
    );
  await expect(sheet.getByText(/sentences? not understood/)).toBeVisible();
  const list = sheet.getByRole("list", { name: "The pattern, and what is made of it" });
  await list.getByRole("combobox", { name: /What o/ }).selectOption("knit");
  await list.getByRole("combobox", { name: /What x/ }).selectOption("purl");
  await expect(sheet.getByText("Every sentence is understood, and every count agrees.")).toBeVisible();
  await expect(list.getByText("Panel: Chart A")).toBeVisible();
  await expectAccessible(page, "[role=dialog]");
});
