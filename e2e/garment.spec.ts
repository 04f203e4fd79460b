import type { Page } from "@playwright/test";
import {
  answerIsThere,
  ballsOf,
  expect,
  expectAccessible,
  ledgerOf,
  openAt,
  openBack,
  saved,
  test,
  openDrawer,
} from "./bench";

const sections = (page: Page) => page.getByRole("list", { name: "Sections" });
const names = (page: Page) => sections(page).getByRole("button", { name: /^(?!Move)/ });

async function beginHat(page: Page) {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await expect(sheet).toContainText("about 2 balls");
  await sheet.getByLabel("Yarn", { exact: true }).selectOption("fingering");
  await sheet.getByLabel("Head, all round").fill("58 cm");
  await expect(sheet).toContainText(/most likely between/);
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await expect(sheet).toBeHidden();
}

test("a hat is begun, its size changed and the balls with it; all of it is undone", async ({ page }) => {
  await beginHat(page);
  await expect(page.getByRole("region", { name: "Hat", exact: true })).toBeVisible();
  await expect(sections(page)).toContainText("Decrease, evenly");
  await answerIsThere(page);
  const balls = await ballsOf(page).innerText();
  const needed = () => page.getByRole("region", { name: "Answer" }).textContent();
  const before = await needed();
  await openDrawer(page, "Size");
  const size = page.getByRole("region", { name: "Size" });
  await size.getByLabel("Measure").fill("90 cm");
  await expect(size.getByRole("row", { name: /^nearest count/ })).toContainText(/8\d\.\d\scm/);
  await size.getByRole("button", { name: "Take the nearest count" }).click();
  await expect(ballsOf(page)).not.toHaveText(balls);
  await expect(page.getByRole("region", { name: "Schematic" })).toContainText(/8\d\.\d\scm round/);
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(balls);
  await page.keyboard.press("Control+z");
  await expect(size.getByLabel("Measure")).toHaveValue(/^58\scm$/);
  expect(await needed()).toEqual(before);
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
});

test("negative ease that leaves nothing is told in the sheet and on the bench, and what was typed stays", async ({
  page,
}) => {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByLabel("Ease").fill("-60 cm");
  await expect(sheet).toContainText("nothing is left");
  await expect(sheet.getByRole("button", { name: "Start with this" })).toBeDisabled();
  await expect(sheet.getByLabel("Ease")).toHaveValue("-60 cm");
  await sheet.getByLabel("Ease").fill("lots");
  await expect(sheet.getByLabel("Ease")).toHaveAttribute("aria-invalid", "true");
  await page.keyboard.press("Escape");
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
});

test("sections are dragged and moved by keys into another order; undo brings the order back", async ({
  page,
}) => {
  await openAt(page);
  await expect(names(page).nth(1)).toHaveText(/^Rib, k2 p2/);
  const grip = page.getByRole("button", { name: "Move Rib, k2 p2" });
  await grip.focus();
  await page.keyboard.press("Space");
  await expect(page.getByText("Rib, k2 p2 is at place 2 of 10.")).toBeAttached();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByText("Rib, k2 p2 is at place 3 of 10.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect(names(page).nth(2)).toHaveText(/^Rib, k2 p2/);
  await page.keyboard.press("Control+z");
  await expect(names(page).nth(1)).toHaveText(/^Rib, k2 p2/);
  // What the answer had to leave out stands above the sections, and moves them down while it is there.
  await answerIsThere(page);
  const place = sections(page).getByRole("listitem").nth(3);
  await place.hover({ trial: true });
  await grip.hover();
  const [from, to] = [await grip.boundingBox(), await place.boundingBox()];
  if (!from || !to) throw new Error("nothing to drag");
  await page.mouse.move(from.x + 8, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y + 40, { steps: 5 });
  await page.mouse.move(from.x + 8, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(names(page).nth(3)).toHaveText(/^Rib, k2 p2/);
  // Where its cast-on no longer knows of a rib it still has an answer.
  await expect(ballsOf(page)).toHaveText(/\b\d+ balls/);
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
});

test("bobbles are switched off and on, the saving is shown; a hem is folded or not", async ({ page }) => {
  await openBack(page);
  await page.getByLabel("Width measured over cables").fill("");
  await page.getByRole("radio", { name: "Panels", exact: true }).click();
  await page.getByLabel("Panel 1", { exact: true }).selectOption({ label: "Bobbled columns" });
  for (let time = 0; time < 3; time += 1)
    await page.getByRole("button", { name: "Panel 1 once more" }).click();
  const texture = ledgerOf(page).getByRole("row", { name: /^Texture/ });
  await openDrawer(page, "Finishing");
  const finishing = page.getByRole("region", { name: "Finishing" });
  await expect(finishing.getByText(/would save [\d.]+\sm/).first()).toBeVisible();
  // Four times "multiple of 6 + 5" and the edges: the answer is that of the last press, and of none before it.
  const edge = Number(await page.getByLabel("Edge stitches").inputValue());
  await expect(sections(page)).toContainText(`${4 * 6 + 5 + 2 * edge} st`);
  await answerIsThere(page);
  const before = /[\d.]+\sm/.exec(await texture.innerText())?.[0] ?? "nothing";
  await finishing.getByLabel("bobbles and nupps").check();
  await expect(texture).not.toContainText(before);
  await expect(finishing.getByText(/^saves [\d.]+\sm/)).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(texture).toContainText(before);
  await page.getByRole("button", { name: /^Cast on, long-tail/ }).click();
  await page.getByRole("button", { name: "Add a section after this one" }).click();
  await page.getByRole("menuitem", { name: "Hem" }).click();
  await expect(sections(page)).toContainText("Hem, folded and sewn");
  await expect(finishing.getByText("folding the hems")).toBeVisible();
  await finishing.getByLabel("folding the hems").check();
  await expect(finishing.getByText(/^saves [\d.]+\sm/)).toBeVisible();
});

test("what cannot be worked says what and where, keeps what was typed, and leaves the rest standing", async ({
  page,
}) => {
  await openAt(page);
  await page.getByRole("button", { name: /^Decrease, both edges/ }).click();
  await page.getByLabel("times", { exact: true }).fill("80");
  await expect(
    page
      .getByRole("main")
      .getByText(/It ends on 1 stitch: the rule would take \d+ more/)
      .first(),
  ).toBeVisible();
  await expect(page.getByLabel("times", { exact: true })).toHaveValue("80");
  await expect(ballsOf(page)).toHaveText(/\b\d+ balls/);
  await page.getByRole("button", { name: /^11 ropes, 3 over 3/ }).click();
  await page.getByRole("textbox", { name: "Length" }).first().fill("1 mm");
  await expect(page.getByRole("main").getByText(/is under one row: a row here is/)).toBeVisible();
});

test("every row of a section opens as text and as chart; a bar of the ledger leads to it", async ({
  page,
}) => {
  await openAt(page);
  await ledgerOf(page).getByRole("button", { name: "Crossings", exact: true }).click();
  await ledgerOf(page).getByRole("button", { name: "Back: 11 ropes, 3 over 3", exact: true }).click();
  await expect(page.getByRole("region", { name: /^Section: 11 ropes/ })).toBeVisible();
  await ledgerOf(page).getByRole("button", { name: "Rows of Front: 11 ropes, 3 over 3" }).click();
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText(/78 rows/);
  await expect(sheet).toContainText("3/3 LC");
  await expect(sheet.getByRole("region", { name: /^Chart of/ })).toBeVisible();
  await expectAccessible(page, "[role=dialog]");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Decrease, the inner edge/ }).click();
  await page.getByRole("button", { name: "Rows as text and chart" }).click();
  await expect(sheet).toContainText("First side: 6 rows");
  await expect(sheet).toContainText("Second side: 6 rows");
  await expect(sheet).toContainText(/k2tog|p2tog/);
});

