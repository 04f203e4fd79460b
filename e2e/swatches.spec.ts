import type { Page } from "@playwright/test";
import { answerIsThere, answerOf, ballsOf, expect, expectAccessible, openAt, openFile, test } from "./bench";

/** The demo, of which only the band is known. */
async function openUnswatched(page: Page) {
  await openAt(page, "/swatches");
  const demo = (await (await page.request.get("/api/demo")).json()) as Record<string, unknown>;
  const content = JSON.stringify({ ...demo, demo: false, name: "Unswatched", swatches: [], log: [] });
  await openFile(page, { name: "unswatched.brenok.json", content });
  await expect(page.getByRole("heading", { name: "No swatch yet" })).toBeVisible();
}

/** Yarn between the fifth and the ninety-fifth in a hundred, in m. */
async function band(page: Page) {
  await answerIsThere(page);
  const told = await page.getByRole("region", { name: "Will it last?" }).innerText();
  const [, low, high] = /between (\d+)\sm and (\d+)\sm/.exec(told) ?? [];
  return Number(high) - Number(low);
}

const scale = (page: Page) => page.getByRole("region", { name: "Scale" });
const measured = (page: Page) => page.getByRole("region", { name: "Measured" });

async function connect(page: Page) {
  await scale(page).getByRole("button", { name: "Connect one in steps of 0.1 g" }).click();
  await expect(scale(page).getByLabel("Reading")).toHaveText(/^-?0/);
}

test("a swatch weighed on the scale narrows the band and changes the advice; undo takes it back", async ({
  page,
}) => {
  await openUnswatched(page);
  await expect(ballsOf(page)).toHaveText(/\b11 balls/);
  await expect.poll(() => band(page)).toBeGreaterThan(150);
  const wide = await band(page);
  await page.getByRole("button", { name: "Add a pattern swatch" }).click();
  await expect(measured(page)).toBeVisible();
  await connect(page);
  const take = scale(page).getByRole("button", { name: "Use this reading" });
  await expect(take).toBeDisabled();
  await scale(page).getByRole("button", { name: "the swatch" }).click();
  await expect(take).toBeEnabled({ timeout: 15_000 });
  await take.click();
  await expect(page.getByLabel("Weight")).toHaveValue(/^1\d(\.\d)?\sg$/);
  await expect.poll(() => band(page)).toBeLessThan(0.6 * wide);
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await expect(page.getByText("by “Pattern swatch”").first()).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect.poll(() => band(page)).toBe(wide);
  await expect(ballsOf(page)).toHaveText(/\b11 balls/);
});

test("a bowl is tared away, a reading is held, and a lost connection is found again without a loss", async ({
  page,
}) => {
  await page.clock.install();
  await openAt(page, "/swatches");
  await connect(page);
  const reading = scale(page).getByLabel("Reading");
  const steady = scale(page).getByText("steady", { exact: true });
  await scale(page).getByRole("button", { name: "a bowl" }).click();
  await expect(reading).toHaveText(/^182\.\d\sg$/, { timeout: 15_000 });
  await expect(steady).toBeVisible({ timeout: 15_000 });
  await scale(page).getByRole("button", { name: "Tare" }).click();
  await expect(reading).toHaveText(/^-?0(\.\d)?\sg$/);
  await scale(page).getByRole("button", { name: "the swatch" }).click();
  await expect(reading).toHaveText(/^1\d(\.\d)?\sg$/, { timeout: 15_000 });
  await expect(steady).toBeVisible({ timeout: 15_000 });
  await scale(page).getByRole("button", { name: "Hold" }).click();
  const held = await reading.innerText();
  await scale(page).getByRole("button", { name: "the swatch" }).click();
  await expect(scale(page).getByText("held", { exact: true })).toBeVisible();
  await page.clock.fastForward(1500);
  await expect(reading).toHaveText(held);
  const weight = await page.getByLabel("Weight").inputValue();
  await scale(page).getByRole("button", { name: "Lose the connection" }).click();
  await expect(scale(page).getByRole("alert")).toContainText("The connection is lost.");
  await expect(page.getByLabel("Weight")).toHaveValue(weight);
  await scale(page).getByRole("button", { name: "Connect again" }).click();
  await expect(reading).toHaveText(/^182\.\d\sg$/, { timeout: 15_000 });
  await scale(page).getByRole("button", { name: "Disconnect" }).click();
  await expect(scale(page).getByRole("button", { name: /Connect one/ })).toBeVisible();
});

