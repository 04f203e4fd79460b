/** A project begun from a written pattern: pasted, or in a file. */
import { readFileSync } from "node:fs";
import path from "node:path";
import type { Page } from "@playwright/test";
import { strToU8, zipSync } from "fflate";
import { PDFDocument, StandardFonts } from "pdf-lib";
import { printed, type PrintedManner } from "../testing/printed";
import { answerIsThere, ballsOf, expect, expectAccessible, openAt, test } from "./bench";

const JUMPER = readFileSync(path.join(__dirname, "../testing/patterns/whole/jumper.txt"), "utf8");
const CARDIGAN = readFileSync(path.join(__dirname, "../testing/patterns/whole/cardigan.txt"), "utf8");

/** The sheet in which a pattern is read. */
async function openReader(page: Page) {
  await openAt(page);
  await page.keyboard.press("n");
  const sheet = page.getByRole("dialog", { name: "New project" });
  await sheet.getByRole("radio", { name: "Pattern" }).click();
  await expect(sheet.getByRole("textbox")).toBeVisible();
  return sheet;
}

/** A PDF of a text as it would be printed. */
async function pdfOf(text: string, manner: PrintedManner): Promise<Buffer> {
  const pdf = await PDFDocument.create();
  const font = await pdf.embedFont(StandardFonts.Courier);
  for (const runs of printed(text, manner)) {
    const page = pdf.addPage([595, 842]);
    for (const { text: word, x, y } of runs) page.drawText(word, { x, y, size: 8.33, font });
  }
  return Buffer.from(await pdf.save());
}

test("a pasted pattern is read sentence by sentence, what is missing is settled, and the project stands there", async ({
  page,
}) => {
  const sheet = await openReader(page);
  await sheet
    .getByRole("textbox")
    .fill(
      JUMPER.replace(
        "Work straight until armholes",
        "Do the moss thing for a bit.\nWork straight until armholes",
      ),
    );
  await expect(sheet.getByText("1 sentence not understood")).toBeVisible();
  const list = sheet.getByRole("list", { name: "The pattern, and what is made of it" });
  await expect(list.getByRole("listitem").filter({ hasText: "Inc 4 sts evenly" })).toContainText(
    /92 → 96 st/,
  );
  await sheet.getByRole("button", { name: "Go to the first" }).click();
  await expectAccessible(page, "[role=dialog]");
  await list.getByRole("button", { name: "Nothing is worked by it" }).click();
  await expect(sheet.getByText("Every sentence is understood, and every count agrees.")).toBeVisible();
  await sheet.getByRole("radio", { name: "97" }).click();
  await expect(list.getByRole("listitem").filter({ hasText: "Inc 4 sts evenly" })).toContainText(
    /104 → 108 st/,
  );
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await expect(page.getByRole("button", { name: /The Corrie Jumper/ })).toBeVisible();
  await expect(ballsOf(page)).toHaveText(/\b1\d balls/);
  await expect(page.getByRole("list", { name: "Sections" })).toContainText("104 → 108 st");
});

test("what is not understood stays missing in the answer", async ({ page }) => {
  const sheet = await openReader(page);
  await sheet
    .getByRole("textbox")
    .fill(
      "Scarf\nCast on 40 sts.\nWork in garter st for 90 cm.\nDo the frobbly thing over 12 sts.\nBind off.",
    );
  await expect(sheet.getByText("1 sentence missing: the answer will say so.")).toBeVisible();
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await expect(page.getByText("No chance is given").first()).toBeVisible();
});

const FILES = [
  {
    name: "jumper.pdf",
    text: JUMPER,
    make: () => pdfOf(JUMPER, { columns: 2, wide: 42, head: null, numbers: true, parted: true }),
  },
  {
    name: "cardigan.pdf",
    text: CARDIGAN,
    make: () => pdfOf(CARDIGAN, { columns: 1, wide: 80, head: null, numbers: true, parted: false }),
  },
  {
    name: "cardigan.docx",
    text: CARDIGAN,
    make: () => {
      const paragraphs = CARDIGAN.split("\n").map(
        (line) => `<w:p><w:r><w:t>${line.replaceAll("&", "&amp;")}</w:t></w:r></w:p>`,
      );
      return Promise.resolve(Buffer.from(zipSync({ "word/document.xml": strToU8(paragraphs.join("")) })));
    },
  },
] as const;

for (const { name, make } of FILES)
  test(`a pattern in ${name} is read as its text is`, async ({ page }) => {
    const sheet = await openReader(page);
    await sheet.locator("input[type=file]").setInputFiles({ name, mimeType: "", buffer: await make() });
    await expect(sheet.getByText("Every sentence is understood, and every count agrees.")).toBeVisible();
  });

test("a scan, a locked or a damaged file is told to be one", async ({ page }) => {
  const sheet = await openReader(page);
  const input = sheet.locator("input[type=file]");
  const empty = await PDFDocument.create();
  empty.addPage();
  await input.setInputFiles({ name: "scan.pdf", mimeType: "", buffer: Buffer.from(await empty.save()) });
  await expect(page.getByText(/scan\.pdf holds pictures of its pages and no text/)).toBeVisible();
  await input.setInputFiles({ name: "broken.pdf", mimeType: "", buffer: Buffer.from("%PDF-1.4 nothing") });
  await expect(page.getByText(/broken\.pdf is damaged/)).toBeVisible();
  await input.setInputFiles({
    name: "broken.docx",
    mimeType: "",
    buffer: Buffer.from("PK\u0003\u0004 nothing"),
  });
  await expect(page.getByText(/broken\.docx (is damaged|holds no document)/)).toBeVisible();
});

test("a pattern that is dropped on the page is read", async ({ page }) => {
  await openAt(page);
  const dropped = await page.evaluateHandle((text) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([text], "cardigan.txt", { type: "text/plain" }));
    return transfer;
  }, CARDIGAN);
  await page.dispatchEvent("body", "drop", { dataTransfer: dropped });
  const sheet = page.getByRole("dialog", { name: "New project" });
  await expect(sheet.getByText("Every sentence is understood, and every count agrees.")).toBeVisible();
  await sheet.getByRole("radio", { name: "3", exact: true }).click();
  await expect(sheet.getByText("; the pattern asks for 13", { exact: true })).toBeVisible();
});

test("what the pattern asks for is held against what its rows need", async ({ page }) => {
  const sheet = await openReader(page);
  await sheet.getByRole("textbox").fill(JUMPER);
  await expect(sheet.getByText(/^The pattern’s 12 balls hold .* here: they agree\.$/)).toBeVisible();
  await sheet.getByRole("button", { name: "Start with this" }).click();
  await answerIsThere(page);
  await page.getByRole("link", { name: "Swatches" }).click();
  const ways = page.getByRole("region", { name: "Ways to estimate" });
  await expect(ways.getByRole("row", { name: /^The pattern, in its own yarn/ })).toContainText("12 balls");
  const asked = ways.getByRole("textbox", { name: "The pattern asks for" });
  await asked.fill("5");
  await expect(ways.getByText(/but the pattern’s 5 balls hold only/)).toBeVisible();
  await asked.fill("");
  await expect(ways.getByText(/hold only/)).toBeHidden();
  await expect(ways.getByRole("row")).toHaveCount(3);
});
