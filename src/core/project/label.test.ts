import fc from "fast-check";
import { candidateName, candidateSchema } from "./candidates";
import { DYED, DYED_WORDS, fullName, isSameYarn, labelSchema, yarnKey } from "./label";
import { newEntry, reservedElsewhere } from "./shelf";

const label = (name: string, colourName = "") =>
  labelSchema.parse({ name, colourName, colour: "#7a8b6f", putUp: null });

test.each([
  ["Tarnock Aran, lichen", "tarnock  ARAN (Lichen)", true],
  ["Tarnock Aran, lichen", "Tarnock Aran – lichen", true],
  ["Tarnock Aran, lichen", "Tarnock Aran, moss", false],
  ["Tarnock Aran", "Tarnock Aran, lichen", false],
  ["Café №5", "café № 5", true],
])("“%s” and “%s” are one yarn: %s", (one, other, same) => {
  expect(isSameYarn(one, other)).toBe(same);
});

test("a name and its colour are told with a comma, and either may be missing", () => {
  expect(fullName(label("Tarnock Aran", "lichen"))).toBe("Tarnock Aran, lichen");
  expect(fullName(label("Tarnock Aran"))).toBe("Tarnock Aran");
  expect(fullName(label("", "lichen"))).toBe("lichen");
});

test("however often a name is made plain, it stays as plain", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", maxLength: 40 }), (name) => {
      expect(yarnKey(yarnKey(name))).toBe(yarnKey(name));
      expect(isSameYarn(name, name.toUpperCase().toLowerCase())).toBe(
        yarnKey(name) === yarnKey(name.toUpperCase().toLowerCase()),
      );
    }),
  );
});

test("every way of dyeing has words of its own", () => {
  expect(DYED_WORDS.map(([how]) => how)).toEqual([...DYED]);
  expect(new Set(DYED_WORDS.map(([, words]) => words)).size).toBe(DYED.length);
});

test.each([
  [1, null, "Vessin, plum"],
  [2, null, "Vessin, plum, held double"],
  [3, null, "Vessin, plum, held triple"],
  [4, null, "Vessin, plum, four strands"],
  [1, { label: label("Gossim", "chalk"), strands: 1 }, "Vessin, plum, with Gossim, chalk"],
  [2, { label: label(""), strands: 2 }, "Vessin, plum, held double, with a yarn, held double"],
] as const)("%d strands are told", (strands, beside, told) => {
  expect(
    candidateName(candidateSchema.parse({ id: "c", label: label("Vessin", "plum"), strands, beside })),
  ).toBe(told);
});

test("a candidate without a name is a yarn", () => {
  expect(candidateName(candidateSchema.parse({ id: "c", label: label("") }))).toBe("A yarn");
});

test("what is put by for others is what is put by less one's own", () => {
  const wish = fc.record({
    project: fc.constantFrom("Cap", "Shawl", "Mitts"),
    balls: fc.integer({ min: 0, max: 9 }),
  });
  fc.assert(
    fc.property(
      fc.array(wish, { maxLength: 4 }),
      fc.constantFrom("Cap", "Shawl", "None"),
      (reserved, project) => {
        const entry = newEntry("e", { reserved });
        const all = reserved.reduce((sum, { balls }) => sum + balls, 0);
        const own = reserved
          .filter((one) => one.project === project)
          .reduce((sum, { balls }) => sum + balls, 0);
        expect(reservedElsewhere(entry, project)).toBe(all - own);
      },
    ),
  );
});
