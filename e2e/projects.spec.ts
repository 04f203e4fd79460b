/** The home of all projects: found, opened, copied, put away, brought back; former states; a backup and back. */
import { readFile, writeFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { answerIsThere, ballsOf, expect, expectAccessible, openAt, openBack, openFile, test } from "./bench";

const GAUGE = "Plain gauge: stitches";
const home = (page: Page) => page.getByRole("dialog", { name: "Your projects" });
const entries = (page: Page) => home(page).getByRole("list", { name: "Projects", exact: true });
const saved = (page: Page) => expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");

async function openHome(page: Page) {
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Your projects" }).click();
  await expect(home(page)).toBeVisible();
}

/** A second project beside the first, with a name and a yarn of its own. */
async function openScarf(page: Page) {
  const demo = (await (await page.request.get("/api/demo")).json()) as Record<string, unknown>;
  await openFile(page, {
    name: "scarf.brenok.json",
    content: JSON.stringify({
      ...demo,
      id: "scarf",
      demo: false,
      name: "Scarf of the evening",
      madeFor: "Tilde",
    }),
  });
  await expect(page.getByRole("button", { name: /Project: Scarf/ })).toBeVisible();
  await saved(page);
}

const more = async (page: Page, name: RegExp, act: string) => {
  await entries(page)
    .getByRole("button", { name: new RegExp(`^More for ${name.source}`) })
    .click();
  await page.getByRole("menuitem", { name: act }).click();
};

test("projects are found, opened, copied, archived, deleted and brought back", async ({ page }) => {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await answerIsThere(page);
  await saved(page);
  await openScarf(page);
  await answerIsThere(page);

  await openHome(page);
  await expect(entries(page).getByRole("listitem")).toHaveCount(2);
  const scarf = entries(page).getByRole("listitem").filter({ hasText: "Scarf of the evening" });
  await expect(scarf).toContainText("Open now");
  await expect(scarf).toContainText("10 balls");
  await home(page).getByRole("searchbox").fill("tilde scarf");
  await expect(entries(page).getByRole("listitem")).toHaveCount(1);
  await home(page).getByRole("searchbox").fill("");
  await expectAccessible(page, "[role=dialog]");

  await more(page, /Scarf/, "Duplicate");
  await expect(entries(page).getByRole("button", { name: "Open Scarf of the evening, copy" })).toBeVisible();
  await more(page, /Scarf of the evening, copy/, "Archive");
  await expect(entries(page).getByRole("listitem")).toHaveCount(2);
  await expect(home(page).getByRole("radio", { name: "Archive, 1" })).toBeVisible();

  // The open one is deleted: the other takes its place, and it can be had back.
  await more(page, /Scarf/, "Delete");
  await expect(home(page).getByText("Scarf of the evening is deleted.")).toBeVisible();
  await expect(entries(page).getByRole("listitem")).toHaveCount(1);
  await home(page).getByRole("button", { name: "Bring it back" }).click();
  await expect(entries(page).getByRole("listitem")).toHaveCount(2);
  await entries(page)
    .getByRole("button", { name: /^Open Harrow/ })
    .click();
  await expect(home(page)).toBeHidden();
  await expect(ballsOf(page)).toHaveText(/\b6 balls/);
  await page.reload();
  await expect(page.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");
});

test("a former state is looked at as a copy, and gone back to", async ({ page }) => {
  await openBack(page);
  await saved(page);
  const before = await page.getByLabel(GAUGE).inputValue();
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await saved(page);
  await page.getByLabel("Rows", { exact: true }).fill("151");
  await saved(page);
  await openHome(page);
  await more(page, /Harrow/, "Former states …");
  const states = page.getByRole("dialog", { name: /^Former states of Harrow/ });
  await expect(states.getByRole("listitem")).toHaveCount(1);
  await expect(states).toContainText("Changed after it: the gauge and the pieces.");
  await expectAccessible(page, "[role=dialog]:last-of-type");
  await states.getByRole("button", { name: "Go back to it" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("150");
  await expect(page.getByLabel(GAUGE)).toHaveValue(before);
  await page.keyboard.press("Control+z");
  await expect(page.getByLabel("Rows", { exact: true })).toHaveValue("151");
  await openHome(page);
  await more(page, /Harrow/, "Former states …");
  await states.getByRole("button", { name: "Open as a copy" }).last().click();
  await expect(page.getByRole("button", { name: /Project: Harrow slipover, as of/ })).toBeVisible();
});

test("everything goes into one file, and comes back from it in an empty browser, thing by thing", async ({
  page,
  browser,
  baseURL,
}, testInfo) => {
  await openBack(page);
  await page.getByLabel(GAUGE).fill("14 sts 10cm");
  await saved(page);
  await openScarf(page);
  await openHome(page);
  const download = page.waitForEvent("download");
  await home(page).getByRole("button", { name: "Save everything to a file" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toMatch(/^brenok-backup-\d{4}-\d\d-\d\d\.zip$/);
  const path = testInfo.outputPath("backup.zip");
  await file.saveAs(path);
  await expect(home(page).getByText(/2 projects in it/)).toBeVisible();
  await expect(home(page).getByText(/The newest was saved today/)).toBeVisible();

  const other = await (await browser.newContext({ baseURL: baseURL ?? "" })).newPage();
  await openAt(other);
  await openHome(other);
  const input = home(other).getByLabel("Backup to restore from");
  await input.setInputFiles({ name: "no.zip", mimeType: "application/zip", buffer: Buffer.from("no zip") });
  await expect(home(other).getByText(/This is no backup of Brenok/)).toBeVisible();
  // One letter in the middle of it is another: what that hits is told, the rest comes back.
  const bytes = await readFile(path);
  const broken = Buffer.from(bytes);
  broken.writeUInt8(broken.readUInt8(2000) ^ 255, 2000);
  await writeFile(testInfo.outputPath("broken.zip"), broken);
  await input.setInputFiles(testInfo.outputPath("broken.zip"));
  const restore = other.getByRole("dialog", { name: /^Backup of/ });
  await expect(restore.getByRole("alert")).toContainText("One file in it is damaged");
  await restore.getByRole("button", { name: "Cancel" }).click();

  await input.setInputFiles(path);
  await expect(restore.getByRole("listitem")).toHaveCount(2);
  await expect(restore).toContainText("is not here, and comes back");
  await expectAccessible(other, "[role=dialog]:last-of-type");
  await restore.getByRole("button", { name: "Bring back what is ticked" }).click();
  await expect(home(other).getByText("2 projects came back.")).toBeVisible();
  await entries(other)
    .getByRole("button", { name: /^Open Harrow/ })
    .click();
  await expect(other.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");

  // Changed since, and restored again: what is here goes among the former states.
  await other.getByLabel(GAUGE).fill("15 sts 10cm");
  await saved(other);
  await openHome(other);
  await input.setInputFiles(path);
  const harrow = restore.getByRole("listitem").filter({ hasText: "Harrow" });
  await expect(harrow).toContainText("differs from what is here in the gauge");
  await expect(harrow.getByRole("checkbox")).not.toBeChecked();
  await harrow.getByRole("checkbox").check();
  await restore.getByRole("button", { name: "Bring back what is ticked" }).click();
  await expect(restore).toBeHidden();
  await other.keyboard.press("Escape");
  await expect(other.getByLabel(GAUGE)).toHaveValue("14 sts 10cm");
  await other.context().close();
});

test("a panel and a yarn of another project are taken into this one", async ({ page }) => {
  const demo = (await (await page.request.get("/api/demo")).json()) as {
    yarns: Record<string, unknown>[];
  };
  await openAt(page);
  const panel = { id: "panel-1", name: "Twisted fence", text: "Row 1 (RS): P2, 2/2 LC, P2.", notes: "" };
  await openFile(page, {
    name: "fence.brenok.json",
    content: JSON.stringify({ ...demo, id: "fence", name: "Fence", demo: false, panels: [panel] }),
  });
  await saved(page);
  await page.getByRole("button", { name: /^Project:/ }).click();
  await page.getByRole("menuitem", { name: "Start empty" }).click();
  await page.getByRole("button", { name: "From another project" }).click();
  const yarns = page.getByRole("dialog", { name: "Yarns of your other projects" });
  const name = String(demo.yarns[0]?.name);
  await yarns.getByRole("button", { name: `Take ${name}` }).click();
  await expect(page.getByLabel("Name of the yarn")).toHaveValue(name);
  await page.goto("/panels");
  await page.getByRole("button", { name: "From another project" }).click();
  const panels = page.getByRole("dialog", { name: "Panels of your other projects" });
  await expectAccessible(page, "[role=dialog]");
  await panels.getByRole("button", { name: "Take Twisted fence" }).click();
  await expect(page.getByRole("textbox", { name: "Name", exact: true })).toHaveValue("Twisted fence");
  await expect(page.getByText("Twisted fence, from Fence").first()).toBeVisible();
});

test("what was made before is told beside the model, and one of it is begun again in another yarn", async ({
  page,
}) => {
  await openAt(page);
  await openScarf(page);
  await answerIsThere(page);
  await saved(page);
  await openHome(page);
  await more(page, /Scarf of the evening/, "Make it again, in another yarn …");
  await expect(home(page)).toBeHidden();
  await expect(page.getByRole("button", { name: /Project: Scarf of the evening, again/ })).toBeVisible();
  await expect(page).toHaveURL(/\/swap$/);
  await page.getByRole("link", { name: /^Swatches/ }).click();
  const like = page.getByRole("region", { name: "What you made before" });
  await expect(like).toContainText(
    /Your 1 top without sleeves, cabled and in yarn like this, took \d+\.\d+\sm per square decimetre/,
  );
  await expect(like.getByRole("img", { name: /^Like things from/ })).toBeVisible();
  await expectAccessible(page);
});
