/** Draws each main view from the demo data into docs/screenshots, or into the folder given. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { openBrowser } from "./browser.mjs";
import { root, startServer } from "./server.mjs";

const folder = process.argv[2] ?? path.join(root, "docs/screenshots");
const only = process.argv[3];
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** The library is there when its first chart is. */
const libraryRead = (page) => page.getByRole("region", { name: "Chart of Honeycomb" }).waitFor();

/** The piece is there when its own fabric is on it. */
const pieceDrawn = (page) => page.locator("svg image").first().waitFor({ state: "attached" });

/** The garment folded as it is worn, its fabric laid on it. */
const worn = async (page) => {
  await page.getByRole("radio", { name: "As worn" }).click();
  await page.locator("svg image").nth(3).waitFor({ state: "attached" });
};

/** On a phone the drawing is folded away; what is in hand comes first. */
const sectionsListed = (page) => page.getByRole("list", { name: "Sections" }).waitFor();

/** A panel as fabric, in its own colour. */
const fabricOf = (panel) => async (page) => {
  await libraryRead(page);
  await page.getByRole("radio", { name: "Fabric" }).click();
  await page.getByLabel("Find a panel").fill(panel);
  await page.getByRole("button", { name: panel }).first().click();
  await page
    .getByRole("region", { name: `Fabric of ${panel}` })
    .locator("[data-settled=true]")
    .waitFor();
};

/** A written pattern beside what is made of it, with a sentence that is not understood. */
async function patternRead(page) {
  await page.keyboard.press("n");
  await page.getByRole("radio", { name: "Pattern" }).click();
  const text = readFileSync(path.join(root, "testing/patterns/whole/jumper.txt"), "utf8");
  const gone = "Work straight until armholes measure 20";
  await page.getByRole("textbox").fill(text.replace(gone, `Shape as the picture shows.\n${gone}`));
  await page.getByRole("button", { name: "Go to the first" }).click();
}

/** What one ball of 95 m becomes, and how long a scarf of it is. */
async function usedUp(page) {
  await page.getByRole("button", { name: /Yarn to use up/ }).click();
  await page.getByLabel("A ball of it holds").fill("50 g = 95 m");
  await page.getByLabel("You have").fill("1");
  await page
    .getByText(/not enough: it takes/)
    .nth(10)
    .waitFor();
  await page.getByRole("radio", { name: /^Scarf/ }).check();
  await page.getByLabel("Width").fill("18 cm");
  await page.getByText(/One repeat more/).waitFor();
  await page
    .getByRole("region", { name: "Scarf" })
    .evaluate((element) => element.scrollIntoView({ block: "end" }));
}

/** A second yarn, in stripes over the back. */
async function striped(page) {
  await page.getByRole("button", { name: "Yarn", exact: true }).click();
  await page.getByRole("radio", { name: "stripes" }).click();
  await pieceDrawn(page);
  await page.waitForTimeout(1500);
  await page.evaluate(() => scrollTo(0, 0));
}

/** Three projects: the demo, the small one in the round, and one that is only begun. */
async function projects(page) {
  const menu = async (act) => {
    await page.getByRole("button", { name: /^Project/ }).click();
    await page.getByRole("menuitem", { name: act }).click();
  };
  const named = async (name) => {
    await menu("Name and notes");
    await page.getByLabel("Project", { exact: true }).fill(name);
    await page.getByRole("button", { name: "Save", exact: true }).click();
    // Its card is written when its answer has stood for a while.
    await page.waitForTimeout(3000);
  };
  await named("Harrow slipover for autumn");
  await menu("Open the small demo, in the round");
  await page.waitForTimeout(2000);
  await named("Cap for the first frost");
  await menu("Start empty");
  await page.waitForTimeout(1000);
  await named("Blanket of what is left");
  await menu("Your projects");
  await page.getByRole("button", { name: "Open Harrow slipover for autumn" }).waitFor();
}

/** What to measure next comes from the worker. */
const calculated = (page) =>
  page
    .getByText(/% left|Nothing left to measure/)
    .first()
    .waitFor();

/** Substitutes are there when their fabrics are drawn. */
async function compared(page) {
  await page.waitForFunction(() => document.querySelectorAll("[data-drawn]").length === 3, null, {
    timeout: 60_000,
  });
  await page.getByText("3 yarns").waitFor();
}

/** The plan comes from the worker, and so do the kits. */
async function planned(page) {
  await page
    .getByText(/from your shelf$/)
    .first()
    .waitFor();
  await page.getByText(/for all 6 together/).waitFor();
}

/** The row in hand, and what the last weighing says of its ball. */
const rowsWritten = (page) => page.getByText(/left on this ball/).waitFor();

