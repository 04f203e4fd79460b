import { editChart } from "../instructions/editChart";
import { readPattern } from "../instructions/read";
import { FAMILIES, findPlaceable, placeable, placeableOf, tellPlaceable } from "./placeable";

const US = { naming: "halves", words: "US" } as const;
const GROUND = "Rnds 1-3: K12.";

test("every stitch is found again by its id and by its own name", () => {
  for (const one of placeable()) {
    expect(placeableOf(one.id)).toEqual(one);
    const { name } = tellPlaceable(one, US);
    expect(findPlaceable(name, US).map(({ id }) => id)).toContain(one.id);
  }
  expect(new Set(placeable().map(({ id }) => id)).size).toBe(placeable().length);
});

test("a crossing is found by any of its names, one that is not offered too", () => {
  expect(findPlaceable("C6F", US)[0]?.id).toBe("3/0/3 left knit");
  expect(findPlaceable("5/4 RPC", US)[0]?.id).toBe("5/0/4 right purl");
  expect(findPlaceable("lean", US).every(({ family }) => FAMILIES.includes(family))).toBe(true);
  expect(findPlaceable("no such stitch", US)).toEqual([]);
});

test("every stitch that is laid on a chart is read again from the text as itself", () => {
  for (const { id, work } of placeable()) {
    const text = editChart(GROUND, { row: 2, from: 3, to: 4 }, { type: "stitch", id }, US);
    const { panel, complete } = readPattern(text);
    expect({ id, complete }).toEqual({ id, complete: true });
    const same = panel?.rows[1]?.some((one) =>
      "crossing" in one
        ? "crossing" in work && JSON.stringify(one.crossing) === JSON.stringify(work.crossing)
        : "operation" in work && one.operation.id === work.operation.id,
    );
    expect({ id, same, text }).toEqual({ id, same: true, text });
  }
});
