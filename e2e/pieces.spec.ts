import { ballsOf, expect, ledgerOf, openAt, openBack, openDrawer, test, undoButtonOf } from "./bench";

test("a back becomes a back and a front: the balls, the ledger and the strand follow; undo takes it back", async ({
  page,
}) => {
  await openBack(page);
  await page.getByRole("button", { name: "Copy the piece" }).click();
  await page.getByLabel("Name of the piece").fill("Front");
  await expect(page.getByRole("button", { name: "Front", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await ledgerOf(page).getByRole("radio", { name: "piece" }).click();
  await expect(ledgerOf(page).getByRole("row", { name: /^Front/ })).toContainText(/32\d\.\d m/);
  await page.getByLabel("Rows", { exact: true }).fill("75");
  await expect(ballsOf(page)).toHaveText(/\b7 balls/);
  const pieces = page.getByRole("group", { name: "Pieces" });
  await pieces.getByRole("button", { name: "Back", exact: true }).click();
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("150");
  await page.reload();
  await pieces.getByRole("button", { name: "Front", exact: true }).click();
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("75");
  await page.getByRole("button", { name: "Delete the piece" }).click();
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  await undoButtonOf(page).click();
  await expect(ballsOf(page)).toHaveText(/\b7 balls/);
});

test("a piece is worked twice, and the strand opens the copy that is clicked", async ({ page }) => {
  await openBack(page);
  await page.getByRole("button", { name: "Work it once more" }).click();
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await ledgerOf(page).getByRole("radio", { name: "piece" }).click();
  await expect(ledgerOf(page).getByRole("row", { name: /^Back ×2/ })).toContainText(/64\d\.\d m/);
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
  await openBack(page);
  await page.getByRole("button", { name: "Copy it mirrored" }).click();
  await expect(page.getByLabel("mirrored", { exact: true })).toBeChecked();
  await page.getByRole("button", { name: "Rows as text and chart" }).click();
  await expect(page.getByRole("dialog")).toContainText("3/3 RC");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Piece", exact: true }).click();
  await expect(page.getByText("New piece is not in the answer: No rows yet: say how many.")).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await page.getByLabel("Rows", { exact: true }).fill("60");
  await expect(page.getByText(/is not in the answer/)).toBeHidden();
  await expect(page.getByText("Cast on 12")).toBeVisible();
});

test("edges, seams, swatch and extras reach the ledger; without a tail there is none to leave", async ({
  page,
}) => {
  await openBack(page);
  await expect(page.getByRole("region", { name: "Tail to leave" })).toBeVisible();
  await page.getByRole("button", { name: /^Cast on, long-tail/ }).click();
  await page.getByLabel(/^Cast-on/).selectOption({ label: "Tubular" });
  await expect(page.getByRole("region", { name: "Tail to leave" })).toBeHidden();
  await page.getByRole("button", { name: /^Bind off, plain/ }).click();
  await page.getByLabel(/^Bind-off/).selectOption({ label: "Sewn" });
  await openDrawer(page, "Finishing");
  await page.getByRole("button", { name: "A seam" }).click();
  await page.getByLabel("Seams like this").fill("2");
  await expect(page.getByRole("button", { name: /^Back, side ×2 2\.4\sm/ })).toBeVisible();
  await page.getByLabel("Swatch, its side").fill("12 cm");
  await page.getByRole("button", { name: "An extra" }).click();
  await page.getByRole("menuitem", { name: "Mending, or something else" }).click();
  await page.getByLabel("Yarn kept").fill("20 yd");
  for (const [part, yarn] of [
    ["Seams", "2.4 m"],
    ["Swatch", /1\d\.\d m/],
    ["Extras", "18.3 m"],
  ] as const)
    await expect(ledgerOf(page).getByRole("row", { name: new RegExp(`^${part}`) })).toContainText(yarn);
  await page.getByRole("button", { name: "Delete Mending, or something else" }).click();
  await expect(ledgerOf(page).getByRole("row", { name: /^Extras/ })).toBeHidden();
  await undoButtonOf(page).click();
  await expect(ledgerOf(page).getByRole("row", { name: /^Extras/ })).toBeVisible();
});

test("the garment is folded as it is worn, and names the pieces of which nobody knows where they go", async ({
  page,
}) => {
  await openAt(page);
  const schematic = page.getByRole("region", { name: "Schematic", exact: true });
  await schematic.getByRole("radio", { name: "As worn" }).click();
  const worn = schematic.getByRole("img", { name: "Front over Back, as worn" });
  // Two lines to each band: one along the front's neck, one along the back's, and two for each armhole.
  await expect(worn.locator("polyline[stroke-dasharray='1.2 2.6']")).toHaveCount(6);
  await expect(schematic.getByText("sewn along the dashed sides.")).toBeVisible();
  await page.getByRole("button", { name: "Copy the piece" }).click();
  await page.getByLabel("Name of the piece").fill("Pocket");
  await expect(schematic.getByText("not drawn, since nothing says where it goes: Pocket.")).toBeVisible();
  await schematic.getByRole("radio", { name: "This piece" }).click();
  await expect(worn).toBeHidden();
});

test("a single piece is not offered as worn", async ({ page }) => {
  await openBack(page);
  await expect(page.getByRole("img", { name: /stitches by \d+ rows/ })).toBeVisible();
  await expect(page.getByRole("radio", { name: "As worn" })).toHaveCount(0);
});
