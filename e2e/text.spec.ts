/** Whatever is typed, read from a file or shown is only ever text, and none of it makes a page wider. */
import { demoProject } from "../src/demo/slipover";
import { expect, openAt, test } from "./bench";

const MARKUP = '<img src=x onerror="globalThis.ran=1"><script>globalThis.ran=1</script>';
const UNBROKEN = "abcdefghijklmnopqrstuvwxyz".repeat(5).slice(0, 120);
/** Written from the right, without width, and controls. */
const SIGNS = "\u202eright\u200bto\u0007left\u2066";
const KINDS = [MARKUP, UNBROKEN, SIGNS, "javascript:globalThis.ran=1", "${globalThis.ran=1}{{ran}}"];

const TEXTS = ["name", "notes", "colourName", "madeFor"];

/** The demo with each of its names and notes another kind of text. */
function dressed(): object {
  let turn = 0;
  const dress = (value: unknown, key: string): unknown => {
    if (typeof value === "string" && TEXTS.includes(key))
      return KINDS[(turn += 1) % KINDS.length]?.slice(0, 120);
    if (Array.isArray(value)) return value.map((one) => dress(one, key));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, dress(one, name)]));
  };
  const { yarns, pieces, swatches, swap, extras, ...rest } = demoProject();
  const named = Object.fromEntries(
    Object.entries({ yarns, pieces, swatches, swap, extras }).map(([key, part]) => [key, dress(part, key)]),
  );
  const panel = { id: "own", name: MARKUP.slice(0, 80), notes: MARKUP, text: "Row 1: K4.\nRow 2: P4." };
  return { ...rest, ...named, name: UNBROKEN, notes: KINDS.join("\n"), panels: [panel] };
}

const BENCHES = ["/", "/swatches", "/swap", "/order", "/knit", "/shelf", "/panels"];

for (const width of [1280, 390, 320])
  test(`names and notes of any kind run nothing and fit, at ${width}`, async ({ page }) => {
    await page.setViewportSize({ width, height: 844 });
    await openAt(page);
    await page.locator("#project-file").setInputFiles({
      name: `${MARKUP.replaceAll("/", "")}.brenok.json`,
      mimeType: "application/json",
      buffer: Buffer.from(JSON.stringify(dressed())),
    });
    await expect(page.getByRole("button", { name: `Project: ${UNBROKEN}` })).toBeVisible();
    await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
    for (const path of BENCHES) {
      await openAt(page, path);
      await expect(page.getByRole("main").getByRole("heading").first()).toBeVisible();
      const seen = await page.evaluate(() => [
        document.documentElement.scrollWidth,
        "ran" in globalThis,
        document.querySelectorAll("img[src='x']").length,
      ]);
      expect(seen, path).toEqual([width, false, 0]);
    }
  });

test("a table whose cells are markup goes onto the shelf as text", async ({ page }) => {
  await openAt(page, "/shelf");
  const cell = (text: string) => `"${text.replaceAll('"', '""')}"`;
  const table = ["Name,Colour,Balls,Ball", `${cell(MARKUP)},${cell(SIGNS)},3,50 g = 80 m`].join("\n");
  await page
    .locator("input[accept*=csv]")
    .setInputFiles({ name: "yarns.csv", mimeType: "text/csv", buffer: Buffer.from(table) });
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: /^Put/ }).click();
  await expect(page.getByRole("main").getByText(MARKUP)).toBeVisible();
  expect(await page.evaluate(() => "ran" in globalThis)).toBe(false);
});
