/** Texts that ask for more work than they are long: each is answered with a word, and none holds the reader. */
import { isWrong } from "./findings";
import { parsePattern, readPattern } from "./read";
import { repeatOf } from "./repeated";
import { workOnce } from "./workedOnce";

const many = (what: string, times: number) => what.repeat(times);

/** Repeats in one another; texts that nothing but their length is wrong with; numbers past all bounds. */
const HOSTILE: Readonly<Record<string, string>> = {
  "a billion of nothing": "Row 1: [[[k0] 10000 times] 10000 times] 10000 times, k4.",
  "a row of twenty digits": "Row 100000000000000000000: P2",
  "a row up to twenty digits": "Rows 1-100000000000000000000: P2",
  "full stops": many(".", 50_000),
  "one knit after the other": `Row 1: ${many("k1, ", 4000)}.\nRow 2: k3.`,
  "letters and stops": many("a.", 25_000),
  "rows like rows, each five times": `Row 1: k1.\n${Array.from(
    { length: 20 },
    (_, row) => `Row ${row + 2}: ${many(`as row ${row + 1}, `, 5)}`,
  ).join("\n")}`,
  "all rows a hundred times over": `Rows ${many("1-2000, ", 100)}: k2.`,
  "two thousand brackets": `Row 1: ${many("[", 2000)}k1${many("]", 2000)}`,
  "brackets that never close": `Row 1: ${many("[", 20_000)}`,
  "stars of every length": `Row 1: ${Array.from({ length: 600 }, (_, at) => `${many("*", at + 1)} k1, `).join("")}`,
  "a repeat to the end in each repeat": `Row 1: k9999.\nRow 2: ${many("[k1, ", 15)}k1${many("] to end", 15)}`,
  "long words": `Row 1: ${many("a", 200_000)} ${many("k2tgo", 20_000)}`,
  "definitions of nothing": many("MB = 500 sts, 2 rows\n", 5000),
  "names of colours": `Row 1 ${many("(A) ", 10_000)}: k1.`,
  "all wrong-side rows, again and again": `Row 1: k4.\n${many("All WS rows: purl.\n", 3000)}Row 3: k5.`,
  "a crossing of a hundred million":
    "C6B = slip 99999999 sts to cable needle and hold at back, k3, then k3 from cn\nRow 1: C6B.",
  "a crossing worked a hundred million times":
    "Row 1: slip 3 sts to cable needle and hold at back, (k1) 99999999 times, k3 from cn.",
  "page numbers": many("12\n", 20_000),
  "a count that grows": `Row 1: k1.\n${Array.from({ length: 1999 }, (_, row) => `Row ${row + 2}: ${many("kfb, ", 12)}k${row}.`).join("\n")}`,
};

test.each(Object.entries(HOSTILE))("%s is answered with a word", (_, text) => {
  const read = readPattern(text);
  expect(read.findings.length).toBeGreaterThan(0);
  repeatOf(text, read);
  const once = workOnce(parsePattern(text, "any"), { stitches: 40, round: false, wrongSide: false });
  expect(once.ok === true || once.message.code.length > 0).toBe(true);
});

/** Texts as long as a pattern can be, of what is looked for in many places: each is read along once. */
const LONG: Readonly<Record<string, string>> = {
  "names explained": Array.from({ length: 30_000 }, (_, at) => `a${at} = b`).join("\n"),
  "names of two words": `${Array.from({ length: 5000 }, (_, at) => `rope ${at} = 2/2 LC`).join("\n")}\nRow 1: ${many("rope 77, ", 5000)}`,
  "crossings told in words": `Row 1: ${many("sl 1 to cn, hold in front, k1, k1 from cn, ", 10_000)}`,
  "crossings begun in words": `Row 1: ${many("k into 2nd st ", 20_000)}`,
  "bobbles begun in words": `Row 1: ${many("(k1, yo, k1) in next st, turn ", 10_000)}`,
  "a sentence without an end": many("work in ", 60_000),
  "sentences of one stitch": `Row 1: ${many("k1. ", 25_000)}`,
  "lines of one stitch": `Row 1: k1,\n${many("k1,\n", 25_000)}`,
  "counts in brackets": `Row 1: ${many("(2) ", 25_000)}`,
  "counts behind stitches": `Row 1: ${many("2 sts, ", 25_000)}`,
  "the same two thousand rows": many("Rows 1-2000: k1\n", 1000),
  "rows worked even": `Row 1: k1.\n${many("Work 2000 rows even.\n", 5000)}`,
  "rows worked again": `Row 1: k1.\n${many("Rep rows 1-2000.\n", 5000)}`,
  "panels of one name": many("Panel A\nRow 1: k1\nRow 1: work row 1 of Panel A\n", 3000),
  dashes: `Row 1: ${many("-", 50_000)}`,
  turns: `Row 1: ${many("turn, ", 30_000)}`,
  "yarn moved": `Row 1: ${many("yf, sl 1, ", 20_000)}`,
};

test.each(Object.entries(LONG))("a long text of %s is read to its end", (_, text) => {
  const { findings } = readPattern(text);
  for (const { from, to } of findings) expect(to <= text.length && from <= to).toBe(true);
});

test("what is asked too much is told at its row, and the rows before it stand", () => {
  const read = readPattern(
    "Row 1: k4.\nRow 2: [[[k0] 10000 times] 10000 times] 10000 times, k4.\nRow 3: k4.",
  );
  expect(read.panel?.rows).toHaveLength(1);
  expect(read.complete).toBe(false);
  expect(read.findings.filter(isWrong)).toMatchObject([
    { row: 2, message: { code: "inRow", given: { why: { code: "tooMuchToWork" } } } },
  ]);
});

test("a row past the last that a panel can have is told of, and no row vanishes in silence", () => {
  for (const row of ["2001", "3000", "100000000000000000000"]) {
    const read = readPattern(`Row 1: k4.\nRow ${row}: k4.`);
    expect(read.findings.filter(isWrong).map(({ message }) => message.code)).toContain("rowNumberTooLarge");
    expect(read.complete).toBe(false);
  }
  expect(readPattern("Rows 1-2000: k4.").findings.filter(isWrong)).toEqual([]);
  expect(readPattern("Rows 1999-2002: k4.").findings.map(({ message }) => message.code)).toContain(
    "rowNumberTooLarge",
  );
});

test("large panels that are meant so are read whole", () => {
  const text = Array.from({ length: 2000 }, (_, row) => `Row ${row + 1}: ${many("k5, p5, ", 30)}k5.`).join(
    "\n",
  );
  const read = readPattern(text);
  expect(read.panel?.rows).toHaveLength(2000);
  expect(read.findings.filter(isWrong)).toEqual([]);
});
