import type { Page } from "@playwright/test";
import { answerOf, ballsOf, expect, expectAccessible, ledgerOf, openAt, test, openDrawer } from "./bench";

const finishing = (page: Page) => page.getByRole("region", { name: "Finishing" });
const sections = (page: Page) => page.getByRole("list", { name: "Sections" });

/** A bare piece of one rope over 15 cm, begun as a knitter would. */
async function beginBare(page: Page) {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByRole("radio", { name: "One bare piece" }).check();
  await expect(sheet.getByLabel("Width")).toBeHidden();
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await expect(sheet).toBeHidden();
  await page.getByLabel("One ball holds").fill("50 g = 100 m");
  await page.getByLabel("Rows", { exact: true }).fill("42");
  await expect(ballsOf(page)).toHaveText(/\b1 ball of 50/);
}

test("a seam joins edge to edge with its ratio, and the seam tool begins with it; a wrong one is owned up to", async ({
  page,
}) => {
  await beginBare(page);
  await openDrawer(page, "Finishing");
  const card = finishing(page);
  await card.getByRole("button", { name: "A seam" }).click();
  await card.getByLabel("its edge").selectOption("end");
  await card.getByLabel("to", { exact: true }).selectOption({ label: "My piece" });
  await expect(card.getByText(/stitches of .* meet \d+ of the 42 rows of/)).toBeVisible();
  await page.getByRole("button", { name: /^Tools/ }).click();
  const tools = page.getByRole("dialog", { name: "Tools" });
  await tools.getByRole("button", { name: "Seam of two edges" }).click();
  await expect(tools.getByLabel("Seam", { exact: true })).toContainText(
    "My piece, bind-off edge to My piece, side",
  );
  await expect(tools.getByRole("status")).toContainText(/for each/);
  await page.keyboard.press("Escape");
  await card.getByLabel("Left open of each").fill("3 m");
  const left = answerOf(page).getByRole("list", { name: "Left out of this answer" });
  await expect(left).toContainText("nothing would be sewn");
  await left.getByRole("button", { name: "Leave it out" }).click();
  await expect(left).toBeHidden();
  await expect(card.getByText("Nothing is sewn yet.")).toBeVisible();
});

test("extras are items of their own with their calculating; what cannot be read of one is told", async ({
  page,
}) => {
  await beginBare(page);
  await openDrawer(page, "Finishing");
  const card = finishing(page);
  await card.getByRole("button", { name: "An extra" }).click();
  await page.getByRole("menuitem", { name: "Fringe" }).click();
  await card.getByLabel("Knots along the edge").fill("20");
  await expect(card.getByText(/80 strands of .*cm/)).toBeVisible();
  await expect(ledgerOf(page).getByRole("row", { name: /^Extras/ })).toContainText(/2\d\.?\d?\sm/);
  await card.getByLabel("Hangs down").fill("ten");
  await expect(answerOf(page)).toContainText("Not read: the length of Fringe");
  await card.getByLabel("Hangs down").fill("10 cm");
  await expect(answerOf(page)).not.toContainText("Not read");
  await card.getByLabel("Balls joined by").selectOption({ label: "Splice" });
  await expect(card.getByText(/6\.0\scm for each join/)).toBeVisible();
  await expectAccessible(page, "section[aria-label=Finishing]");
});

test("how far the yarn at hand goes is told for the section and for the whole shape", async ({ page }) => {
  await beginBare(page);
  await page.getByRole("button", { name: /^Tools/ }).click();
  await page.getByRole("button", { name: "How far does my yarn go?" }).click();
  const sheet = page.getByRole("dialog", { name: "As long as the yarn lasts" });
  await sheet.getByLabel(/at hand$/).fill("48 g, 35 g, 22 g");
  await expect(sheet).toContainText(/\d+ repeats?, \d+ rows: .* in 100 that the yarn is enough/);
  await expect(sheet).toContainText(/up to row \d+ of/);
  await sheet.getByLabel("What varies").selectOption({ label: "all of it, in its shape" });
  await expect(sheet).toContainText(/cm × .*cm/);
  await sheet.getByLabel(/at hand$/).fill("2.5");
  await expect(sheet).toContainText("give its weight or its length");
});

test("a thumb rests on a thread, a band has its buttonholes, and too many of them are owned up to", async ({
  page,
}) => {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByRole("radio", { name: "Pair of mitts" }).check();
  await expect(sheet).toContainText(/about \d/);
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await expect(sections(page)).toContainText(/Hold \d+ at both edges/);
  await sections(page)
    .getByRole("button", { name: /^(?!Move).*Rib, k2 p2/ })
    .first()
    .click();
  await page.getByLabel("Buttonholes in its middle row").check();
  await page.getByLabel("Buttonholes", { exact: true }).fill("2");
  await expect(ballsOf(page)).toHaveText(/needed/);
  await page.getByLabel("Buttonholes", { exact: true }).fill("40");
  await expect(answerOf(page)).toContainText(/40 holes of 2 do not fit/);
});

test("what can choke a child is said where it is added, once, and not again when it was seen", async ({
  page,
}) => {
  await openAt(page);
  const extras = page.getByRole("region", { name: "Extras" });
  const caution = extras.getByRole("note").filter({ hasText: "can choke" });
  await openDrawer(page, "Finishing");
  await expect(caution).toBeHidden();
  await extras.getByRole("button", { name: "An extra" }).click();
  await page.getByRole("menuitem", { name: "Pompon" }).click();
  await expect(caution).toBeVisible();
  await caution.getByRole("button", { name: /^Got it/ }).click();
  await expect(caution).toBeHidden();
  await page.reload();
  await expect(extras.getByText("Pompon")).toBeVisible();
  await expect(caution).toBeHidden();
});
