import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { printed, type PrintedManner } from "@testing/printed";
import { textOfPages } from "./pageText";
import { readWhole } from "./readWhole";
import { textOfDocument } from "./wordText";

const FOLDER = path.join(__dirname, "../../../testing/patterns/whole");
const PATTERNS = readdirSync(FOLDER).map((file) => ({
  name: path.basename(file, ".txt"),
  text: readFileSync(path.join(FOLDER, file), "utf8"),
}));

const MANNERS: readonly PrintedManner[] = [
  { columns: 1, wide: 90, head: null, numbers: true, parted: false },
  { columns: 1, wide: 70, head: "A book of patterns", numbers: true, parted: true },
  { columns: 2, wide: 44, head: null, numbers: true, parted: false },
  { columns: 2, wide: 42, head: null, numbers: true, parted: true },
  { columns: 2, wide: 38, head: "A book of patterns", numbers: true, parted: true },
];

/** What a project is made of; the names of its panels are those of the text. */
const madeOf = (text: string) => readWhole(text).project?.pieces;

test.each(PATTERNS)("$name printed in columns reads as its text does", ({ text }) => {
  const own = madeOf(text);
  for (const manner of MANNERS) {
    const pages = printed(text, manner);
    // What stands on a single page may be its title.
    if (manner.head !== null && pages.length < 2) continue;
    const read = textOfPages(pages);
    expect({ manner, pieces: madeOf(read.text) }).toEqual({ manner, pieces: own });
  }
});

test("what is left out of pages is told: numbers, and what stands on each of them", () => {
  const long = Array.from({ length: 130 }, (_, index) => `Line ${index} of many words.`).join("\n");
  const read = textOfPages(
    printed(long, { columns: 1, wide: 90, head: "A book", numbers: true, parted: false }),
  );
  expect(read.leftOut).toEqual(["A book", "1", "A book", "2", "A book", "3"]);
  expect(read.text.split("\n").filter((line) => line !== "")).toHaveLength(130);
});

test("a table is not two columns: its rows stay together", () => {
  const run = (text: string, x: number, y: number) => ({ text, x, y, width: text.length * 5, height: 10 });
  const page = [run("Size", 50, 700), run("S", 200, 700), run("Chest", 50, 690), run("92", 200, 690)];
  expect(textOfPages([page]).text).toBe("Size S\nChest 92");
});

test("a page without letters has no text", () => {
  expect(textOfPages([[], []])).toEqual({ text: "", leftOut: [] });
});

test("a document's paragraphs are lines, its tables rows with bars; what was deleted is gone", () => {
  const markup =
    "<w:body><w:p><w:r><w:t>Back &amp; front</w:t></w:r></w:p><w:p/>" +
    '<w:p><w:r><w:t xml:space="preserve">Cast on </w:t></w:r><w:del><w:r><w:t>30</w:t></w:r></w:del><w:r><w:t>40 sts.</w:t></w:r></w:p>' +
    "<w:tbl><w:tr><w:tc><w:p><w:r><w:t>Row 1</w:t></w:r></w:p></w:tc><w:tc><w:p><w:r><w:t>K4</w:t></w:r></w:p></w:tc></w:tr></w:tbl></w:body>";
  expect(textOfDocument(markup)).toBe(
    "Back & front\n\nCast on 40 sts.\n\n| Row 1 | K4 |".replace("\n\n|", "\n|"),
  );
});
