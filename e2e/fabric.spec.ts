import { readFileSync } from "node:fs";
import type { Locator, Page } from "@playwright/test";
import {
  answerIsThere,
  ballsOf,
  expect,
  expectAccessible,
  ledgerOf,
  openAt,
  openBack,
  test,
  openDrawer,
  writeRows,
} from "./bench";

const ropeOf = (half: number) =>
  `Rnd 1: P2, ${half}/${half} LC, ${half < 4 ? `K${8 - 2 * half}, ` : ""}P2.\nRnds 2-8: P2, K8, P2.`;

/** A panel of one's own, shown as fabric. */
async function fabricOf(page: Page, text: string) {
  await openAt(page, "/panels");
  await page.getByRole("button", { name: "New", exact: true }).click();
  await page.getByRole("radio", { name: "Fabric" }).click();
  await writeRows(page, text);
  return page.getByRole("region", { name: "Fabric of New panel" });
}

/** What the view tells: share of the width kept, and stitch widths that crossings eat. */
async function figuresOf(page: Page) {
  const told = (label: string) => page.locator("dt", { hasText: label }).locator("+ dd").locator("strong");
  const number = async (label: string) => Number.parseFloat((await told(label).textContent()) ?? "");
  return {
    width: (await number("Keeps of its plain width")) / 100,
    height: (await number("and of its height")) / 100,
    extra: await number("Extra yarn for crossings, per repeat"),
  };
}

const drawnWidth = (page: Page) =>
  page.getByRole("img", { name: /of their plain width/ }).evaluate((canvas) => canvas.clientWidth);

test("a wider crossing narrows the drawn panel and raises its yarn, and the figures are the interface's", async ({
  page,
  request,
}) => {
  await fabricOf(page, ropeOf(2));
  await page.getByRole("slider", { name: /^Finished/ }).fill("0");
  const seen = [];
  for (const half of [2, 3, 4]) {
    await writeRows(page, ropeOf(half));
    const answer = await request.post("/api/fabric", {
      data: { instructions: ropeOf(half), blocking: "asKnit" },
    });
    const { widthFactor, heightFactor, crossingExtra } = (await answer.json()) as Record<string, number>;
    await expect(page.getByText(`${crossingExtra?.toFixed(2)} stitch widths`)).toBeVisible();
    const { width, height, extra } = await figuresOf(page);
    expect(width).toBeCloseTo(widthFactor ?? NaN, 3);
    expect(height).toBeCloseTo(heightFactor ?? NaN, 3);
    expect(extra).toBeCloseTo(crossingExtra ?? NaN, 2);
    seen.push({ width, extra, drawn: await drawnWidth(page) });
  }
  const [small, middle, large] = seen;
  expect(small?.drawn).toBeGreaterThan(middle?.drawn ?? Infinity);
  expect(middle?.drawn).toBeGreaterThan(large?.drawn ?? Infinity);
  expect(small?.width).toBeGreaterThan(large?.width ?? Infinity);
  expect(small?.extra).toBeLessThan(large?.extra ?? 0);
});

test("the slider moves the fabric from as knit to wet-blocked, by keys too", async ({ page }) => {
  await fabricOf(page, ropeOf(3));
  const slider = page.getByRole("slider", { name: /^Finished/ });
  await expect(slider).toHaveAttribute("aria-valuetext", "wet-blocked");
  const blocked = await drawnWidth(page);
  await slider.press("Home");
  await expect(slider).toHaveAttribute("aria-valuetext", "as knit");
  await expect.poll(() => drawnWidth(page)).toBeLessThan(blocked);
  await page.getByRole("button", { name: "steamed" }).click();
  await expect(slider).toHaveAttribute("aria-valuetext", "steamed");
  await slider.press("ArrowLeft");
  await slider.press("ArrowLeft");
  await expect(slider).toHaveAttribute("aria-valuetext", /% of the ribs’ pull/);
});