/** How the next crossing is worked. */
async function explained(page) {
  await rowsWritten(page);
  await page.getByRole("button", { name: /^How is 3\/3 LC worked/ }).click();
  await page.waitForTimeout(2000);
}

/** All pieces worked, what is left weighed, the back measured, and the project closed. */
async function closed(page) {
  const hand = page.getByRole("region", { name: "Row in hand" });
  for (const piece of ["Back", "Front", "Neckband", "Armband 1", "Armband 2"]) {
    await page.getByRole("button", { name: new RegExp(`^${piece}`) }).click();
    await hand.getByRole("button", { name: "Rip back" }).click();
    const all = await page.getByText(/^of \d+$/).textContent();
    await page.getByLabel("Rows done, as I count them").fill(all.slice(3));
    await page.getByRole("button", { name: "Set", exact: true }).click();
    await hand.getByRole("button", { name: "This piece is finished" }).click();
  }
  await page.getByRole("button", { name: /^Back/ }).click();
  const closing = page.getByRole("region", { name: "Close the project" });
  await closing.getByLabel("Whole balls begun").fill("10");
  await closing.getByLabel("Left of all of them").fill("24");
  await closing.getByRole("button", { name: "Save" }).first().click();
  await closing.getByLabel(/across most of it/).fill("51");
  await closing.getByRole("button", { name: "Save" }).nth(1).click();
  await closing.getByRole("button", { name: "Close the project" }).click();
  const end = page.getByRole("region", { name: "The project is closed" });
  await end.getByText("What it says of your hand").waitFor();
  await end.getByText(/^Used/).waitFor();
  await end.evaluate((element) => scrollTo(0, element.getBoundingClientRect().top + scrollY - 20));
}

/** What each picture shows. `act` brings the view about; everything starts from the demo but what a newcomer meets. */
const VIEWS = [
  { name: "pieces", at: "/", size: WIDE, act: pieceDrawn },
  { name: "pieces-dark", at: "/", size: WIDE, dark: true, act: worn },
  { name: "pieces-phone", at: "/", size: PHONE, act: sectionsListed },
  { name: "pieces-colours", at: "/", size: { width: 1280, height: 1000 }, act: striped },
  { name: "projects", at: "/", size: WIDE, act: projects },
  { name: "doors", at: "/", size: { width: 1280, height: 520 }, newcomer: true },
  { name: "fabric", at: "/panels", size: WIDE, act: fabricOf("Horseshoe") },
  { name: "pattern", at: "/", size: WIDE, act: patternRead },
  { name: "panels", at: "/panels", size: WIDE, act: libraryRead },
  { name: "panel-editor", at: "/panels", size: WIDE, act: editPanel },
  { name: "swatches", at: "/swatches", size: { width: 1280, height: 1000 }, act: calculated },
  { name: "swap", at: "/swap", size: { width: 1280, height: 1000 }, act: compared },
  { name: "order", at: "/order", size: { width: 1280, height: 1000 }, act: planned },
  { name: "knit", at: "/knit", size: WIDE, act: rowsWritten },
  { name: "knit-phone", at: "/knit", size: PHONE, dark: true, act: rowsWritten },
  { name: "closing", at: "/knit", size: { width: 1280, height: 1000 }, act: closed },
  { name: "how", at: "/knit", size: PHONE, act: explained },
  { name: "shelf", at: "/shelf", size: WIDE, dark: true },
  { name: "use-up", at: "/", size: PHONE, newcomer: true, act: usedUp },
];

/** A panel of one's own, with a question and a mistake to be mended. */
async function editPanel(page) {
  await page.getByRole("button", { name: "New", exact: true }).click();
  await page.getByRole("textbox", { name: "Rows as text" }).press("ControlOrMeta+a");
  await page.keyboard.insertText(
    "Row 1 (RS): P2, C4F, P1, C3F, P1, K1, P2.\nRow 2: K2, P1, K1, P3, K1, P4, K2.\nRow 3: P2, K4, P1, k3, P1, MB, P1.\nRow 4: k the knits and p the purls.",
  );
  await page.getByText(/means different things/).waitFor();
}

const server = await startServer(4179);
const browser = await openBrowser();
try {
  for (const { name, at, size, dark, newcomer, act } of VIEWS.filter((view) => !only || view.name === only)) {
    const look = { viewport: size, colorScheme: dark ? "dark" : "light", newcomer };
    const page = await browser.newPage(look);
    await page.goto(server.address + at);
    if (newcomer) await page.getByRole("heading", { name: "Brenok" }).waitFor();
    else await page.getByRole("region", { name: "Answer" }).waitFor();
    await page.evaluate(() => document.fonts.ready);
    await act?.(page);
    await page.waitForTimeout(600);
    await page.screenshot({ path: path.join(folder, `${name}.png`) });
    await page.close();
    console.log(name);
  }
} finally {
  await browser.close();
  server.stop();
}
