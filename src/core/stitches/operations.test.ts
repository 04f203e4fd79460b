import { plainStitch } from "./plainStitch";
import { allOperations, bobble, fromBehind, nupp, operationOf, yarnOf } from "./operations";

const plain = plainStitch({ stitchesPer10Cm: 20, rowsPer10Cm: 28 });
const loopsOf = (id: string) => yarnOf(operationOf(id), plain) / plain.loopMm;

test.each([
  ["knit", 1, 1, 1],
  ["purl", 1.02, 1, 1],
  ["ktbl", 1, 1, 1],
  ["ptbl", 1, 1, 1],
  ["k2tog", 1, 2, 1],
  ["ssk", 1, 2, 1],
  ["skp", 1, 2, 1],
  ["p2tog", 1, 2, 1],
  ["ssp", 1, 2, 1],
  ["k3tog", 1, 3, 1],
  ["sssk", 1, 3, 1],
  ["sk2p", 1, 3, 1],
  ["cdd", 1, 3, 1],
  ["k5tog", 1, 5, 1],
  ["m1l", 1, 0, 1],
  ["m1r", 1, 0, 1],
  ["liftl", 2, 1, 2],
  ["kfb", 2, 1, 2],
  ["kfbf", 3, 1, 3],
  ["yo", 0.55, 0, 1],
  ["wrap3", 2.55, 3, 3],
])("%s takes %d loops, from %d stitches to %d", (id, loops, uses, leaves) => {
  expect(loopsOf(id)).toBeCloseTo(loops, 9);
  expect(operationOf(id)).toMatchObject({ uses, leaves });
});

test("a slipped stitch takes the width that the yarn passes", () => {
  expect(yarnOf(operationOf("slip"), plain)).toBe(plain.widthMm);
  expect(yarnOf(operationOf("slipf"), plain)).toBe(plain.widthMm);
});

test("bobbles and nupps by their counts", () => {
  expect(yarnOf(bobble(5, 2), plain) / plain.loopMm).toBeCloseTo(0.9 * (5 + 10 + 1), 9);
  expect(yarnOf(nupp(7), plain) / plain.loopMm).toBeCloseTo(0.9 * 8, 9);
  expect(bobble(5, 2)).toMatchObject({ uses: 1, leaves: 1 });
});

test("what is worked on the wrong side shows its counterpart, and most turn back to themselves", () => {
  expect(fromBehind(operationOf("knit")).id).toBe("purl");
  expect(fromBehind(operationOf("k2tog")).id).toBe("p2tog");
  expect(fromBehind(operationOf("slip")).id).toBe("slipf");
  for (const operation of allOperations) {
    const behind = fromBehind(operation);
    expect([behind.uses, behind.leaves]).toEqual([operation.uses, operation.leaves]);
    // A slipped decrease is spelt otherwise from behind, and comes back in its other spelling.
    if (!["skp", "sk2p"].includes(operation.id)) expect(fromBehind(behind).id).toBe(operation.id);
  }
});

test("abbreviations and ids are each the only one of their kind", () => {
  for (const key of ["id", "abbreviation"] as const)
    expect(new Set(allOperations.map((one) => one[key])).size).toBe(allOperations.length);
  expect(() => operationOf("gorse")).toThrow("No operation gorse");
});
