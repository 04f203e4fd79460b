import { bobble, nupp, operationOf } from "../stitches/operations";
import type { PanelRow, Work } from "../panels/panel";
import { printPattern, type Printable } from "./print";
import type { Wording } from "../stitches/wording";

const US: Wording = { naming: "halves", words: "US" };
const UK: Wording = { naming: "total", words: "UK" };
const run = (id: string, times = 1): Work => ({ operation: operationOf(id), times });
const cross = (
  front: number,
  back: number,
  lean: "left" | "right",
  kind: "knit" | "purl" = "knit",
): Work => ({
  crossing: { front, centre: 0, back, lean, kind },
});
const inRounds = (...rows: PanelRow[]): Printable => ({
  panel: { rows },
  wrongSide: rows.map(() => false),
  round: true,
});
const inRows = (...rows: PanelRow[]): Printable => ({
  panel: { rows },
  wrongSide: rows.map((_, index) => index % 2 === 1),
  round: false,
});

test("counts stand behind the letter, and rarer operations are repeated in brackets", () => {
  const row = [run("knit", 3), run("purl"), run("ktbl", 2), run("slipf", 2), run("k2tog", 2), run("yo")];
  expect(printPattern(inRounds(row), US)).toBe("Rnd 1: k3, p1, k2 tbl, sl 2 wyif, [k2tog] 2 times, yo.");
});

test("UK words and names by total, where they say the same", () => {
  const row = [run("skp"), run("yo"), cross(3, 3, "left"), cross(2, 1, "right", "purl"), cross(2, 1, "left")];
  expect(printPattern(inRounds(row), US)).toBe("Rnd 1: skp, yo, 3/3 LC, 2/1 RPC, 2/1 LC.");
  expect(printPattern(inRounds(row), UK)).toBe("Rnd 1: skpo, yrn, C6F, T3B, 2/1 LC.");
});

test("wrong-side rows are written as they are worked: the other way round, each from behind", () => {
  const shown = [run("purl", 2), run("knit", 4), run("k2tog")];
  expect(printPattern(inRows(shown, shown), US)).toBe(
    "Row 1 (RS): p2, k4, k2tog.\nRow 2 (WS): p2tog, p4, k2.",
  );
});

test("like rows are gathered, each set at its first row", () => {
  const [plain, purled] = [[run("knit", 4)], [run("purl", 4)]];
  expect(printPattern(inRounds(plain, purled, plain, purled, plain), US)).toBe(
    "Rnds 1, 3, 5: k4.\nRnds 2, 4: p4.",
  );
});

test("each kind of bobble and nupp has a name of its own, explained at the top", () => {
  const rows = [bobble(5, 2), bobble(3, 1), nupp(7), nupp(5), bobble(5, 2)].map((operation) => ({
    operation,
    times: 1,
  }));
  expect(printPattern(inRounds(rows), US)).toBe(
    "MB = 5 sts, 2 rows\nMB2 = 3 sts, 1 rows\nnupp = 7 loops\nnupp2 = 5 loops\nRnd 1: MB, MB2, nupp, nupp2, MB.",
  );
});

test("a panel of nothing prints as nothing", () => {
  expect(printPattern(inRounds(), US)).toBe("");
});
