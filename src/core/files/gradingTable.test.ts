import fc from "fast-check";
import { sentence } from "@testing/sentence";
import { readGrading } from "./gradingTable";

const sizesOf = (text: string, units: "metric" | "imperial" = "metric") => {
  const read = readGrading(text, units);
  if (!read.ok) throw new Error(`${read.line}: ${sentence(read.message)}`);
  return read.sizes;
};

test.each([
  ["S; 92; 58\nM; 100; 60", "metric" as const, [920, 580], [1000, 600]],
  ["Size\tChest\tLength\nS\t92 cm\t58 cm\n\nM\t1 m\t60", "metric" as const, [920, 580], [1000, 600]],
  ["name,chest,length\r\nS,36,23\r\nM,40 in,24\r\n", "imperial" as const, [914.4, 584.2], [1016, 609.6]],
  ["S; 92,5; 58,5\nM | 1; 100; 60", "metric" as const, [925, 585], [1000, 600]],
])("%j in %s is two sizes", (text, units, first, second) => {
  const [one, other] = sizesOf(text, units);
  expect([one?.acrossMm, one?.alongMm].map((mm) => Number(mm?.toFixed(6)))).toEqual(first);
  expect([other?.acrossMm, other?.alongMm].map((mm) => Number(mm?.toFixed(6)))).toEqual(second);
});

test.each([
  ["", 1, /^No sizes yet/],
  ["S; 92", 1, /^A size is its name/],
  ["S; 92; 58\nM; wide; 60", 2, /wide/],
  ["S; 92; 58\nM; 100; 60 g", 2, /./],
  [Array.from({ length: 21 }, (_, at) => `${at}; 92; 58`).join("\n"), 21, /^At most 20/],
])("%j is refused at its line", (text, line, words) => {
  const read = readGrading(text, "metric");
  if (read.ok) throw new Error("read");
  expect(read.line).toBe(line);
  expect(sentence(read.message)).toMatch(words);
});

test("what is written one a line is read again, and no text makes it throw", () => {
  const size = fc.record({
    name: fc.stringMatching(/^[A-Za-z0-9 ]{1,12}$/).map((name) => name.trim() || "S"),
    acrossMm: fc.integer({ min: 10, max: 5000 }),
    alongMm: fc.integer({ min: 10, max: 9000 }),
  });
  fc.assert(
    fc.property(fc.array(size, { minLength: 1, maxLength: 20 }), (sizes) => {
      const text = sizes
        .map(({ name, acrossMm, alongMm }) => `${name}; ${acrossMm} mm; ${alongMm} mm`)
        .join("\n");
      expect(sizesOf(text)).toEqual(sizes);
    }),
  );
  fc.assert(fc.property(fc.string(), (text) => void readGrading(text, "metric")));
});
