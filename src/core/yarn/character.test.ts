import { characterOf, PLAIN_CHARACTER } from "./character";

const label = { fibres: "", plies: null, dyed: "solid" as const };

test("a yarn of which nothing is said looks plain", () => {
  expect(characterOf(label)).toEqual(PLAIN_CHARACTER);
  expect(characterOf({ ...label, fibres: "what the shop had" })).toEqual(PLAIN_CHARACTER);
});

test("fuzz, shine, plies and dye are seen as the label says them", () => {
  const kid = characterOf({ fibres: "60 % mohair, 40 % silk", plies: 1, dyed: "solid" });
  expect(kid.halo).toBeCloseTo(0.6, 10);
  expect(kid.sheen).toBeCloseTo(0.6 * 0.35 + 0.4, 10);
  expect(kid.plies).toBe(1);
  expect(characterOf({ ...label, dyed: "heathered" })).toMatchObject({ heather: 1, variegation: 0 });
  expect(characterOf({ ...label, dyed: "variegated" })).toMatchObject({ heather: 0, variegation: 1 });
});

test("more plies than the eye tells apart are drawn as six, and none as one", () => {
  expect(characterOf({ ...label, plies: 12 }).plies).toBe(6);
  expect(characterOf({ ...label, plies: 0 }).plies).toBe(1);
});

test("what shines is what hangs, and what is fuzzy shines less than silk", () => {
  const sheen = (fibres: string) => characterOf({ ...label, fibres }).sheen;
  expect(sheen("silk")).toBeGreaterThan(sheen("mohair"));
  expect(sheen("mohair")).toBeGreaterThan(sheen("wool"));
});
