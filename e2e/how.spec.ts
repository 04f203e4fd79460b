/** How things are done: opened from where they are spoken of, in steps, with what they take. */
import { answerIsThere, expect, expectAccessible, test } from "./bench";

test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(Date.UTC(2026, 10, 5, 19));
});

test("a cast-on, its neighbours and a join are explained from the needles, and a crossing by its strands", async ({
  page,
}) => {
  await page.goto("/knit");
  await answerIsThere(page);
  await page.getByRole("button", { name: /^Front/ }).click();
  await page.getByRole("button", { name: /^How\? Cast on 94 stitches/ }).click();
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("Long-tail cast-on");
  await expect(sheet.getByRole("listitem").first()).toHaveText(
    "Measure off the tail, with a hand's length more.",
  );
  await expect(sheet).toContainText(/In\sthis\sproject\sit\stakes\s1\d\sm\sof\syarn\sin\sall/);
  await expectAccessible(page);
  await sheet.getByRole("button", { name: "Joining in the round without a twist" }).click();
  await expect(sheet).toContainText("Turn the cast-on edge inward all along");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "How balls are joined" }).click();
  await expect(sheet).toContainText(
    /Takes\s0.30\sm\sof\syarn\seach\stime|Takes\s0.3\sm\sof\syarn\seach\stime/,
  );
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^How is 3\/3 LC worked/ }).click();
  await expect(sheet.getByRole("img")).toHaveAccessibleName("3 over 3, leaning left, moving");
  await page.emulateMedia({ reducedMotion: "reduce" });
  await expect(sheet.getByRole("img")).toHaveAccessibleName("3 over 3, leaning left");
  await expect(sheet.locator("animate")).toHaveCount(0);
});

test("the same steps open from the glossary, where techniques are found by name, and from the chart", async ({
  page,
}) => {
  await page.goto("/panels");
  await answerIsThere(page);
  await page.keyboard.press("g");
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Find a stitch, a crossing or a technique").fill("graft");
  await sheet.getByRole("button", { name: "Grafting" }).click();
  await expect(sheet).toContainText("Hold both needles side by side, wrong sides together");
  await page.keyboard.press("Escape");
  await page.keyboard.press("g");
  await sheet.getByLabel("Find a stitch, a crossing or a technique").fill("2/2 LC");
  await sheet.getByRole("button", { name: "How is 2/2 LC worked?" }).click();
  await expect(sheet).toContainText(
    "Slip the next 2 stitches onto a cable needle and hold it in front of the work",
  );
});