test("what cannot be is refused or asked about, and is taken in only when the knitter stands by it", async ({
  page,
}) => {
  await openAt(page, "/swatches");
  const weight = page.getByLabel("Weight");
  await weight.fill("800 g");
  await expect(measured(page)).toContainText("is a garment, not a swatch");
  await page.getByLabel("Width").first().fill("3 mm");
  await expect(measured(page)).toContainText("less than a stitch or two");
  // The balls stand as they were without it, and say that they are without it: no chance for the whole.
  await expect(ballsOf(page)).toHaveText(/\b10 balls/);
  await expect(answerOf(page)).toContainText(/No chance is given.*Not read: the weight/s);
  await weight.fill("6.6 g");
  const asked = page.getByRole("group", { name: "Questions" });
  await expect(asked).toContainText("This weighs half of what 884 stitches should: is it one strand?");
  await asked.getByRole("button", { name: "That’s right, use it" }).click();
  await expect(asked).toContainText("used, since you said it is right");
  await expect(ballsOf(page)).not.toHaveText(/\b10 balls/);
  await asked.getByRole("button", { name: "Ask again" }).click();
  await expect(answerOf(page)).toContainText(/Without the weight of Plain, 5 mm\. This weighs half/);
  await expect(asked).toContainText("is it one strand?");
  await page.getByLabel("Width").first().fill("4 cm");
  await expect(asked).toContainText("in inches");
});

test("a gauge that is off says which needle to try; a coarse scale and a bath not taken say what they cost", async ({
  page,
}) => {
  await openUnswatched(page);
  await page.getByRole("button", { name: "Add a plain swatch" }).click();
  const finished = measured(page).getByRole("group", { name: "Finished" });
  const asKnit = measured(page).getByRole("group", { name: "As knit" });
  await asKnit.getByLabel("Width").fill("12.2 cm");
  const hints = page.getByRole("list", { name: "Worth knowing" });
  await expect(hints).toContainText("Wash the swatch and measure it again");
  await finished.getByLabel("Width").fill("4.75 in");
  await expect(hints).toHaveCount(0);
  await expect(measured(page)).toContainText(/19\.9\sst \/ 10\scm where 18\sst/);
  await expect(measured(page)).toContainText(/Try a thicker needle: 6\smm should give 18\.2\sst/);
  await page.getByLabel("Weight").fill("12 g");
  await expect(hints).toContainText("Steps of 1 g on 12 g can be 4.2 % off");
  await page.getByRole("radio", { name: "0.1 g" }).click();
  await expect(hints).toHaveCount(0);
});

test("what to measure next is proposed on every bench, and the school can be changed", async ({ page }) => {
  await openUnswatched(page);
  await expect(answerOf(page)).toContainText(/To be surer, knit a (plain )?swatch/);
  const next = page.getByRole("region", { name: "What to measure next" });
  await expect(next.getByRole("listitem").first()).toContainText(/\d+ % left/);
  const schools = page.getByRole("region", { name: "Ways to estimate" });
  await schools.getByRole("radio", { name: "an allowance" }).click();
  await expect(ballsOf(page)).toHaveText(/\b9 balls/);
  await schools.getByLabel("Allowance for cables").fill("60 %");
  await expect(ballsOf(page)).toHaveText(/\b12 balls/);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(ballsOf(page)).toHaveText(/\b11 balls/);
});

test("a photo is kept in this browser beside its swatch", async ({ page }) => {
  await openAt(page, "/swatches");
  await page.getByText("Edges, who and when, a photo").click();
  const dot = Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
    "base64",
  );
  const input = page.getByLabel("Add a photo");
  await input.setInputFiles({ name: "notes.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") });
  await expect(page.getByText(/no picture that the browser can show/)).toBeVisible();
  await input.setInputFiles({ name: "dot.png", mimeType: "image/png", buffer: dot });
  await expect(page.getByAltText("Photo of Plain, 5 mm")).toBeVisible();
  await page.reload();
  await page.getByText("Edges, who and when, a photo").click();
  await expect(page.getByAltText("Photo of Plain, 5 mm")).toBeVisible();
  await page.getByRole("button", { name: "Delete the photo" }).click();
  await expect(page.getByAltText("Photo of Plain, 5 mm")).toBeHidden();
});

test("axe finds nothing on the Swatches bench, in the light and in the dark", async ({ page }) => {
  await openAt(page, "/swatches");
  await page.getByLabel("Weight").fill("6.6 g");
  await connect(page);
  await expectAccessible(page);
});
