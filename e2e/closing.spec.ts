/** The end of a project: what is left is weighed, the hand remembered, and the next project begins with it. */
import { answerIsThere, expect, expectAccessible, test } from "./bench";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test("a project is closed, its hand is remembered, changed and erased, and the next one begins with it", async ({
  page,
}) => {
  let now = Date.UTC(2026, 11, 1, 19);
  await page.clock.setFixedTime(now);
  await page.goto("/knit");
  await answerIsThere(page);
  const hand = page.getByRole("region", { name: "Row in hand" });
  const pieces = page.getByLabel("Piece in hand");
  await expect(page.getByRole("heading", { name: "Close the project" })).toHaveCount(0);
  for (const piece of await pieces.locator("option").all()) {
    const label = (await piece.textContent()) ?? "";
    const all = /of (\d+)$/.exec(label)?.[1] ?? "";
    await pieces.selectOption((await piece.getAttribute("value")) ?? "");
    now += 60_000;
    await page.clock.setFixedTime(now);
    await hand.getByRole("button", { name: "Rip back" }).click();
    await page.getByLabel("Rows done, as I count them").fill(all);
    await page.getByRole("button", { name: "Set" }).click();
    await hand.getByRole("button", { name: "This piece is finished" }).click();
  }
  await pieces.selectOption("back 1");

  const closing = page.getByRole("region", { name: "Close the project" });
  await expect(closing).toContainText(/Estimated:\s77\d\sm,\slikely\s.*\s10\sballs\sadvised/);
  await closing.getByLabel("Whole balls begun").fill("10");
  await closing.getByLabel("Left of all of them").fill("250");
  await closing.getByRole("button", { name: "Save" }).first().click();
  // Half of what was estimated: asked about, and not taken in.
  await expect(closing).toContainText("Left out:");
  await closing.getByRole("button", { name: "Take it back" }).click();
  await closing.getByLabel("Left of all of them").fill("20");
  await closing.getByRole("button", { name: "Save" }).first().click();
  await expect(closing).toContainText(/Used:\s7\d\d\sm,\s480\sg,\s9.6\sballs:\s\d\s%\smore/);
  await closing.getByLabel(/across most of it/).fill("51 cm");
  await closing.getByRole("button", { name: "Save" }).nth(1).click();
  await expect(closing).toContainText(/Across:\s51.0\scm,\s49.9\scm\sexpected/);
  await closing.getByRole("button", { name: "Close the project" }).click();

  const closed = page.getByRole("region", { name: "The project is closed" });
  await expect(closed).toContainText(
    /Yarn\sin\sa\sloop:\s\d\.\d\s%\smore\sthan\smost,\sgive\sor\stake\s\d\.\d\s%/,
  );
  await closed.getByRole("button", { name: "Remember it for my next projects" }).click();
  await closed.getByRole("button", { name: "Your hand in one project" }).click();
  const sheet = page.getByRole("dialog", { name: "Your hand" });
  await expect(sheet).toContainText("The open project told of it, and is calculated without it.");
  const loop = sheet.getByRole("listitem").filter({ hasText: "Yarn in a loop" });
  await loop.getByRole("button", { name: "Change" }).click();
  await loop.getByLabel("Against most").fill("-3 %");
  await loop.getByLabel("Give or take").fill("2 %");
  await loop.getByRole("button", { name: "Save" }).click();
  await expect(loop).toContainText("3.0 % less than most, give or take 2.0 % as you said");
  await expectAccessible(page);
  await page.keyboard.press("Escape");

  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Your hand" }).click();
  await expect(sheet).toContainText("The open project is calculated with it.");
  await sheet.getByRole("button", { name: "Forget all of it" }).click();
  await expect(sheet).toContainText("Nothing is remembered of your hand.");
  await sheet.getByRole("button", { name: "Bring it back" }).click();
  await expect(loop).toContainText("as you said");
  await page.reload();
  await answerIsThere(page).catch(() => undefined);
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Your hand" }).click();
  await expect(loop).toContainText("as you said");
});
