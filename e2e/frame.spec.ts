import { answerIsThere, answerOf, ballsOf, expect, openAt, openBack, openDrawer, test } from "./bench";

test("each bench is one key away and keeps the strand and the answer in sight", async ({ page }) => {
  await openBack(page);
  for (const [key, heading] of [
    ["2", "No swatch yet"],
    ["3", "Compare yarns"],
    ["4", "What to buy"],
    ["5", "Pieces in hand"],
    ["s", "Your shelf"],
    ["1", "Back"],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole("heading", { name: heading, exact: true })).toBeVisible();
    await expect(page.getByRole("slider", { name: /strand/ })).toBeVisible();
    await expect(ballsOf(page)).toHaveText(/\b5 balls/);
  }
});

test("by keyboard alone, from the first field to the answer", async ({ page }) => {
  await openBack(page);
  await page.getByLabel("Cable", { exact: true }).focus();
  await page.keyboard.press("ArrowDown");
  const typing: Record<string, string> = {
    ropes: "2",
    rows: "60",
    putUp: "100g/165m",
    stitchGauge: "16 / 10 cm",
  };
  for (let tabs = 0; tabs < 40 && Object.keys(typing).length > 0; tabs += 1) {
    await page.keyboard.press("Tab");
    const id = await page.evaluate(() => document.activeElement?.id ?? "");
    if (typing[id] === undefined) continue;
    await page.keyboard.press("Control+a");
    await page.keyboard.type(typing[id]);
    delete typing[id];
  }
  expect(typing).toEqual({});
  await expect(page.getByLabel("Cable", { exact: true })).toHaveValue("rope-4-4");
  await expect(ballsOf(page)).toHaveText(/\b1 ball of 100/);
});

test("the list of shortcuts opens on ? and closes on Escape; keys typed into fields stay there", async ({
  page,
}) => {
  await openBack(page);
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Shortcuts" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.getByLabel("Rows", { exact: true }).fill("");
  await page.keyboard.type("2");
  await expect(page).toHaveURL(/\/$/);
});

test("a menu opens by keys, is walked by keys, and gives the keyboard back when it closes", async ({
  page,
}) => {
  await openBack(page);
  const menu = page.getByRole("button", { name: /^Project/ });
  const last = page.getByRole("menuitem", { name: /small demo/ });
  const openAtLast = async (key: string) => {
    await page.keyboard.press(key);
    await expect(page.locator("[role=menu]:focus-within")).toBeVisible();
    await page.keyboard.press("End");
    await expect(last).toBeFocused();
  };
  await menu.focus();
  for (const key of ["ArrowDown", "Enter"]) {
    await openAtLast(key);
    await page.keyboard.press("Escape");
    await expect(page.getByRole("menu")).toBeHidden();
    await expect(menu).toBeFocused();
  }
  await openAtLast("Enter");
  await page.keyboard.press("Enter");
  await expect(menu).toContainText(/cap/i);
});

test("dark and light are one key, and are remembered", async ({ page }) => {
  await openBack(page);
  const theme = () => page.evaluate(() => document.documentElement.dataset.theme);
  expect(await theme()).toBe("light");
  await page.keyboard.press("d");
  await expect.poll(theme).toBe("dark");
  await page.reload();
  await expect(answerOf(page)).toBeVisible();
  expect(await theme()).toBe("dark");
});

test("at 390 x 844 nothing scrolls sideways on any bench", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openAt(page);
  for (const [key, shown] of [
    ["1", "Schematic"],
    ["2", "What your swatches say"],
    ["3", "Verdict"],
    ["4", "A ball more or fewer"],
    ["5", "Pieces in hand"],
    ["s", /^Tarnock Aran, lichen/],
    ["p", "Honeycomb"],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole("main").getByText(shown, { exact: true }).first()).toBeVisible();
    const wide = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
    expect(wide, `at ${key}`).toEqual([390, 390]);
  }
});

test("the server tells that it is well, and an address without a bench says so", async ({
  page,
  request,
}) => {
  const health = await request.get("/api/health");
  expect(await health.json()).toEqual({ ok: true, version: expect.stringMatching(/^\d+\.\d+\.\d+$/) });
  await page.goto("/nowhere");
  await expect(page.getByText("There is nothing on this page")).toBeVisible();
});

test("a sheet gives the focus back to what opened it, from a button, a menu or a key", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  const sheet = page.getByRole("dialog");
  const closed = async () => {
    await expect(sheet).toBeVisible();
    await page.keyboard.press("Escape");
    await expect(sheet).toHaveCount(0);
  };
  for (const name of ["Settings", "Shortcuts", "Tools"]) {
    const button = page.getByRole("button", { name, exact: true });
    // The second time all of it is loaded, and the sheet opens at once.
    for (let time = 0; time < 2; time += 1) {
      await button.focus();
      await page.keyboard.press("Enter");
      await closed();
      await expect(button).toBeFocused();
    }
  }
  const project = page.getByRole("button", { name: /^Project:/ });
  for (const act of ["Name and notes …", "Send to another device …", "Your hand …", "Name and notes …"]) {
    await project.focus();
    await page.keyboard.press("Enter");
    await page.getByRole("menuitem", { name: act }).focus();
    await page.keyboard.press("Enter");
    await closed();
    await expect(project).toBeFocused();
  }
});

