/** From an empty browser to an answer through each of the doors, on a phone and with every action counted. */
import type { Locator, Page } from "@playwright/test";
import { answerIsThere, answerOf, ballsOf, expect, expectAccessible, openDrawer, test } from "./bench";

test.use({ viewport: { width: 390, height: 844 }, storageState: { cookies: [], origins: [] } });

/** Presses and fields filled in, since the page was opened. */
class Hand {
  actions = 0;
  constructor(readonly page: Page) {}

  async press(what: Locator) {
    this.actions += 1;
    await what.click();
  }

  async type(label: string | RegExp, text: string, exact = true) {
    this.actions += 1;
    await this.page.getByRole("textbox", { name: label, exact }).fill(text);
  }

  async choose(what: Locator) {
    this.actions += 1;
    await what.check();
  }
}

async function atTheDoors(page: Page, door?: RegExp) {
  await page.goto("/");
  const hand = new Hand(page);
  await expect(page.getByRole("heading", { name: "Brenok" })).toBeVisible();
  if (door) await hand.press(page.getByRole("button", { name: door }));
  return hand;
}

test("a newcomer meets four doors and the demo on a calm page, which anybody can read", async ({ page }) => {
  await atTheDoors(page);
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(answerOf(page)).toHaveCount(0);
  await expect(page.getByRole("main").getByRole("listitem")).toHaveCount(4);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Look at a demo first" }).click();
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  // Who was here does not meet them again.
  await page.reload();
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
});

test("a yarn to replace: balls of the yarn in hand beside the pattern's, in at most nine actions", async ({
  page,
}) => {
  const hand = await atTheDoors(page, /A yarn to replace/);
  await hand.type("Balls", "9");
  await hand.type("A ball holds", "50 g = 82 m");
  await hand.type("Its stitch gauge", "18 st / 10 cm");
  await hand.type("Its row gauge", "25 rows / 10 cm");
  await hand.type("A ball of yours holds", "100 g = 400 m");
  const sides = page.getByRole("list", { name: "Yarns side by side" });
  const mine = sides.getByRole("listitem").filter({ hasText: "The yarn in hand, held double" });
  await expect(mine).toContainText(/\d+ × 100\sg, .*in 100/);
  await expect(sides.getByRole("listitem").first()).toContainText(/the pattern’s 9: \d+ in 100/);
  for (const name of ["Some chunky yarn", "Some aran yarn", "Some fingering yarn, held double"])
    await expect(sides).toContainText(name);
  expect(hand.actions).toBeLessThanOrEqual(9);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Continue with these" }).click();
  await expect(ballsOf(page)).toHaveText(/\b1\d balls/);
  await page.getByRole("link", { name: /^Swap/ }).click();
  await expect(page.getByRole("table", { name: "Yarns side by side" })).toContainText("held double");
  await expect(page.getByRole("table", { name: "Yarns side by side" })).not.toContainText("Cast on, across");
});

