import fc from "fast-check";
import { plainSigns } from "./plainSigns";

test.each([
  ["Rows 2–4: 2⁄2 RC", "Rows 2-4: 2/2 RC"],
  ["3rd–6th rows", "3rd-6th rows"],
  ["**Row 1 (RS):** p2, k6", "  Row 1 (RS):   p2, k6"],
  ["Row 3: P2, C4B**, p2.", "Row 3: P2, C4B  , p2."],
  ["Row 3: P2, C4B¹, p2.", "Row 3: P2, C4B , p2."],
  ["Row 1: *P2, k4*, p2", "Row 1: *P2, k4*, p2"],
  ["| 1 (RS) | p2, k6, p2 | 10 |", "  1 (RS) : p2, k6, p2 = 10  "],
  ["|-----|---|", "           "],
  ["P2 – k4 — p2", "P2 – k4 — p2"],
])("“%s” is “%s”", (text, plain) => {
  expect(plainSigns(text)).toBe(plain);
});

test("places stay where they are: each sign is as long as what it stands for, and lines end where they did", () => {
  const text = fc.array(
    fc.constantFrom("*", "**", "|", "Row 1", "k2", "–", "¹", "\n", " ", "\u200b", "×", "(RS):", "_"),
  );
  fc.assert(
    fc.property(text, (parts) => {
      const all = parts.join("");
      const plain = plainSigns(all);
      expect(plain).toHaveLength(all.length);
      expect([...plain.matchAll(/\n/g)].map(({ index }) => index)).toEqual(
        [...all.matchAll(/\n/g)].map(({ index }) => index),
      );
    }),
  );
});
