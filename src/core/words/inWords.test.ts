import { inWordsOf } from "./inWords";

test.each([
  ["5.0 cm is under one row: cast off fewer.", "2.0 in is under one row: bind off fewer."],
  ["Cast-off edge", "Bind-off edge"],
  ["It casts off while casting off.", "It binds off while binding off."],
  ["each cm³ of a castle", "each cm³ of a castle"],
  ["Say how many stitches, as 20 / 10 cm.", "Say how many stitches, as 20 / 4 in."],
  ["Type what the band says, as 100 g = 165 m.", "Type what the band says, as 3.5 oz = 180 yd."],
  ["“20 cm” is not a number; over 5 m is wide.", "“20 cm” is not a number; over 5.5 yd is wide."],
  [
    "Measure over stocking stitch; needles start at 0.5 mm.",
    "Measure over stockinette; needles start at 0.5 mm.",
  ],
])("“%s” in US words and inches", (text, told) => {
  expect(inWordsOf(text, { words: "US", units: "imperial" })).toBe(told);
  expect(inWordsOf(text, { words: "UK", units: "metric" })).toBe(text);
});
