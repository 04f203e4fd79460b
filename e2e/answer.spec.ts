import { answerIsThere, answerOf, ballsOf, expect, ledgerOf, openBack, test, openDrawer } from "./bench";

test.beforeEach(({ page }) => openBack(page));

test("the demo is open at first, says that it is one, and has an answer", async ({ page }) => {
  await page.getByRole("button", { name: /^Project/ }).click();
  await page.getByRole("menuitem", { name: "Open the demo", exact: true }).click();
  await expect(page.getByRole("button", { name: "Project: Harrow slipover, a demo" })).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/\b10 balls of 50/);
  await expect(answerOf(page)).toContainText("as written");
  await expect(ledgerOf(page).getByRole("row")).toHaveCount(10);
});

test("a changed gauge changes the answer at once, and undo brings it back", async ({ page }) => {
  await page.getByLabel("Plain gauge: stitches").fill("14 st / 10 cm");
  await expect(ballsOf(page)).toHaveText(/\b6 balls/);
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  await expect(page.getByLabel("Plain gauge: stitches")).toHaveValue("18 st / 10 cm");
  await page.keyboard.press("Control+Shift+z");
  await expect(ballsOf(page)).toHaveText(/\b6 balls/);
});

test("a wider cable, more rows and another put-up all reach the ledger", async ({ page }) => {
  const total = () => ledgerOf(page).locator("summary").first().innerText();
  const before = await total();
  await page.getByLabel("Cable", { exact: true }).selectOption("Rope, 4 over 4, every 10 rows");
  await expect(ledgerOf(page).locator("summary").first()).not.toHaveText(before);
  await answerIsThere(page);
  const wider = await total();
  await page.getByLabel("Rows", { exact: true }).fill("200");
  await expect(ledgerOf(page).locator("summary").first()).not.toHaveText(wider);
  await page.getByLabel("One ball holds").fill("3.5 oz = 180 yd");
  await expect(ballsOf(page)).toHaveText(/4 balls of 99/);
});

test("what is typed wrongly stays, is explained, and leaves the last answer standing", async ({ page }) => {
  const gauge = page.getByLabel("Plain gauge: stitches");
  for (const [typed, words] of [
    ["-18", "A measure cannot be negative."],
    ["0 st / 10 cm", "This must be more than zero."],
    ["180 st / 10 cm", "finer than sewing thread"],
    ["18 parsecs", "“parsecs” is not a number or a unit that Brenok knows."],
  ] as const) {
    await gauge.fill(typed);
    await expect(gauge).toHaveValue(typed);
    await expect(gauge).toHaveAttribute("aria-invalid", "true");
    await expect(page.getByRole("main").getByText(words)).toBeVisible();
    // The answer owns up: the last figure is used, and no chance is given by it.
    await expect(answerOf(page)).toContainText(
      /Not read: the stitch gauge\..*No chance is given|No chance is given.*Not read: the stitch gauge/s,
    );
    await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  }
});

test("a width that cannot be is questioned; without a width the draw-in is computed", async ({ page }) => {
  const width = page.getByLabel("Width measured over cables");
  await width.fill("7.6 in");
  await expect(page.getByRole("main").getByText(/cables do not spread/)).toBeVisible();
  await expect(answerOf(page)).toContainText("No chance is given");
  const drawing = page.getByRole("region", { name: "Schematic" });
  await expect(drawing.getByText("computed", { exact: true })).toBeVisible();
  await expect(drawing).toContainText("a swatch of it would narrow that");
  await width.fill("3 in");
  await expect(page.getByText("76 % of plain")).toBeVisible();
  await expect(drawing.getByText("measured", { exact: true })).toBeVisible();
});

test("one switch shows everything imperial, and typed texts stay as typed", async ({ page }) => {
  await page.getByRole("radio", { name: "Imperial" }).click();
  await expect(answerOf(page)).toContainText("yd");
  await expect(ledgerOf(page).getByRole("row").nth(1)).toContainText("yd");
  await expect(page.getByLabel("Plain gauge: stitches")).toHaveValue("18 st / 10 cm");
  // The same figure stands in the table behind the chart too.
  await expect(page.getByText("measured 18.3 st / 4 in")).toBeVisible();
});

