import { sentence } from "@testing/sentence";
import { keyDifferences } from "./keyDifferences";

const yarn = (name: string, cost: number | null, hours: number, grams: number, score: number) => ({
  name,
  cost,
  hours,
  grams,
  clarity: { score },
});

test("each question that has one answer is told, by the yarn that it speaks for", () => {
  expect(
    sentence(
      keyDifferences([
        yarn("Aran", 40, 27, 470, 88),
        yarn("Chunky", 55, 14, 510, 60),
        yarn("Triple", 28, 19, 400, 70),
      ]),
    ),
  ).toBe(
    "Triple costs least and comes out lightest; Aran shows its cables most clearly; Chunky is knitted soonest.",
  );
});

test("what is nearly alike decides nothing, and a price that nobody knows is left out", () => {
  expect(keyDifferences([yarn("One", 40, 20, 400, 80), yarn("Other", 40.5, 20.4, 405, 81)])).toBeNull();
  expect(keyDifferences([yarn("One", null, 20, 400, 80), yarn("Other", 90, 20, 400, 80)])).toBeNull();
});

test("one yarn alone is not decided upon", () => {
  expect(keyDifferences([yarn("One", 40, 20, 400, 80)])).toBeNull();
});
