/** Several tabs of one browser. */
import type { Page } from "@playwright/test";
import { ballsOf, expect, openAt, openBack, openFile, test } from "./bench";

const GAUGE = "Plain gauge: stitches";

test("two tabs show one project and one shelf: neither writes over what the other has changed", async ({
  page,
  context,
}) => {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await expect(page.getByText("Saved in this browser")).toBeVisible();
  const other = await context.newPage();
  await openAt(other, "/shelf");
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

test("a project opened in one tab is open in the other, which says so, and can have its own back", async ({
  page,
  context,
}) => {
  await openBack(page);
  await expect(page.getByText("Saved in this browser")).toBeVisible();
  const other = await context.newPage();
  await openAt(other);
  await openFile(other, {
    name: "scarf.brenok.json",
    content: JSON.stringify({ ...(await demoOf(other)), name: "Scarf of the evening" }),
  });
  await expect(other.getByRole("button", { name: /Scarf of the evening/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /Scarf of the evening/ })).toBeVisible();
  await expect(page.getByText(/Another of your tabs has “Scarf of the evening” open now/)).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: /Harrow slipover/ })).toBeVisible();
  await expect(other.getByRole("button", { name: /Harrow slipover/ })).toBeVisible();
  await expect(ballsOf(other)).toHaveText(/\b5 balls/);
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
