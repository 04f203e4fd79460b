import { isFilling } from "./grounds";
import { printPattern } from "../instructions/print";
import type { Wording } from "../stitches/wording";
import { readPattern } from "../instructions/read";
import { crossingsOf, stitchesOf } from "./panel";
import { LIBRARY } from "./library";

const STYLES: readonly Wording[] = [
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

/** One repeat of each: its stitches, its rows, and how often something crosses in it. */
const COUNTS = [
  ["rope-1-1-l-2", 6, 2, 1],
  ["rope-1-1-r-2", 6, 2, 1],
  ["rope-2-2-l-4", 8, 4, 1],
  ["rope-2-2-r-4", 8, 4, 1],
  ["rope-3-3-l-6", 10, 6, 1],
  ["rope-3-3-r-6", 10, 6, 1],
  ["rope-4-4-l-10", 12, 10, 1],
  ["rope-4-4-r-10", 12, 10, 1],
  ["rope-5-5-l-12", 14, 12, 1],
  ["rope-5-5-r-12", 14, 12, 1],
  ["rope-6-6-l-14", 16, 14, 1],
  ["rope-6-6-r-14", 16, 14, 1],
  ["rope-2-2-l-6", 8, 6, 1],
  ["rope-2-2-l-8", 8, 8, 1],
  ["rope-3-3-l-4", 10, 4, 1],
  ["rope-3-3-l-8", 10, 8, 1],
  ["rope-4-4-l-8", 12, 8, 1],
  ["horseshoe", 16, 8, 2],
  ["braid-3", 13, 8, 2],
  ["braid-4", 12, 4, 3],
  ["braid-5", 14, 4, 4],
  ["antler", 20, 6, 6],
  ["honeycomb", 12, 8, 4],
  ["lattice", 8, 4, 3],
  ["ring-and-cross", 12, 12, 9],
  ["diamond-seed", 12, 14, 13],
  ["diamond-moss", 12, 14, 13],
  ["travelling-ribs", 4, 12, 6],
  ["twisted-rib-1-1", 6, 2, 1],
  ["twisted-rib-1-2", 7, 4, 1],
  ["reversible-rib-cable", 8, 8, 1],
  ["slipped-crosses", 10, 4, 2],
  ["mock-cable", 7, 4, 0],
  ["bobbled-columns", 11, 8, 0],
  ["nupps", 7, 8, 0],
  ["rib-1-1", 2, 2, 0],
  ["rib-2-2", 4, 2, 0],
  ["rib-3-2", 5, 2, 0],
  ["garter", 8, 2, 0],
  ["seed", 2, 2, 0],
  ["moss", 2, 4, 0],
  ["stockinette", 8, 2, 0],
  ["reverse-stockinette", 8, 2, 0],
] as const;

test("every panel has its counts told here", () => {
  expect(COUNTS.map(([id]) => id).sort()).toEqual(LIBRARY.map(({ id }) => id).sort());
});

test.each(COUNTS)("%s has %d stitches, %d rows and %d crossings", (id, stitches, rows, crossings) => {
  const panel = panelOf(id);
  expect(panel.rows.map(stitchesOf)).toEqual(Array.from({ length: rows }, () => stitches));
  expect(panel.rows.flatMap(crossingsOf)).toHaveLength(crossings);
});

test("every ground of the library fills any count, and nothing else does", () => {
  for (const { id, family } of LIBRARY) expect([id, isFilling(id)]).toEqual([id, family === "Grounds"]);
});
