import { answerOf, ballsOf, expect, openAt, openBack, test, undoButtonOf } from "./bench";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test("on a phone the answer stands above the fold and the benches lie under the thumb", async ({ page }) => {
  await openBack(page);
  const answer = await ballsOf(page).boundingBox();
  expect((answer?.y ?? Infinity) + (answer?.height ?? 0)).toBeLessThan(400);
  const knit = await page.getByRole("link", { name: /^Knit/ }).boundingBox();
  expect(knit?.y).toBeGreaterThan(750);
  expect((knit?.x ?? 0) + (knit?.width ?? 0)).toBeLessThanOrEqual(390);
  await page.getByRole("link", { name: /^Knit/ }).tap();
  await expect(page.getByRole("button", { name: "Row done" })).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
});

test("on a phone a figure is typed by touch and the answer follows; undo is one tap", async ({ page }) => {
  await openBack(page);
  await page.getByLabel("Rows", { exact: true }).tap();
  await page.keyboard.press("Control+a");
  // In one go: on a busy machine keys may come so slowly that each is a step of undo.
  await page.keyboard.insertText("300");
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await undoButtonOf(page).tap();
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
});

test("on a phone the strand is tapped and the row is shown in the drawing", async ({ page }) => {
  await openBack(page);
  await page.getByRole("slider", { name: /strand/ }).tap({ position: { x: 150, y: 10 } });
  await expect(page.getByRole("img", { name: /stitches by \d+ rows/ })).toContainText(/row \d+/);
});

test("on a phone a crossing is laid on the chart with buttons alone", async ({ page }) => {
  await openAt(page, "/panels");
  await page.getByRole("button", { name: "New", exact: true }).tap();
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await expect(rows).toContainText("2/2 LC");
  await page.getByRole("button", { name: "Lay p, purl" }).tap();
  await page.getByRole("button", { name: "column at left" }).tap();
  await expect(page.getByText("9 stitches · 4 rows")).toBeVisible();
  await undoButtonOf(page).tap();
  await expect(answerOf(page)).toBeVisible();
});
