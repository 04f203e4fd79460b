import { expect, expectAccessible, openAt, test, writeRows } from "./bench";

const PATTERN = "The pattern as it was pasted\nRow 1 (RS): P2, C4F, P2.\nRow 2: K2, P3, K2.";

test.beforeEach(({ page }) => openAt(page, "/panels"));

test("the library is drawn, searched, and written out in either naming", async ({ page }) => {
  await expect(page.getByRole("region", { name: "Chart of Honeycomb" })).toBeVisible();
  await page.getByLabel("Find a panel").fill("horse");
  await page.getByRole("button", { name: /^Horseshoe/ }).click();
  await expect(page.getByText("16 stitches · 8 rows")).toBeVisible();
  await page.getByRole("button", { name: "Write it out" }).click();
  await expect(page.getByRole("dialog")).toContainText("Row 1 (RS): p2, 3/3 RC, 3/3 LC, p2.");
  await page.getByRole("radio", { name: "Crossings by their total" }).click();
  await expect(page.getByRole("dialog")).toContainText("Row 1 (RS): p2, C6B, C6F, p2.");
});

test("a pasted pattern with a wrong count is named, mended, and kept", async ({ page }) => {
  await page.getByRole("button", { name: "New", exact: true }).click();
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await writeRows(page, PATTERN);
  await expect(page.getByText("Row 2 works 7 stitches, but the row below has 8.")).toBeVisible();
  await expect(page.getByText("line 3", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "P4 instead of P3" }).click();
  await expect(page.getByText("Row 2 works 7 stitches")).toBeHidden();
  await expect(page.getByText("8 stitches · 2 rows")).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "New panel", exact: true }).click();
  await expect(rows).toContainText("The pattern as it was pasted");
});

test("an unknown word and a crossing with two meanings are mended with a click", async ({ page }) => {
  await page.getByRole("button", { name: "New", exact: true }).click();
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await writeRows(page, "Rnd 1: P2, C3F, k2tgo, P2.");
  await page.getByRole("button", { name: "k2tog", exact: true }).click();
  await page.getByRole("button", { name: "2/1 LC", exact: true }).click();
  await expect(rows).toContainText("C3F = 2/1 LC");
  await expect(page.getByText("Every row adds up.")).toBeVisible();
});

test("a crossing is drawn on the chart by keyboard, and the text follows", async ({ page }) => {
  await page.getByRole("button", { name: "New", exact: true }).click();
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await writeRows(page, "Row 1 (RS): P2, K6, P2.\nRow 2: K2, P6, K2.");
  const chart = page.getByRole("region", { name: "Chart of New panel" });
  await expect(chart).toBeVisible();
  await expect(page.getByText("10 stitches · 2 rows")).toBeVisible();
  await chart.focus();
  for (const key of ["ArrowLeft", "ArrowLeft"]) await chart.press(key);
  for (let step = 0; step < 5; step += 1) await chart.press("Shift+ArrowLeft");
  await expect(page.getByText("Row 1, stitches 3 to 8")).toBeVisible();
  await chart.press("l");
  await expect(rows).toContainText("Row 1 (RS): p2, 3/3 LC, p2.");
  await page.getByRole("button", { name: /^cross right R/ }).click();
  await expect(rows).toContainText("Row 1 (RS): p2, 3/3 RC, p2.");
  await chart.press("m");
  await expect(rows).toContainText("Row 1 (RS): p2, 3/3 LC, p2.");
  await chart.press("Control+c");
  await chart.press("Insert");
  await expect(page.getByText("10 stitches · 3 rows")).toBeVisible();
  await expect(page.getByText(/The repeat has 3 rows, an odd number/)).toBeVisible();
  await page.getByRole("button", { name: "delete row" }).click();
  await expect(page.getByText("10 stitches · 2 rows")).toBeVisible();
});

test("a panel is mirrored about its centre and joined to another; each becomes one’s own", async ({
  page,
}) => {
  await page.getByLabel("Find a panel").fill("twisted rib, 1 over 2");
  await page.getByRole("button", { name: /^Twisted rib, 1 over 2/ }).click();
  await page.getByRole("button", { name: "Make from it" }).click();
  await page.getByRole("menuitem", { name: "Mirror about the centre" }).click();
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await expect(rows).toContainText("p2, 1/2 LC, p4, 1/2 RC, p2");
  await page.getByRole("button", { name: "Make from it" }).click();
  await page.getByRole("menuitem", { name: /Join or end/ }).click();
  await page.getByLabel("At its left").selectOption("Garter");
  await page.getByRole("button", { name: "Join side by side" }).click();
  await expect(rows).toContainText("1/2 RC, p2, k8");
});

test("the glossary explains a stitch under the cursor in either school", async ({ page }) => {
  await page.keyboard.press("g");
  const glossary = page.getByRole("dialog", { name: "Glossary" });
  await glossary.getByLabel("Find a stitch, a crossing or a technique").fill("C6B");
  await expect(glossary.getByRole("row", { name: /3\/3 RC or C6B/ })).toContainText(
    "3 over 3, leaning right",
  );
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "New", exact: true }).click();
  await page.getByRole("region", { name: "Chart of New panel" }).press("ArrowLeft");
  await page.getByRole("button", { name: "p, purl", exact: true }).click();
  await expect(glossary.getByRole("row").nth(1)).toContainText("purl");
});

test("own panels are copied, renamed and deleted, and deleting can be undone", async ({ page }) => {
  await page.getByRole("button", { name: /Copy to my panels/ }).click();
  await page.getByLabel("Name", { exact: true }).fill("Grandmother’s comb");
  await page.getByRole("button", { name: "Duplicate" }).click();
  const list = page.getByRole("region", { name: "Panels", exact: true });
  await expect(list.getByRole("button", { name: "Grandmother’s comb, copy" })).toBeVisible();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await expect(list.getByRole("button", { name: "Grandmother’s comb, copy" })).toBeHidden();
  await page.keyboard.press("Control+z");
  await expect(list.getByRole("button", { name: "Grandmother’s comb, copy" })).toBeVisible();
});

test("axe finds nothing among the panels, in the light and in the dark", async ({ page }) => {
  await page.getByRole("button", { name: /Copy to my panels/ }).click();
  await expect(page.getByRole("textbox", { name: "Rows as text" })).toBeVisible();
  await expectAccessible(page);
});

test("a copy knows where it comes from and which rows were changed, and can go back", async ({ page }) => {
  await page.getByRole("button", { name: /Copy to my panels/ }).click();
  const chart = page.getByRole("region", { name: "Chart of Honeycomb" });
  await chart.focus();
  await chart.press("k");
  await expect(page.getByText("changed since: row 1")).toBeVisible();
  await page.getByText(/^Where it comes from/).click();
  await expect(page.getByLabel("From", { exact: true })).toHaveValue("Honeycomb, from the library");
  await page.getByLabel("Version").fill("2nd");
  await page.getByRole("button", { name: "Back to how it was" }).click();
  await expect(page.getByText("changed since")).toBeHidden();
  await expect(page.getByLabel("Version")).toHaveValue("2nd");
});

test("words and names of crossings are chosen in the settings, and the chart follows", async ({ page }) => {
  await page.getByRole("button", { name: "New", exact: true }).click();
  await writeRows(page, "Rnd 1: skp, C4F.");
  await expect(page.getByRole("button", { name: /^skp,/ })).toBeVisible();
  await page.getByRole("button", { name: "Settings" }).click();
  await page.getByRole("radio", { name: "UK" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^skpo,/ })).toBeVisible();
});