test("a pattern that tells the balls of each size: mine is chosen, and all stand side by side", async ({
  page,
}) => {
  const hand = await atTheDoors(page, /A yarn to replace/);
  await hand.type("Balls", "9 (10, 12)");
  await hand.type("A ball holds", "50 g = 82 m");
  await hand.choose(page.getByRole("radio", { name: "3: 12" }));
  const own = page.getByRole("list", { name: "Yarns side by side" }).getByRole("listitem").first();
  await expect(own).toContainText(/the pattern’s 12: \d+ in 100/);
  await page.getByRole("button", { name: "Continue with these" }).click();
  await expect(ballsOf(page)).toHaveText(/\b1[34] balls/);
  await page.getByRole("radio", { name: "2: 10" }).check();
  await expect(page.getByRole("textbox", { name: "Balls", exact: true })).toHaveValue("10");
  await expect(ballsOf(page)).toHaveText(/\b1[12] balls/);
  await openDrawer(page, "Size");
  await page.getByRole("button", { name: "Sizes side by side …" }).click();
  const sizes = page.getByRole("table", { name: "Sizes side by side" });
  const second = sizes.getByRole("row", { name: /^2/ }).getByRole("cell");
  await expect(second.first()).toHaveText("10");
  await expect(second.nth(1)).toContainText(/^1[12]9\d/);
  await expect(page.getByText(/^Yarn: 1\d \(1\d, 1\d\) balls of The pattern’s yarn/)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Use up yarn at hand …" }).click();
  const sheet = page.getByRole("dialog", { name: "As long as the yarn lasts" });
  await sheet.getByLabel(/at hand$/).fill("10 balls");
  await expect(sheet.getByText("Size 1", { exact: true })).toBeVisible();
  await expect(sheet).toContainText(/Size 2: \d+ in 100/);
});

test("a shawl that takes nearly three balls: three and four are told, and what was typed is there when one comes back", async ({
  page,
}) => {
  const hand = await atTheDoors(page, /A yarn to replace/);
  await hand.choose(page.getByRole("radio", { name: "nearly so many" }));
  await hand.type("Balls", "3");
  await hand.type("A ball holds", "100 g = 210 m");
  const own = page.getByRole("list", { name: "Yarns side by side" }).getByRole("listitem").first();
  await expect(own).toContainText(/\d × 100\sg/);
  await expect(own).toContainText(/the pattern’s 3: \d+ in 100|3 × 100/);
  await page.getByRole("button", { name: "Back to the start" }).click();
  await page.getByRole("button", { name: /A yarn to replace/ }).click();
  await expect(page.getByRole("textbox", { name: "A ball holds", exact: true })).toHaveValue("100 g = 210 m");
});

test("one ball to use up: how large a mat, how long a scarf of 18 cm, in at most eight actions", async ({
  page,
}) => {
  const hand = await atTheDoors(page, /Yarn to use up/);
  await hand.type("A ball of it holds", "50 g = 95 m");
  await hand.type("You have", "1");
  const things = page.getByRole("radiogroup", { name: "What to make" });
  await expect(things.locator("label").filter({ hasText: "Mat" })).toContainText(
    /2\d(\.\d)?\scm × 2\d(\.\d)?\scm/,
  );
  await expect(things.locator("label").filter({ hasText: "Slipover" })).toContainText(
    /not enough: it takes \d+\sm/,
  );
  await hand.choose(page.getByRole("radio", { name: /^Scarf/ }));
  await hand.type("Width", "18 cm");
  const scarf = page.getByRole("region", { name: "Scarf" });
  await expect(scarf).toContainText(/3\d(\.\d)?\scm long/);
  await expect(scarf).toContainText(/One repeat more, .* in 100/);
  expect(hand.actions).toBeLessThanOrEqual(8);
  const curve = scarf.getByRole("slider", { name: /^Longer or surer/ });
  const before = await curve.getAttribute("aria-valuetext");
  await curve.press("ArrowRight");
  await expect(curve).not.toHaveAttribute("aria-valuetext", before ?? "");
  await expectAccessible(page);
  await scarf.getByRole("button", { name: "Start with this" }).click();
  await expect(ballsOf(page)).toHaveText(/\b1 ball of/);
});

test("a scarf of one's own, in at most ten actions", async ({ page }) => {
  const hand = await atTheDoors(page, /Something of my own/);
  await hand.choose(page.getByRole("radio", { name: "Scarf" }));
  await hand.type("Width", "18 cm");
  await hand.type("Length", "160 cm");
  await hand.type("or what your ball holds", "100 g = 102 m");
  await expect(page.getByRole("main")).toContainText(/about \d+ balls of 100\sg/);
  await hand.press(page.getByRole("button", { name: "Start with this" }));
  await answerIsThere(page);
  await expect(ballsOf(page)).toHaveText(/\b\d+ balls/);
  expect(hand.actions).toBeLessThanOrEqual(10);
});

test("a pattern to read, pasted and begun", async ({ page }) => {
  const hand = await atTheDoors(page, /A pattern to read/);
  await hand.type(
    /Paste the whole pattern/,
    "Scarf\nYarn: 50 g = 85 m.\nGauge: 18 sts and 25 rows to 10 cm in stockinette.\nCast on 40 sts. Work in garter st for 150 cm. Bind off.",
    false,
  );
  await expect(page.getByRole("main")).toContainText(/\d+ balls of 50\sg/);
  await hand.press(page.getByRole("button", { name: "Start with this" }));
  await expect(ballsOf(page)).toHaveText(/\b\d+ balls/);
  expect(hand.actions).toBeLessThanOrEqual(3);
});

test("of what is only asked for no rows are counted: a share and a weighing make it surer, and its shape takes its place", async ({
  page,
}) => {
  const hand = await atTheDoors(page, /A yarn to replace/);
  await hand.type("Balls", "9");
  await hand.type("A ball holds", "50 g = 82 m");
  await hand.press(page.getByRole("button", { name: "Continue with these" }));
  await answerIsThere(page);
  await page.getByRole("link", { name: /^Knit/ }).click();
  const card = page.getByRole("region", { name: "How far you are" });
  await card.getByLabel("Done so far, about").fill("50 %");
  await card.getByLabel("Whole balls begun").fill("4");
  await card.getByLabel("Left of all of them").fill("10 g");
  await card.getByRole("button", { name: "Save" }).click();
  await expect(card).toContainText("50 % done");
  await expect(card).toContainText(/less|fewer|still/);
  await card.getByRole("button", { name: "Describe it" }).click();
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByRole("radio", { name: "Hat" }).check();
  await sheet.getByRole("button", { name: "Add to the open project" }).click();
  await expect(sheet).toBeHidden();
  // By its key: what was done is told over the tabs for a moment.
  await page.keyboard.press("1");
  await expect(page.getByRole("list", { name: "Sections" })).toContainText("Cast on");
  await expect(page.getByRole("region", { name: "Hat", exact: true })).toBeVisible();
});
