/** Phrases as printed patterns use them: what they come to, or what is said of them. */
import { sentence } from "@testing/sentence";
import { printPattern } from "./print";
import { readPattern } from "./read";

/** One round printed again, or the first thing wrong with it. */
function round(instruction: string, multiple = ""): string {
  const read = readPattern(`${multiple}\nRnd 1: ${instruction}`);
  const wrong = read.findings.find(({ severity }) => severity === "error" || severity === "question");
  if (wrong || !read.panel) return wrong ? sentence(wrong.message) : "nothing read";
  const text = printPattern({ ...read, panel: read.panel }, { naming: "halves", words: "US" });
  return text.replace(/^[^]*Rnd 1: |\.$/g, "");
}

test.each([
  ["Knit 3", "k3"],
  ["KNIT 3 STITCHES", "k3"],
  ["k3 sts", "k3"],
  ["k 3", "k3"],
  ["k1tbl, p1", "k1 tbl, p1"],
  ["k1 tbl", "k1 tbl"],
  ["p2 tbl", "p2 tbl"],
  ["slip 1 wyib", "sl 1 wyib"],
  ["Sl 2 wyif", "sl 2 wyif"],
  ["sl 1, k1, psso", "skp"],
  ["sl 1, k2tog, psso", "sk2p"],
  ["sl 2, k1, p2sso", "cdd"],
  ["k2tog, k1, ssk", "k2tog, k1, ssk"],
  ["K2TOG; K1; SSK.", "k2tog, k1, ssk"],
  ["m1, k1, m1r", "m1l, k1, m1r"],
  ["kfb, k1, pfb", "kfb, k1, pfb"],
  ["yo, k2tog", "yo, k2tog"],
  ["yrn, k2tog", "yo, k2tog"],
  ["yfwd, k2tog", "yo, k2tog"],
  ["c6f and p2", "3/3 LC, p2"],
  ["C6F p2 C6B", "3/3 LC, p2, 3/3 RC"],
  ["3/3LC, 2/1 rpc", "3/3 LC, 2/1 RPC"],
  ["C4F twice", "2/2 LC, 2/2 LC"],
  ["[k1, p1] twice", "k1, p1, k1, p1"],
  ["(k1, p1) x 2", "k1, p1, k1, p1"],
  ["(k1, p1) × 2", "k1, p1, k1, p1"],
  ["{k1, p1} 2 times", "k1, p1, k1, p1"],
  ["[k1, [p1, k1] twice] twice", "k1, p1, k1, p1, k2, p1, k1, p1, k1"],
  ["*k1, p1; rep from * once more", "k1, p1, k1, p1"],
  ["*k1, p1; repeat from * 2 times", "k1, p1, k1, p1, k1, p1"],
  ["**k1, p1** twice", "k1, p1, k1, p1"],
  [
    "*k1, **p1, k1; rep from ** once more, p2; rep from * once more",
    "k1, p1, k1, p1, k1, p2, k1, p1, k1, p1, k1, p2",
  ],
  ["*k1, **p1, k1** twice, p1* twice", "k1, p1, k1, p1, k1, p1, k1, p1, k1, p1, k1, p1"],
])("“%s” is %s", (instruction, expected) => {
  expect(round(instruction)).toBe(expected);
});

test.each([
  ["k to end", "k8"],
  ["k to the end of the round", "k8"],
  ["k to last 2 sts, p2", "k6, p2"],
  ["k to last st, p1", "k7, p1"],
  ["knit all sts", "k8"],
  ["purl", "p8"],
  ["k2tog to end", "[k2tog] 4 times"],
  ["k4, C4F to end", "k4, 2/2 LC"],
  ["C4F to end", "2/2 LC, 2/2 LC"],
  ["[k1, p1] to end", "k1, p1, k1, p1, k1, p1, k1, p1"],
  ["[k1, p1] rep to last 2 sts, k2", "k1, p1, k1, p1, k1, p1, k2"],
  ["p1, *C4F, p1; rep from * to last 2 sts, p2", "p1, 2/2 LC, p3"],
  ["*k2, p2; rep from * to end", "k2, p2, k2, p2"],
])("on eight stitches “%s” is %s", (instruction, expected) => {
  expect(round(instruction, "multiple of 8")).toBe(expected);
});

test.each([
  ["k2, wibble, k2", /“wibble” is not understood/],
  ["k2, p2)", /“\)” is not understood/],
  ["[k2, p2", /breaks off/],
  ["*k2, p2", /breaks off/],
  ["*k2, p2; rep from *", /breaks off/],
  ["k2tog tog", /“tog” is not understood/],
  ["[] 3 times", /nothing in this repeat/],
  ["C5F", /means different things/],
  ["C99F", /means different things/],
  ["30/30 LC", /a count that it cannot have/],
  ["psso", /psso needs/],
  ["k the knits", /no row below/],
  ["as row 5", /row 5 is not written/],
])("“%s” is not read, and says why", (instruction, problem) => {
  expect(round(instruction)).toMatch(problem);
});

test("every finding of a row begins with the row it is about", () => {
  const { findings } = readPattern("Row 1: K2, C3F.\nRow 2: wibble.\nRow 3: psso.");
  expect(
    findings
      .filter(({ severity }) => severity !== "warning")
      .map(({ message }) => sentence(message).slice(0, 6)),
  ).toEqual(["Row 1:", "Row 2:", "Row 3:"]);
});
