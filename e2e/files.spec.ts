/** Everything that leaves a project as a file. */
import type { Page } from "@playwright/test";
import { PDFDocument } from "pdf-lib";
import {
  answerIsThere,
  expect,
  expectAccessible,
  filesSheetOf,
  openAt,
  openFile,
  openFiles,
  saved,
  test,
} from "./bench";

const sheet = filesSheetOf;

const press = (page: Page, button: string) =>
  saved(page, () => sheet(page).getByRole("button", { name: button, exact: true }).click());

test("the knitting sheet leaves as pages and as text, with what the answer says", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await openFiles(page);
  await expectAccessible(page, "[role=dialog]");
  const pdf = await press(page, "Knitting sheet: PDF");
  expect(pdf.name).toBe("harrow-slipover-sheet.pdf");
  const document = await PDFDocument.load(pdf.bytes);
  expect(document.getTitle()).toBe("Harrow slipover");
  expect(document.getPageCount()).toBeGreaterThan(4);

  const text = (await press(page, "Knitting sheet: Text")).bytes.toString("utf8");
  for (const words of [
    /Tarnock Aran, lichen\s+50 g = 82 m\s+10 balls\s+784\sm, 479\sg\s+96 in 100 as written, 84 in 100/,
    /94 stitches cast on, with a tail of/,
    /3–19 +as rows 1–2, in turn/,
    /Ball by ball: Tarnock Aran, lichen/,
    /Rest your hands before they hurt/,
  ])
    expect(text).toMatch(words);
});

test("ledger, balls and log leave as tables, and the ledger is the whole of the answer", async ({ page }) => {
  await openAt(page);
  await answerIsThere(page);
  await openFiles(page);
  const rows = (bytes: Buffer) =>
    bytes
      .toString("utf8")
      .trim()
      .split("\r\n")
      .map((row) => row.split(/,(?=(?:[^"]*"[^"]*")*[^"]*$)/));
  const ledger = rows((await press(page, "Where the yarn goes: CSV")).bytes);
  expect(ledger[0]).toEqual(["use", "piece", "section or extra", "yarn", "yarn m"]);
  const metres = ledger.slice(1).reduce((sum, row) => sum + Number(row.at(-1)), 0);
  expect(Math.round(metres)).toBe(784);
  const balls = rows((await press(page, "Ball by ball: CSV")).bytes);
  expect(new Set(balls.slice(1).map(([, ball]) => ball)).size).toBe(10);
  const log = rows((await press(page, "Log: CSV")).bytes);
  expect(log[1]?.[0]).toMatch(/^\d{4}-\d\d-\d\dT/);
});

test("what an answer leaves out is said on the sheet, in words and letters of any language", async ({
  page,
}) => {
  const demo = (await (await page.request.get("/api/demo")).json()) as {
    pieces: { sections: { id: string; kind: string; text?: string }[] }[];
  };
  const [piece] = demo.pieces;
  piece?.sections.push({ id: "odd", kind: "written", text: "Row 1: knit as you like" });
  await openAt(page);
  await openFile(page, {
    name: "odd.brenok.json",
    content: JSON.stringify({ ...demo, id: "odd", name: "Zażółć gęślą jaźń · Ήλιος · Жар", demo: false }),
  });
  await answerIsThere(page);
  await openFiles(page);
  const text = (await press(page, "Knitting sheet: Text")).bytes.toString("utf8");
  expect(text).toMatch(/This is not all of it\. Left out of the answer: .+/);
  expect(text).toMatch(/none is given/);
  const pdf = await press(page, "Knitting sheet: PDF");
  expect((await PDFDocument.load(pdf.bytes)).getTitle()).toBe("Zażółć gęślą jaźń · Ήλιος · Жар");
});

test("a chart leaves as a picture of all of it", async ({ page }) => {
  await page.goto("/panels");
  await page.getByRole("region", { name: "Chart of Honeycomb" }).waitFor();
  const svg = await saved(page, () => page.getByRole("button", { name: "Save as SVG" }).click());
  expect(svg.name).toBe("honeycomb-chart.svg");
  const text = svg.bytes.toString("utf8");
  expect(text).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(text).not.toContain("var(");
  const wide = Number(/ width="([\d.]+)mm"/.exec(text)?.[1]);
  // Twelve stitches of 5 mm and room for the numbers of its rows.
  expect(wide).toBeGreaterThan(60);
  expect(wide).toBeLessThan(80);
  await page.getByRole("radio", { name: "Stitches large on paper" }).click();
  await expect(page.getByText(/11\.\d\scm × \d+(\.\d+)?\scm on paper/)).toBeVisible();
  await page.emulateMedia({ colorScheme: "dark" });
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  const large = (
    await saved(page, () => page.getByRole("button", { name: "Save as SVG" }).click())
  ).bytes.toString();
  expect(Number(/ width="([\d.]+)mm"/.exec(large)?.[1])).toBeCloseTo((wide * 8) / 5, 1);
  // A dark page is printed light all the same.
  const colours = (svg: string) => [...new Set(svg.match(/#[\da-f]{6}/gi))];
  expect(colours(large)).toEqual(colours(text));
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  const png = await saved(page, () => page.getByRole("button", { name: "Save as PNG" }).click());
  expect(png.bytes.subarray(1, 4).toString()).toBe("PNG");
});
