import { sentence } from "@testing/sentence";
import fc from "fast-check";
import { stitchesOf } from "../panels/panel";
import { printPattern } from "./print";
import type { Wording } from "../stitches/wording";
import { readPattern } from "./read";

const US: Wording = { naming: "halves", words: "US" };
const clean = (text: string) =>
  readPattern(text).findings.filter(({ severity }) => severity === "error" || severity === "question");

/** The text read and printed again, or what was found wrong with it. */
function again(text: string, style = US): string {
  const read = readPattern(text);
  const [wrong] = clean(text);
  if (wrong || !read.panel) return wrong ? sentence(wrong.message) : "nothing read";
  return printPattern({ ...read, panel: read.panel }, style);
}

const messages = (text: string) => clean(text).map(({ message }) => sentence(message));

const ROPE = `Row 1 (RS): P2, C4F, P2.
Row 2 and all WS rows: K2, P4, K2.
Row 3: P2, K4, P2.`;

test("a rope as printed patterns write it, and back", () => {
  expect(again(ROPE)).toBe(
    "Row 1 (RS): p2, 2/2 LC, p2.\nRows 2, 4 (WS): k2, p4, k2.\nRow 3 (RS): p2, k4, p2.",
  );
  expect(again(ROPE, { naming: "total", words: "UK" })).toContain("p2, C4F, p2");
});

test.each([
  ["*K2, P2; rep from * to end.", "multiple of 4", "k2, p2"],
  ["*K2, P2; rep from * around.", "multiple of 4", "k2, p2"],
  ["[K2, P2] across", "multiple of 4", "k2, p2"],
  ["*K2, P2; rep from * to last 3 sts, K3.", "multiple of 4 + 3", "k2, p2, k3"],
  ["*K2, P2* 3 times", "", "k2, p2, k2, p2, k2, p2"],
  ["*K2, P2; rep from * twice more", "", "k2, p2, k2, p2, k2, p2"],
  ["[K1, P1] 3 times", "", "k1, p1, k1, p1, k1, p1"],
  ["(k2tog, yo) x 2", "", "k2tog, yo, k2tog, yo"],
  ["K3, [p1, (k1, p1) twice] 2 times, k1", "", "k3, p1, k1, p1, k1, p2, k1, p1, k1, p1, k1"],
  ["k to last 3 sts, p3", "multiple of 8", "k5, p3"],
  ["knit", "multiple of 6", "k6"],
  ["sl 1 wyif, k1 tbl, p1tbl", "", "sl 1 wyif, k1 tbl, p1 tbl"],
  ["sl 1, k1, psso, yo", "", "skp, yo"],
  ["sl 1, k2tog, psso, yo, yo", "", "sk2p, [yo] 2 times"],
  ["T3F, p1, T3B", "", "2/1 LPC, p1, 2/1 RPC"],
  ["2/1/2 RPC, LT, rt", "", "2/1/2 RPC, 1/1 LC, 1/1 RC"],
  ["KNIT 2, Purl 2 sts", "", "k2, p2"],
])("in the round, “%s”", (row, multiple, expected) => {
  expect(again(`${multiple}\nRnd 1: ${row}`)).toBe(`Rnd 1: ${expected}.`);
});

test("rows by list, range, parity, side, likeness and face", () => {
  expect(again("Rows 1, 3: K4.\nRows 2-4 even: P4.")).toBe("Rows 1, 3 (RS): k4.\nRows 2, 4 (WS): p4.");
  expect(
    again("Row 1: K2, P2.\nRow 2: k the knits and p the purls.\nRow 3: as row 1.\nRow 4: as row 2."),
  ).toBe("Rows 1, 3 (RS): k2, p2.\nRows 2, 4 (WS): k2, p2.");
  expect(again("Row 1: K1, P1.\nRow 2: p the knits and k the purls.")).toBe(
    "Row 1 (RS): k1, p1.\nRow 2 (WS): p1, k1.",
  );
  expect(again("Row 1 (WS): P4.\nRow 2: K4.")).toBe("Row 1 (WS): p4.\nRow 2 (RS): k4.");
  expect(again("Row I: K4.\nRow II: P4.")).toBe("Row 1 (RS): k4.\nRow 2 (WS): p4.");
});

test("bobbles and nupps have their counts, given or usual", () => {
  const text = "MB = 3 sts, 1 row\nnupp = 7 loops\nRow 1: K1, MB, K1, nupp, K1.\nRow 2: P5.";
  expect(again(text)).toBe(
    "MB = 3 sts, 1 rows\nnupp = 7 loops\nRow 1 (RS): k1, MB, k1, nupp, k1.\nRow 2 (WS): p5.",
  );
  expect(again("Rnd 1: MB, K1.")).toContain("MB = 5 sts, 2 rows");
});

