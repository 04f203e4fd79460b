import fc from "fast-check";
import { crossingExtra, parentsOf, spansOf, type Crossing } from "./crossings";

const crossing = (first: number, centre: number, last: number): Crossing => ({
  first,
  centre,
  last,
  lean: "left",
  behind: "knit",
});
const anyCrossing = fc
  .tuple(fc.integer({ min: 1, max: 8 }), fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 8 }))
  .map((sides) => crossing(...sides));

test("2/2 swaps its halves and 2/1/2 keeps its centre", () => {
  expect(parentsOf(crossing(2, 0, 2))).toEqual([2, 3, 0, 1]);
  expect(spansOf(crossing(2, 1, 2))).toEqual([3, 3, 0, 3, 3]);
});

test("the ropes' crossing yarn at aspect 0.72, in stitch widths", () => {
  const extra = [2, 3, 4].map((half) => crossingExtra(crossing(half, 0, half), 0.72));
  expect(extra[0]).toBeCloseTo(1.721, 3);
  expect(extra[1]).toBeCloseTo(4.293, 3);
  expect(extra[2]).toBeCloseTo(8.062, 3);
});

test("every column has one parent", () => {
  fc.assert(
    fc.property(anyCrossing, (any) => {
      const parents = [...parentsOf(any)].sort((a, b) => a - b);
      expect(parents).toEqual(parents.map((_, column) => column));
    }),
  );
});

test("a wider crossing takes more yarn, its mirror image the same", () => {
  fc.assert(
    fc.property(anyCrossing, (any) => {
      const extra = crossingExtra(any, 0.72);
      expect(crossingExtra({ ...any, first: any.first + 1 }, 0.72)).toBeGreaterThan(extra);
      expect(crossingExtra({ ...any, first: any.last, last: any.first }, 0.72)).toBeCloseTo(extra, 9);
    }),
  );
});
