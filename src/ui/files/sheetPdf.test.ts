import fc from "fast-check";
import { PDFDocument } from "pdf-lib";
import { readFile } from "node:fs/promises";
import { linesOf, sheetPdf } from "./sheetPdf";

/** A font in which every letter is one wide. */
const each = (text: string) => text.length;

test("no line is longer than there is room, and no letter is lost", () => {
  const texts = fc.string({ unit: fc.constantFrom("a", "b", "c", " "), maxLength: 200 });
  fc.assert(
    fc.property(texts, fc.integer({ min: 1, max: 30 }), (text, width) => {
      const lines = linesOf(text, width, each);
      expect(Math.max(0, ...lines.map(each))).toBeLessThanOrEqual(width);
      expect(lines.join("").replaceAll(" ", "")).toBe(text.replaceAll(" ", ""));
    }),
  );
});

test("a table of many rows goes on over pages, and letters that no font has are no harm", async () => {
  const letters = async (name: string) => {
    const bytes = await readFile(`node_modules/dejavu-fonts-ttf/ttf/${name}.ttf`);
    return Uint8Array.from(bytes).buffer;
  };
  const rows = Array.from({ length: 200 }, (_, at) => [String(at + 1), "k2, p2 ".repeat(at % 30), "94"]);
  const bytes = await sheetPdf(
    [
      { kind: "heading", level: 1, text: "Zażółć 毛糸 🧶 \u202eabc\u0000" },
      { kind: "words", text: "x".repeat(3000) },
      { kind: "table", head: ["Row", "Work", "Stitches"], rows, wide: 1 },
      { kind: "list", items: ["one", "two ".repeat(500)] },
    ],
    "毛糸",
    letters,
  );
  const document = await PDFDocument.load(bytes);
  expect(document.getPageCount()).toBeGreaterThan(8);
});