test("pasted text with bullets, curly quotes, odd spaces and page numbers still reads", () => {
  const pasted = `“The old rope”\u00a0pattern\n\n•\tRow\u00a01\u00a0(RS): P2,\u00a0C4F,\n17\np2.\n• Row 2: k2; p4; k2 .\n— Row 3: P2, K4, P2\n\nRow 4: K2, P4, K2. Repeat rows 1-4 for pattern.`;
  expect(again(pasted)).toBe(
    "Row 1 (RS): p2, 2/2 LC, p2.\nRows 2, 4 (WS): k2, p4, k2.\nRow 3 (RS): p2, k4, p2.",
  );
  const remarks = readPattern(pasted).findings.filter(({ severity }) => severity === "remark");
  expect(remarks.map(({ message }) => sentence(message))).toEqual([
    "Not a row: taken as a remark.",
    "A number by itself: taken as a page number.",
  ]);
});

test("a wrong count names its row, what it has and what it should have, and where", () => {
  const [finding] = clean("Row 1: P2, C4F, P2.\nRow 2: K2, P3, K2.");
  expect(finding).toMatchObject({
    row: 2,
    line: 2,
    column: 1,
  });
  expect(sentence(finding?.message)).toBe("Row 2 works 7 stitches, but the row below has 8.");
});

test.each([
  ["Row 2: K2, P3, K2.", ["P4 instead of P3", "K3 instead of K2, the 1st", "K3 instead of K2, the 2nd"]],
  ["Row 2: K2, P, P2, K2.", ["P2 instead of P", "P3 instead of P2", "K3 instead of K2"]],
  ["Row 2: K2, [P3] twice, K2.", ["P2 instead of P3"]],
  ["Row 2: K2, C4F, K3.", ["K1 instead of K2", "K2 instead of K3"]],
  ["Row 2: [K2, C4F] twice.", []],
])("%s under eight stitches is mended, the likeliest way first", (row, labels) => {
  const text = `Row 1: P2, C4F, P2.\n${row}`;
  const mends = clean(text)[0]?.mends ?? [];
  expect(mends.map(({ label }) => sentence(label))).toEqual(labels);
  for (const { edit } of mends.slice(0, 1))
    expect(clean(text.slice(0, edit.from) + edit.text + text.slice(edit.to))).toEqual([]);
});

test("a crossing on a wrong-side row is turned over: the strand in front is behind, faces change", () => {
  const { panel, findings } = readPattern("Row 1: K3.\nRow 2: 2/1 LPC.\nRow 3: K3.\nRow 4 (WS): C2F, P1.");
  expect(findings).toEqual([]);
  expect(panel?.rows[1]).toEqual([
    { crossing: { front: 1, centre: 0, back: 2, lean: "left", kind: "purl" } },
  ]);
  expect(panel?.rows[3]?.[1]).toEqual({
    crossing: { front: 1, centre: 0, back: 1, lean: "left", kind: "allPurl" },
  });
});

test("a repeat that does not fit names the counts near it that do", () => {
  expect(messages("multiple of 14\nRow 1: *K2, P2; rep from * to end.")).toEqual([
    "Row 1: this repeat takes 4 stitches at a time, and 14 of the 14 are left for it. It would fit 12 or 16 stitches.",
  ]);
});

test("one bad row does not hide the others, and is not held against the row built on it", () => {
  const read = readPattern("Row 1: K4.\nRow 2: P2, flurb, P1.\nRow 3: K5.\nRow 4: P4.");
  expect(read.findings.map(({ row, line }) => [row, line])).toEqual([
    [2, 2],
    [4, 4],
  ]);
});

test("an unknown word gets the nearest known ones, mended in place", () => {
  const text = "Row 1: K2, k2tgo, K1.";
  const [finding] = clean(text);
  expect(sentence(finding?.message)).toContain("“k2tgo” is not understood here. Did you mean k2tog");
  const edit = finding?.mends[0]?.edit;
  expect(edit && text.slice(0, edit.from) + edit.text + text.slice(edit.to)).toBe("Row 1: K2, k2tog, K1.");
});

