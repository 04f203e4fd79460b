import { ballsOf, expect, ledgerOf, openAt, test } from "./bench";

test("a back becomes a back and a front: the balls, the ledger and the strand follow; undo takes it back", async ({
  page,
}) => {
  await openAt(page);
  await page.getByRole("button", { name: "Copy the piece" }).click();
  await page.getByLabel("Name of the piece").fill("Front");
  await expect(page.getByRole("button", { name: "Front", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await expect(ballsOf(page)).toHaveText(/Buy 10 balls/);
  await expect(ledgerOf(page)).toContainText("By piece");
  await page.getByLabel("Rows", { exact: true }).fill("75");
  await expect(ballsOf(page)).toHaveText(/Buy 7 balls/);
  await page.getByRole("button", { name: "Back", exact: true }).click();
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("150");
  await page.reload();
  await page.getByRole("button", { name: "Front", exact: true }).click();
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("75");
  await page.getByRole("button", { name: "Take the piece out" }).click();
  await expect(ballsOf(page)).toHaveText(/Buy 5 balls/);
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(ballsOf(page)).toHaveText(/Buy 7 balls/);
});

test("a piece is worked twice, and the strand opens the copy that is clicked", async ({ page }) => {
  await openAt(page);
  await page.getByRole("button", { name: "Work it once more" }).click();
  await expect(ballsOf(page)).toHaveText(/Buy 10 balls/);
  await expect(ledgerOf(page)).toContainText("2 times");
  const strand = page.getByRole("slider", { name: /strand/ });
  await expect(strand).toHaveAttribute("aria-valuemax", "300");
  await strand.focus();
  await strand.press("End");
  await expect(strand).toHaveAttribute("aria-valuetext", /Back 2 of 2, row 150 of 150/);
  await expect(page.getByRole("img", { name: /stitches by \d+ rows/ })).toContainText("row 150");
});

test("a mirrored copy leans the other way; a new piece without rows is left out and says so", async ({
  page,
}) => {
  await openAt(page);
  await page.getByRole("button", { name: "Copy it mirrored" }).click();
  await expect(page.getByRole("radio", { name: "right", exact: true })).toBeChecked();
  await page.getByRole("button", { name: "Piece", exact: true }).click();
  await expect(page.getByText("New piece has no rows yet: it is not in the answer.")).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/Buy 10 balls/);
  await page.getByLabel("Rows", { exact: true }).fill("60");
  await expect(page.getByText(/it is not in the answer/)).toBeHidden();
  await expect(page.getByText("12 stitches to cast on")).toBeVisible();
});

test("edges, seams, swatch and extras reach the ledger; without a tail there is none to leave", async ({
  page,
}) => {
  await openAt(page);
  await expect(page.getByRole("region", { name: "Tail to leave" })).toBeVisible();
  await page.getByLabel("Cast-on", { exact: false }).first().selectOption({ label: "Tubular" });
  await expect(page.getByRole("region", { name: "Tail to leave" })).toBeHidden();
  await page.getByLabel(/^Cast-off/).selectOption({ label: "Sewn" });
  await page.getByLabel("Seams along its sides").fill("2");
  await expect(page.getByText(/each 59\.0\scm long, together 2\.4\sm/)).toBeVisible();
  await page.getByLabel("Swatch of this yarn, its side").fill("12 cm");
  await page.getByLabel("Fringe, pompon, mending").fill("20 yd");
  for (const [part, yarn] of [
    ["Seams", "2.4 m"],
    ["Swatch", /1\d\.\d m/],
    ["Extras", "18.3 m"],
  ] as const)
    await expect(ledgerOf(page).getByRole("row", { name: part })).toContainText(yarn);
  await page.keyboard.press("Control+z");
  await expect(ledgerOf(page).getByRole("row", { name: "Extras" })).toBeHidden();
});
