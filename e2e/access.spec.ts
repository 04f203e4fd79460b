/** Every view, sheet and menu for eyes, hands and screen readers of all kinds: axe, targets, sizes, spacing, colours. */
import type { Locator, Page } from "@playwright/test";
import { answerIsThere, ballsOf, expect, expectAccessible, openAt, openDrawer, test } from "./bench";

const SIZES = {
  desk: { viewport: { width: 1280, height: 800 }, hasTouch: false },
  phone: { viewport: { width: 390, height: 844 }, hasTouch: true },
} as const;

const VIEWS = {
  Pieces: "/",
  Swatches: "/swatches",
  Swap: "/swap",
  Order: "/order",
  Knit: "/knit",
  Panels: "/panels",
  Shelf: "/shelf",
  Help: "/help",
} as const;

async function openView(page: Page, path: string) {
  await openAt(page, path);
  await answerIsThere(page);
  await expect(page.locator("#bench :is(h2, h1)").first()).toBeVisible();
  // What is calculated behind the page has come, and every part that is loaded later.
  await expect(page.locator("#bench")).not.toContainText(/calculating|Weaving|Planning …/i);
}

const press = (page: Page, name: string | RegExp) =>
  page
    .getByRole("button", { name, exact: typeof name === "string" })
    .first()
    .click();

const act = async (page: Page, name: string) => {
  await press(page, /^Project:/);
  await page.getByRole("menuitem", { name }).click();
};

/** What opens over a page: where, and how; by a key nothing has the focus before, and so nothing gets it back. */
const BY_KEY: readonly (readonly [name: string, key: string])[] = [
  ["New project", "n"],
  ["Settings", ","],
  ["Shortcuts", "?"],
  ["Glossary", "g"],
  ["Tools", "t"],
  ["Your projects", "h"],
  ["Find anything", "Control+k"],
];

const BY_HAND: readonly (readonly [name: string, path: string, open: (page: Page) => Promise<void>])[] = [
  ["the project’s menu", "/", (page) => press(page, /^Project:/)],
  ["Name and notes", "/", (page) => act(page, "Name and notes …")],
  ["Print and files", "/", (page) => act(page, "Print and files …")],
  ["Send to another device", "/", (page) => act(page, "Send to another device …")],
  ["Your hand", "/", (page) => act(page, "Your hand …")],
  [
    "rows of a section",
    "/",
    async (page) => {
      await openDrawer(page, "Where the yarn goes");
      await press(page, "Plain fabric");
      await press(page, /^Rows of /);
    },
  ],
  ["why a figure", "/", (page) => press(page, "10 balls")],
  ["all that is behind the answer", "/", (page) => press(page, "More")],
  [
    "kinds of extras",
    "/",
    async (page) => {
      await openDrawer(page, "Finishing");
      await press(page, "An extra");
    },
  ],
  ["another yarn", "/swap", (page) => press(page, "From shelf or shop")],
  ["a typed yarn", "/swap", (page) => press(page, "Type in a yarn")],
  ["the pattern’s yarn", "/swap", (page) => press(page, /^Change Tarnock/)],
  ["a substitute", "/swap", (page) => press(page, /^Change Osmuth/)],
  ["a shelf entry", "/shelf", (page) => press(page, "Tarnock Aran, lichen")],
  ["weighing", "/knit", (page) => press(page, "Weigh")],
  ["joining a ball", "/knit", (page) => press(page, "New ball")],
  ["measuring", "/knit", (page) => press(page, "Measure")],
  ["a note", "/knit", (page) => press(page, "Note")],
  ["ripping back", "/knit", (page) => press(page, "Rip back")],
  ["how a crossing is worked", "/knit", (page) => press(page, /^How is .* worked/)],
  ["making a panel from another", "/panels", (page) => press(page, "Make from it …")],
  [
    "joining panels",
    "/panels",
    async (page) => {
      await press(page, "Make from it …");
      await page.getByRole("menuitem", { name: "Join or end …" }).click();
    },
  ],
];

/** Looks at what lies over the page, and closes it. */
async function lookAtSheet(page: Page) {
  const over = page.locator("[role=dialog], [role=menu]").last();
  await expect(over).toBeVisible();
  await expect(over).not.toContainText(/Calculating …|Loading …/);
  await expectAccessible(page, "[role=dialog], [role=menu]");
  await page.keyboard.press("Escape");
  await expect(page.locator("[role=dialog], [role=menu]")).toHaveCount(0);
}

for (const [size, use] of Object.entries(SIZES))
  test.describe(`at the ${size}`, () => {
    test.use(use);

    for (const [name, path] of Object.entries(VIEWS))
      test(`axe finds nothing on ${name}, and no words are under 12 px`, async ({ page }) => {
        await openView(page, path);
        await expectAccessible(page);
        expect(await smallWords(page)).toEqual([]);
      });

    test("axe finds nothing on any sheet or menu, and each gives the focus back", async ({ page }) => {
      test.setTimeout(400_000);
      await openView(page, "/");
      for (const [name, key] of BY_KEY)
        await test.step(name, async () => {
          await page.keyboard.press(key);
          await lookAtSheet(page);
        });
      for (const [name, path, open] of BY_HAND)
        await test.step(name, async () => {
          await openView(page, path);
          await open(page);
          await lookAtSheet(page);
          await expect(page.locator("button:focus"), name).toHaveCount(1);
        });
    });
  });

