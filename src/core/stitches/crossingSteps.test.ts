/** Steps of a crossing done by a machine with needles, against what the crossing says of every stitch. */
import fc from "fast-check";
import { facesOf, parentsOf, widthOf, type Crossing } from "./crossings";
import { withCableNeedle, withoutCableNeedle, type CrossingStep } from "./crossingSteps";
import type { Face } from "./operations";

const anyCrossing: fc.Arbitrary<Crossing> = fc.record({
  front: fc.integer({ min: 1, max: 8 }),
  back: fc.integer({ min: 1, max: 8 }),
  centre: fc.integer({ min: 0, max: 4 }),
  lean: fc.constantFrom("left", "right"),
  kind: fc.constantFrom("knit", "purl", "rib", "allPurl", "knitCentre", "ribBehind"),
});

interface Waiting {
  readonly stitch: number;
  readonly side: "front" | "back";
}

/** Does the steps on stitches numbered from the right, as they come off the left needle. */
function doneBy(steps: readonly CrossingStep[], stitches: number) {
  let left = Array.from({ length: stitches }, (_, stitch) => stitch);
  const cable: { front: number[]; back: number[] } = { front: [], back: [] };
  let right: number[] = [];
  let free: number[] = [];
  const sides: Waiting[] = [];
  const worked: { readonly stitch: number; readonly face: Face }[] = [];
  for (const step of steps) {
    switch (step.does) {
      case "slip":
        for (const stitch of left.splice(0, step.count)) {
          cable[step.side].push(stitch);
          sides.push({ stitch, side: step.side });
        }
        break;
      case "giveBack":
        left = [...cable[step.side].splice(cable[step.side].length - step.count), ...left];
        break;
      case "work": {
        const from = step.from === "left" ? left : cable[step.from];
        for (const face of step.faces) worked.push({ stitch: from.shift() ?? NaN, face });
        break;
      }
      case "reach":
        free = left.slice(0, step.past);
        right = left.slice(step.past, step.past + step.count);
        break;
      case "letGo":
        left.splice(0, step.count);
        break;
      case "catch":
        for (const stitch of free) sides.push({ stitch, side: step.side });
        left = [...free.splice(0, step.count), ...left];
        break;
      case "putBack":
        left = [...right.splice(0, step.count), ...left];
        break;
    }
  }
  return { worked, sides, rest: [...left, ...right, ...free, ...cable.front, ...cable.back] };
}

function check(crossing: Crossing, steps: readonly CrossingStep[]) {
  const { worked, sides, rest } = doneBy(steps, widthOf(crossing));
  expect(worked.map(({ stitch }) => stitch)).toEqual(parentsOf(crossing));
  expect(worked.map(({ face }) => face)).toEqual(facesOf(crossing));
  expect(rest).toEqual([]);
  // What leans over the others waited in front of them, and nothing of the strand behind did.
  const { front, lean } = crossing;
  const parents = parentsOf(crossing);
  const strand = lean === "left" ? parents.slice(-front) : parents.slice(0, front);
  for (const { stitch, side } of sides) expect(side).toBe(strand.includes(stitch) ? "front" : "back");
}

test("done with a cable needle, every stitch stands where the crossing says, in its face, in front or behind", () => {
  fc.assert(fc.property(anyCrossing, (crossing) => check(crossing, withCableNeedle(crossing))));
});

test("done without one too, but around a centre nothing is offered", () => {
  fc.assert(
    fc.property(anyCrossing, (crossing) => {
      const steps = withoutCableNeedle(crossing);
      expect(steps === null).toBe(crossing.centre > 0);
      if (steps) check(crossing, steps);
    }),
  );
});
