import { expect, expectAccessible, openBack, test } from "./bench";

test.beforeEach(async ({ page }) => {
  await openBack(page);
  await page.keyboard.press("t");
  await expect(page.getByRole("dialog", { name: "Tools" })).toBeVisible();
});

test("increases are spread over a row, from the project's own figures, and what does not fit says why", async ({
  page,
}) => {
  const tool = page.getByRole("region", { name: "Increase or decrease over a row" });
  await expect(tool.getByLabel("From stitches")).toHaveValue("78");
  await expect(tool.getByLabel("To stitches")).toHaveValue("96");
  await tool.getByLabel("From stitches").fill("12");
  await tool.getByLabel("To stitches").fill("16");
  await expect(tool.getByRole("status")).toContainText("k2, m1, [k3, m1] 3 times, k1");
  await tool.getByLabel("To stitches").fill("30");
  await expect(tool.getByRole("status")).toContainText("increase over two rows, first to 24");
  await tool.getByLabel("To stitches").fill("a few");
  await expect(tool.getByLabel("To stitches")).toHaveAttribute("aria-invalid", "true");
});

test("a seam of 7 stitches to 9 rows, buttonholes and ends that match", async ({ page }) => {
  await page.getByRole("button", { name: "Seam of two edges" }).click();
  const seam = page.getByRole("region", { name: "Seam of two edges" });
  await expect(seam.getByRole("status")).toContainText("7 to 9");
  await expect(seam.getByRole("status")).toContainText("2 bars for stitches 4 and 7");
  await page.getByRole("button", { name: "Buttonholes" }).click();
  const holes = page.getByRole("region", { name: "Buttonholes" });
  await holes.getByLabel("Buttonholes").fill("60");
  await expect(holes.getByRole("status")).toContainText(/at most \d+ do/);
  await page.getByRole("button", { name: "Ends that match" }).click();
  const ends = page.getByRole("region", { name: "Ends that match" });
  await ends.getByLabel("Ends with row").fill("3");
  await expect(ends.getByRole("status")).toContainText("153 rows: 25 repeats and 3 more, 3 over");
});

test("the tail by three schools, and what is left in hand, in either system", async ({ page }) => {
  await page.getByRole("button", { name: "Tail of a long-tail cast-on" }).click();
  await expect(page.getByRole("region", { name: /^Tail of/ }).getByRole("status")).toContainText(
    "230 cm by wraps",
  );
  await page.getByRole("button", { name: "Will this ball last the row?" }).click();
  const hand = page.getByRole("region", { name: "Will this ball last" });
  await expect(hand.getByRole("status")).toContainText("4 rows, or 3 and the bind-off");
  await hand.getByLabel("Yarn left").fill("22 yd");
  await expect(hand.getByRole("status")).toContainText(/^9 rows/);
});

test("axe finds nothing in the drawer, in the light and in the dark, and Escape closes it", async ({
  page,
}) => {
  await expectAccessible(page, "[role=dialog]");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog", { name: "Tools" })).toBeHidden();
});

test("the interface estimates the demo as the page does, and serves its schema", async ({
  page,
  request,
}) => {
  const demo = (await (await request.get("/api/demo")).json()) as object;
  const answer = await request.post("/api/estimate", { data: demo });
  const { yarns, ledger } = (await answer.json()) as {
    yarns: { advised: number; metres: { p5: number; p95: number } }[];
    ledger: { metres: number }[];
  };
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Open the demo", exact: true }).click();
  await expect(page.getByRole("region", { name: "Answer" }).getByRole("status")).toContainText(
    `${yarns[0]?.advised} balls`,
  );
  const total = ledger.reduce((sum, { metres }) => sum + metres, 0);
  await expect(page.getByRole("region", { name: "Answer" })).toContainText(`${Math.round(total)}\u00a0m`);
  await page.keyboard.press("2");
  const { p5, p95 } = yarns[0]?.metres ?? { p5: 0, p95: 0 };
  await expect(page.getByRole("region", { name: "Will it last?" })).toContainText(
    `between ${Math.round(p5)}\u00a0m and ${Math.round(p95)}\u00a0m`,
  );
  const schema = (await (await request.get("/api/schema")).json()) as { $schema: string };
  expect(schema.$schema).toContain("json-schema.org");
});