test("the first key goes to the bench past everything above it, and each bench has a title of its own", async ({
  page,
}) => {
  const titles = new Set<string>();
  for (const path of ["/", "/swatches", "/swap", "/order", "/knit", "/panels", "/shelf"]) {
    await openAt(page, path);
    titles.add(await page.title());
  }
  expect(titles.size).toBe(7);
  await openAt(page);
  await page.keyboard.press("Tab");
  const skip = page.getByRole("link", { name: "Skip to the bench" });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("main")).toBeFocused();
});

const BENCHES = ["/", "/swatches", "/swap", "/order", "/knit", "/panels", "/shelf"];

test("what stands above a bench takes at most 150 px on a desk and 96 px on a phone", async ({ page }) => {
  for (const [width, height, most] of [
    [1280, 800, 150],
    [390, 844, 96],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const path of BENCHES) {
      await openAt(page, path);
      await answerIsThere(page);
      const top = await page.getByRole("main").evaluate((main) => main.getBoundingClientRect().top);
      expect(top, `${path} at ${width}`).toBeLessThanOrEqual(most);
    }
  }
});

test("the answer stays in sight as one line when the page is scrolled, and its place stays as high", async ({
  page,
}) => {
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await openAt(page);
    await answerIsThere(page);
    const begins = () =>
      page.getByRole("main").evaluate((main) => main.getBoundingClientRect().top + window.scrollY);
    const before = await begins();
    await expect(page.getByRole("region", { name: "If your gauge changes" })).toBeVisible();
    await page.evaluate(() => window.scrollTo(0, 600));
    await expect(page.locator("[data-past=true]")).toBeVisible();
    const balls = await ballsOf(page).boundingBox();
    expect(balls?.y).toBeGreaterThanOrEqual(0);
    expect((balls?.y ?? NaN) + (balls?.height ?? NaN)).toBeLessThanOrEqual(40);
    expect(await begins()).toBe(before);
  }
});

test("all that is behind the answer is one press away, on a phone too", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openAt(page);
  await answerIsThere(page);
  await page.getByRole("button", { name: "More", exact: true }).click();
  const sheet = page.getByRole("dialog", { name: "How many balls" });
  await expect(sheet).toContainText(/84 if you keep the width/);
  await expect(sheet).toContainText(/784\sm, 479\sg; 35\sm left over/);
  await expect(sheet.getByRole("row", { name: /^9 balls under 1 4/ })).toBeVisible();
  await sheet.getByRole("radio", { name: /^Careful/ }).click();
  await expect(sheet.getByRole("row", { name: /^11 balls/ })).toHaveClass(/font-semibold/);
});

test("a phone has five benches under the thumb, and what else there is in a menu beside them", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openAt(page);
  const nav = page.getByRole("navigation", { name: "Benches" });
  await expect(nav.getByRole("link")).toHaveText(["Pieces", "Swatches", "Swap", "Order", "Knit"]);
  for (const [name, url] of [
    ["Panels", /\/panels$/],
    ["Shelf", /\/shelf$/],
    ["Help", /\/help$/],
  ] as const) {
    await nav.getByRole("button").click();
    await page.getByRole("menuitem", { name }).click();
    await expect(page).toHaveURL(url);
  }
  await nav.getByRole("button").click();
  await page.getByRole("menuitem", { name: "Metric or imperial" }).click();
  await expect(answerOf(page)).toContainText(/1\.8\soz/);
});

test("a drawer says what it comes to, opens by keys, and stays as it was left", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  const tail = page.getByRole("region", { name: "Tail to leave" });
  await expect(tail.locator("summary")).toContainText(/\d+\scm for 94 stitches/);
  await expect(tail.getByLabel("Twenty stitches took")).toBeHidden();
  await tail.locator("summary").focus();
  await page.keyboard.press("Enter");
  await expect(tail.getByLabel("Twenty stitches took")).toBeVisible();
  await page.reload();
  await expect(tail.getByLabel("Twenty stitches took")).toBeVisible();
});

test("what cannot be read opens its drawer, and is gone to from the answer", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await openDrawer(page, "Finishing");
  const side = page.getByLabel("Swatch, its side");
  await side.fill("as long as my hand");
  await page.goto("/order");
  await expect(answerOf(page)).toContainText("Not read");
  await page.evaluate(() => localStorage.removeItem("brenok-drawers"));
  await page.reload();
  await answerOf(page).getByRole("button", { name: "Go to it" }).click();
  await expect(side).toBeFocused();
  await expect(side).toHaveValue("as long as my hand");
});
