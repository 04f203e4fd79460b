/** Crossings as patterns tell them, and what they come to. */
import { sentence } from "@testing/sentence";
import { crossingName } from "../stitches/crossingNames";
import { readCrossingProse } from "./crossingProse";

function told(text: string): string {
  const read = readCrossingProse(text);
  if (!read) return "none";
  return read.ok ? `${crossingName(read.crossing)}|${text.slice(read.length)}` : sentence(read.message);
}

test.each([
  ["sl 2 sts to cn and hold in front, k2, k2 from cn, p2", "2/2 LC|, p2"],
  [
    "slip next 2 stitches onto a cable needle and hold at back of work, knit 2, then knit 2 from cable needle.",
    "2/2 RC|.",
  ],
  ["Sl 3 sts to cn & hold in back; k3; k3 from cn", "3/3 RC|"],
  ["slip next st onto cable needle and leave at back of work, k3, then p1 from cable needle", "3/1 RPC|"],
  ["place 2 sts on cn, hold to front, p1, k2 from cn", "2/1 LPC|"],
  ["sl 1 st to cn and hold at back, k3, k1 from cn", "3/1 RC|"],
  ["sl next 3 sts to cn and hold to back, k1, p1, k1, then k1, p1, k1 from cn", "3/3 RRC|"],
  ["sl next 2 sts to cn and hold to back, [k1, p1] from left needle, [k1, p1] from cn", "2/2 RRC|"],
  ["sl 2 sts to cn and hold in front, p2, p2 from cn", "2/2 LPPC|"],
  [
    "sl 3 sts to cn and hold in back, k2, sl last st from cn back to LH needle and p1, k2 from cn",
    "2/1/2 RPC|",
  ],
  [
    "sl 4 sts to cn and hold at back, k2, slip 2 sts from cn back to left needle and k2, k2 from cn",
    "2/2/2 RC|",
  ],
  [
    "sl 2 sts to first cn and hold in front, sl 2 sts to second cn and hold in back, k2, k2 from back cn, k2 from front cn",
    "2/2/2 LC|",
  ],
  [
    "knit into the 2nd st on left needle in front of the first, then knit the first st and slip both sts off the needle together",
    "1/1 RC|",
  ],
  ["sl 2 to cn and hold in back, k2, k3 from cn", "2 stitches on the cable needle, but 3 worked from it."],
  [
    "sl 2 sts to cn and hold in back, juggle",
    "How this crossing is worked is not understood: say it as sl 2 sts to cn and hold in front, k2, k2 from cn.",
  ],
  ["sl 1, k2tog, psso", "none"],
])("“%s” is %s", (text, expected) => {
  expect(told(text)).toBe(expected);
});