/** Words of the page that are drawn smaller than 12 px. */
const smallWords = (page: Page) =>
  page.evaluate(() => {
    const small: string[] = [];
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let text = texts.nextNode(); text; text = texts.nextNode()) {
      const holder = text.parentElement;
      const words = text.textContent?.trim();
      if (!holder || !words || holder.closest("script, style, noscript, .sr-only, title")) continue;
      const drawn = holder.closest("svg")
        ? ((holder as unknown as SVGGraphicsElement).getScreenCTM?.()?.a ?? 1)
        : 1;
      const px = Number.parseFloat(getComputedStyle(holder).fontSize) * drawn;
      if (px < 11.9) small.push(`${px.toFixed(1)} ${words.slice(0, 30)}`);
    }
    return small;
  });

/** How far the page can be scrolled sideways, and words that are cut off by what they stand in. */
const cutOff = (page: Page) =>
  page.evaluate(() => {
    const cut = [...document.querySelectorAll<HTMLElement>("button, a, p, label, li, dt, dd, h1, h2, h3")]
      .filter((one) => {
        const { overflowX, textOverflow } = getComputedStyle(one);
        return overflowX === "hidden" && textOverflow !== "ellipsis" && one.scrollWidth > one.clientWidth + 1;
      })
      .filter((one) => !one.closest(".sr-only") && getComputedStyle(one).clipPath === "none")
      .map((one) => (one.textContent ?? "").slice(0, 40));
    return { sideways: Math.max(0, document.documentElement.scrollWidth - innerWidth), cut };
  });

/** Spacing as WCAG 1.4.12 has it, set by the page itself: its policy lets no style in. */
const spaceText = (page: Page) =>
  page.evaluate(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(
      "* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } p { margin-bottom: 2em !important }",
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
  });

for (const [name, path] of Object.entries(VIEWS))
  test(`${name} can be read with wide spacing, and at twice the size`, async ({ page }) => {
    await openView(page, path);
    await spaceText(page);
    expect(await cutOff(page)).toEqual({ sideways: 0, cut: [] });
    await page.setViewportSize({ width: 640, height: 400 });
    expect(await cutOff(page)).toEqual({ sideways: 0, cut: [] });
  });

test("in the reader's own colours what is chosen, the strand and the bars are still told", async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: "active" });
  await openView(page, "/");
  const look = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((one) => getComputedStyle(one).backgroundColor);
  const nothing = await look("#bench section");
  // A bench, a unit, a piece, a grouping of the ledger; the strand; a bar.
  for (const chosen of [
    "nav a[aria-current=page]",
    "header [role=radiogroup] label:has(:checked)",
    "#bench [aria-pressed=true]",
    "#bench [role=radiogroup] label:has(:checked)",
    "[role=slider] .plied",
    "#bench table .coloured",
  ])
    expect([chosen, await look(chosen)]).not.toEqual([chosen, nothing]);
});

/** More stops than this between two places nobody goes through. */
const MOST_STOPS = 150;

/** Goes on with Tab until something has the focus, and expects that it can be seen there. */
async function tabTo(page: Page, wanted: Locator) {
  for (let stop = 0; stop < MOST_STOPS; stop += 1) {
    if (await wanted.evaluate((one) => one === document.activeElement)) break;
    await page.keyboard.press("Tab");
  }
  await expect(wanted).toBeFocused();
  const seen = await wanted.evaluate((one) => {
    const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(one);
    return (outlineStyle !== "none" && Number.parseFloat(outlineWidth) > 0) || boxShadow !== "none";
  });
  expect(seen, "the focus can be seen").toBe(true);
}

test("from an empty browser to ordered balls with the keyboard alone", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await tabTo(page, page.getByRole("button", { name: /^Project:/ }));
  await page.keyboard.press("Enter");
  const start = page.getByRole("menuitem", { name: "New project …" });
  await expect(start).toBeVisible();
  for (let stop = 0; stop < 6; stop += 1) {
    if (await start.evaluate((one) => one === document.activeElement)) break;
    await page.keyboard.press("ArrowDown");
  }
  await expect(start).toBeFocused();
  await page.keyboard.press("Enter");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await tabTo(page, sheet.getByRole("radio", { name: "Hat" }));
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(sheet.getByRole("radio", { name: "Scarf" })).toBeChecked();
  await tabTo(page, sheet.getByLabel("Width", { exact: true }));
  await page.keyboard.press("Control+a");
  await page.keyboard.type("24 cm");
  await tabTo(page, sheet.getByRole("button", { name: "Start with this" }));
  await page.keyboard.press("Enter");
  await expect(sheet).toBeHidden();
  await tabTo(page, page.getByLabel("One ball holds"));
  await page.keyboard.press("Control+a");
  await page.keyboard.type("50 g = 85 m");
  await answerIsThere(page);
  await expect(ballsOf(page)).toContainText(/\d+ balls/);
  await page.keyboard.press("Escape");
  await tabTo(page, page.getByRole("link", { name: /^Order/ }));
  await page.keyboard.press("Enter");
  await tabTo(page, page.getByRole("button", { name: "Balls in another shop" }));
  await page.keyboard.press("Enter");
  const offer = page.getByRole("group", { name: "Balls in another shop" });
  await tabTo(page, offer.getByLabel("Price of a ball"));
  await page.keyboard.type("5.50");
  await tabTo(page, offer.getByLabel("How many there are"));
  await page.keyboard.type("40");
  await tabTo(page, page.getByRole("button", { name: "Mark as bought" }));
  await page.keyboard.press("Enter");
  const plan = page.getByRole("region", { name: "What to buy" });
  await expect(plan.getByRole("status")).toHaveText(/^Nothing to buy, \d+ from your shelf$/);
});