test("a second yarn in stripes has a strand and an answer of its own; undo takes it back", async ({
  page,
}) => {
  await openAt(page);
  // The back is on the needles: in stripes it would not have taken what was weighed of it.
  const pieces = page.getByRole("group", { name: "Pieces" });
  await pieces.getByRole("button", { name: "Front", exact: true }).click();
  await page.getByRole("button", { name: "Yarn", exact: true }).click();
  await page.getByRole("radio", { name: "stripes" }).click();
  await expect(ballsOf(page)).toHaveText(/\b\d+ balls needed in 2 yarns/);
  await expect(page.getByRole("list", { name: "Balls of each yarn" }).getByText("as written")).toHaveCount(2);
  await expect(page.getByRole("slider", { name: /strand of Yarn 2/ })).toBeVisible();
  await ledgerOf(page).getByRole("radio", { name: "yarn" }).click();
  await expect(ledgerOf(page).getByRole("row", { name: /^Yarn 2/ })).toContainText(/\d+\.\d\sm/);
  await expectAccessible(page);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(/\b10 balls of 50/);
});

test("the small demo is worked in the round and drawn laid flat", async ({ page }) => {
  await openAt(page);
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Open the small demo, in the round" }).click();
  await expect(ballsOf(page)).toHaveText(/\b2 balls of 100/);
  await expect(page.getByRole("region", { name: "Schematic" })).toContainText("drawn laid flat");
  await page.getByRole("button", { name: "Rows as text and chart" }).click();
  await expect(page.getByRole("dialog")).toContainText("Rnd");
});

test("sizes are pasted and stand side by side in every yarn, with the paragraph that a pattern prints", async ({
  page,
}) => {
  await openAt(page);
  await answerIsThere(page);
  await openDrawer(page, "Size");
  await page.getByRole("button", { name: "Several sizes side by side …" }).click();
  const sheet = page.getByRole("dialog", { name: "Sizes side by side" });
  const sizes = sheet.getByRole("textbox", { name: /One size a line/ });
  await sizes.fill("S; 92 cm; 56 cm\nM; wide; 60 cm");
  await expect(sheet).toContainText("Line 2:");
  await sizes.fill("S; 92 cm; 56 cm\nM; 104 cm; 60 cm");
  const table = sheet.getByRole("table", { name: "Sizes side by side" });
  await expect(table.getByRole("row")).toHaveCount(3);
  await expect(sheet.getByRole("button", { name: "Copy the paragraph" })).toBeEnabled({ timeout: 60_000 });
  await expect(sheet).toContainText(/Yarn: \d+ \(\d+\) balls of .* \(50\sg = 82\sm\)\./);
  await expectAccessible(page, "[role=dialog]");
  const file = await saved(page, () => sheet.getByRole("button", { name: "Save as CSV" }).click());
  expect(file.name).toBe("sizes.csv");
  const lines = file.bytes.toString("utf8").trim().split("\r\n");
  expect(lines[0]).toContain("size,across cm,along cm");
  // Two sizes in the pattern's own yarn and in each of its substitutes.
  expect((lines.length - 1) % 2).toBe(0);
  expect(lines.length).toBeGreaterThan(4);
});
