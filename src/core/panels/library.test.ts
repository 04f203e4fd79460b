import { printPattern, type PrintStyle } from "../instructions/print";
import { readPattern } from "../instructions/read";
import { crossingsOf, stitchesOf } from "./panel";
import { LIBRARY } from "./library";

const STYLES: readonly PrintStyle[] = [
  { naming: "halves", words: "US" },
  { naming: "total", words: "UK" },
];

test("there are at least thirty panels, each with an id and a name of its own", () => {
  expect(LIBRARY.length).toBeGreaterThanOrEqual(30);
  expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length);
  expect(new Set(LIBRARY.map(({ name }) => name)).size).toBe(LIBRARY.length);
});

test.each(LIBRARY.map(({ name, text }) => [name, text]))(
  "%s reads clean and prints back to itself",
  (_, text) => {
    const read = readPattern(text);
    expect(read.findings).toEqual([]);
    if (!read.panel) throw new Error("nothing read");
    for (const style of STYLES) {
      const again = readPattern(printPattern({ ...read, panel: read.panel }, style));
      expect(again.findings).toEqual([]);
      expect(JSON.stringify(again.panel)).toBe(JSON.stringify(read.panel));
      expect(again.wrongSide).toEqual(read.wrongSide);
    }
  },
);

const panelOf = (id: string) => {
  const panel = readPattern(LIBRARY.find((one) => one.id === id)?.text ?? "").panel;
  if (!panel) throw new Error(`no ${id}`);
  return panel;
};

test.each([
  ["lattice", 8, 4, 3],
  ["honeycomb", 12, 8, 4],
  ["diamond-seed", 12, 14, 13],
  ["rope-6-6-r-14", 16, 14, 1],
])("%s has %d stitches, %d rows and %d crossings", (id, stitches, rows, crossings) => {
  const panel = panelOf(id);
  expect(panel.rows.map(stitchesOf)).toEqual(Array.from({ length: rows }, () => stitches));
  expect(panel.rows.flatMap(crossingsOf)).toHaveLength(crossings);
});
