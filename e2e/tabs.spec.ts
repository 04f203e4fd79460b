/** Several tabs of one browser. */
import type { BrowserContext, Page } from "@playwright/test";
import { ballsOf, expect, openAt, openBack, openFile, test, undoButtonOf } from "./bench";

const GAUGE = "Plain gauge: stitches";

/** A tab beside one in which something is saved. */
async function besideSaved(page: Page, context: BrowserContext, path?: string): Promise<Page> {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
  const other = await context.newPage();
  await openAt(other, path);
  return other;
}

test("two tabs show one project and one shelf: neither writes over what the other has changed", async ({
  page,
  context,
}) => {
  const other = await besideSaved(page, context, "/shelf");
  await expect(ballsOf(other)).toHaveText(/\b6 balls/);

  // On the one the shelf is changed, then on the other the project.
  const shelf = other.getByRole("region", { name: "Your shelf" });
  await shelf.getByRole("button", { name: "A yarn" }).click();
  await other.getByLabel("Name of the yarn").fill("Hesper Worsted");
  await other.keyboard.press("Escape");
  await expect(shelf).toContainText("Hesper Worsted");
  await page.getByLabel(GAUGE).fill("18 sts 10cm");
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  await expect(ballsOf(other)).toHaveText(/\b5 balls/);

  await page.getByRole("link", { name: /^Shelf/ }).click();
  await expect(page.getByRole("region", { name: "Your shelf" })).toContainText("Hesper Worsted");
  await page.reload();
  await expect(page.getByRole("region", { name: "Your shelf" })).toContainText("Hesper Worsted");
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
});

test("a project opened in one tab is open in that one; the other goes on with its own", async ({
  page,
  context,
}) => {
  const other = await besideSaved(page, context);
  await openFile(other, {
    name: "scarf.brenok.json",
    content: JSON.stringify({ ...(await demoOf(other)), name: "Scarf of the evening" }),
  });
  await expect(other.getByRole("button", { name: /Scarf of the evening/ })).toBeVisible();
  await expect(other.getByRole("banner").getByRole("status")).toHaveText("Saved");
  await page.getByLabel("Rows", { exact: true }).fill("152");
  await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
  for (const [tab, name] of [
    [page, /Harrow slipover/],
    [other, /Scarf of the evening/],
  ] as const) {
    await tab.reload();
    await expect(tab.getByRole("button", { name })).toBeVisible();
  }
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("152");
});

test("what two tabs change within the same moment is kept of both, and undo takes back one’s own", async ({
  page,
  context,
}) => {
  const other = await besideSaved(page, context);
  await expect(other.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");
  await Promise.all([
    page.getByLabel("Rows", { exact: true }).fill("153"),
    other.getByLabel(GAUGE).fill("15 sts 10cm"),
  ]);
  for (const tab of [page, other]) {
    await expect(tab.getByLabel("Rows", { exact: true })).toHaveValue("153");
    await expect(tab.getByLabel(GAUGE)).toHaveValue("15 sts 10cm");
  }
  await undoButtonOf(page).click();
  for (const tab of [page, other]) {
    await expect(tab.getByLabel("Rows", { exact: true })).toHaveValue("150");
    await expect(tab.getByLabel(GAUGE)).toHaveValue("15 sts 10cm");
  }
});

test("units chosen in one tab are those of the other", async ({ page, context }) => {
  await openAt(page);
  const other = await context.newPage();
  await openAt(other);
  await page.getByRole("radio", { name: "Imperial" }).click();
  await expect(other.getByRole("radio", { name: "Imperial" })).toBeChecked();
});

const demoOf = async (page: Page) =>
  (await (await page.request.get("/api/demo")).json()) as Record<string, unknown>;