test("more certainty never wants fewer balls", async ({ page }) => {
  const counts: number[] = [];
  for (const name of [/^Daring/, /^Steady/, /^Careful/]) {
    await page.getByRole("radio", { name }).click();
    await answerIsThere(page);
    counts.push(Number(/\d+/.exec(await ballsOf(page).innerText())?.[0]));
  }
  expect(counts).toEqual([...counts].sort((a, b) => a - b));
  expect(counts.every((count) => count > 0)).toBe(true);
});

test("the three schools of tail stand side by side, and the chosen one is in the ledger", async ({
  page,
}) => {
  const castOn = ledgerOf(page).getByRole("row", { name: /^Cast on/ });
  const before = await castOn.innerText();
  await openDrawer(page, "Tail to leave");
  await page.getByRole("radio", { name: /Three widths/ }).check();
  await expect(castOn).not.toHaveText(before);
  await page.getByRole("radio", { name: /By twenty/ }).check();
  await page.getByLabel("Twenty stitches took").fill("60 cm");
  await expect(page.getByRole("radio", { name: /By twenty/ }).locator("..")).toContainText(/305\scm/);
});

test("the strand tells the row under the pointer and goes to it", async ({ page }) => {
  const strand = page.getByRole("slider", { name: /strand/ });
  await strand.hover({ position: { x: 400, y: 10 } });
  await expect(page.getByText(/Back, row \d+ of 150/)).toBeVisible();
  await strand.click({ position: { x: 400, y: 10 } });
  await expect(page.getByRole("img", { name: /stitches by \d+ rows/ })).toContainText(/row \d+/);
  await strand.press("Home");
  await strand.press("ArrowRight");
  await expect(strand).toHaveAttribute("aria-valuetext", /Back, row 2 of 150/);
});

test("the gauge sweep is calculated in the worker and told in words", async ({ page }) => {
  const card = page.getByRole("region", { name: "If your gauge changes" });
  await expect(card.locator("summary").first()).toContainText(/\d+ balls/);
  await openDrawer(page, "If your gauge changes");
  await expect(card).toContainText(/10 % looser needs \d+ balls, 10 % tighter \d+/);
  await expect(card.locator("canvas")).toBeVisible();
  await expect(card).toContainText(/One row more in 10 cm: 56\.7\scm high; 156 rows keep 59\.0\scm/);
});

test("what is left out is told beside the balls with no chance, gone to, left out on purpose and taken in again", async ({
  page,
}) => {
  await page.getByRole("button", { name: /^9 ropes, 3 over 3/ }).click();
  await page.getByRole("button", { name: "Add a section after this one" }).click();
  await page.getByRole("menuitem", { name: "Rows as written" }).click();
  const rows = page.getByLabel("Rows, worked once in this order");
  await rows.fill("Row 1: k2tog to end.\nRow 2: p12.");
  const answer = answerOf(page);
  await expect(answer).toContainText(/5 balls.*so far.*No chance is given/s);
  await expect(answer).toContainText(/Without Back: Rows as written\. Line 2: Row 2 works 12 stitches/);
  await expect(page.getByRole("region", { name: "Strand" })).toContainText("+ what is left out");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Order/ }).click();
  await expect(page.getByRole("main")).toContainText("Not advised yet");
  await answer.getByRole("button", { name: "Go to it" }).click();
  await expect(rows).toBeVisible();
  await answer.getByRole("button", { name: "Leave it out" }).click();
  await expect(answer).toContainText(
    /as written, .*Without Back: Rows as written \(put it back\), as you said\./s,
  );
  await answer.getByRole("button", { name: "put it back" }).click();
  await expect(answer).toContainText("No chance is given");
  await rows.fill("Row 1: k2tog to end.");
  await expect(answer).toContainText("as written,");
  await expect(page.getByRole("list", { name: "Sections" })).toContainText("96 → 48 st");
});

test("a panel of a multiple has its edges once, and says so", async ({ page }) => {
  await page.getByRole("radio", { name: "Panels", exact: true }).click();
  for (let time = 0; time < 3; time += 1)
    await page.getByRole("button", { name: "Panel 1 once more" }).click();
  await expect(page.getByText("36 st: 8 again + 4 once")).toBeVisible();
  await page.getByRole("button", { name: "edges each time" }).click();
  await expect(page.getByText("48 st: 12 each")).toBeVisible();
  await expect(answerOf(page)).toContainText("as written");
});
