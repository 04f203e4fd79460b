import { inWordsOf } from "./inWords";

test.each([
  ["5.0 cm is under one row: cast off fewer.", "2.0 in is under one row: bind off fewer."],
  ["Cast-off edge", "Bind-off edge"],
  ["It casts off while casting off.", "It binds off while binding off."],
  ["0.065 g in each cm³ of a castle", "0.065 g in each cm³ of a castle"],
])("“%s” in US words and inches", (text, told) => {
  expect(inWordsOf(text, { words: "US", units: "imperial" })).toBe(told);
  expect(inWordsOf(text, { words: "UK", units: "metric" })).toBe(text);
});