test("something is drawn: many colours in its own dye, madder where crossings eat", async ({ page }) => {
  const fabric = await fabricOf(page, ropeOf(4));
  await expect(fabric).toBeVisible();
  const colours = () =>
    page.getByRole("img", { name: /of their plain width/ }).evaluate((canvas: HTMLCanvasElement) => {
      const copy = document.createElement("canvas");
      [copy.width, copy.height] = [canvas.width, canvas.height];
      const pen = copy.getContext("2d");
      pen?.drawImage(canvas, 0, 0);
      const { data } = pen?.getImageData(0, 0, copy.width, copy.height) ?? { data: [] };
      let [drawn, red] = [0, 0];
      for (let at = 0; at < data.length; at += 4) {
        if ((data[at + 3] ?? 0) < 200) continue;
        drawn += 1;
        if ((data[at] ?? 0) > 1.8 * (data[at + 1] ?? 0)) red += 1;
      }
      return { drawn: drawn / (data.length / 4), red: red / Math.max(1, drawn) };
    });
  await expect.poll(async () => (await colours()).drawn).toBeGreaterThan(0.8);
  // What is drawn at once is drawn well when it rests.
  await expect(fabric.locator("canvas")).toHaveAttribute("data-settled", "true");
  expect((await colours()).red).toBeLessThan(0.01);
  await page.getByRole("radio", { name: /Coloured by the yarn/ }).click();
  await expect(page.getByText(/against a plain one/)).toBeVisible();
  await expect.poll(async () => (await colours()).red).toBeGreaterThan(0.03);
});

test("the picture is kept as PNG and as SVG, to scale", async ({ page }) => {
  await fabricOf(page, ropeOf(2));
  const keep = async (name: string) => {
    const waiting = page.waitForEvent("download");
    await page.getByRole("button", { name }).click();
    const kept = await waiting;
    return { name: kept.suggestedFilename(), content: readFileSync(await kept.path()) };
  };
  const png = await keep("Save as PNG");
  expect(png.name).toBe("new-panel.png");
  expect([...png.content.subarray(1, 4)]).toEqual([..."PNG"].map((sign) => sign.charCodeAt(0)));
  const svg = await keep("Save as SVG");
  expect(svg.name).toBe("new-panel.svg");
  expect(svg.content.toString()).toMatch(/^<svg [^>]*width="[\d.]+mm"[\s\S]*<\/svg>$/);
});

test("a fabric that cannot be drawn says why, and is drawn again when the text is mended", async ({
  page,
}) => {
  const fabric = await fabricOf(page, "Rnd 1: K4, yo.\nRnd 2: K5.");
  await expect(page.getByText(/only panels that keep their count can be relaxed/)).toBeVisible();
  await writeRows(page, "Rnd 1: K4, wibble.\nRnd 2: K4.");
  await expect(page.getByText(/A row could not be read/)).toBeVisible();
  await writeRows(page, ropeOf(2));
  await expect(fabric).toBeVisible();
});

test("long work shows how far it is and can be stopped, and the page stays free", async ({ page }) => {
  const wide = Array.from({ length: 300 }, (_, row) =>
    row % 6 === 0 ? `Rnd ${row + 1}: [P2, 3/3 LC, P2] 40 times.` : `Rnd ${row + 1}: [P2, K6, P2] 40 times.`,
  );
  const fabric = await fabricOf(page, ropeOf(2));
  await expect(fabric).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await writeRows(page, wide.join("\n"));
  await expect(page.getByRole("progressbar", { name: "Relaxing the fabric" })).toBeVisible();
  // Over the picture, on a phone too: nobody looks for it below.
  const stop = page.getByRole("button", { name: "Stop" });
  const above = async (one: Locator) => (await one.boundingBox())?.y ?? NaN;
  expect((await above(stop)) - (await above(fabric))).toBeLessThan(60);
  await stop.click();
  await expect(page.getByText(/^Stopped\./)).toBeVisible();
});

