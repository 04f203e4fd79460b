/** Stitches as patterns tell them, and what they come to. */
import { readStitchProse } from "./stitchProse";

function told(text: string): string {
  const read = readStitchProse(text);
  return read ? `${read.operation.id}|${text.slice(read.length)}` : "none";
}

test.each([
  ["(k1, yo, k1) in next st, p2", "into k1 yo k1|, p2"],
  ["[K1, P1, K1] all into the same stitch", "into k1 p1 k1|"],
  ["knit into front and back and front of next st", "into k1 k1 tbl k1|"],
  ["(k1, yo, k1, yo, k1) in next st, turn, p5, turn, k5, pass 4 sts over last st.", "bobble 5 2|."],
  ["(k1, p1, k1) in next st, turn, p3, turn, k3tog, p2", "bobble 3 1|, p2"],
  [
    "(K1, P1, K1, P1, K1) all in next st, turn, P5, turn, K5, turn, P2tog, P1, P2tog, turn, sl 1, K2tog, psso, P2",
    "bobble 5 3|, P2",
  ],
  [
    "K into front, back, front, back and front of next st, turn and P5, turn and K5, then pass 2nd, 3rd, 4th and 5th sts over first st and off needle.",
    "bobble 5 2|.",
  ],
  ["(k1, yo, k1) in next st, turn, p4, turn, k3tog", "none"],
  [
    "wrap 4 (k4, slip these 4 sts to cn, wind yarn twice round them, return to right needle); rep",
    "wrap 4 2|; rep",
  ],
  ["wrap 4 (k5, slip these to cn, wind yarn twice round them)", "none"],
  ["(k1, p1) twice", "none"],
])("“%s” is %s", (text, expected) => {
  expect(told(text)).toBe(expected);
});
