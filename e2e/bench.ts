/** The application as a test meets it: demo open, and every request to another host a failure. */
import { readFile } from "node:fs/promises";
import AxeBuilder from "@axe-core/playwright";
import { test as base, expect, type Page } from "@playwright/test";

export const test = base.extend<{ strangers: string[] }>({
  strangers: [
    async ({ page, baseURL }, use) => {
      const strangers: string[] = [];
      const home = new URL(baseURL ?? "").host;
      page.on("request", (request) => {
        const { host, protocol } = new URL(request.url());
        if (/^(https?|wss?):$/.test(protocol) && host !== home) strangers.push(request.url());
      });
      await use(strangers);
      expect(strangers, "requests that left the machine").toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export const answerOf = (page: Page) => page.getByRole("region", { name: "Answer" });
export const ballsOf = (page: Page) => answerOf(page).getByRole("status");
export const ledgerOf = (page: Page) => page.getByRole("region", { name: "Where the yarn goes" });

/** Waits until the answer is that of what stands on the page. */
export const answerIsThere = (page: Page) => expect(answerOf(page)).toHaveAttribute("aria-busy", "false");

/** Opens a drawer of a bench, where it is shut. */
export async function openDrawer(page: Page, title: string) {
  const drawer = page.getByRole("region", { name: title, exact: true }).locator("details").first();
  if ((await drawer.getAttribute("open")) === null) await drawer.locator("summary").first().click();
  await expect(drawer).toHaveAttribute("open", "");
}

/**
 * Writes over the rows of a panel as by hand: all chosen, then written over. A field's own `fill` chooses and writes in
 * two steps of its own; when an answer comes between them the editor has not heard of the choice.
 */
export async function writeRows(page: Page, text: string) {
  const rows = page.getByRole("textbox", { name: "Rows as text" });
  await expect(rows).toHaveAttribute("contenteditable", "true");
  await rows.press("ControlOrMeta+a");
  await page.keyboard.insertText(text);
}

/** A browser writes its store anew at first: on a machine whose disk is busy that alone takes a while. */
const FIRST_OPENED_MS = 60_000;

/** Opens a page of the application and waits until the project is there. */
export async function openAt(page: Page, path = "/") {
  await page.goto(path);
  await expect(answerOf(page)).toBeVisible({ timeout: FIRST_OPENED_MS });
}

/**
 * Expects that axe finds nothing on the page as it stands, in the light and in the dark; `within` looks at a part of it.
 */
export async function expectAccessible(page: Page, within?: string) {
  for (const theme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme: theme });
    await expect(page.locator("html")).toHaveAttribute("data-theme", theme);
    await expectAccessibleNow(page, `in the ${theme}`, within);
  }
}

/** The same of the page in the look that it has. */
export async function expectAccessibleNow(page: Page, look: string, within?: string) {
  await standsStill(page);
  // A word about something done that is just fading is read by nobody, and neither by axe.
  await expect(page.locator("[data-sonner-toast]")).toHaveCount(0, { timeout: 20_000 });
  // There are no frames in the application; told so, axe needs half of the time.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  const { violations } = await (within ? axe.include(within) : axe)
    .options({ rules: { "target-size": { enabled: true } } })
    .analyze();
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(" ")}`);
  expect(found, look).toEqual([]);
}

/** Words that fade in are not yet as dark as they will be. */
const standsStill = (page: Page) =>
  page.evaluate(async () => {
    const passing = document
      .getAnimations()
      .filter(({ effect }) => effect?.getTiming().iterations !== Infinity);
    await Promise.allSettled(passing.map(({ finished }) => finished));
  });

/** Undo as it stands above each bench; a word about something just done may offer one of its own. */
export const undoButtonOf = (page: Page) =>
  page.getByRole("banner").getByRole("button", { name: "Undo", exact: true });

/** Opens a file through the page's file input, which is what the shortcut and the menu click. */
export async function openFile(page: Page, file: string | { name: string; content: string }) {
  const input = page.locator("input[type=file][accept*=json]");
  await input.evaluate((element) => {
    delete element.dataset.asked;
    element.addEventListener("click", (event) => {
      event.preventDefault();
      element.dataset.asked = "yes";
    });
  });
  await page.keyboard.press("Control+o");
  await expect(input).toHaveAttribute("data-asked", "yes");
  await input.setInputFiles(
    typeof file === "string"
      ? file
      : { name: file.name, mimeType: "application/json", buffer: Buffer.from(file.content) },
  );
}

/** A cabled back as one rectangle, in a file as it was written before pieces had sections. */
const BACK = {
  format: "brenok-project",
  version: 1,
  name: "Harrow slipover",
  madeFor: "Ada, 96 cm round",
  notes: "The back, as one cabled rectangle up to the shoulders.",
  demo: true,
  certainty: "steady",
  gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "measured" },
  needleMm: 5,
  yarns: [
    {
      id: "yarn-1",
      name: "Tarnock Aran, lichen",
      colour: "#7a8b6f",
      bandClass: "aran",
      putUp: { massG: 50, lengthM: 82 },
    },
  ],
  pieces: [
    {
      id: "piece-1",
      name: "Back",
      yarnId: "yarn-1",
      ropeId: "rope-3-3",
      lean: "left",
      ropes: 9,
      purls: 2,
      edge: 11,
      rows: 150,
      measured: { widthMm: 76, stitches: 18 },
      tail: { school: "wraps", twentyMm: null },
    },
  ],
  typed: {
    stitchGauge: "18 st / 10 cm",
    rowGauge: "25 rows / 10 cm",
    putUp: "50 g = 82 m",
    measuredWidth: "7.6 cm",
  },
};

/** Opens the application with a project of one piece, 96 stitches by 150 rows. */
export async function openBack(page: Page) {
  await openAt(page);
  await openFile(page, { name: "back.brenok.json", content: JSON.stringify(BACK) });
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
}

/** The sheet of all that leaves a project as a file. */
export const filesSheetOf = (page: Page) => page.getByRole("dialog", { name: "Print and files" });

export async function openFiles(page: Page) {
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Print and files" }).click();
  await expect(filesSheetOf(page)).toBeVisible();
}

/** What comes of a press, as bytes, and under which name. */
export async function saved(page: Page, press: () => Promise<void>) {
  const download = page.waitForEvent("download");
  await press();
  const file = await download;
  return { name: file.suggestedFilename(), bytes: await readFile(await file.path()) };
}