test("a large piece shows how far its drawing is; stopped it says so, and is drawn when that is wished", async ({
  page,
}) => {
  const rowsOf = (rows: number, times: number) =>
    Array.from({ length: rows }, (_, row) =>
      row % 8 === 0
        ? `Rnd ${row + 1}: [P2, 2/2 LC] ${times} times.`
        : `Rnd ${row + 1}: [P2, K4] ${times} times.`,
    ).join("\n");
  await openBack(page);
  await page.getByRole("link", { name: "Panels" }).first().click();
  await page.getByRole("button", { name: "New", exact: true }).click();
  await writeRows(page, rowsOf(160, 15));
  await page.getByRole("link", { name: "Pieces" }).first().click();
  await page.getByRole("radio", { name: "Panels", exact: true }).click();
  await page.getByLabel("Panel 1", { exact: true }).selectOption({ label: "New panel" });
  const schematic = page.getByRole("region", { name: "Schematic", exact: true });
  await expect(schematic.getByRole("progressbar", { name: "Drawing the fabric" })).toBeVisible();
  await schematic.getByRole("button", { name: "Stop" }).click();
  await expect(schematic.getByText("Its fabric is not drawn: you stopped it.")).toBeVisible();
  await expect(schematic.locator("pattern image")).toHaveCount(0);
  await schematic.getByRole("button", { name: "Draw it" }).click();
  await expect(schematic.locator("pattern image").first()).toBeAttached();
  await expect(schematic.getByText("Its fabric is not drawn")).toBeHidden();
  await page.getByRole("link", { name: "Panels" }).first().click();
  await writeRows(page, rowsOf(160, 22));
  await page.getByRole("link", { name: "Pieces" }).first().click();
  await expect(schematic.getByText(/over 20,000 stitches is shown in its colour only/)).toBeVisible();
});

test("any panels lie across the piece, from the right; undo brings the ropes back", async ({ page }) => {
  await openBack(page);
  await page.getByLabel("Width measured over cables").fill("");
  await answerIsThere(page);
  const before = await ledgerOf(page).textContent();
  await page.getByRole("radio", { name: "Panels", exact: true }).click();
  await expect(page.getByLabel("Panel 1", { exact: true })).toHaveValue("honeycomb");
  await expect(page.getByText("Cast on 34")).toBeVisible();
  for (let time = 0; time < 3; time += 1)
    await page.getByRole("button", { name: "Panel 1 once more" }).click();
  await page.getByRole("button", { name: "Add a panel" }).click();
  await page.getByLabel("Panel 2", { exact: true }).selectOption({ label: "Horseshoe" });
  await expect(page.getByText("Cast on 74")).toBeVisible();
  await expect(ledgerOf(page)).not.toHaveText(before ?? "");
  await expect(ledgerOf(page)).toContainText("Draw-in");
  await page.reload();
  await expect(page.getByLabel("Panel 2", { exact: true })).toHaveValue("horseshoe");
  await expect(page.getByText("Cast on 74")).toBeVisible();
  await page.getByRole("button", { name: "Panel 2 further right" }).click();
  await expect(page.getByLabel("Panel 1", { exact: true })).toHaveValue("horseshoe");
  await page.getByRole("button", { name: "Delete panel 2" }).click();
  await expect(page.getByText("Cast on 38")).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByText("Cast on 74")).toBeVisible();
  await page.getByRole("radio", { name: "Ropes", exact: true }).click();
  await expect(page.getByText("Cast on 96")).toBeVisible();
});