test("an ambiguous crossing asks, and the answer is kept with the pattern", () => {
  const text = "Row 1: P2, C3F, P2.";
  const [question] = clean(text);
  expect(question?.severity).toBe("question");
  expect(question?.mends.map(({ label }) => label)).toEqual(["3/3 LC", "2/1 LC", "1/2 LC"]);
  expect(again(`${question?.mends[1]?.edit.text}${text}`)).toBe("Row 1 (RS): p2, 2/1 LC, p2.");
});

test.each([
  ["Row 1: K4.\nRow 1: P4.", /named twice/],
  ["Row 1: K4.\nRow 4: P4.", /Rows 2 to 3 are missing before row 4/],
  ["Row 1: K2, 0/2 LC.", /a count that it cannot have/],
  ["Row 1: K2, yo, K2.\nRow 2: P5.", /The last row leaves 5 stitches, but row 1 begins on 4/],
  ["Row 1: K1, psso.", /psso needs/],
  ["Row 2: as row 9.", /row 9 is not written/],
  ["Row 1: as row 1.", /not written/],
  ["Row 1: [K1", /breaks off/],
  ["Row 1: K4.\nRow 2: P2, C4F.", /Row 2/],
  ["MB = many\nRow 1: K1.", /is not understood: write MB/],
  ["Row 1: [yo] to end.\nmultiple of 4", /never end/],
  ["Row 1: K99999.", /more than any row has/],
])("%j is found out", (text, problem) => {
  expect(messages(text).join(" ")).toMatch(problem);
});

test("an odd number of rows, worked flat, is warned of; the open repeat is known by its columns", () => {
  const odd = readPattern(
    "multiple of 4 + 3\nRow 1: K1, *K2, P2; rep from * to last 2 sts, K2.\nRow 2: purl.\nRow 3: knit.",
  );
  expect(odd.findings.map(({ severity, row }) => [severity, row])).toEqual([["warning", 3]]);
  expect(odd.repeat).toEqual({ from: 1, to: 5 });
  expect(readPattern("Rnds 1-3: K2.").findings).toEqual([]);
});

const vocabulary = fc.constantFrom(
  ..."Row Rows Rnd 1 2 3 4 12 999 (RS) (WS) : , ; . * [ ] ( ) K2 p3 k2tog C4F C3F 2/2 LC T3B yo MB nupp sl wyib tbl rep from to end last sts times twice and all WS rows even as row knit k the knits purls multiple of + x = - psso \n • “ flurb ½".split(
    " ",
  ),
  "\n",
  "\u00a0",
);
const nonsense = fc.oneof(
  fc.array(vocabulary, { maxLength: 40 }).map((words) => words.join(" ")),
  fc.string({ unit: "grapheme", maxLength: 60 }),
);

test("fifty thousand texts: never throws, always places inside the text", () => {
  fc.assert(
    fc.property(nonsense, (text) => {
      const { findings, panel, wrongSide } = readPattern(text);
      expect(wrongSide.length).toBe(panel?.rows.length ?? 0);
      return findings.every(
        ({ from, to, line, column, message }) =>
          from >= 0 &&
          from <= to &&
          to <= text.length &&
          line >= 1 &&
          column >= 1 &&
          sentence(message).length > 0,
      );
    }),
    { numRuns: 50_000 },
  );
}, 120_000);

const anyWord = fc.oneof(
  fc
    .tuple(fc.constantFrom("k", "p"), fc.integer({ min: 1, max: 9 }))
    .map(([word, count]) => `${word}${count}`),
  fc.constantFrom(
    "k2tog",
    "ssk",
    "yo",
    "m1l",
    "kfb",
    "MB",
    "nupp",
    "2/2 LC",
    "3/1/3 RPC",
    "C6B",
    "T3F",
    "4/4 LRC",
    "mock3",
  ),
);

test("what is printed reads back to the same panel, in either naming and either words", () => {
  fc.assert(
    fc.property(
      fc.array(fc.array(anyWord, { minLength: 1, maxLength: 8 }), { minLength: 1, maxLength: 6 }),
      fc.constantFrom<Wording>(US, { naming: "total", words: "UK" }),
      (rows, style) => {
        const first = readPattern(
          rows.map((words, row) => `Rnd ${row + 1}: ${words.join(", ")}.`).join("\n"),
        );
        if (!first.panel) throw new Error("nothing read");
        const second = readPattern(printPattern({ ...first, panel: first.panel }, style));
        expect(second.panel?.rows.map(stitchesOf)).toEqual(first.panel.rows.map(stitchesOf));
        expect(JSON.stringify(second.panel)).toBe(JSON.stringify(first.panel));
      },
    ),
    { numRuns: 500 },
  );
});
