import fc from "fast-check";
import {
  CROSSING_KINDS,
  crossingExtra,
  crossingFromBehind,
  facesOf,
  parentsOf,
  spansOf,
  type Crossing,
  type CrossingKind,
} from "./crossings";
import { crossingName, crossingWords, readCrossingName } from "./crossingNames";

const crossing = (front: number, centre: number, back: number): Crossing => ({
  front,
  centre,
  back,
  lean: "left",
  kind: "knit",
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
      expect(crossingExtra({ ...any, front: any.front + 1 }, 0.72)).toBeGreaterThan(extra);
      expect(crossingExtra({ ...any, front: any.back, back: any.front, lean: "right" }, 0.72)).toBeCloseTo(
        extra,
        9,
      );
    }),
  );
});

test.each([
  ["2/2 LC", "2/2 LC", "C4F"],
  ["C6B", "3/3 RC", "C6B"],
  ["t3f", "2/1 LPC", "T3F"],
  ["T3B", "2/1 RPC", "T3B"],
  ["CR3F", "2/1 LC", "2/1 LC"],
  ["RT", "1/1 RC", "C2B"],
  ["2/1/2 RPC", "2/1/2 RPC", "2/1/2 RPC"],
  ["4/4 LRC", "4/4 LRC", "4/4 LRC"],
])("%s is read, and told as %s or %s", (name, halves, total) => {
  const found = readCrossingName(name);
  if (!found || "ambiguous" in found) throw new Error("not read");
  expect(crossingName(found)).toBe(halves);
  expect(crossingName(found, "total")).toBe(total);
});

test("an odd total is never guessed at, and nonsense is no name", () => {
  expect(readCrossingName("C3F")).toEqual({ ambiguous: ["3/3 LC", "2/1 LC", "1/2 LC"] });
  for (const name of ["C0F", "0/2 LC", "99/99 RC", "LTX", "C6"]) expect(readCrossingName(name)).toBeNull();
});

test("faces: the purl is behind, or in the centre where there is one, and ribs go through", () => {
  const faces = (name: string) => {
    const found = readCrossingName(name);
    return found && !("ambiguous" in found)
      ? facesOf(found)
          .map((face) => face[0])
          .join("")
      : "";
  };
  expect(["2/1 LPC", "2/1 RPC", "2/1/2 RPC", "2/2 LRC"].map(faces)).toEqual(["pkk", "kkp", "kkpkk", "kpkp"]);
});

test("every crossing is read back from its own name", () => {
  fc.assert(
    fc.property(
      anyCrossing,
      fc.constantFrom("left", "right"),
      fc.constantFrom(...(Object.keys(CROSSING_KINDS) as CrossingKind[])),
      (any, lean, kind) => {
        const one: Crossing = { ...any, lean, kind };
        for (const naming of ["halves", "total"] as const)
          expect(readCrossingName(crossingName(one, naming))).toEqual(one);
        expect(crossingWords(one)).toContain(`leaning ${lean}`);
      },
    ),
  );
});

test("seen from behind, every face and every place is turned, and turning twice is nothing", () => {
  const kinds: readonly CrossingKind[] = ["knit", "purl", "rib"];
  fc.assert(
    fc.property(
      anyCrossing,
      fc.constantFrom("left", "right"),
      fc.constantFrom(...kinds),
      (any, lean, kind) => {
        const one: Crossing = { ...any, lean, kind };
        const behind = crossingFromBehind(one);
        const turned = facesOf(one).map((face) => (face === "knit" ? "purl" : "knit"));
        expect(facesOf(behind)).toEqual(turned.reverse());
        const last = facesOf(one).length - 1;
        expect(parentsOf(behind)).toEqual(
          parentsOf(one)
            .map((parent) => last - parent)
            .reverse(),
        );
        expect(crossingFromBehind(behind)).toEqual(one);
      },
    ),
  );
});
