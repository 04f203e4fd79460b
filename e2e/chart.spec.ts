import { expect, openAt, test, writeRows } from "./bench";
import type { Page } from "@playwright/test";

const rowsOf = (page: Page) => page.getByRole("textbox", { name: "Rows as text" });
const chartOf = (page: Page) => page.getByRole("region", { name: "Chart of New panel" });

async function startWith(page: Page, text: string, counts: string) {
  await openAt(page, "/panels");
  await page.getByRole("button", { name: "New", exact: true }).click();
  await expect(chartOf(page)).toBeVisible();
  await writeRows(page, text);
  await expect(page.getByText(counts)).toBeVisible();
  await chartOf(page).focus();
}

test("stitches are copied from one row and pasted into another", async ({ page }) => {
  await startWith(page, "Rnd 1: P1, C4F, K3.\nRnd 2: K8.", "8 stitches · 2 rows");
  for (let step = 0; step < 4; step += 1) await chartOf(page).press("Shift+ArrowLeft");
  await expect(page.getByText("Row 1, stitches 1 to 5")).toBeVisible();
  await chartOf(page).press("Control+c");
  await chartOf(page).press("ArrowUp");
  await expect(page.getByText("Row 2, stitch 5")).toBeVisible();
  for (let step = 0; step < 4; step += 1) await chartOf(page).press("ArrowRight");
  await chartOf(page).press("Control+v");
  await expect(rowsOf(page)).toContainText("Rnd 1: P1, C4F, K3.Rnd 2: p1, 2/2 LC, k3.");
});

test("a stitch is picked with the pointer, a span with Shift", async ({ page }) => {
  await startWith(page, "Rnd 1: K10.\nRnd 2: K10.", "10 stitches · 2 rows");
  const box = await chartOf(page).locator("svg").boundingBox();
  if (!box) throw new Error("no chart");
  // Columns count from the right, behind the margin for row numbers; the first row is the lower one.
  const at = (column: number) => ({ x: box.width - 34 - (column - 0.5) * 26, y: 1.5 * 21 });
  await chartOf(page)
    .locator("svg")
    .click({ position: at(3) });
  await expect(page.getByText("Row 1, stitch 3:")).toBeVisible();
  await chartOf(page)
    .locator("svg")
    .click({ position: at(8), modifiers: ["Shift"] });
  await expect(page.getByText("Row 1, stitches 3 to 8")).toBeVisible();
  await page.getByRole("button", { name: "cross right over purl" }).click();
  await expect(rowsOf(page)).toContainText("Rnd 1: k2, 3/3 RPC, k2.");
});

test("undo takes back what was done on the chart", async ({ page }) => {
  await page.clock.install();
  await startWith(page, "Rnd 1: K6.\nRnd 2: K6.", "6 stitches · 2 rows");
  // What is done within a second of the typing would be one step with it.
  await page.clock.fastForward(1200);
  await chartOf(page).press("b");
  await expect(rowsOf(page)).toContainText("MB = 5 sts, 2 rows");
  await chartOf(page).press("Control+z");
  await expect(rowsOf(page)).not.toContainText("MB");
});

test("a chart that lacks an unread row cannot be edited, and says why", async ({ page }) => {
  await startWith(page, "Rnd 1: K4.\nRnd 2: K2, flurb, K1.", "4 stitches · 1 rows");
  await expect(page.getByText(/A row is not on the chart/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Lay p, purl" })).toBeDisabled();
  await chartOf(page).press("p");
  await expect(rowsOf(page)).toContainText("flurb");
});

test("any stitch is found by its name and laid by keys; the rows above follow, and the legend tells it", async ({
  page,
}) => {
  await startWith(page, "Rnd 1: K8.\nRnds 2-3: K8.", "8 stitches · 3 rows");
  await chartOf(page).press("ArrowLeft");
  await chartOf(page).press("/");
  const search = page.getByLabel("Find a stitch");
  await expect(search).toBeFocused();
  await page.keyboard.type("k2tog");
  await page.keyboard.press("Enter");
  await expect(rowsOf(page)).toContainText("Rnd 1: k1, k2tog, k5.");
  await expect(rowsOf(page)).toContainText("k7");
  await search.fill("C4F");
  await page.keyboard.press("Enter");
  await expect(rowsOf(page)).toContainText("2/2 LC");
  await page.keyboard.press("Escape");
  await expect(chartOf(page)).toBeFocused();
  const legend = page.getByRole("list", { name: "Signs of this chart" });
  await expect(legend).toContainText("2/2 LC");
  await expect(legend).not.toContainText("purl");
  await page.getByRole("button", { name: "Increases", exact: true }).click();
  await page.getByRole("button", { name: /^Lay yo, yarn over/ }).click();
  await expect(legend).toContainText("yarn over");
});
