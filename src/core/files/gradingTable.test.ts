import fc from "fast-check";
import { sentence } from "@testing/sentence";
import { readGrading, writeGrading } from "./gradingTable";

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
  ["9 (10, 12, 13)", ["1", "2", "3", "4"], null],
  ["Yarn: 9 (10, 12, 13) balls", ["1", "2", "3", "4"], null],
  [
    "Size S (M, L, XL)\nTo fit chest 92 (100, 108, 116) cm\nLength: 58 (60, 62, 64) cm\n9 (10, 12, 13) balls",
    ["S", "M", "L", "XL"],
    920,
  ],
  ["S;;;9\nM;;;10 balls\nL; ; ; 12\nXL;;;13", ["S", "M", "L", "XL"], null],
  [
    "S; 92; 58; 9 balls\nM; 100; 60; 10 balls\nL; 108; 62; 12 balls\nXL; 116; 64; 13 balls",
    ["S", "M", "L", "XL"],
    920,
  ],
  [
    "Size,Chest,Length,Sleeve,Balls\nS,92,58,45,9\nM,100,60,45,10\nL,108,62,46,12\nXL,116,64,46,13",
    ["S", "M", "L", "XL"],
    920,
  ],
])("%j has the balls of each size", (text, names, acrossMm) => {
  const sizes = sizesOf(text);
  expect(sizes.map(({ name }) => name)).toEqual(names);
  expect(sizes.map(({ balls }) => balls)).toEqual([9, 10, 12, 13]);
  expect(sizes[0]?.acrossMm).toBe(acrossMm);
});

test("a column of which nothing says what it is counts no balls, and that it is passed over is told", () => {
  const read = readGrading("S; 92; 58; 45\nM; 100; 60; 46", "metric");
  if (!read.ok) throw new Error("refused");
  expect(read.sizes.map(({ balls }) => balls)).toEqual([null, null]);
  expect(read.passedOver).toBe(true);
  expect(readGrading("Size; Chest; Length; Balls\nS; 92; 58; 9", "metric")).toMatchObject({
    passedOver: false,
  });
});

test("a size may be called by a word for a measure", () => {
  expect(sizesOf("Size short (long)\n9 (10) balls").map(({ name }) => name)).toEqual(["short", "long"]);
});

test("inches are inches in a list too", () => {
  const [one, other] = sizesOf("Chest 36 (40) in\nLength 23 (24) inches");
  expect([one?.acrossMm, other?.alongMm].map((mm) => Number(mm?.toFixed(3)))).toEqual([914.4, 609.6]);
});

test.each([
  ["", 1, /^No sizes yet/],
  ["S; 92", 1, /^A size is its name/],
  ["S (M, L)", 1, /^A size is its name/],
  ["S (M, L)\n92 (100, 108)", 2, /^Write before the figures/],
  ["S (M, L)\nballs: 9 (10)", 2, /^Here stand 2 sizes, and above 3 sizes/],
  ["Chest 92 (100) cm\nballs: 9 (10)", 2, /^A size is its name/],
  ["S;;;nine", 1, /./],
  ["Chest 92 (100) cm\nLength 58 (60) cm\nSleeve length 45 (46) cm", 3, /^A line above tells the same/],
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
    balls: fc.option(fc.integer({ min: 1, max: 60 })),
  });
  fc.assert(
    fc.property(fc.array(size, { minLength: 1, maxLength: 20 }), (sizes) => {
      const text = sizes
        .map(
          ({ name, acrossMm, alongMm, balls }) =>
            `${name}; ${acrossMm} mm; ${alongMm} mm; ${balls === null ? "" : `${balls} balls`}`,
        )
        .join("\n");
      expect(sizesOf(text)).toEqual(sizes);
      expect(sizesOf(writeGrading(sizes, "metric"))).toEqual(sizes);
      const counted = sizes.map((size) => ({
        ...size,
        acrossMm: null,
        alongMm: null,
        balls: size.balls ?? 7,
      }));
      expect(sizesOf(writeGrading(counted, "metric"))).toEqual(counted);
    }),
  );
  fc.assert(fc.property(fc.string(), (text) => void readGrading(text, "metric")));
});