test("a wider rope and another finish move the width, the increases above the rib follow", async ({
  page,
}) => {
  await openBack(page);
  await page.getByLabel("Width measured over cables").fill("");
  const rib = page.getByRole("region", { name: "Above the rib" });
  const add = async () => Number(/add (\d+)/.exec((await rib.textContent()) ?? "")?.[1]);
  await answerIsThere(page);
  const blocked = await add();
  expect(blocked).toBeGreaterThan(10);
  await openDrawer(page, "Above the rib");
  await page
    .getByRole("region", { name: "Back", exact: true })
    .getByRole("radio", { name: "as knit" })
    .click();
  await expect.poll(add).toBeGreaterThan(blocked + 5);
  await expect(rib).toContainText("9 to 18");
  await expect(ballsOf(page)).toHaveText(/\b5 balls/);
});

test("the interface refuses what it cannot answer, with a place", async ({ request }) => {
  const bodies: readonly (readonly [string, number])[] = [
    ["", 422],
    ["P2, C4F, P2", 422],
    [JSON.stringify({ instructions: "" }), 422],
    [JSON.stringify({ instructions: "Rnd 1: K10000." }), 422],
    [JSON.stringify({ instructions: "Rnd 1: wibble." }), 422],
    [JSON.stringify({ instructions: "Rnd 1: K4.", blocking: "ironed" }), 422],
    [JSON.stringify({ instructions: "k".repeat(6_000_000) }), 413],
  ];
  for (const [body, status] of bodies) {
    const answer = await request.post("/api/fabric", {
      data: Buffer.from(body),
      headers: { "content-type": "application/json" },
    });
    expect([body.slice(0, 50), answer.status()]).toEqual([body.slice(0, 50), status]);
    const { error, diagnostics } = (await answer.json()) as { error: string; diagnostics: unknown[] };
    expect(error.length * diagnostics.length).toBeGreaterThan(0);
  }
});

test("axe finds nothing beside a fabric, in the light and in the dark", async ({ page }) => {
  await fabricOf(page, ropeOf(3));
  await page.getByRole("radio", { name: /Coloured by the yarn/ }).click();
  await expectAccessible(page);
});

test("at 390 x 844 nothing scrolls sideways beside a fabric", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(await fabricOf(page, ropeOf(3))).toBeVisible();
  const needed = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(needed).toBeLessThanOrEqual(390);
});

test("without a canvas a fabric is drawn flat, and says so", async ({ page }) => {
  await page.addInitScript(() => {
    HTMLCanvasElement.prototype.getContext = () => null;
  });
  await openAt(page, "/panels");
  await page.getByRole("radio", { name: "Fabric" }).click();
  await expect(page.getByRole("note").filter({ hasText: "no canvas" })).toBeVisible();
  await expect(page.getByRole("img", { name: /stitches by \d+ rows/ })).toBeVisible();
});

test("a stitch under the lens tells what it is and how much yarn it takes, by pointer and by keys", async ({
  page,
}) => {
  const fabric = await fabricOf(page, "Rnd 1: P2, 2/2 LC, P2.\nRnds 2-4: P2, K4, P2.");
  const cloth = page.getByRole("img", { name: /of their plain width/ });
  await expect(cloth).toHaveAttribute("aria-busy", "false");
  await fabric.focus();
  await fabric.press("Enter");
  const told = page.getByRole("status").filter({ hasText: "of yarn" });
  await expect(told).toContainText(/Row 1, stitch 1: p.*1\.02 times a plain stitch/);
  for (let step = 0; step < 2; step += 1) await fabric.press("ArrowLeft");
  await expect(told).toContainText(/Row 1, stitch 3: 2\/2 LC.*1\.1\d times a plain stitch/);
  await fabric.press("ArrowUp");
  await expect(told).toContainText("Row 2, stitch 3: k");
  await fabric.press("Escape");
  await expect(told).toBeHidden();
  await expect(async () => {
    await cloth.hover({ position: { x: 60, y: 60 } });
    await cloth.hover({ position: { x: 61, y: 61 } });
    await expect(told).toContainText(/Row \d, stitch \d+: /, { timeout: 1_000 });
  }).toPass();
});
